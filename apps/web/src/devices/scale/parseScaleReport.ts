import { WEIGHT_UNITS_LB, type WeightUnit } from '@inch-nest/core';
import type { ScaleReading } from './Scale.ts';

/** Bytes of a data report: status, unit, exponent, weight in two, low byte first. */
const LENGTH = 5;

/**
 * A weighing device's data report, without its report id.
 *
 * Source: HID Point of Sale Usage Tables 1.02, scales, usage page 8Dh: status 1 fault, 2 stable at zero,
 * 3 in motion, 4 stable, 5 under zero, 6 over limit, 7 needs calibration, 8 needs re-zeroing; units 2 gram,
 * 3 kilogram, 11 ounce, 12 pound; weight = value × 10^exponent, the exponent a signed byte (from memory).
 *
 * @returns pounds; `unknownUnit` for another unit, `fault` for a report too short or of no known status
 */
export function parseScaleReport(report: DataView): ScaleReading {
  if (report.byteLength < LENGTH) return { state: 'fault' };
  const status = report.getUint8(0);
  if (status === 2) return { state: 'zero' };
  if (status === 3 || status === 4) {
    const unit = UNITS[report.getUint8(1)];
    if (unit === undefined) return { state: 'unknownUnit' };
    const value = report.getUint16(3, true) * 10 ** report.getInt8(2);
    return { state: status === 4 ? 'settled' : 'moving', pounds: value * WEIGHT_UNITS_LB[unit] };
  }
  return { state: OTHERS[status] ?? 'fault' };
}

const UNITS: Readonly<Record<number, WeightUnit>> = { 2: 'g', 3: 'kg', 11: 'oz', 12: 'lb' };
const OTHERS: Readonly<Record<number, 'fault' | 'underZero' | 'overLimit' | 'needsCalibration' | 'needsZero'>> = {
  1: 'fault',
  5: 'underZero',
  6: 'overLimit',
  7: 'needsCalibration',
  8: 'needsZero',
};
