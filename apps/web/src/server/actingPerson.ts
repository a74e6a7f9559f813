import 'server-only';
import { may, type Person, type ShopView } from '@inch-nest/contracts';
import { writersFor, type Writers } from '../words/writers.ts';
import { asker } from './shopData.ts';

/** Whoever asks or opens a page, by her session. */
export const actingPerson = async (): Promise<Person> => (await asker()).person;

/** How whoever asks reads figures. */
export async function writersHere(shop: ShopView): Promise<Writers> {
  const person = await actingPerson();
  return writersFor(person.system, shop.currency, undefined, may(person, 'money'));
}
