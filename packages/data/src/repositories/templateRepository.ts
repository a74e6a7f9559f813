import { countedTitle } from '@inch-nest/core';
import type { ShopView, TemplateView } from '@inch-nest/contracts';
import { Op, type WhereOptions } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import { Missing, Refused } from '../refusals.ts';
import { personOf } from './personOf.ts';
import type { PieceRow } from '../rows.ts';
import { writeFields } from './keepRepository.ts';
import { lockParcel } from './parcelRows.ts';

/** Facts that belong to the one piece and are not carried over to the next like it. */
const OWN: readonly string[] = ['title', 'bin', 'serial', 'seal', 'replacementMinor', 'irreplaceable', 'mostChance'];
const MOST_TEMPLATES = 200;
const LIKE_BY = 0.25;
/** So many earlier ones are enough to choose from. */
const MOST_ALIKE = 12;

/**
 * Keeps a parcel's piece with its nest under a name, for the next one like it. The same id twice counts once.
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
    if (others.length > 0) throw new Refused([{ path: 'name', message: 'a template is of one piece: take it out of the others first' }]);
    if (!parcel.nest.choice) throw new Refused([{ path: 'nest', message: 'keep a nest first; it goes into the template' }]);
    if ((await database.models.template.count({ transaction })) >= MOST_TEMPLATES)
      throw new Refused([{ path: 'name', message: `the shop holds ${MOST_TEMPLATES} templates already` }]);
    const facts = Object.fromEntries(Object.entries(piece.fields).filter(([path]) => !OWN.includes(path)));
    await database.models.template.create(
      {
        id: wanted.id,
        name: wanted.name,
        piece: facts,
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
  const bundle = await models.bundle.findOne({ where: { parcelId }, order: [['position', 'asc']] });
  const own = bundle && (await models.piece.findByPk(bundle.pieceId));
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
    const piece = kin.find((other) => bundles.some((held) => held.parcelId === one.id && held.pieceId === other.id));
    // a nest of several different pieces says nothing of one of them
    return piece && one.nest.choice && !one.nest.choice.others
      ? [{ id: one.id, kind: 'parcel', name: countedTitle(piece), arrived: one.state, choice: one.nest.choice }]
      : [];
  });
  return [...templates.map(({ id, name, choice }): TemplateView => ({ id, kind: 'template', name, arrived: null, choice })), ...earlier];
}

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
 * Gives a parcel's piece the facts of a template that nobody has typed or picked for it yet. The nest itself
 * is taken like any other.
 *
 * @throws Missing when there is no such template
 */
export async function applyTemplate(
  database: ShopDatabase,
  shop: ShopView,
  parcelId: string,
  wanted: { templateId: string; personId: string },
): Promise<void> {
  const { name, id } = personOf(shop, wanted.personId);
  await database.sequelize.transaction(async (transaction) => {
    const rows = await lockParcel(database, parcelId, transaction);
    const template = await database.models.template.findOne({ where: { id: wanted.templateId }, transaction });
    if (!template) throw new Missing('there is no such template');
    const untouched = Object.entries(template.piece).filter(([path]) => {
      const mine = rows.piece.fields[path];
      return mine?.revision === 0 && mine.text === '';
    });
    const taken = untouched.map(([path, field]) => [path, { ...field, revision: 1, draft: null, by: name, byId: id }] as const);
    await writeFields(rows, 'piece', Object.fromEntries(taken), transaction);
  });
}
