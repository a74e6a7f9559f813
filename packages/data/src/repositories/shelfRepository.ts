import { countedTitle, STANDING, statesThat, type ParcelState } from '@inch-nest/core';
import type { PastFilter, PastPage, ShelfTag } from '@inch-nest/contracts';
import { col, fn, literal, Op, where as whereIs, type WhereOptions } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import type { ParcelRow } from '../rows.ts';
import { labelsAtRisk } from './labelsAtRisk.ts';
import { pastOrder } from './pastOrder.ts';
import { membersOf, placeAmong } from './setRepository.ts';

/** More than any shelf holds; what is over is found among past parcels. */
const MOST_ON_SHELF = 500;

/** Tags of all open parcels, the earliest promise first; those out of the house last. */
export async function listShelf(database: ShopDatabase): Promise<ShelfTag[]> {
  const parcels = await database.models.parcel.findAll({
    where: { state: statesThat('open', 'gone') },
    order: [
      ['createdAt', 'desc'],
      ['code', 'asc'],
    ],
    limit: MOST_ON_SHELF,
  });
  const atRisk = await labelsAtRisk(database, parcels);
  const tags = (await tagsOf(database, parcels.reverse())).map((tag): ShelfTag =>
    atRisk.has(tag.id) ? { ...tag, trouble: 'labelAtRisk' } : tag,
  );
  const gone = (tag: ShelfTag) => Number(STANDING[tag.state as ParcelState] === 'gone');
  return tags.sort((a, b) => gone(a) - gone(b) || a.shipBy.localeCompare(b.shipBy) || (a.bin ?? '~').localeCompare(b.bin ?? '~'));
}

/** Tags of some parcels, in their order; only their own rows are read. */
export async function tagsOf(database: ShopDatabase, parcels: readonly ParcelRow[]): Promise<ShelfTag[]> {
  const { models } = database;
  const ids = parcels.map((parcel) => parcel.id);
  const [sales, bundles, plans, labels, sets] = await Promise.all([
    models.sale.findAll({
      where: { id: parcels.map((parcel) => parcel.saleId) },
      attributes: ['id', 'buyer', 'destinationPostcode', 'shipBy'],
    }),
    models.bundle.findAll({ where: { parcelId: ids }, order: [['position', 'asc']] }),
    models.plan.findAll({
      where: { id: parcels.flatMap((parcel) => parcel.planId ?? []) },
      // of a plan's document only what a tag says
      attributes: [
        'id',
        [literal("(document ->> 'minutes')::float"), 'minutes'],
        [literal("jsonb_path_exists(document, '$.faults[*] ? (@.blocks == true)')"), 'blocked'],
      ],
    }),
    models.label.findAll({ where: { parcelId: ids, state: 'bought' }, attributes: ['parcelId', 'tracking'] }),
    membersOf(database, parcels),
  ]);
  const pieces = await models.piece.findAll({
    where: { id: bundles.map((bundle) => bundle.pieceId) },
    attributes: ['id', 'title', 'count', 'bin'],
  });
  const by = <Row extends { id: string }>(rows: readonly Row[]) => new Map(rows.map((row) => [row.id, row]));
  const [saleOf, pieceOf, planOf] = [by(sales), by(pieces), by(plans)];
  const heldBy = new Map(ids.map((id): [string, (typeof bundles)[number][]] => [id, []]));
  for (const bundle of bundles) heldBy.get(bundle.parcelId!)!.push(bundle);
  const trackingOf = new Map(labels.map((label) => [label.parcelId, label.tracking]));
  return parcels.map((parcel): ShelfTag => {
    const sale = saleOf.get(parcel.saleId)!;
    const held = (heldBy.get(parcel.id) ?? []).map((bundle) => pieceOf.get(bundle.pieceId)!);
    const plan = parcel.planId ? planOf.get(parcel.planId) : undefined;
    const of = (name: string): unknown => plan?.get(name as never);
    return {
      id: parcel.id,
      code: parcel.code,
      title: held.map(countedTitle).join(', '),
      tag: sale.buyer ?? sale.destinationPostcode,
      postcode: sale.destinationPostcode,
      bin: held[0]?.bin ?? null,
      shipBy: sale.shipBy,
      state: parcel.state,
      minutes: (of('minutes') as number | null | undefined) ?? null,
      tracking: trackingOf.get(parcel.id) ?? null,
      ofSet: placeAmong(parcel, parcel.together ? sets.get(parcel.together) : []),
      trouble: of('blocked') === true || parcel.nest.reasons.length > 0 ? 'mendNest' : null,
    };
  });
}

const PAGE = 50;

/**
 * Past and present parcels a page at a time, the newest first or in the order asked, by what is known of them. Each filter is
 * asked of the database through an index of its own.
 *
 * @param after where the page before ended
 */
export async function listPast(database: ShopDatabase, filter: PastFilter, after: string | null): Promise<PastPage> {
  const { models } = database;
  const { text, code, tag, state, bin, tracking, from, to } = filter;
  const where: WhereOptions<ParcelRow>[] = [];
  const among = async (ids: Promise<string[]>) => where.push({ id: await ids });
  if (code) where.push({ code: code.toUpperCase() });
  if (state === 'open') where.push({ state: statesThat('open', 'gone') });
  else if (state === 'finished') where.push({ state: statesThat('finished') });
  else if (state) where.push({ state });
  if (from) where.push({ createdAt: { [Op.gte]: new Date(`${from}T00:00:00Z`) } });
  if (to) where.push({ createdAt: { [Op.lt]: new Date(Date.parse(`${to}T00:00:00Z`) + 86_400_000) } });
  if (tracking)
    await among(models.label.findAll({ where: { tracking }, attributes: ['parcelId'] }).then((rows) => rows.map((row) => row.parcelId)));
  if (tag) {
    const sales = await models.sale.findAll({
      where: also(whereIs(fn('lower', col('buyer')), tag.toLowerCase())),
      attributes: ['id'],
      ...MOST,
    });
    where.push({ saleId: sales.map((sale) => sale.id) });
  }
  if (bin) await among(parcelsHolding(database, { bin }));
  if (text) {
    const words = wordsOf(text)
      .map((word) => `${word}:*`)
      .join(' & ');
    if (words === '') return { tags: [], next: null };
    const titled = whereIs(fn('to_tsvector', 'simple', col('title')), { [Op.match]: fn('to_tsquery', 'simple', words) });
    await among(parcelsHolding(database, also(titled)));
  }
  const mark = readMark(after);
  const ordered = pastOrder(filter, mark?.id ?? null);
  if (ordered?.beyond) where.push(ordered.beyond);
  if (mark && !ordered)
    where.push({
      [Op.or]: [{ createdAt: { [Op.lt]: mark.at } }, { createdAt: mark.at, id: { [Op.lt]: mark.id } }],
    });
  const parcels = await models.parcel.findAll({
    where: { [Op.and]: where } as WhereOptions<ParcelRow>,
    order: ordered?.order ?? [
      ['createdAt', 'desc'],
      ['id', 'desc'],
    ],
    limit: PAGE + 1,
  });
  const page = parcels.slice(0, PAGE);
  const last = page.at(-1);
  return {
    tags: await tagsOf(database, page),
    next: parcels.length > PAGE && last ? `${new Date(last.createdAt ?? 0).toISOString()}~${last.id}` : null,
  };
}

/** A look-up never brings more than this many candidates. */
const MOST = { limit: 2000 };

/** Signs that words of a title are made of; the rest separates them. */
const wordsOf = (text: string): string[] => (text.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? []).slice(0, 8);

async function parcelsHolding({ models }: ShopDatabase, where: WhereOptions): Promise<string[]> {
  const pieces = await models.piece.findAll({ where, attributes: ['id'], order: [['id', 'desc']], ...MOST });
  const bundles = await models.bundle.findAll({ where: { pieceId: pieces.map((piece) => piece.id) }, attributes: ['parcelId'] });
  return bundles.flatMap((bundle) => bundle.parcelId ?? []);
}

/** A condition that is no plain column, beside whatever else is asked. */
const also = (condition: ReturnType<typeof whereIs>): WhereOptions => ({ [Op.and]: [condition] });

function readMark(after: string | null): { at: Date; id: string } | null {
  const [at, id] = after?.split('~') ?? [];
  const instant = new Date(at ?? '');
  return id && /^[0-9a-f-]{36}$/i.test(id) && !Number.isNaN(instant.getTime()) ? { at: instant, id } : null;
}
