import { createHash } from 'node:crypto';
import type { RatedFor, Triple, Weighing } from '@inch-nest/core';
import type { BoughtFor, LabelMove, LabelOrder } from '@inch-nest/contracts';
import type { Transaction } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import type { AddressRow, LabelRow } from '../rows.ts';
import { askCard } from './askCard.ts';
import type { LockedParcel } from './parcelRows.ts';

type Rows = Pick<LockedParcel, 'sale' | 'bundle' | 'piece' | 'others' | 'share'>;

/** What a parcel is now, as far as a label is bought for it. */
export async function presentFor(
  { models }: ShopDatabase,
  { sale, piece, others }: Rows,
  { weightLb, outsideIn }: Pick<RatedFor, 'weightLb' | 'outsideIn'>,
  transaction: Transaction,
): Promise<BoughtFor> {
  const address = await models.address.findByPk(sale.id, { transaction });
  return {
    postcode: sale.destinationPostcode,
    addressHash: address && hashOf(address),
    weightLb,
    outsideIn,
    contents: [piece, ...others.map((one) => one.piece)].flatMap(contentsOf),
  };
}

/** An address as far as it can be told from another; never the address itself. */
const hashOf = ({ name, lines }: Pick<AddressRow, 'name' | 'lines'>): string =>
  createHash('sha256')
    .update(JSON.stringify([name, ...lines]))
    .digest('hex');

/** What is in the parcel: the piece, how many of it where there are several, and what goes along with it. */
function contentsOf({ id, fields }: Rows['piece']): string[] {
  const along = fields['accessories']!.value as { id: string; count: number; name: string }[];
  const count = fields['count']!.value as number;
  return [count > 1 ? `${id} × ${count}` : id, ...along.map((one) => `${one.count} ${one.name}`).sort()];
}

/**
 * What of a parcel no longer agrees with what its label was bought for. Weight and size have moved where the carrier
 * would ask another price for them, or would not take it; everything else where it is not the same.
 *
 * @param weighing the newest; null where it was not weighed since
 * @param opened true where its content was changed after the label was bought
 */
export async function labelMoves(
  database: ShopDatabase,
  label: LabelRow,
  rows: Rows,
  weighing: Weighing | null,
  opened: boolean,
  transaction: Transaction,
): Promise<LabelMove[]> {
  const { boughtFor } = label;
  if (!boughtFor) return opened ? ['contents'] : [];
  const present = await presentFor(
    database,
    rows,
    { weightLb: weighing?.weightLb ?? boughtFor.weightLb, outsideIn: (weighing?.outsideIn ?? boughtFor.outsideIn) as Triple },
    transaction,
  );
  const moves: LabelMove[] = [];
  if (present.postcode !== boughtFor.postcode) moves.push('postcode');
  if (present.addressHash !== boughtFor.addressHash) moves.push('address');
  if (opened || present.contents.join('\n') !== boughtFor.contents.join('\n')) moves.push('contents');
  const [heavier, larger] = [present.weightLb !== boughtFor.weightLb, present.outsideIn.join() !== boughtFor.outsideIn.join()];
  if ((heavier || larger) && !(await samePrice(database, label, present, transaction))) moves.push(heavier ? 'weight' : 'size');
  return moves;
}

/** True where the carrier's card, in the version it was bought by, asks the same for the parcel as it is now. */
async function samePrice(database: ShopDatabase, { ordered }: LabelRow, present: BoughtFor, transaction: Transaction): Promise<boolean> {
  const ask = (of: { weightLb: number; outsideIn: readonly number[] }) =>
    askCard(database, { ...ordered, weightLb: of.weightLb, outsideIn: [...of.outsideIn] as LabelOrder['outsideIn'] }, transaction);
  const [then, now] = [await ask(ordered), await ask(present)];
  return then !== null && now !== null && !('refused' in then) && !('refused' in now) && then.totalMinor === now.totalMinor;
}
