/**
 * Exact conversion factors.
 *
 * Source: international yard and pound agreement, 1959 (exact by definition).
 */
export const MM_PER_IN = 25.4;
export const CM_PER_IN = 2.54;
export const IN_PER_FT = 12;
export const OZ_PER_LB = 16;
export const G_PER_LB = 453.59237;
export const KG_PER_LB = 0.45359237;
export const IN3_PER_FT3 = 1728;
export const IN2_PER_FT2 = 144;
/** Litres in a cubic foot and square metres in a square foot: 12 in of 2.54 cm, cubed and squared. */
export const L_PER_FT3 = 28.316846592;
export const M2_PER_FT2 = 0.09290304;

/** Inches in one of the length unit named. */
export const LENGTH_UNITS_IN: Readonly<Record<LengthUnit, number>> = {
  in: 1,
  ft: IN_PER_FT,
  mm: 1 / MM_PER_IN,
  cm: 1 / CM_PER_IN,
  m: 100 / CM_PER_IN,
};

/** Pounds in one of the weight unit named. */
export const WEIGHT_UNITS_LB: Readonly<Record<WeightUnit, number>> = {
  lb: 1,
  oz: 1 / OZ_PER_LB,
  kg: 1 / KG_PER_LB,
  g: 1 / G_PER_LB,
};

export type LengthUnit = 'in' | 'ft' | 'mm' | 'cm' | 'm';
export type WeightUnit = 'lb' | 'oz' | 'kg' | 'g';
export type UnitSystem = 'imperial' | 'metric';
