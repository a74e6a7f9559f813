import {
  aboutOf,
  BENCH_TESTS,
  buyGate,
  handOverGate,
  moveGate,
  recordParcel,
  sealGate,
  type BenchTestKey,
  type BundleTest,
  type Happening,
  type LifeEvent,
} from '@inch-nest/core';
import type { Transaction } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import { Refused } from '../refusals.ts';
import { labelMoves } from './labelMoves.ts';
import { eventsOf, lockParcel } from './parcelRows.ts';

export interface NewEvent {
  id: string;
  parcelId: string;
  personId: string;
  happening: Happening;
  /** The bundle it is about, where somebody says so; the parcel's first otherwise. */
  bundleId?: string | null;
  now: Date;
  undoOf: string | null;
  /** The tests a nest must pass before it is sealed. */
  testsDue?: readonly BenchTestKey[];
  bundleTests?: readonly BundleTest[];
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
export async function appendEvent(database: ShopDatabase, event: NewEvent, transaction: Transaction): Promise<void> {
  const { models } = database;
  if (await models.event.findByPk(event.id, { transaction })) return;
  const past = await eventsOf(database, event.parcelId, transaction);
  const shut = event.gated === false ? [] : [...gateFor(event, past), ...(await movedOf(database, event, past, transaction))];
  if (shut.length > 0) throw new Refused(shut.map((message) => ({ path: event.happening.kind, message })));
  const { kind, ...body } = await stamped(database, event, transaction);
  const seq = (past.at(-1)?.seq ?? 0) + 1;
  await models.event.create(
    {
      id: event.id,
      parcelId: event.parcelId,
      seq,
      at: event.now,
      personId: event.personId,
      kind,
      body,
      undoOf: event.undoOf,
      afterChange: await lastChange(database, event.parcelId, transaction),
      ...(await idsOf(database, event, transaction)),
    },
    { transaction },
  );
  if (event.happening.kind === 'weighed' && event.happening.readingsLb.length > 0) {
    const { readingsLb, outsideIn } = event.happening;
    await models.weighing.create(
      {
        id: event.id,
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

/** The last change that was kept of a parcel: where the event stands among them. */
async function lastChange({ models }: ShopDatabase, parcelId: string, transaction: Transaction): Promise<number> {
  const last = await models.change.findOne({ where: { parcelId }, attributes: ['seq'], order: [['seq', 'desc']], transaction });
  return Number(last?.seq ?? 0);
}

/** What happened with what the house itself knows of it: a price is taken for where the parcel goes at that moment. */
async function stamped(database: ShopDatabase, { happening, parcelId }: NewEvent, transaction: Transaction): Promise<Happening> {
  if (happening.kind !== 'rated') return happening;
  const { sale } = await lockParcel(database, parcelId, transaction);
  return { ...happening, rate: { ...happening.rate, toPostcode: sale.destinationPostcode } };
}

/** A parcel that is no longer what its label was bought for does not leave. */
async function movedOf(
  database: ShopDatabase,
  { happening, parcelId }: NewEvent,
  past: LifeEvent[],
  transaction: Transaction,
): Promise<string[]> {
  if (happening.kind !== 'handedOver') return [];
  const label = await database.models.label.findOne({ where: { parcelId, state: ['bought', 'voiding'] }, transaction });
  if (!label) return [];
  if (label.state === 'voiding') return ['the label is being given back'];
  const life = recordParcel(past);
  const moves = await labelMoves(database, label, await lockParcel(database, parcelId, transaction), life.weighing, false, transaction);
  return moves.map((move) => `the label was bought for another ${move === 'contents' ? 'content' : move}: put it back, or void the label`);
}

/** The bundle or the piece that an event is about; the one it names must be of this parcel. */
async function idsOf({ models }: ShopDatabase, { parcelId, happening, bundleId }: NewEvent, transaction: Transaction) {
  const about = aboutOf(happening);
  if (about === 'parcel') return { bundleId: null, pieceId: null };
  const bundle = await models.bundle.findOne({
    where: { parcelId, ...(bundleId ? { id: bundleId } : {}) },
    order: [['position', 'asc']],
    transaction,
  });
  if (!bundle) throw new Refused([{ path: 'bundleId', message: 'this parcel has no such bundle' }]);
  return about === 'bundle' ? { bundleId: bundle.id, pieceId: null } : { bundleId: null, pieceId: bundle.pieceId };
}

/** What hands can take back at the bench; the rest is put right by what happens next. */
const TAKEN_BACK: readonly Happening['kind'][] = ['stepDone', 'testTried', 'testSkipped', 'contentsTicked', 'bundleMeasured'];

function gateFor({ happening, cardVersion, testsDue, bundleTests, undoOf }: NewEvent, past: Parameters<typeof recordParcel>[0]): string[] {
  if (happening.kind === 'takenBack') {
    const target = past.find((event) => event.id === undoOf);
    if (!target || !TAKEN_BACK.includes(target.kind)) return ['only a step or a test can be taken back'];
  } else if (undoOf !== null) return ['only what is taken back takes something back'];
  const life = recordParcel(past);
  if (happening.kind === 'takenBack' && life.sealed) return ['it is sealed: open it again first'];
  const gates: Partial<Record<Happening['kind'], () => string[]>> = {
    sealed: () => sealGate(life, testsDue ?? BENCH_TESTS, bundleTests),
    labelBought: () => buyGate(life, cardVersion ?? 0),
    handedOver: () => handOverGate(life),
  };
  const shut = gates[happening.kind]?.() ?? [];
  return shut.length > 0 ? shut : moveGate(life, happening.kind);
}
