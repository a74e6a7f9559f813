import { randomUUID } from 'node:crypto';
import {
  addDays,
  countedStock,
  localTime,
  stockAhead,
  stockName,
  stockValue,
  USUAL_WEEKS,
  WEEKS_BACK,
  type Stockroom,
  type StockMove,
} from '@inch-nest/core';
import type { MoveView, ShopView, StockView } from '@inch-nest/contracts';
import { Op, type Transaction } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import type { StockMoveRow } from '../rows.ts';
import { reservedStock } from './reservedStock.ts';

/** A move as it is noted; its id is made where none is given. */
export type NotedMove = Pick<StockMoveRow, 'kind' | 'key' | 'why' | 'amount' | 'personId' | 'at'> &
  Partial<Pick<StockMoveRow, 'id' | 'parcelId' | 'paidMinor' | 'supplier' | 'leadDays'>>;

/** Notes moves of counts; whoever moves a count notes it in the same transaction. */
export const noteMoves = ({ models }: ShopDatabase, moves: readonly NotedMove[], transaction: Transaction): Promise<void> =>
  models.stockMove.bulkCreate(
    moves.map((move) => ({ id: randomUUID(), parcelId: null, paidMinor: null, supplier: null, leadDays: null, ...move })),
    { transaction },
  );

/** By how much each count differs between two stockrooms: what is new was counted, what is gone went. */
export function countsMoved(before: Stockroom, after: Stockroom): Pick<StockMove, 'kind' | 'key' | 'amount'>[] {
  const was = new Map(countedStock(before).map((item) => [stockName(item), item]));
  const is = new Map(countedStock(after).map((item) => [stockName(item), item]));
  return [...new Map([...was, ...is])].flatMap(([name, { kind, key }]) => {
    const amount = (is.get(name)?.onHand ?? 0) - (was.get(name)?.onHand ?? 0);
    return amount === 0 ? [] : [{ kind, key, amount }];
  });
}

/** So many of the latest moves are listed. */
const LISTED = 200;
/** A day more at either end: the shop’s weeks are of its own zone. */
const WITHIN_DAYS = WEEKS_BACK * 7 + 2;

/**
 * The stockroom looked at ahead: what goes in a week, how long it lasts, what to buy; and its latest moves.
 *
 * @param weeks to buy for
 */
export async function readStock(database: ShopDatabase, shop: ShopView, weeks = USUAL_WEEKS): Promise<StockView> {
  const { models } = database;
  const [rows, reserved] = await Promise.all([
    models.stockMove.findAll({
      where: { at: { [Op.gte]: new Date(`${addDays(shop.today, -WITHIN_DAYS)}T00:00:00Z`) } },
      order: [
        ['at', 'asc'],
        ['seq', 'asc'],
      ],
    }),
    reservedStock(database),
  ]);
  const moves = rows.map(({ kind, key, why, amount, at, paidMinor, leadDays }): StockMove => {
    return { kind, key, why, amount, day: localTime(at, shop.zone).day, paidMinor, leadDays };
  });
  const ahead = stockAhead(
    shop.stock,
    moves,
    reserved.flatMap(({ uses }) => uses),
    shop.today,
    weeks,
  );
  return { today: shop.today, weeks, ahead, valueMinor: stockValue(ahead), moves: await listed(database, rows) };
}

/** The latest of them with the parcels they belong to. */
async function listed({ models }: ShopDatabase, rows: readonly StockMoveRow[]): Promise<MoveView[]> {
  const latest = rows.slice(-LISTED).reverse();
  const ids = [...new Set(latest.flatMap(({ parcelId }) => parcelId ?? []))];
  const codes = new Map(
    (await models.parcel.findAll({ where: { id: ids }, attributes: ['id', 'code'] })).map(({ id, code }) => [id, code]),
  );
  return latest.map(({ id, kind, key, why, amount, at, personId, parcelId, paidMinor, supplier }) => ({
    id,
    kind,
    key,
    why,
    amount,
    at: at.toISOString(),
    personId,
    parcel: parcelId ? { id: parcelId, code: codes.get(parcelId) ?? '' } : null,
    paidMinor,
    supplier,
  }));
}
