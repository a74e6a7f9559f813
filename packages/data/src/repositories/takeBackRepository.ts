import { randomUUID } from 'node:crypto';
import { frozenFact, recordParcel } from '@inch-nest/core';
import { sameContent, type FieldEntity, type KeptField, type NestValue, type ShopView, type TakeBack } from '@inch-nest/contracts';
import type { Transaction } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import { Refused } from '../refusals.ts';
import { writeFields, type Side } from './keepRepository.ts';
import { restoreNest } from './nestRepository.ts';
import { restorePlace, type Place } from './places.ts';
import { eventsOf, lockParcel, rowsOfPiece, type LockedParcel } from './parcelRows.ts';
import { personOf } from './personOf.ts';
import { findStep } from './undoSteps.ts';

/**
 * Takes a person's last change back, or does it again, as a new change of its own. Of a nest only the parts that the
 * change touched go back; what somebody else has changed of the rest stays.
 *
 * @throws Refused when there is nothing to take back, or somebody else has changed the same thing since
 */
export async function takeBack(database: ShopDatabase, shop: ShopView, parcelId: string, command: TakeBack, now: Date): Promise<void> {
  const person = personOf(shop, command.personId);
  await database.sequelize.transaction(async (transaction) => {
    const rows = await lockParcel(database, parcelId, transaction);
    const step = await findStep(database, parcelId, person.id, command.direction, transaction);
    if (!step)
      throw new Refused([
        { path: command.direction, message: command.direction === 'undo' ? 'nothing of yours to take back' : 'nothing to do again' },
      ]);
    const frozen = frozenFact(
      recordParcel(await eventsOf(database, parcelId, transaction)),
      step.entity === 'nest' || step.entity === 'bundle' ? 'nest' : step.path,
    );
    if (frozen) throw new Refused([{ path: command.direction, message: frozen }]);
    const [expected, wanted] = command.direction === 'undo' ? [step.after, step.before] : [step.before, step.after];
    if (step.entity === 'nest')
      await restoreNest(database, shop, rows, person, expected as NestValue, wanted as NestValue, now, transaction);
    else if (step.entity === 'bundle') await restorePlace(database, rows, expected as Place, wanted as Place, now, transaction);
    else
      await restoreField(
        rowsOfStep(rows, step),
        step.entity as FieldEntity,
        step.path,
        expected as Side,
        wanted as Side,
        person,
        transaction,
      );
    await database.models.change.create(
      {
        id: randomUUID(),
        parcelId,
        entity: step.entity,
        about: step.about,
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

/** The rows of what a step changed; its piece may have left the parcel since. */
function rowsOfStep(rows: LockedParcel, { entity, about }: { entity: string; about: string }): LockedParcel {
  const own = entity === 'piece' ? rowsOfPiece(rows, about) : rows;
  if (!own) throw new Refused([{ path: 'piece', message: 'that piece is no longer in this parcel: nothing was taken back' }]);
  return own;
}

async function restoreField(
  rows: LockedParcel,
  entity: FieldEntity,
  path: string,
  expected: Side,
  wanted: Side,
  person: ShopView['people'][number],
  transaction: Transaction,
): Promise<void> {
  const fields: Record<string, KeptField> = rows[entity].fields;
  const changed: Record<string, KeptField> = {};
  const restore = (name: string, before: Side, after: Side) => {
    const field = fields[name]!;
    if (!sameContent(field.value, before.value))
      throw new Refused([{ path: `${entity}/${name}`, message: `${field.by} has changed it since: nothing was taken back` }]);
    changed[name] = { text: after.text, value: after.value, revision: field.revision + 1, draft: null, by: person.name, byId: person.id };
  };
  restore(path, expected, wanted);
  for (const [name, side] of Object.entries(wanted.along ?? {})) if (expected.along?.[name]) restore(name, expected.along[name], side);
  await writeFields(rows, entity, changed, transaction);
}
