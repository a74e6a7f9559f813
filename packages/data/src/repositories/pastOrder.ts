import { STANDING } from '@inch-nest/core';
import type { PastFilter, PastSort } from '@inch-nest/contracts';
import { literal, type Order, type WhereOptions } from 'sequelize';
import type { ParcelRow } from '../rows.ts';

const ofSale = (what: string): string => `(select ${what} from sale where sale.id = parcel.sale_id)`;
const ofFirstPiece = (what: string): string =>
  `(select ${what} from bundle join piece on piece.id = bundle.piece_id where bundle.parcel_id = parcel.id order by bundle.position limit 1)`;
const STATES = Object.keys(STANDING)
  .map((state) => `'${state}'`)
  .join(', ');

/** What a parcel is ordered by, as text that stands in that order. */
const BY: Readonly<Record<PastSort, string>> = {
  code: 'parcel.code',
  title: ofFirstPiece('lower(piece.title)'),
  tag: ofSale('lower(coalesce(sale.buyer, sale.destination_postcode))'),
  // as a parcel goes through them, not by their letters
  state: `lpad(array_position(array[${STATES}], parcel.state::text)::text, 3, '0')`,
  promised: ofSale('sale.ship_by::text'),
  bin: ofFirstPiece('piece.bin'),
};

/**
 * The order past parcels are asked in, and what comes after one of them; null where they stand as they were sold.
 * What has none of it stands first.
 *
 * @param after the last one of the page before, by its id; already known to be an id
 */
export function pastOrder(
  { sort, down }: PastFilter,
  after: string | null,
): { order: Order; beyond: WhereOptions<ParcelRow> | null } | null {
  if (!sort) return null;
  const by = `coalesce(${BY[sort]}, '')`;
  const [direction, sign] = down ? (['desc', '<'] as const) : (['asc', '>'] as const);
  return {
    order: [
      [literal(by), direction],
      ['id', direction],
    ],
    beyond: after
      ? literal(`(${by}, parcel.id) ${sign} ((select ${by} from parcel where parcel.id = '${after}'), '${after}'::uuid)`)
      : null,
  };
}
