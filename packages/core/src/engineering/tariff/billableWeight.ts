import { KG_PER_LB, OZ_PER_LB } from '../../units/index.ts';
import type { Triple } from '../geometry/wrapLayer.ts';
import type { Service, Volumetric } from './RateCard.ts';

/** Tolerance for a weight that stands on a step: 1.000 lb is not 2 lb. */
export const ON_THE_STEP_LB = 1e-6;

/** What a service bills, and which of the two weights made it. */
export interface BillableWeight {
  readonly billableLb: number;
  readonly volumetricLb: number | null;
  readonly why: 'weight' | 'volume';
}

/**
 * Billable weight: the greater of actual and volumetric, rounded as the service does.
 *
 * Formula: volumetric = (sides rounded first) L·W·H / divisor, where the volume exceeds the threshold.
 * Common tariff divisors are 166 and 139 in³/lb; 6000 and 5000 cm³/kg are 166.08 and 138.4 exactly.
 */
export function billableWeight(service: Pick<Service, 'volumetric' | 'rounding'>, sizeIn: Triple, weightLb: number): BillableWeight {
  const volumetricLb = service.volumetric ? volumetricWeightLb(service.volumetric, sizeIn) : null;
  const byVolume = volumetricLb !== null && volumetricLb > weightLb + ON_THE_STEP_LB;
  const raw = byVolume ? volumetricLb : weightLb;
  return { billableLb: roundUpWeight(raw, service.rounding), volumetricLb, why: byVolume ? 'volume' : 'weight' };
}

/** Volumetric weight, or null below the threshold. */
export function volumetricWeightLb({ divisorIn3PerLb, aboveIn3, sideRounding }: Volumetric, sizeIn: Triple): number | null {
  const round = { up: (side: number) => Math.ceil(side - 1e-6), nearest: Math.round, none: (side: number) => side }[sideRounding];
  const [l, w, h] = sizeIn.map(round) as unknown as Triple;
  const volumeIn3 = l * w * h;
  return volumeIn3 > aboveIn3 + 1e-6 ? volumeIn3 / divisorIn3PerLb : null;
}

function roundUpWeight(weightLb: number, rounding: Service['rounding']): number {
  const step = { step: 0, ounce: 1 / OZ_PER_LB, pound: 1, halfKilogram: 0.5 / KG_PER_LB }[rounding];
  return step === 0 ? weightLb : Math.ceil((weightLb - ON_THE_STEP_LB) / step) * step;
}
