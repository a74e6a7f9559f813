import { z } from 'zod';
import { sizeIn, weightLb } from './numbers.ts';

const MOST_DROPS = 50;
const MOST_CHARACTERS = 8_000_000;

/** Drops of one mass on one cushion, each an accelerometer's file; the height where it is known better than the fall tells it. */
export const dropTestRequest = z.strictObject({
  drops: z
    .array(z.strictObject({ csv: z.string().max(MOST_CHARACTERS), height: sizeIn.optional() }))
    .min(1)
    .max(MOST_DROPS),
  weight: weightLb,
  /** Of the cushion beneath it, square inches. */
  area: z.number().positive().max(1e6),
  thickness: sizeIn,
});
