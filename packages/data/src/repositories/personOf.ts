import type { ShopView } from '@inch-nest/contracts';
import { Refused } from '../refusals.ts';

/** The person who acts; a stranger is refused. */
export function personOf(shop: ShopView, personId: string): ShopView['people'][number] {
  const person = shop.people.find((one) => one.id === personId);
  if (!person) throw new Refused([{ path: 'personId', message: 'nobody of this shop' }]);
  return person;
}
