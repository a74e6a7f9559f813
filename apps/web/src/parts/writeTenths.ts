import { CM_PER_IN, type UnitSystem } from '@inch-nest/core';

/** A length as drawings and gaps carry it: tenths, with the unit or without. */
export function writeTenths(inches: number, unit: boolean, system: UnitSystem): string {
  const value = system === 'metric' ? inches * CM_PER_IN : inches;
  const text = String(Number(value.toFixed(1)));
  return unit ? `${text} ${system === 'metric' ? 'cm' : 'in'}` : text;
}
