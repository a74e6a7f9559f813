import {
  derivePlan,
  writeBenchSteps,
  type BenchStep,
  type BenchTestKey,
  type BundleTest,
  type PlanOption,
  type UnitSystem,
} from '@inch-nest/core';
import { heldIn, type HeldView, type ParcelView } from './parcelView.ts';
import { planRequestFor } from './planRequestFor.ts';
import type { ShopView } from './shopView.ts';

/** A kept nest as work: its steps, the tests it is due, and the plan behind them. */
export interface BenchPlan {
  steps: BenchStep[];
  /** Tests of the parcel, and those of each of several different bundles. */
  due: BenchTestKey[];
  ofBundles: BundleTest[];
  option: PlanOption;
}

/** The kept nest as steps; null where none is kept or it can no longer be carried out. The browser and the server write it alike. */
export function benchPlanFor(view: HeldView & Pick<ParcelView, 'nest'>, shop: ShopView, system: UnitSystem = 'imperial'): BenchPlan | null {
  const { choice } = view.nest;
  if (!choice) return null;
  const request = planRequestFor(view, shop);
  const derived = derivePlan(request, choice);
  if (derived.kind === 'noPlan') return null;
  const held = heldIn(view);
  const steps = writeBenchSteps(derived.option, request.house, system, {
    bundleIds: held.map(({ bundleId }) => bundleId),
    storageWrap: held.map(({ piece }) => piece.storageWrap.value),
    parts: held.map(({ piece }) =>
      piece.accessories.value.flatMap(({ id, name, count, part }) => (part === 'apart' ? [] : [{ id, name, count, fate: part }])),
    ),
    accessories: held.flatMap(({ piece }) => piece.accessories.value.map((one) => `${one.count} × ${one.name}`)),
  });
  return {
    steps,
    due: steps.flatMap((step) => (step.test && step.bundleId === undefined ? step.test.key : [])),
    ofBundles: steps.flatMap(({ test, bundleId, title }) =>
      test && bundleId !== undefined ? { test: test.key, bundleId, letters: title.split(',')[0]! } : [],
    ),
    option: derived.option,
  };
}
