import { randomInt, randomUUID } from 'node:crypto';
import { addDays, ARCHETYPES, readSaleLine, usualHardPoints, type SaleLine } from '@inch-nest/core';
import { readField, type KeptField, type ShelfTag, type ShopView } from '@inch-nest/contracts';
import { Op, type Transaction } from 'sequelize';
import type { Database } from '../database.ts';
import { Refused } from '../refusals.ts';
import { appendEvent } from './eventRepository.ts';

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
}

const kept = (text: string, value: unknown, by: string): KeptField => ({ text, value, revision: 0, draft: null, by });

/** Turns a typed line into the fields of a new parcel; what the line does not say has a plain start. */
export function fieldsFromLine(text: string, shop: ShopView, system: 'imperial' | 'metric'): Pick<NewParcel, 'sale' | 'piece'> {
  const line = readSaleLine(text, { today: shop.today, todayIsOver: shop.todayIsOver, system });
  const problems = line.readings.filter((reading) => reading.problem !== null);
  if (problems.length > 0)
    throw new Refused(problems.map((reading) => ({ path: 'line', message: `“${reading.text}”: ${reading.problem}` })));
  if (!line.title) throw new Refused([{ path: 'line', message: 'name the piece first, like: stoneware tea urn, 9 x 8 x 14 in' }]);
  const typed = (field: keyof SaleLine) =>
    line.readings
      .find((reading) => reading.field === field)
      ?.text.replace(/^(sold(?: for)?|paid|cost|shipping|postage|to|by|bin|for)\s+/i, '');
  const given = (pairs: Record<string, string | undefined>) =>
    Object.fromEntries(Object.entries(pairs).filter(([, value]) => value !== undefined)) as FieldTexts;
  return {
    sale: given({
      buyer: typed('buyer'),
      destinationPostcode: typed('destinationPostcode'),
      soldMinor: typed('soldMinor'),
      paidMinor: typed('paidMinor'),
      shippingCollectedMinor: typed('shippingCollectedMinor'),
      shipBy: line.shipBy,
    }),
    piece: given({
      title: line.title,
      bin: line.bin,
      size: typed('sizeIn'),
      weight: typed('weightLb'),
      archetype: line.archetype && JSON.stringify(line.archetype),
    }),
  };
}

/**
 * Creates a sale, its piece and its parcel. Asked twice with the same id, the first stands.
 *
 * @throws Refused with the fields that do not parse
 */
export async function createParcel(database: Database, shop: ShopView, wanted: NewParcel, now: Date): Promise<string> {
  const { models, sequelize } = database;
  const person = shop.people.find((one) => one.id === wanted.personId) ?? shop.people[0]!;
  const setting = { today: shop.today, system: person.system };
  const archetype = ARCHETYPES[JSON.parse(wanted.piece['archetype'] ?? '"compactCeramic"') as keyof typeof ARCHETYPES];
  const plain: Record<'sale' | 'piece', Record<string, [text: string, value: unknown]>> = {
    sale: {
      buyer: ['', null],
      destinationPostcode: [shop.originPostcode, shop.originPostcode],
      soldMinor: ['0', 0],
      paidMinor: ['0', 0],
      shippingCollectedMinor: ['0', 0],
      shipBy: ['', addDays(shop.today, shop.todayIsOver ? 1 : 0)],
      arriveBy: ['', null],
      signatureWish: ['', 'none'],
      customs: ['', null],
      letter: ['', null],
    },
    piece: {
      title: ['', archetype.name],
      bin: ['', null],
      size: ['', null],
      weight: ['', null],
      replacementMinor: ['', null],
      archetype: ['', archetype.key],
      form: ['', null],
      finish: ['', archetype.finish],
      dampSensitive: ['', archetype.dampSensitive],
      keepUpright: ['', archetype.keepUpright],
      movingParts: ['', 'none'],
      steadying: ['', []],
      hollows: ['', []],
      serial: ['', null],
      seal: ['', null],
      accessories: ['', []],
      storageWrap: ['', false],
      originalBox: ['', 'none'],
      hardPoints: ['', usualHardPoints(archetype)],
    },
  };
  const read = (entity: 'sale' | 'piece'): Record<string, KeptField> =>
    Object.fromEntries(
      Object.entries(plain[entity]).map(([path, [text, value]]) => {
        const typed = wanted[entity][path];
        if (typed === undefined) return [path, kept(text, value, person.name)];
        const reading = readField(entity, path, typed, setting);
        if (!reading.ok) throw new Refused([{ path: `${entity}.${path}`, message: reading.problem }]);
        return [path, kept(path === 'shipBy' ? String(reading.value) : typed, reading.value, person.name)];
      }),
    );
  const sale = read('sale');
  const piece = read('piece');
  await sequelize.transaction(async (transaction) => {
    if (await models.parcel.findByPk(wanted.id, { transaction })) return;
    const [saleId, pieceId] = [randomUUID(), randomUUID()];
    await models.sale.create({ id: saleId, shopId: shop.id, ...saleColumns(sale), fields: sale }, { transaction });
    await models.piece.create({ id: pieceId, shopId: shop.id, saleId, ...pieceColumns(piece), fields: piece }, { transaction });
    const code = await freeCode(database, shop.id, transaction);
    await models.parcel.create(
      {
        id: wanted.id,
        shopId: shop.id,
        saleId,
        code,
        state: 'draft',
        revision: 1,
        nest: { revision: 0, choice: null, locks: {} },
        planId: null,
        createdAt: now,
      },
      { transaction },
    );
    await models.bundle.create({ id: randomUUID(), shopId: shop.id, parcelId: wanted.id, pieceId, position: 1 }, { transaction });
    await appendEvent(
      database,
      { id: randomUUID(), shopId: shop.id, parcelId: wanted.id, personId: person.id, happening: { kind: 'opened' }, now, undoOf: null },
      transaction,
    );
  });
  return wanted.id;
}

async function freeCode({ models }: Database, shopId: string, transaction: Transaction): Promise<string> {
  for (;;) {
    const code = shortCode();
    if (!(await models.parcel.findOne({ where: { shopId, code }, transaction }))) return code;
  }
}

/** Columns of a sale that lists and filters use, from its fields. */
export const saleColumns = (fields: Record<string, KeptField>) => ({
  buyer: fields['buyer']!.value as string | null,
  destinationPostcode: fields['destinationPostcode']!.value as string,
  soldMinor: fields['soldMinor']!.value as number,
  paidMinor: fields['paidMinor']!.value as number,
  shippingCollectedMinor: fields['shippingCollectedMinor']!.value as number,
  shipBy: fields['shipBy']!.value as string,
});

/** Columns of a piece, from its fields. */
export function pieceColumns(fields: Record<string, KeptField>) {
  const [lengthIn, widthIn, heightIn] = (fields['size']!.value as (number | null)[] | null) ?? [null, null, null];
  return {
    title: fields['title']!.value as string,
    archetype: fields['archetype']!.value as string,
    bin: fields['bin']!.value as string | null,
    lengthIn: lengthIn ?? null,
    widthIn: widthIn ?? null,
    heightIn: heightIn ?? null,
    weightLb: fields['weight']!.value as number | null,
  };
}

/** How far a parcel has gone that nothing is left to do for, and that is out of the house. */
const FINISHED = ['delivered', 'lost', 'returned', 'closed'];
const GONE = ['handedOver', 'damaged'];

/** Tags of all open parcels, the earliest promise first; those out of the house last. */
export async function listShelf({ models }: Database, shopId: string): Promise<ShelfTag[]> {
  const parcels = await models.parcel.findAll({
    where: { shopId, state: { [Op.notIn]: FINISHED } },
    order: [
      ['createdAt', 'asc'],
      ['code', 'asc'],
    ],
  });
  const by = <Row extends { id: string }>(rows: Row[]) => new Map(rows.map((row) => [row.id, row]));
  const sales = by(await models.sale.findAll({ where: { shopId } }));
  const pieces = by(await models.piece.findAll({ where: { shopId } }));
  const bundles = await models.bundle.findAll({ where: { shopId }, order: [['position', 'asc']] });
  const plans = by(await models.plan.findAll({ where: { id: parcels.flatMap((parcel) => parcel.planId ?? []) } }));
  const tags = parcels.map((parcel): ShelfTag => {
    const sale = sales.get(parcel.saleId)!;
    const held = bundles.filter((bundle) => bundle.parcelId === parcel.id).map((bundle) => pieces.get(bundle.pieceId)!);
    const piece = held[0]!;
    const plan = parcel.planId ? plans.get(parcel.planId)?.document : undefined;
    return {
      id: parcel.id,
      code: parcel.code,
      title: held.map((one) => one.title).join(', '),
      tag: sale.buyer ?? sale.destinationPostcode,
      postcode: sale.destinationPostcode,
      bin: piece.bin,
      shipBy: sale.shipBy,
      state: parcel.state,
      minutes: plan?.minutes ?? null,
      trouble: plan?.faults.some((fault) => fault.blocks) ? 'mend the nest first' : null,
    };
  });
  const gone = (tag: ShelfTag) => Number(GONE.includes(tag.state));
  return tags.sort((a, b) => gone(a) - gone(b) || a.shipBy.localeCompare(b.shipBy) || (a.bin ?? '~').localeCompare(b.bin ?? '~'));
}
