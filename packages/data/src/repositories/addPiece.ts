import { randomUUID } from 'node:crypto';
import { worthMinor } from '@inch-nest/core';
import { MOST_PIECES, type AddPiece, type KeptField, type KeptFields, type PieceValues, type ShopView } from '@inch-nest/contracts';
import type { Transaction } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import { Refused } from '../refusals.ts';
import { putIn } from './bundleRepository.ts';
import { mayRegroup } from './places.ts';
import { writeFields } from './keepRepository.ts';
import { pieceFromLine } from './parcelRepository.ts';
import { fieldColumns, lockParcel, type LockedParcel } from './parcelRows.ts';
import { personOf } from './personOf.ts';

/**
 * Puts one more piece into a parcel. What its line says of money joins the sale. Asked twice with the same id, the first stands.
 *
 * @throws Refused where the line is not understood, the parcel is sealed, or it holds as many as it may
 */
export async function addPiece(database: ShopDatabase, shop: ShopView, parcelId: string, wanted: AddPiece, now: Date): Promise<void> {
  const person = personOf(shop, wanted.personId);
  const { models, sequelize } = database;
  await sequelize.transaction(async (transaction) => {
    const rows = await lockParcel(database, parcelId, transaction);
    if (await models.bundle.findByPk(wanted.id, { transaction })) return;
    await mayRegroup(database, rows, transaction);
    if (rows.others.length + 1 >= MOST_PIECES)
      throw new Refused([{ path: 'line', message: `a parcel holds at most ${MOST_PIECES} different pieces: put this one into another` }]);
    const whole = wholeOf(rows, wanted);
    const piece = pieceFromLine(wanted.line, shop, person, whole ? (whole.fields as KeptFields<PieceValues>).archetype.value : null);
    const own = piece.money['soldMinor'];
    const priced = own === undefined ? piece.fields : withWorth(piece.fields, own, person);
    const fields = whole ? { ...priced, partOf: { ...priced['partOf']!, value: { pieceId: whole.id, after: null, loosens: '' } } } : priced;
    await putIn(database, rows, { id: wanted.id, pieceId: randomUUID(), fields }, person.id, now, transaction);
    if (own !== undefined) await keepWorths(rows, person, transaction);
    await joinMoney(rows, piece.money, person, transaction);
  });
}

/**
 * The piece of the parcel that the one that is put in comes off; null where nobody says that it comes off any.
 *
 * @throws Refused where that is not in the parcel any more
 */
function wholeOf({ piece, others }: LockedParcel, { partOf, line }: AddPiece): LockedParcel['piece'] | null {
  if (partOf === undefined) return null;
  const whole = [piece, ...others.map((one) => one.piece)].find(({ id }) => id === partOf);
  if (!whole) throw new Refused([{ path: 'partOf', message: `what ${line} comes off is not in this parcel any more` }]);
  return whole;
}

type Person = ShopView['people'][number];

/** A kept amount of money after it was changed for somebody. */
const amount = ({ revision }: KeptField, minor: number, { name, id }: Person): KeptField => ({
  text: (minor / 100).toFixed(2),
  value: minor,
  revision: revision + 1,
  draft: null,
  by: name,
  byId: id,
});

/** A piece's fields with what all that are alike of it were sold for as its worth. */
function withWorth(fields: Record<string, KeptField>, allMinor: number, person: Person): Record<string, KeptField> {
  const field = fields['replacementMinor']!;
  return { ...fields, replacementMinor: amount(field, Math.round(allMinor / (fields['count']!.value as number)), person) };
}

/** What was in the sale before keeps its share of what that was sold for, when a piece with a price of its own joins it. */
async function keepWorths({ sale, piece, others }: LockedParcel, person: Person, transaction: Transaction) {
  const pieces = [piece, ...others.map((one) => one.piece)].filter(({ saleId }) => saleId === sale.id);
  if (!sale.soldMinor) return;
  for (const row of pieces) {
    const { replacementMinor, count } = row.fields as KeptFields<PieceValues>;
    if (replacementMinor.value !== null) continue;
    const worth = worthMinor({ replacementMinor: null, count: count.value }, { soldMinor: sale.soldMinor, pieces });
    const fields = withWorth(row.fields, worth, person);
    await row.update({ fields, ...fieldColumns.piece(fields) }, { transaction });
  }
}

/** What one more piece was sold for is part of what the sale was. */
async function joinMoney(rows: LockedParcel, money: Readonly<Record<string, number>>, person: Person, transaction: Transaction) {
  const fields: Record<string, KeptField> = rows.sale.fields;
  const moved = Object.entries(money).map(([path, minor]): [string, KeptField] => {
    const field = fields[path]!;
    return [path, amount(field, (field.value as number) + minor, person)];
  });
  if (moved.length > 0) await writeFields(rows, 'sale', Object.fromEntries(moved), transaction);
}
