import { pieceFactsOf, type KeptField, type PieceField, type ShopView, type TemplateView } from '@inch-nest/contracts';
import type { Database } from '../database.ts';
import { Missing, Refused } from '../refusals.ts';
import { personOf } from './personOf.ts';
import { pieceColumns } from './parcelRepository.ts';
import { lockParcel } from './parcelRows.ts';

/** Facts that belong to the one piece and are not carried over to the next like it. */
const OWN: readonly string[] = ['title', 'bin', 'serial', 'seal', 'replacementMinor'];
const MOST_TEMPLATES = 200;
const LIKE_BY = 0.25;

/**
 * Keeps a parcel's piece with its nest under a name, for the next one like it. The same id twice counts once.
 *
 * @throws Refused where no nest is kept yet, or the shop holds too many
 */
export async function keepTemplate(
  database: Database,
  shop: ShopView,
  parcelId: string,
  wanted: { id: string; personId: string; name: string },
  now: Date,
): Promise<void> {
  const person = personOf(shop, wanted.personId);
  await database.sequelize.transaction(async (transaction) => {
    const { parcel, piece } = await lockParcel(database, parcelId, transaction);
    if (await database.models.template.findByPk(wanted.id, { transaction })) return;
    if (!parcel.nest.choice) throw new Refused([{ path: 'nest', message: 'keep a nest first; it goes into the template' }]);
    if ((await database.models.template.count({ where: { shopId: shop.id }, transaction })) >= MOST_TEMPLATES)
      throw new Refused([{ path: 'name', message: `the shop holds ${MOST_TEMPLATES} templates already` }]);
    const facts = Object.fromEntries(Object.entries(piece.fields).filter(([path]) => !OWN.includes(path)));
    await database.models.template.create(
      {
        id: wanted.id,
        shopId: shop.id,
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
export async function templatesFor(database: Database, shop: ShopView, parcelId: string): Promise<TemplateView[]> {
  const { models } = database;
  const parcel = await models.parcel.findByPk(parcelId);
  if (!parcel) throw new Missing('there is no such parcel');
  const bundles = await models.bundle.findAll({ where: { shopId: shop.id } });
  const pieces = new Map((await models.piece.findAll({ where: { shopId: shop.id } })).map((piece) => [piece.id, piece]));
  const own = pieces.get(bundles.find((bundle) => bundle.parcelId === parcelId)!.pieceId)!;
  const [templates, parcels] = await Promise.all([
    models.template.findAll({ where: { shopId: shop.id }, order: [['name', 'asc']] }),
    models.parcel.findAll({ where: { shopId: shop.id } }),
  ]);
  const earlier = parcels.flatMap((one): TemplateView[] => {
    const piece = pieces.get(bundles.find((bundle) => bundle.parcelId === one.id)!.pieceId)!;
    if (one.id === parcelId || !one.nest.choice || !alike(own.fields, piece.fields)) return [];
    return [{ id: one.id, kind: 'parcel', name: piece.title, arrived: one.state, choice: one.nest.choice }];
  });
  return [...templates.map(({ id, name, choice }): TemplateView => ({ id, kind: 'template', name, arrived: null, choice })), ...earlier];
}

/** Alike: the same kind, and every known side and the weight within a quarter of the other's. */
function alike(one: Record<string, KeptField>, other: Record<string, KeptField>): boolean {
  const [a, b] = [one, other].map((fields) => pieceFactsOf('', fields as Record<PieceField, KeptField>)) as [
    ReturnType<typeof pieceFactsOf>,
    ReturnType<typeof pieceFactsOf>,
  ];
  if (a.archetype !== b.archetype) return false;
  const measures: (keyof typeof a)[] = ['lengthIn', 'widthIn', 'heightIn', 'weightLb'];
  return measures.every((key) => {
    const [mine, theirs] = [a[key] as number | null, b[key] as number | null];
    return mine === null || theirs === null || Math.abs(mine - theirs) <= LIKE_BY * Math.max(mine, theirs);
  });
}

/**
 * Gives a parcel's piece the facts of a template that nobody has typed or picked for it yet. The nest itself
 * is taken like any other.
 *
 * @throws Missing when there is no such template
 */
export async function applyTemplate(
  database: Database,
  shop: ShopView,
  parcelId: string,
  wanted: { templateId: string; personId: string },
): Promise<void> {
  const { name } = personOf(shop, wanted.personId);
  await database.sequelize.transaction(async (transaction) => {
    const { parcel, piece } = await lockParcel(database, parcelId, transaction);
    const template = await database.models.template.findOne({ where: { id: wanted.templateId, shopId: shop.id }, transaction });
    if (!template) throw new Missing('there is no such template');
    const untouched = Object.entries(template.piece).filter(([path]) => {
      const mine = piece.fields[path];
      return mine?.revision === 0 && mine.text === '';
    });
    const fields = {
      ...piece.fields,
      ...Object.fromEntries(untouched.map(([path, field]) => [path, { ...field, revision: 1, draft: null, by: name }])),
    };
    await piece.update({ fields, ...pieceColumns(fields) }, { transaction });
    await parcel.increment('revision', { transaction });
  });
}
