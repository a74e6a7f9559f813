import type { House } from '@inch-nest/core';
import { z } from 'zod';
import { minor, shortText } from './numbers.ts';

const share = z.number().min(0).max(1);
const gap = z.number().min(0).max(12);

export const house = z.strictObject({
  name: shortText(40),
  care: z.number().min(0.1).max(20),
  labourMinorPerHour: minor,
  leastGapIn: gap,
  leastInnerBoxGapIn: gap,
  snugGapIn: gap,
  overfillShare: share,
  scrapShare: share,
  innerBoxes: z.boolean(),
  openingNote: z.boolean(),
  photographs: z.boolean(),
  cover: z.enum(['byRisk', 'included', 'always']),
  signatureFromMinor: minor.nullable(),
  troubleMinutes: z.number().min(0).max(1000),
  claimAcceptedPhotographed: share,
  claimAcceptedBare: share,
  lossShare: share,
  kappa: z.strictObject({ value: z.number().positive(), low: z.number().positive(), high: z.number().positive() }),
}) satisfies z.ZodType<House>;
