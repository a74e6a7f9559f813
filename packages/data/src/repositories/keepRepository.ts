import {
  ARCHETYPES,
  frozenFact,
  hardPointsOfNewKind,
  hardPointsOfNewName,
  hardPointsOfNewSize,
  kindPresets,
  recordParcel,
  type Archetype,
  type KindPresets,
} from '@inch-nest/core';
import {
  clashes,
  readField,
  sameContent,
  type FieldEntity,
  type KeepCommand,
  type KeptChange,
  type KeptField,
  type PieceValues,
  type ShopView,
  type Verdict,
} from '@inch-nest/contracts';
import type { Transaction } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import { keepNest } from './nestRepository.ts';
import { personOf } from './personOf.ts';
import { eventsOf, fieldColumns, lockParcel, rowsOfPiece, type LockedParcel } from './parcelRows.ts';

type Person = ShopView['people'][number];
/** A field's text and value as they stood before or after a change, with the presets that went with it. */
export interface Side {
  text: string;
  value: unknown;
  /** Presets that a kind brought along and took away, by field. */
  along?: Record<string, Side>;
}

/**
 * Keeps what a person typed, picked or chose of a parcel, each change for itself: one that clashes with what somebody
 * else kept since, or that cannot be read, holds up no other. A change heard twice counts once. Text that does not
 * parse is kept as a draft beside the last valid value.
 *
 * @returns what became of each change, in their order
 */
export async function keepParcel(
  database: ShopDatabase,
  shop: ShopView,
  parcelId: string,
  { personId, changes }: KeepCommand,
  now: Date,
): Promise<Verdict[]> {
  const person = personOf(shop, personId);
  return database.sequelize.transaction(async (transaction) => {
    const rows = await lockParcel(database, parcelId, transaction);
    const life = recordParcel(await eventsOf(database, parcelId, transaction));
    const verdicts: Verdict[] = [];
    for (const change of changes) {
      const what = pathOf(change.path, rows);
      const frozen = what && frozenFact(life, what === 'nest' ? 'nest' : what.name);
      if (frozen) verdicts.push({ path: change.path, kind: 'refused', problem: frozen });
      else if (!what) verdicts.push({ path: change.path, kind: 'refused', problem: `a parcel has no ${change.path}` });
      else if (what === 'nest') verdicts.push(await keepNest(database, shop, rows, person, change, now, transaction));
      else verdicts.push(await keepField(database, shop, what.rows, person, { ...change, ...what }, now, transaction));
    }
    return verdicts;
  });
}

/** What a path names: `nest`, `sale/<field>`, `piece/<id>/<field>`; null where this parcel has no such thing. */
function pathOf(path: string, rows: LockedParcel): 'nest' | { entity: FieldEntity; name: string; rows: LockedParcel } | null {
  if (path === 'nest') return 'nest';
  const [entity, ...rest] = path.split('/');
  const own = entity === 'piece' && rest.length === 2 ? rowsOfPiece(rows, rest[0]!) : entity === 'sale' && rest.length === 1 ? rows : null;
  const name = rest.at(-1);
  if (!own || name === undefined || (entity !== 'sale' && entity !== 'piece')) return null;
  return Object.hasOwn(own[entity].fields, name) ? { entity, name, rows: own } : null;
}

async function keepField(
  database: ShopDatabase,
  shop: ShopView,
  rows: LockedParcel,
  person: Person,
  { id, path, value: text, basedOn, entity, name }: KeptChange & { entity: FieldEntity; name: string },
  now: Date,
  transaction: Transaction,
): Promise<Verdict> {
  const fields: Record<string, KeptField> = rows[entity].fields;
  const field = fields[name]!;
  const kept = (revision: number): Verdict => ({ path, kind: 'kept', revision });
  if (typeof text !== 'string') return { path, kind: 'refused', problem: 'a field is kept as it was typed, as text' };
  if (await database.models.change.findByPk(id, { transaction })) return kept(field.revision);
  if (clashes({ revision: field.revision, by: field.byId ?? '' }, { basedOn, personId: person.id }) && field.text !== text)
    return { path, kind: 'clash', theirs: { text: field.text, by: field.by, revision: field.revision } };
  const reading = readField(entity, name, text, { today: shop.today, system: person.system });
  if (!reading.ok) {
    if (text.length > MOST_DRAFT) return { path, kind: 'refused', problem: reading.problem };
    await writeFields(rows, entity, { [name]: { ...field, draft: text } }, transaction);
    return kept(field.revision);
  }
  if (field.text === text && sameContent(field.value, reading.value)) {
    if (field.draft !== null) await writeFields(rows, entity, { [name]: { ...field, draft: null } }, transaction);
    return kept(field.revision);
  }
  const set = ({ text: typed, value }: Side, of: KeptField): KeptField => ({
    text: typed,
    value,
    revision: of.revision + 1,
    draft: null,
    by: person.name,
    byId: person.id,
  });
  const along = entity === 'piece' ? broughtAlong(rows.piece.fields, name, reading.value) : {};
  await writeFields(
    rows,
    entity,
    {
      [name]: set({ text, value: reading.value }, field),
      ...Object.fromEntries(Object.entries(along).map(([other, side]) => [other, set(side, fields[other]!)])),
    },
    transaction,
  );
  const sideOf = ({ text: typed, value }: KeptField): Side => ({ text: typed, value });
  const brought = Object.keys(along).length > 0;
  await database.models.change.create(
    {
      id,
      parcelId: rows.parcel.id,
      entity,
      about: rows[entity].id,
      path: name,
      before: {
        ...sideOf(field),
        ...(brought ? { along: Object.fromEntries(Object.keys(along).map((other) => [other, sideOf(fields[other]!)])) } : {}),
      },
      after: { text, value: reading.value, ...(brought ? { along } : {}) },
      personId: person.id,
      at: now,
      undoOf: null,
      undone: false,
    },
    { transaction },
  );
  return kept(field.revision + 1);
}

/** Longer than this nothing is kept that cannot be read. */
const MOST_DRAFT = 2000;

/** What changes with a field of a piece: another kind brings its presets, another size or name moves what nobody has touched. */
function broughtAlong(fields: Record<string, KeptField>, name: string, value: unknown): Record<string, Side> {
  const { archetype, size, title, hardPoints } = fields as unknown as { [Name in keyof PieceValues]: { value: PieceValues[Name] } };
  const kind = ARCHETYPES[archetype.value];
  if (name === 'archetype') return broughtByKind(fields, kind, ARCHETYPES[value as PieceValues['archetype']], size.value, title.value);
  if (name !== 'size' && name !== 'title') return {};
  const points = fields['hardPoints']!;
  const moved =
    name === 'size'
      ? hardPointsOfNewSize(hardPoints.value, kind, size.value, value as PieceValues['size'], title.value)
      : hardPointsOfNewName(hardPoints.value, kind, size.value, title.value, value as string);
  return sameContent(moved, points.value) ? {} : { hardPoints: { text: points.text, value: moved } };
}

/**
 * What another kind brings along: each preset that nobody has set by hand becomes the new kind's, and of the hard
 * points those that the former kind brought and nobody touched.
 */
function broughtByKind(
  fields: Record<string, KeptField>,
  former: Archetype,
  next: Archetype,
  size: PieceValues['size'],
  title: string,
): Record<string, Side> {
  const presets = kindPresets(next, size, title);
  const along: Record<string, Side> = {};
  for (const name of Object.keys(presets) as (keyof KindPresets)[]) {
    const field = fields[name]!;
    // picked fields carry their choice as text: without one nobody has picked
    const untouched = field.text === '';
    const value =
      name === 'hardPoints'
        ? hardPointsOfNewKind(field.value as KindPresets['hardPoints'], former, next, size, title)
        : untouched
          ? presets[name]
          : field.value;
    if (!sameContent(value, field.value)) along[name] = { text: untouched ? '' : JSON.stringify(value), value };
  }
  return along;
}

/** Writes fields of a sale or a piece with the columns that follow from them. The caller holds the parcel's lock. */
export async function writeFields(
  rows: LockedParcel,
  entity: FieldEntity,
  changed: Record<string, KeptField>,
  transaction: Transaction,
): Promise<void> {
  const fields = { ...rows[entity].fields, ...changed };
  if (entity === 'sale') await rows.sale.update({ fields, ...fieldColumns.sale(fields) }, { transaction });
  else await rows.piece.update({ fields, ...fieldColumns.piece(fields) }, { transaction });
  await rows.parcel.increment('revision', { transaction });
}
