import { BENCH_TESTS, buyGate, handOverGate, recordParcel, sealGate, type BenchTestKey, type Happening } from '@inch-nest/core';
import type { Transaction } from 'sequelize';
import type { Database } from '../database.ts';
import { Refused } from '../refusals.ts';
import { eventsOf } from './parcelRows.ts';

export interface NewEvent {
  id: string;
  shopId: string;
  parcelId: string;
  personId: string;
  happening: Happening;
  now: Date;
  undoOf: string | null;
  /** The tests a nest must pass before it is sealed. */
  testsDue?: readonly BenchTestKey[];
  /** Version of the rated card in force, for the gate before buying. */
  cardVersion?: number;
  /** False for what has happened already, whatever a gate would have said. */
  gated?: boolean;
}

/**
 * Appends an event, once: the same id again changes nothing. The caller holds the parcel's lock.
 *
 * @throws Refused when one of the three gates is shut
 */
export async function appendEvent(database: Database, event: NewEvent, transaction: Transaction): Promise<void> {
  const { models } = database;
  if (await models.event.findByPk(event.id, { transaction })) return;
  const past = await eventsOf(database, event.parcelId, transaction);
  const shut = event.gated === false ? [] : gateFor(event, past);
  if (shut.length > 0) throw new Refused(shut.map((message) => ({ path: event.happening.kind, message })));
  const { kind, ...body } = event.happening;
  const seq = (past.at(-1)?.seq ?? 0) + 1;
  await models.event.create(
    {
      id: event.id,
      shopId: event.shopId,
      parcelId: event.parcelId,
      seq,
      at: event.now,
      personId: event.personId,
      kind,
      body,
      undoOf: event.undoOf,
    },
    { transaction },
  );
  if (event.happening.kind === 'weighed' && event.happening.readingsLb.length > 0) {
    const { readingsLb, outsideIn } = event.happening;
    await models.weighing.create(
      {
        id: event.id,
        shopId: event.shopId,
        parcelId: event.parcelId,
        readingsLb: [...readingsLb],
        weightLb: Math.max(...readingsLb),
        outsideIn,
      },
      { transaction },
    );
  }
  const life = recordParcel(await eventsOf(database, event.parcelId, transaction));
  await models.parcel.update({ state: life.state }, { where: { id: event.parcelId }, transaction });
  await models.parcel.increment('revision', { where: { id: event.parcelId }, transaction });
}

/** What hands can take back at the bench; the rest is put right by what happens next. */
const TAKEN_BACK: readonly Happening['kind'][] = ['stepDone', 'testTried', 'testSkipped', 'contentsTicked', 'bundleMeasured'];

function gateFor({ happening, cardVersion, testsDue, undoOf }: NewEvent, past: Parameters<typeof recordParcel>[0]): string[] {
  if (happening.kind === 'takenBack') {
    const target = past.find((event) => event.id === undoOf);
    if (!target || !TAKEN_BACK.includes(target.kind)) return ['only a step or a test can be taken back'];
  } else if (undoOf !== null) return ['only what is taken back takes something back'];
  const life = recordParcel(past);
  if (happening.kind === 'sealed') return sealGate(life, testsDue ?? BENCH_TESTS);
  if (happening.kind === 'labelBought') return buyGate(life, cardVersion ?? 0);
  if (happening.kind === 'handedOver') return handOverGate(life);
  return [];
}
