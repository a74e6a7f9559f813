import { randomInt, randomUUID } from 'node:crypto';
import { addDays, ARCHETYPES, formatWeight, readSaleLine, readSaleLines, type ArchetypeKey, type SaleLine } from '@inch-nest/core';
import {
  MOST_PIECES,
  personAmong,
  readField,
  startOfPiece,
  type PieceValues,
  startOfSale,
  type KeptField,
  type ShopView,
} from '@inch-nest/contracts';
import type { Transaction } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import { Refused } from '../refusals.ts';
import { appendEvent } from './eventRepository.ts';
import { fieldColumns } from './parcelRows.ts';

const CODE_SIGNS = '23456789ABCDEFGHJKMNPQRSTVWXYZ';

/** A short code that is hard to misread; unique in the shop by the table's own rule. */
const shortCode = (): string => Array.from({ length: 4 }, () => CODE_SIGNS[randomInt(CODE_SIGNS.length)]).join('');

/** Texts of a new parcel's fields, for those that a line or a demo names. */
export type FieldTexts = Partial<Record<string, string>>;

/** A sale, its piece and its parcel, to be created together. */
export interface NewParcel {
  id: string;
  personId: string;
  sale: FieldTexts;
  piece: FieldTexts;
  /** Further pieces that go in the same parcel. */
  more?: readonly FieldTexts[];
  /** Ids of the pieces in their order, where what is typed of one names another. */
  pieceIds?: readonly string[];
}

/**
 * Turns a typed line into a sale with its pieces, told apart by a plus: what each was sold for is summed.
 *
 * @throws Refused with what is not understood, or where there are more pieces than a parcel holds
 */
export function saleFromLine(text: string, shop: ShopView, system: 'imperial' | 'metric'): Pick<NewParcel, 'sale' | 'piece' | 'more'> {
  const lines = readSaleLines(text, { today: shop.today, todayIsOver: shop.todayIsOver, system });
  if (lines.length > MOST_PIECES) throw new Refused([{ path: 'line', message: `a parcel holds at most ${MOST_PIECES} different pieces` }]);
  const each = lines.map((line) => fieldsOfLine(line, system));
  const [first, ...more] =
    each.every(({ sale }) => sale['soldMinor'] !== undefined) && each.length > 1 ? each.map(worthAsSold(shop, system)) : each;
  const sale: FieldTexts = { ...first!.sale };
  for (const one of more)
    for (const [path, typed] of Object.entries(one.sale)) {
      if (typed === undefined) continue;
      sale[path] = MONEY.includes(path) && sale[path] !== undefined ? sumOf(path, [sale[path], typed], shop, system) : typed;
    }
  return { sale, piece: first!.piece, more: more.map(({ piece }) => piece) };
}

/** A piece among others is worth what it was sold for itself. */
const worthAsSold =
  (shop: ShopView, system: 'imperial' | 'metric') =>
  ({ sale, piece }: Pick<NewParcel, 'sale' | 'piece'>): Pick<NewParcel, 'sale' | 'piece'> => {
    const count = Number(piece['count'] ?? 1);
    const soldMinor = amountOf('soldMinor', sale['soldMinor']!, shop, system);
    return { sale, piece: { ...piece, replacementMinor: (Math.round(soldMinor / count) / 100).toFixed(2) } };
  };

const amountOf = (path: string, typed: string, { today }: ShopView, system: 'imperial' | 'metric'): number => {
  const reading = readField('sale', path, typed, { today, system });
  return reading.ok ? (reading.value as number) : 0;
};

/** Amounts as typed, summed. */
const sumOf = (path: string, typed: readonly string[], shop: ShopView, system: 'imperial' | 'metric'): string =>
  (typed.reduce((sum, one) => sum + amountOf(path, one, shop, system), 0) / 100).toFixed(2);

const kept = (text: string, value: unknown, { name, id }: ShopView['people'][number]): KeptField => ({
  text,
  value,
  revision: 0,
  draft: null,
  by: name,
  byId: id,
});

/** What is not said yet is ware without anything that sticks out. */
const UNSAID: ArchetypeKey = 'compactCeramic';
function readArchetype(text: string | undefined): ArchetypeKey {
  if (text === undefined) return UNSAID;
  const key: unknown = JSON.parse(text);
  return typeof key === 'string' && Object.hasOwn(ARCHETYPES, key) ? (key as ArchetypeKey) : UNSAID;
}

/** Turns a typed line into the fields of a new parcel; what the line does not say has a plain start. */
export const fieldsFromLine = (text: string, shop: ShopView, system: 'imperial' | 'metric'): Pick<NewParcel, 'sale' | 'piece'> =>
  fieldsOfLine(readSaleLine(text, { today: shop.today, todayIsOver: shop.todayIsOver, system }), system);

function fieldsOfLine(line: SaleLine, system: 'imperial' | 'metric'): Pick<NewParcel, 'sale' | 'piece'> {
  const problems = line.readings.filter((reading) => reading.problem !== null);
  if (problems.length > 0)
    throw new Refused(problems.map((reading) => ({ path: 'line', message: `“${reading.text}”: ${reading.problem}` })));
  if (!line.title) throw new Refused([{ path: 'line', message: 'name the piece first, like: stoneware tea urn, 9 x 8 x 14 in' }]);
  const typed = (field: keyof SaleLine) => line.readings.find((reading) => reading.field === field)?.said;
  // sides may be told one after the other, each by its name
  const sides = line.readings.flatMap(({ field, said }) => (field === 'sizeIn' && said !== undefined ? [said] : []));
  // what was said of each is kept of all, and what was said of all of one
  const money = (field: 'soldMinor' | 'paidMinor' | 'shippingCollectedMinor') =>
    line[field] !== undefined && line.count !== undefined ? (line[field] / 100).toFixed(2) : typed(field);
  const ofAll = line.count !== undefined && !line.readings.some(({ field, each }) => field === 'weightLb' && each);
  const given = (pairs: Record<string, string | undefined>) =>
    Object.fromEntries(Object.entries(pairs).filter(([, value]) => value !== undefined)) as FieldTexts;
  return {
    sale: given({
      buyer: typed('buyer'),
      destinationPostcode: typed('destinationPostcode'),
      soldMinor: money('soldMinor'),
      paidMinor: money('paidMinor'),
      shippingCollectedMinor: money('shippingCollectedMinor'),
      shipBy: line.shipBy,
      job: line.job && JSON.stringify(line.job),
    }),
    piece: given({
      title: line.title,
      count: line.count === undefined ? undefined : String(line.count),
      bin: line.bin,
      size: sides.length > 0 ? sides.join(', ') : undefined,
      weight: ofAll && line.weightLb !== undefined ? formatWeight(line.weightLb, system) : typed('weightLb'),
      archetype: line.archetype && JSON.stringify(line.archetype),
    }),
  };
}

/**
 * The fields of one more piece from a typed line; what the line does not say has a plain start.
 *
 * @param like the kind of what it belongs to, where that is known: it is of that unless its line says of what
 */
export function pieceFromLine(
  text: string,
  shop: ShopView,
  person: ShopView['people'][number],
  like: ArchetypeKey | null = null,
): { fields: Record<string, KeptField>; money: Record<string, number> } {
  const { sale, piece } = fieldsFromLine(text, shop, person.system);
  const of = like === null ? piece : { archetype: JSON.stringify(like), ...piece };
  return { fields: pieceFields(of, shop, person), money: moneyIn(sale, shop, person) };
}

const MONEY = ['soldMinor', 'paidMinor', 'shippingCollectedMinor'];
const moneyIn = (sale: FieldTexts, { today }: ShopView, { system }: ShopView['people'][number]): Record<string, number> =>
  Object.fromEntries(
    MONEY.flatMap((path): [string, number][] => {
      const reading = sale[path] === undefined ? null : readField('sale', path, sale[path], { today, system });
      return reading?.ok ? [[path, reading.value as number]] : [];
    }),
  );

/** A piece's fields from what was typed of it. */
function pieceFields(piece: FieldTexts, shop: ShopView, person: ShopView['people'][number]): Record<string, KeptField> {
  const setting = { today: shop.today, system: person.system };
  const size = piece['size'] === undefined ? null : readField('piece', 'size', piece['size'], setting);
  const start = startOfPiece(readArchetype(piece['archetype']), size?.ok ? (size.value as PieceValues['size']) : null, piece['title']);
  return Object.fromEntries(
    Object.entries(start).map(([path, value]) => {
      const typed = piece[path];
      if (typed === undefined) return [path, kept('', value, person)];
      const reading = readField('piece', path, typed, setting);
      if (!reading.ok) throw new Refused([{ path: `piece/${path}`, message: reading.problem }]);
      return [path, kept(typed, reading.value, person)];
    }),
  );
}

/**
 * Creates a sale, its piece and its parcel. Asked twice with the same id, the first stands.
 *
 * @throws Refused with the fields that do not parse
 */
export async function createParcel(database: ShopDatabase, shop: ShopView, wanted: NewParcel, now: Date): Promise<string> {
  const { models, sequelize } = database;
  const person = personAmong(shop.people, wanted.personId);
  const setting = { today: shop.today, system: person.system };
  const sale = Object.fromEntries(
    Object.entries(startOfSale(shop.originPostcode, addDays(shop.today, shop.todayIsOver ? 1 : 0))).map(([path, value]) => {
      const typed = wanted.sale[path];
      if (typed === undefined) return [path, kept('', value, person)];
      const reading = readField('sale', path, typed, setting);
      if (!reading.ok) throw new Refused([{ path: `sale/${path}`, message: reading.problem }]);
      return [path, kept(path === 'shipBy' ? String(reading.value) : typed, reading.value, person)];
    }),
  );
  const piece = pieceFields(wanted.piece, shop, person);
  const more = (wanted.more ?? []).map((texts) => pieceFields(texts, shop, person));
  await sequelize.transaction(async (transaction) => {
    if (await models.parcel.findByPk(wanted.id, { transaction })) return;
    const [saleId, pieceId] = [randomUUID(), wanted.pieceIds?.[0] ?? randomUUID()];
    await models.sale.create({ id: saleId, ...fieldColumns.sale(sale), fields: sale }, { transaction });
    await models.piece.create({ id: pieceId, saleId, ...fieldColumns.piece(piece), fields: piece }, { transaction });
    const code = await freeCode(database, transaction);
    await models.parcel.create(
      {
        id: wanted.id,
        saleId,
        code,
        state: 'draft',
        revision: 1,
        nest: { revision: 0, choice: null, locks: {}, marks: {}, reasons: [] },
        planId: null,
        createdAt: now,
      },
      { transaction },
    );
    await models.bundle.create({ id: randomUUID(), parcelId: wanted.id, pieceId, position: 1 }, { transaction });
    for (const [at, fields] of more.entries()) {
      const id = wanted.pieceIds?.[at + 1] ?? randomUUID();
      await models.piece.create({ id, saleId, ...fieldColumns.piece(fields), fields }, { transaction });
      await models.bundle.create({ id: randomUUID(), parcelId: wanted.id, pieceId: id, position: 2 + at }, { transaction });
    }
    await appendEvent(
      database,
      { id: randomUUID(), parcelId: wanted.id, personId: person.id, happening: { kind: 'opened' }, now, undoOf: null },
      transaction,
    );
  });
  return wanted.id;
}

/** A code that no parcel of the shop has. */
export async function freeCode({ models }: ShopDatabase, transaction: Transaction): Promise<string> {
  for (;;) {
    const code = shortCode();
    if (!(await models.parcel.findOne({ where: { code }, transaction }))) return code;
  }
}
