import { movedStock } from '@inch-nest/core';
import { z } from 'zod';
import { likeName, MOST_PEOPLE, newPerson, ONE_NAME, personFacts, shopFacts } from './commands.ts';
import { house } from './house.ts';
import { uuid } from './numbers.ts';
import { rowsOf, setShopPart, shopPart, STOCK_LISTS, STOCK_SINGLES, type KeptShop, type ShopPart, type StockRow } from './shopParts.ts';
import { toldMove, type ToldMove } from './stockMoves.ts';
import type { Person } from './shopView.ts';
import { boxStock, fillStock, stockroom, wrapStock } from './stock.ts';

const ROWS = { boxes: boxStock, wraps: wrapStock, fills: fillStock } as const;

/** What a part of a shop must be; null where there is no such part. */
function schemaOf({ room, key, cell }: ShopPart): z.ZodType | null {
  const within = (shape: object, name: string): z.ZodType | null =>
    Object.hasOwn(shape, name) ? (shape as Record<string, z.ZodType>)[name]! : null;
  switch (room) {
    case 'house':
      return within(house.shape, key);
    case 'facts':
      return within(shopFacts, key);
    case 'stock':
      return (STOCK_SINGLES as readonly string[]).includes(key) ? within(stockroom.shape, key) : null;
    case 'people':
      return cell === null ? newPerson : within(personFacts, cell);
    case 'moves':
      return toldMove;
    default:
      return cell === null ? ROWS[room].nullable() : within(ROWS[room].shape, cell);
  }
}

const ONE_OWNER = 'somebody must own the shop: make another one owner first';

/** Why somebody cannot be called so, or come; null where she can. */
function personProblem({ people }: KeptShop, { key, cell }: ShopPart, value: unknown): string | null {
  const known = people.some((person) => person.id === key);
  if (cell !== null && !known) return 'nobody of this shop';
  if (!known && (!uuid.safeParse(key).success || people.length >= MOST_PEOPLE)) return `at most ${MOST_PEOPLE} people, each with an id`;
  const was = people.find((person) => person.id === key);
  const is = { ...was, ...(cell === null ? (value as Person) : { [cell]: value }) } as Person;
  const owns = (person: Person) => person.role === 'owner' && !person.gone;
  if (was && owns(was) && !owns(is) && !people.some((person) => person.id !== key && owns(person))) return ONE_OWNER;
  const name = cell === 'name' ? (value as string) : cell === null ? (value as { name: string }).name : null;
  return name !== null && people.some((person) => person.id !== key && likeName(person.name) === likeName(name)) ? ONE_NAME : null;
}

/**
 * A shop with one part set, once it has been read by its schema.
 *
 * @returns what is wrong with it instead, where it cannot be so
 */
export function applyShopChange(shop: KeptShop, path: string, value: unknown): KeptShop | { readonly problem: string } {
  const part = shopPart(path);
  const schema = part && schemaOf(part);
  if (!part || !schema) return { problem: `a shop has no ${path}` };
  const parsed = schema.safeParse(value);
  if (!parsed.success) return { problem: parsed.error.issues[0]?.message ?? 'not one of the choices' };
  const { room, key, cell } = part;
  const wrongPerson = room === 'people' ? personProblem(shop, part, parsed.data) : null;
  if (wrongPerson) return { problem: wrongPerson };
  if (room === 'moves' && !movedStock(shop.stock, parsed.data as ToldMove)) return { problem: 'it is no longer in the stockroom' };
  const list = STOCK_LISTS.find((one) => one === room);
  if (list) {
    const row = parsed.data as StockRow | null;
    if (cell !== null && !rowsOf(shop.stock, list).some((one) => one.key === key)) return { problem: 'it is no longer in the stockroom' };
    if (cell === null && row && row.key !== key) return { problem: `its key is ${row.key}, not ${key}` };
    if (cell === null && row && STOCK_LISTS.some((one) => one !== list && rowsOf(shop.stock, one).some((other) => other.key === key)))
      return { problem: `${key} stands there twice` };
  }
  const after = setShopPart(shop, part, parsed.data);
  const whole = list || room === 'moves' ? stockroom.safeParse(after.stock) : null;
  return whole && !whole.success ? { problem: whole.error.issues[0]?.message ?? 'that is too much' } : after;
}
