import { derivePlan, writeBenchSteps, type BenchStep, type BenchTestKey, type PlanOption, type UnitSystem } from '@inch-nest/core';
import type { ParcelView } from './parcelView.ts';
import { planRequestFor } from './planRequestFor.ts';
import type { ShopView } from './shopView.ts';

/** A kept nest as work: its steps, the tests it is due, and the plan behind them. */
export interface BenchPlan {
  steps: BenchStep[];
  due: BenchTestKey[];
  option: PlanOption;
}

/** The kept nest as steps; null where none is kept or it can no longer be carried out. The browser and the server write it alike. */
export function benchPlanFor(
  view: Pick<ParcelView, 'saleId' | 'bundleId' | 'pieceId' | 'sale' | 'piece' | 'nest'>,
  shop: ShopView,
  system: UnitSystem = 'imperial',
): BenchPlan | null {
  const { choice } = view.nest;
  if (!choice) return null;
  const request = planRequestFor(view, shop);
  const derived = derivePlan(request, choice);
  if (derived.kind === 'noPlan') return null;
  const steps = writeBenchSteps(derived.option, request.house, system, {
    bundleIds: [view.bundleId],
    storageWrap: [view.piece.storageWrap.value],
    accessories: view.piece.accessories.value.map((one) => `${one.count} × ${one.name}`),
  });
  return { steps, due: steps.flatMap((step) => step.test?.key ?? []), option: derived.option };
}
