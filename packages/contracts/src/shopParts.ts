import { movedStock, sameContent, type House, type Stockroom } from '@inch-nest/core';
import type { Person, ShopFacts } from './shopView.ts';
import type { ToldMove } from './stockMoves.ts';

/** What is kept of a shop part by part. */
export interface KeptShop {
  readonly house: House;
  readonly facts: ShopFacts;
  readonly stock: Stockroom;
  readonly people: readonly Person[];
}

/** The lists of a stockroom, whose rows are changed one by one. */
export const STOCK_LISTS = ['boxes', 'wraps', 'fills'] as const satisfies (keyof Stockroom)[];
export type StockList = (typeof STOCK_LISTS)[number];
/** The single things of a stockroom. */
export const STOCK_SINGLES = ['innerTape', 'outerTape', 'linerBoard', 'offcuts'] as const satisfies Exclude<keyof Stockroom, StockList>[];

/** What is kept of somebody, each by itself. */
export const PERSON_CELLS = ['name', 'system', 'role', 'seesMoney', 'sends', 'gone'] as const satisfies (keyof Person)[];

/** A row of a stockroom's list, whatever else is in it. */
export type StockRow = Readonly<Record<string, unknown>> & { readonly key: string };
export const rowsOf = (stock: Stockroom, list: StockList): readonly StockRow[] => stock[list] as readonly unknown[] as readonly StockRow[];

/** Where in a shop a part lies. */
export interface ShopPart {
  readonly room: 'house' | 'facts' | 'stock' | 'people' | 'moves' | StockList;
  readonly key: string;
  readonly cell: string | null;
}

/**
 * A part of a shop by its path: `house/care`, `facts/zone`, `stock/innerTape`, somebody `people/<id>` or one thing of hers
 * `people/<id>/system`, a row `boxes/<key>` or one cell of it `boxes/<key>/onHand`; `moves/<id>` is something that came or went.
 *
 * @returns null where no such part can be
 */
export function shopPart(path: string): ShopPart | null {
  const [room, key, cell, ...more] = path.split('/');
  if (!key || more.length > 0) return null;
  const plain = decodeURIComponent(key);
  if (room === 'house' || room === 'facts' || room === 'stock' || room === 'moves')
    return cell === undefined ? { room, key: plain, cell: null } : null;
  if (room === 'people')
    return cell === undefined || (PERSON_CELLS as readonly string[]).includes(cell) ? { room, key: plain, cell: cell ?? null } : null;
  const list = STOCK_LISTS.find((one) => one === room);
  return list && cell !== 'key' ? { room: list, key: plain, cell: cell ?? null } : null;
}

/** The value of a part as it stands; undefined where there is none, as of what came or went. */
export function readShopPart(shop: KeptShop, { room, key, cell }: ShopPart): unknown {
  const own = (of: object, name: string): unknown => (Object.hasOwn(of, name) ? (of as Record<string, unknown>)[name] : undefined);
  if (room === 'house' || room === 'facts' || room === 'stock') return own(shop[room], key);
  if (room === 'people') {
    const person = shop.people.find((one) => one.id === key);
    return cell === null || !person ? person && Object.fromEntries(PERSON_CELLS.map((name) => [name, person[name]])) : own(person, cell);
  }
  if (room === 'moves') return undefined;
  const row = rowsOf(shop.stock, room).find((one) => one.key === key);
  return cell === null || !row ? row : own(row, cell);
}

/** The shop with one part set, as it is: whoever keeps it checks it first. A row set to null is gone, a new one stands last. */
export function setShopPart(shop: KeptShop, { room, key, cell }: ShopPart, value: unknown): KeptShop {
  if (room === 'house' || room === 'facts' || room === 'stock') return { ...shop, [room]: { ...shop[room], [key]: value } };
  if (room === 'people') {
    const part = (cell === null ? value : { [cell]: value }) as Partial<Person>;
    return {
      ...shop,
      people: shop.people.some((person) => person.id === key)
        ? shop.people.map((person) => (person.id === key ? { ...person, ...part } : person))
        : [...shop.people, { id: key, ...part } as Person],
    };
  }
  if (room === 'moves') return { ...shop, stock: movedStock(shop.stock, value as ToldMove) ?? shop.stock };
  const rows = rowsOf(shop.stock, room);
  const own = rows.some((one) => one.key === key);
  const at = (change: (row: StockRow) => StockRow) => rows.map((one) => (one.key === key ? change(one) : one));
  const next =
    cell !== null
      ? at((row) => ({ ...row, [cell]: value }))
      : value === null
        ? rows.filter((one) => one.key !== key)
        : own
          ? at(() => value as StockRow)
          : [...rows, value as StockRow];
  return { ...shop, stock: { ...shop.stock, [room]: next } };
}

/** What has to be changed to come from one shop to another: single parts, rows and cells, and nothing else. */
export function shopChangesBetween(before: KeptShop, after: Partial<KeptShop>): { path: string; value: unknown }[] {
  const changes: { path: string; value: unknown }[] = [];
  const differ = (at: string, one: object, other: object) => {
    for (const [key, value] of Object.entries(other))
      if (value !== undefined && !sameContent((one as Record<string, unknown>)[key] ?? null, value))
        changes.push({ path: `${at}/${key}`, value });
  };
  // of the stockroom, what one has and the other is without is taken off it
  const differWhole = (at: string, one: object, other: object) => {
    differ(at, one, other);
    for (const [key, value] of Object.entries(one))
      if ((value ?? null) !== null && (other as Record<string, unknown>)[key] === undefined)
        changes.push({ path: `${at}/${key}`, value: null });
  };
  if (after.house) differ('house', before.house, after.house);
  if (after.facts) differ('facts', before.facts, after.facts);
  const { stock } = after;
  if (stock) {
    const singles = (of: Stockroom) => Object.fromEntries(STOCK_SINGLES.map((key) => [key, of[key]]));
    differWhole('stock', singles(before.stock), singles(stock));
    for (const list of STOCK_LISTS) {
      const [was, is] = [rowsOf(before.stock, list), rowsOf(stock, list)];
      const at = (key: string) => `${list}/${encodeURIComponent(key)}`;
      for (const row of was) if (!is.some((one) => one.key === row.key)) changes.push({ path: at(row.key), value: null });
      for (const row of is) {
        const own = was.find((one) => one.key === row.key);
        if (own) differWhole(at(row.key), own, row);
        else changes.push({ path: at(row.key), value: row });
      }
    }
  }
  for (const { id, ...is } of after.people ?? []) {
    const was = before.people.find((person) => person.id === id);
    if (was) differ(`people/${id}`, was, is);
    else changes.push({ path: `people/${id}`, value: is });
  }
  return changes;
}
