import { randomUUID } from 'node:crypto';
import { countedTitle, type Locks, type PlanChoice } from '@inch-nest/core';
import type { KeptField, ShopView, TemplateView } from '@inch-nest/contracts';
import { Op, type Transaction, type WhereOptions } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import { Missing, Refused } from '../refusals.ts';
import { personOf } from './personOf.ts';
import { putIn, splitParcel } from './bundleRepository.ts';
import type { NestJson, ParcelRow, PieceRow } from '../rows.ts';
import { keepParcel, writeFields } from './keepRepository.ts';
import { wholeNestChange } from './nestRepository.ts';
import { pieceFromLine } from './parcelRepository.ts';
import { lockParcel } from './parcelRows.ts';

/** Facts that belong to the one piece and are not carried over to the next like it. */
const OWN: readonly string[] = ['title', 'bin', 'serial', 'seal', 'replacementMinor', 'irreplaceable', 'mostChance'];
/** The further ones of a set are called what they are: crook, mouthpiece, stand. */
const OWN_OF_OTHERS = OWN.filter((path) => path !== 'title');
const MOST_TEMPLATES = 200;
const LIKE_BY = 0.25;
/** So many earlier ones are enough to choose from. */
const MOST_ALIKE = 12;

type Fields = Record<string, KeptField>;

const placeName = (at: number): string => `piece-${at + 1}`;

/** The same facts with each piece that they name called otherwise. */
const renamed = (fields: Fields, names: readonly (readonly [from: string, to: string])[]): Fields =>
  JSON.parse(names.reduce((text, [from, to]) => text.replaceAll(from, to), JSON.stringify(fields))) as Fields;

/**
 * Keeps a parcel's pieces with their nest under a name, for the next one like it; with what of the same sale goes in other boxes,
 * where a nest is kept for it too. The same id twice counts once.
 *
 * @throws Refused where no nest is kept yet, or the shop holds too many
 */
export async function keepTemplate(
  database: ShopDatabase,
  shop: ShopView,
  parcelId: string,
  wanted: { id: string; personId: string; name: string },
  now: Date,
): Promise<void> {
  const person = personOf(shop, wanted.personId);
  await database.sequelize.transaction(async (transaction) => {
    const { parcel, piece, others } = await lockParcel(database, parcelId, transaction);
    if (await database.models.template.findByPk(wanted.id, { transaction })) return;
    if (!parcel.nest.choice) throw new Refused([{ path: 'nest', message: 'keep a nest first; it goes into the template' }]);
    if ((await database.models.template.count({ transaction })) >= MOST_TEMPLATES)
      throw new Refused([{ path: 'name', message: `the shop holds ${MOST_TEMPLATES} templates already` }]);
    const further = await furtherBoxes(database, parcel, transaction);
    const all = [piece, ...others.map((one) => one.piece), ...further.flatMap(({ pieces }) => pieces)];
    // a piece that is named is named by its place
    const places = all.map(({ id }, at): [string, string] => [id, placeName(at)]);
    const factsOf = (fields: Fields, left: readonly string[]) =>
      renamed(Object.fromEntries(Object.entries(fields).filter(([path]) => !left.includes(path))), places);
    await database.models.template.create(
      {
        id: wanted.id,
        name: wanted.name,
        piece: factsOf(piece.fields, OWN),
        others: others.map((one) => factsOf(one.piece.fields, OWN_OF_OTHERS)),
        choice: parcel.nest.choice,
        locks: parcel.nest.locks,
        boxes: further.map(({ pieces, nest }) => ({
          pieces: pieces.map(({ fields }) => factsOf(fields, OWN_OF_OTHERS)),
          choice: nest.choice!,
          locks: nest.locks,
        })),
        personId: person.id,
        at: now,
      },
      { transaction },
    );
  });
}

/** The other parcels of the same sale that go together with one and have a nest, each with its pieces. */
async function furtherBoxes(
  { models }: ShopDatabase,
  { id, together, saleId }: ParcelRow,
  transaction: Transaction,
): Promise<{ nest: NestJson; pieces: PieceRow[] }[]> {
  if (!together) return [];
  const parcels = await models.parcel.findAll({
    where: { together, saleId, id: { [Op.ne]: id } },
    order: [['code', 'asc']],
    transaction,
  });
  const kept = parcels.filter(({ nest }) => nest.choice !== null);
  const bundles = await models.bundle.findAll({
    where: { parcelId: kept.map((parcel) => parcel.id) },
    order: [['position', 'asc']],
    transaction,
  });
  const pieces = await models.piece.findAll({ where: { id: bundles.map(({ pieceId }) => pieceId) }, transaction });
  return kept.map((parcel) => ({
    nest: parcel.nest,
    pieces: bundles.filter(({ parcelId }) => parcelId === parcel.id).map(({ pieceId }) => pieces.find((one) => one.id === pieceId)!),
  }));
}

/**
 * What a parcel's piece may be packed like: the shop's templates, and nests kept for like pieces before,
 * each with how that one arrived.
 */
export async function templatesFor(database: ShopDatabase, shop: ShopView, parcelId: string): Promise<TemplateView[]> {
  const { models } = database;
  const held = await models.bundle.findAll({ where: { parcelId }, order: [['position', 'asc']] });
  const own = held[0] && (await models.piece.findByPk(held[0].pieceId));
  if (!own) throw new Missing('there is no such parcel');
  const [templates, kin] = await Promise.all([
    models.template.findAll({ order: [['name', 'asc']] }),
    models.piece.findAll({
      where: { archetype: own.archetype, id: { [Op.ne]: own.id }, ...nearly(own) },
      order: [['id', 'desc']],
      limit: MOST_ALIKE,
    }),
  ]);
  const bundles = await models.bundle.findAll({ where: { pieceId: kin.map((piece) => piece.id) } });
  const parcels = await models.parcel.findAll({
    where: { id: bundles.flatMap((one) => one.parcelId ?? []) },
    order: [['createdAt', 'desc']],
  });
  const earlier = parcels.flatMap((one): TemplateView[] => {
    const piece = kin.find((other) => bundles.some(({ parcelId: at, pieceId }) => at === one.id && pieceId === other.id));
    const { choice } = one.nest;
    // a nest of several different pieces says nothing of one of them
    return piece && choice && piecesOfChoice(choice) === held.length
      ? [{ id: one.id, kind: 'parcel', name: countedTitle(piece), pieces: held.length, boxes: 1, arrived: one.state, choice }]
      : [];
  });
  const kept = templates
    .map(({ id, name, choice, others, boxes }): TemplateView => {
      const pieces = others.length + 1 + boxes.reduce((sum, box) => sum + box.pieces.length, 0);
      return { id, kind: 'template', name, pieces, boxes: boxes.length + 1, arrived: null, choice };
    })
    // one piece may become a set; a set stays as many as it is
    .filter(({ pieces }) => pieces === held.length || held.length === 1);
  return [...kept, ...earlier];
}

const piecesOfChoice = ({ others = [] }: PlanChoice): number => others.length + 1;

/** Alike: the same kind, and every known side and the weight within a quarter of the other's. */
function nearly(own: PieceRow): WhereOptions<PieceRow> {
  const measures = ['lengthIn', 'widthIn', 'heightIn', 'weightLb'] as const;
  return {
    [Op.and]: measures.flatMap((measure) => {
      const mine = own[measure];
      return mine === null
        ? []
        : [{ [measure]: { [Op.or]: [{ [Op.is]: null }, { [Op.between]: [mine * (1 - LIKE_BY), mine / (1 - LIKE_BY)] }] } }];
    }),
  };
}

/**
 * Gives a parcel's pieces the facts of a template that nobody has typed or picked for them yet; what the template holds besides
 * is put in. The nest itself is taken like any other. What the template has in further boxes goes into parcels of its own, each
 * with its nest where the stockroom still has it.
 *
 * @throws Missing when there is no such template
 * @throws Refused where pieces would be put into a sealed parcel
 */
export async function applyTemplate(
  database: ShopDatabase,
  shop: ShopView,
  parcelId: string,
  wanted: { templateId: string; personId: string },
  now: Date,
): Promise<void> {
  const person = personOf(shop, wanted.personId);
  const further = await database.sequelize.transaction(async (transaction) => {
    const rows = await lockParcel(database, parcelId, transaction);
    const template = await database.models.template.findOne({ where: { id: wanted.templateId }, transaction });
    if (!template) throw new Missing('there is no such template');
    // what goes in several boxes already is not put into more of them
    const boxes = rows.parcel.together ? [] : template.boxes;
    const all = [rows.piece, ...rows.others.map(({ piece }) => piece)];
    const facts = [template.piece, ...template.others, ...boxes.flatMap(({ pieces }) => pieces)];
    const ids = facts.map((_, at) => all[at]?.id ?? randomUUID());
    const names = ids.map((id, at): [string, string] => [placeName(at), id]);
    for (const [at, plain] of facts.entries()) {
      const own = renamed(plain, names);
      const piece = all[at];
      if (piece) await writeFields({ ...rows, piece }, 'piece', untouchedOf(piece.fields, own, person), transaction);
      else {
        const fields = { ...pieceFromLine('piece', shop, person).fields, ...own };
        await putIn(database, rows, { id: randomUUID(), pieceId: ids[at]!, fields }, person.id, now, transaction);
      }
    }
    let from = 1 + template.others.length;
    return boxes.map(({ pieces, choice, locks }) => ({ choice, locks, pieceIds: ids.slice(from, (from += pieces.length)) }));
  });
  if (further.length > 0) await inBoxes(database, shop, parcelId, further, person.id, now);
}

/** Puts pieces of a parcel into parcels of their own, each with the nest that is wanted for it unless that can no longer be made. */
async function inBoxes(
  database: ShopDatabase,
  shop: ShopView,
  parcelId: string,
  boxes: readonly { choice: PlanChoice; locks: Locks; pieceIds: readonly string[] }[],
  personId: string,
  now: Date,
): Promise<void> {
  const { models } = database;
  const bundles = await models.bundle.findAll({ where: { parcelId } });
  const bundleOf = (pieceId: string) => bundles.find((bundle) => bundle.pieceId === pieceId)!.id;
  const lots = boxes.map(({ pieceIds }) => pieceIds.map((pieceId) => ({ bundleId: bundleOf(pieceId) })));
  await splitParcel(database, shop, parcelId, { personId, act: 'split', lots }, now);
  for (const { choice, locks, pieceIds } of boxes) {
    const bundle = (await models.bundle.findOne({ where: { pieceId: pieceIds[0]! } }))!;
    const { revision } = (await models.parcel.findByPk(bundle.parcelId!))!.nest;
    await keepParcel(
      database,
      shop,
      bundle.parcelId!,
      { personId, changes: [{ id: randomUUID(), path: 'nest', value: wholeNestChange(choice, locks), basedOn: revision }] },
      now,
    );
  }
}

/** Of a template's facts those that nobody has said of a piece. */
const untouchedOf = (fields: Fields, facts: Fields, { name, id }: ShopView['people'][number]): Fields =>
  Object.fromEntries(
    Object.entries(facts)
      .filter(([path]) => fields[path]?.revision === 0 && fields[path].text === '')
      .map(([path, field]) => [path, { ...field, revision: 1, draft: null, by: name, byId: id }]),
  );
