import { CM_PER_IN, IN_PER_FT, KG_PER_LB, L_PER_FT3, M2_PER_FT2, type UnitSystem } from '@inch-nest/core';

/** Figures of a table that carry their unit in the heading: what it is called, and what one of ours is in it. */
interface Measure {
  readonly unit: string;
  readonly of: number;
}

const M_PER_FT = (IN_PER_FT * CM_PER_IN) / 100;

/** What tables of materials count in, in either system of units. */
const MEASURES = {
  plain: { imperial: { unit: '', of: 1 }, metric: { unit: '', of: 1 } },
  area: { imperial: { unit: 'ft²', of: 1 }, metric: { unit: 'm²', of: M2_PER_FT2 } },
  perArea: { imperial: { unit: 'a square foot', of: 1 }, metric: { unit: 'a square metre', of: 1 / M2_PER_FT2 } },
  volume: { imperial: { unit: 'ft³', of: 1 }, metric: { unit: 'L', of: L_PER_FT3 } },
  perVolume: { imperial: { unit: 'a cubic foot', of: 1 }, metric: { unit: '100 L', of: 100 / L_PER_FT3 } },
  density: { imperial: { unit: 'lb a ft³', of: 1 }, metric: { unit: 'kg a m³', of: (KG_PER_LB * 1000) / L_PER_FT3 } },
  perRun: { imperial: { unit: 'a foot', of: 1 }, metric: { unit: 'a metre', of: 1 / M_PER_FT } },
  pressure: { imperial: { unit: 'psi', of: 1 }, metric: { unit: 'kPa', of: (KG_PER_LB * 9.80665) / (CM_PER_IN / 100) ** 2 / 1000 } },
} as const satisfies Record<string, Record<UnitSystem, Measure>>;

export type MeasureKey = keyof typeof MEASURES;

/** A measure as one person reads it. */
export const measureOf = (key: MeasureKey, system: UnitSystem): Measure => MEASURES[key][system];
