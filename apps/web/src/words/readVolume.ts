import { parseQuantity, type UnitSystem } from '@inch-nest/core';

const MOST_IN3 = 100_000;
const CM3_PER_IN3 = 2.54 ** 3;

/**
 * A hollow's room as people say it: three sides, or one number of cubic inches (cubic centimetres for whoever
 * works in metric).
 *
 * @returns cubic inches, or null where it is not understood or out of bounds
 */
export function readVolume(text: string, system: UnitSystem): number | null {
  const plain = /^\s*(\d+(?:\.\d+)?)\s*(in3|in³|cubic in(?:ches)?|cm3|cm³|ml)?\s*$/i.exec(text);
  const metric = plain?.[2] ? /^(cm|ml)/i.test(plain[2]) : system === 'metric';
  const quantity = plain ? null : parseQuantity(text, system);
  const inches = plain
    ? Number(plain[1]) / (metric ? CM3_PER_IN3 : 1)
    : quantity?.kind === 'dimensions' && quantity.inches.length === 3
      ? quantity.inches.reduce((product, side) => product * side, 1)
      : null;
  return inches !== null && inches > 0 && inches <= MOST_IN3 ? inches : null;
}

/** A volume as it would be typed. */
export const writeVolume = (in3: number, system: UnitSystem): string =>
  system === 'metric' ? `${Math.round(in3 * CM3_PER_IN3)} cm³` : `${Number(in3.toPrecision(3))} in³`;
