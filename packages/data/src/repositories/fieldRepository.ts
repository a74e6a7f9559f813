import { randomUUID } from 'node:crypto';
import { readField, type KeptField, type SaveField, type ShopView, type TakeBack } from '@inch-nest/contracts';
import type { Transaction } from 'sequelize';
import type { Database } from '../database.ts';
import { Conflicting, Refused } from '../refusals.ts';
import { writeNest, type NestValue } from './nestRepository.ts';
import { personOf } from './personOf.ts';
import { pieceColumns, saleColumns } from './parcelRepository.ts';
import { lockParcel } from './parcelRows.ts';
import { findStep } from './undoSteps.ts';

type Locked = Awaited<ReturnType<typeof lockParcel>>;
type Side = Pick<KeptField, 'text' | 'value'>;

/**
 * Saves one typed field if it is still as the person saw it; text that does not parse may be kept as a
 * draft beside the last valid value. The same change twice counts once.
 *
 * @throws Refused when the text does not parse, Conflicting when somebody else changed the field since
 */
export async function saveField(database: Database, shop: ShopView, parcelId: string, command: SaveField, now: Date): Promise<void> {
  const person = personOf(shop, command.personId);
  const reading = command.draft
    ? null
    : readField(command.entity, command.path, command.text, { today: shop.today, system: person.system });
  if (reading && !reading.ok) throw new Refused([{ path: `${command.entity}.${command.path}`, message: reading.problem }]);
  await database.sequelize.transaction(async (transaction) => {
    const rows = await lockParcel(database, parcelId, transaction);
    if (await database.models.change.findByPk(command.changeId, { transaction })) return;
    const field = rows[command.entity].fields[command.path];
    if (!field) throw new Refused([{ path: `${command.entity}.${command.path}`, message: 'no such field' }]);
    if (field.revision !== command.basedOn && field.text !== command.text) {
      throw new Conflicting({
        entity: command.entity,
        path: command.path,
        theirs: { text: field.text, by: field.by, revision: field.revision },
        yours: command.text,
      });
    }
    if (!reading) return writeField(database, rows, command.entity, command.path, { ...field, draft: command.text }, transaction);
    const value = reading.ok ? reading.value : null;
    const after: Side = { text: command.text, value };
    await writeField(
      database,
      rows,
      command.entity,
      command.path,
      { ...after, revision: field.revision + 1, draft: null, by: person.name },
      transaction,
    );
    await database.models.change.create(
      {
        id: command.changeId,
        shopId: shop.id,
        parcelId,
        entity: command.entity,
        path: command.path,
        before: { text: field.text, value: field.value },
        after,
        personId: person.id,
        at: now,
        undoOf: null,
        undone: false,
      },
      { transaction },
    );
  });
}

/**
 * Takes a person's last change back, or does it again, as a new change of its own.
 *
 * @throws Refused when there is nothing to take back, or somebody else has changed the same thing since
 */
export async function takeBack(database: Database, shop: ShopView, parcelId: string, command: TakeBack, now: Date): Promise<void> {
  const person = personOf(shop, command.personId);
  await database.sequelize.transaction(async (transaction) => {
    const rows = await lockParcel(database, parcelId, transaction);
    const step = await findStep(database, parcelId, person.id, command.direction, transaction);
    if (!step)
      throw new Refused([
        { path: command.direction, message: command.direction === 'undo' ? 'nothing of yours to take back' : 'nothing to do again' },
      ]);
    const [expected, wanted] = command.direction === 'undo' ? [step.after, step.before] : [step.before, step.after];
    if (step.entity === 'nest') await writeNest(database, shop, rows, person, expected as NestValue, wanted as NestValue, now, transaction);
    else
      await restoreField(
        database,
        rows,
        step.entity as 'sale' | 'piece',
        step.path,
        expected as Side,
        wanted as Side,
        person.name,
        transaction,
      );
    await database.models.change.create(
      {
        id: randomUUID(),
        shopId: shop.id,
        parcelId,
        entity: step.entity,
        path: step.path,
        before: expected,
        after: wanted,
        personId: person.id,
        at: now,
        undoOf: step.id,
        undone: false,
      },
      { transaction },
    );
    await database.models.change.update({ undone: command.direction === 'undo' }, { where: { id: step.id }, transaction });
  });
}

async function restoreField(
  database: Database,
  rows: Locked,
  entity: 'sale' | 'piece',
  path: string,
  expected: Side,
  wanted: Side,
  by: string,
  transaction: Transaction,
): Promise<void> {
  const field = rows[entity].fields[path]!;
  if (JSON.stringify(field.value) !== JSON.stringify(expected.value))
    throw new Refused([{ path: `${entity}.${path}`, message: `${field.by} has changed it since: nothing was taken back` }]);
  await writeField(database, rows, entity, path, { ...wanted, revision: field.revision + 1, draft: null, by }, transaction);
}

async function writeField(
  database: Database,
  rows: Locked,
  entity: 'sale' | 'piece',
  path: string,
  field: KeptField,
  transaction: Transaction,
): Promise<void> {
  const fields = { ...rows[entity].fields, [path]: field };
  if (entity === 'sale') await rows.sale.update({ fields, ...saleColumns(fields) }, { transaction });
  else await rows.piece.update({ fields, ...pieceColumns(fields) }, { transaction });
  await rows.parcel.increment('revision', { transaction });
}
