import { CM_PER_IN, G_PER_LB, IN_PER_FT, KG_PER_LB, L_PER_FT3, M2_PER_FT2, OZ_PER_LB, type UnitSystem } from './factors.ts';

/**
 * A number of inches in sixteenths, as a rule is read: `6 1/4`. Not exact: nearest sixteenth.
 *
 * @example formatSixteenths(6.25) // '6 1/4'
 */
export function formatSixteenths(inches: number): string {
  const sixteenths = Math.round(Math.abs(inches) * 16);
  const whole = Math.floor(sixteenths / 16);
  let over = sixteenths % 16;
  let under = 16;
  while (over > 0 && over % 2 === 0) {
    over /= 2;
    under /= 2;
  }
  const sign = inches < 0 && sixteenths > 0 ? '−' : '';
  if (over === 0) return `${sign}${whole}`;
  return `${sign}${whole > 0 ? `${whole} ` : ''}${over}/${under}`;
}

/** A length for a person: `6 1/4 in` or `15.9 cm`. */
export function formatLength(inches: number, system: UnitSystem = 'imperial'): string {
  return system === 'metric' ? `${(inches * CM_PER_IN).toFixed(1)} cm` : `${formatSixteenths(inches)} in`;
}

/**
 * A length to tear off a roll: up to the next half inch, or whole centimetre, since a hand tears no sixteenths and too short
 * is torn twice. What is reckoned goes by the exact length.
 */
export const formatTear = (inches: number, system: UnitSystem = 'imperial'): string =>
  system === 'metric' ? `${Math.ceil(inches * CM_PER_IN - 1e-6)} cm` : formatLength(Math.ceil(inches * 2 - 1e-6) / 2, system);

/** How thick board is for a person, finer than a ruler shows: `0.156 in` or `4.0 mm`. */
export const formatCaliper = (inches: number, system: UnitSystem = 'imperial'): string =>
  system === 'metric' ? `${(inches * CM_PER_IN * 10).toFixed(inches < FILM_IN ? 3 : 1)} mm` : `${Number(inches.toFixed(3))} in`;
/** Thinner than this is a film, and told in thousandths of a millimetre. */
const FILM_IN = 0.005;

/** A size for a person: `9 × 6 1/4 × 6 in`, and `? × ? × 18 in` where sides are not known. */
export function formatSize(inches: readonly (number | null)[], system: UnitSystem = 'imperial'): string {
  const one = (side: number | null) => (side === null ? '?' : system === 'metric' ? (side * CM_PER_IN).toFixed(1) : formatSixteenths(side));
  return `${inches.map(one).join(' × ')} ${system === 'metric' ? 'cm' : 'in'}`;
}

/** A weight for a person, to the tenth of an ounce: `2 lb 3.5 oz`, or `918 g`, `1.04 kg`. */
export function formatWeight(pounds: number, system: UnitSystem = 'imperial'): string {
  if (system === 'metric') {
    const grams = Math.round(pounds * G_PER_LB);
    return grams < 1000 ? `${grams} g` : `${(grams / 1000).toFixed(2)} kg`;
  }
  const tenths = Math.round(pounds * OZ_PER_LB * 10);
  const whole = Math.floor(tenths / (OZ_PER_LB * 10));
  const ounces = (tenths - whole * OZ_PER_LB * 10) / 10;
  if (whole === 0) return `${ounces} oz`;
  return ounces === 0 ? `${whole} lb` : `${whole} lb ${ounces} oz`;
}

/** A volume for a person: `0.8 ft³` or `23 L`. */
export const formatVolume = (cubicFeet: number, system: UnitSystem = 'imperial', digits = 1): string =>
  system === 'metric' ? `${(cubicFeet * L_PER_FT3).toFixed(Math.max(0, digits - 1))} L` : `${cubicFeet.toFixed(digits)} ft³`;

/** Edge crush of board for a person, from lbf/in (TAPPI T 811): `44 lb/in` or `7.7 kN/m` (ISO 3037). */
export const formatEdgeCrush = (lbPerIn: number, system: UnitSystem = 'imperial'): string =>
  system === 'metric' ? `${((lbPerIn * KG_PER_LB * STANDARD_GRAVITY) / CM_PER_IN / 10).toFixed(1)} kN/m` : `${Math.round(lbPerIn)} lb/in`;
/** m/s²; by definition. */
const STANDARD_GRAVITY = 9.80665;

/** A run of tape or sheet for a person: `12.5 ft` or `3.8 m`. */
export const formatRun = (feet: number, system: UnitSystem = 'imperial'): string =>
  system === 'metric' ? `${((feet * IN_PER_FT * CM_PER_IN) / 100).toFixed(1)} m` : `${feet.toFixed(1)} ft`;

/** An area of sheet for a person: `12.5 ft²` or `1.16 m²`. */
export const formatArea = (squareFeet: number, system: UnitSystem = 'imperial'): string =>
  system === 'metric' ? `${(squareFeet * M2_PER_FT2).toFixed(2)} m²` : `${squareFeet.toFixed(1)} ft²`;
