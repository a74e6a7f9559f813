import { cookies } from 'next/headers';
import { personAmong, type Person, type ShopView } from '@inch-nest/contracts';
import { writersFor, type Writers } from '../words/writers.ts';

/** Whoever asks, by the cookie of this browser; the shop's first person where it names nobody of the shop. */
export function actingPerson(request: Request, { people }: Pick<ShopView, 'people'>): Person {
  const named = /(?:^|;\s*)person=([\w-]+)/.exec(request.headers.get('cookie') ?? '')?.[1];
  return personAmong(people, named);
}

/** Whoever opens a page, by the same cookie. */
export const openingPerson = async ({ people }: Pick<ShopView, 'people'>): Promise<Person> =>
  personAmong(people, (await cookies()).get('person')?.value);

/** How whoever asks reads figures. */
export const writersOf = (request: Request, shop: ShopView): Writers => writersFor(actingPerson(request, shop).system, shop.currency);
