import { movedStock } from '@inch-nest/core';
import { z } from 'zod';
import { shopFacts } from './commands.ts';
import { house } from './house.ts';
import { rowsOf, setShopPart, shopPart, STOCK_LISTS, STOCK_SINGLES, type KeptShop, type ShopPart, type StockRow } from './shopParts.ts';
import { toldMove, type ToldMove } from './stockMoves.ts';
import { boxStock, fillStock, stockroom, wrapStock } from './stock.ts';

const ROWS = { boxes: boxStock, wraps: wrapStock, fills: fillStock } as const;
const SYSTEM = z.enum(['imperial', 'metric'], 'inches or centimetres');

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
      return SYSTEM;
    case 'moves':
      return toldMove;
    default:
      return cell === null ? ROWS[room].nullable() : within(ROWS[room].shape, cell);
  }
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
  if (room === 'people' && !shop.people.some((person) => person.id === key)) return { problem: 'nobody of this shop' };
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
