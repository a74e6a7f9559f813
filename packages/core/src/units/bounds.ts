/** Bounds of the model: 0 < size ≤ 1000 in, 0 < weight ≤ 2000 lb. */
export const MAX_SIZE_IN = 1000;
export const MAX_WEIGHT_LB = 2000;

/**
 * The number itself, once it is known to be usable.
 *
 * @param quantity name used in the message, with its unit
 * @param value the number to check
 * @param above lowest value, excluded
 * @param most highest value, included
 * @returns `value`
 * @throws RangeError naming quantity and value when it is not finite or out of bounds
 */
export function requireWithin(quantity: string, value: number, above: number, most: number): number {
  if (!Number.isFinite(value) || value <= above || value > most) {
    throw new RangeError(`${quantity} must be above ${above} and at most ${most}, not ${value}`);
  }
  return value;
}

/** A size in inches within the model's bounds; throws RangeError otherwise. */
export const requireSizeIn = (quantity: string, value: number): number => requireWithin(quantity, value, 0, MAX_SIZE_IN);

/** A weight in pounds within the model's bounds; throws RangeError otherwise. */
export const requireWeightLb = (quantity: string, value: number): number => requireWithin(quantity, value, 0, MAX_WEIGHT_LB);
