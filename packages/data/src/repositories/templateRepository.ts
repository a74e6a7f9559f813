import { randomUUID } from 'node:crypto';
import { countedTitle, type PlanChoice } from '@inch-nest/core';
import type { KeptField, ShopView, TemplateView } from '@inch-nest/contracts';
import { Op, type WhereOptions } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import { Missing, Refused } from '../refusals.ts';
import { personOf } from './personOf.ts';
import { putIn } from './bundleRepository.ts';
import type { PieceRow } from '../rows.ts';
import { writeFields } from './keepRepository.ts';
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
 * Keeps a parcel's pieces with their nest under a name, for the next one like it. The same id twice counts once.
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
    const all = [piece, ...others.map((one) => one.piece)];
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
        personId: person.id,
        at: now,
      },
      { transaction },
    );
  });
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
      ? [{ id: one.id, kind: 'parcel', name: countedTitle(piece), pieces: held.length, arrived: one.state, choice }]
      : [];
  });
  const kept = templates
    .map(({ id, name, choice, others }): TemplateView => ({ id, kind: 'template', name, pieces: others.length + 1, arrived: null, choice }))
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
 * is put in. The nest itself is taken like any other.
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
  await database.sequelize.transaction(async (transaction) => {
    const rows = await lockParcel(database, parcelId, transaction);
    const template = await database.models.template.findOne({ where: { id: wanted.templateId }, transaction });
    if (!template) throw new Missing('there is no such template');
    const all = [rows.piece, ...rows.others.map(({ piece }) => piece)];
    const ids = [template.piece, ...template.others].map((_, at) => all[at]?.id ?? randomUUID());
    const names = ids.map((id, at): [string, string] => [placeName(at), id]);
    for (const [at, plain] of [template.piece, ...template.others].entries()) {
      const facts = renamed(plain, names);
      const piece = all[at];
      if (piece) await writeFields({ ...rows, piece }, 'piece', untouchedOf(piece.fields, facts, person), transaction);
      else {
        const fields = { ...pieceFromLine('piece', shop, person).fields, ...facts };
        await putIn(database, rows, { id: randomUUID(), pieceId: ids[at]!, fields }, person.id, now, transaction);
      }
    }
  });
}

/** Of a template's facts those that nobody has said of a piece. */
const untouchedOf = (fields: Fields, facts: Fields, { name, id }: ShopView['people'][number]): Fields =>
  Object.fromEntries(
    Object.entries(facts)
      .filter(([path]) => fields[path]?.revision === 0 && fields[path].text === '')
      .map(([path, field]) => [path, { ...field, revision: 1, draft: null, by: name, byId: id }]),
  );
