import type { House } from '@inch-nest/core';
import { z } from 'zod';
import { key, minor, shortText } from './numbers.ts';

const share = z.number().min(0).max(1);
const gap = z.number().min(0).max(12);

export const house = z.strictObject({
  name: shortText(40),
  sides: z.record(z.string().max(40), z.string().max(40)).default({}),
  care: z.number().min(0.25).max(20),
  labourMinorPerHour: minor,
  leastGapIn: gap,
  leastInnerBoxGapIn: gap,
  snugGapIn: gap,
  betweenIn: gap.default(0),
  betweenDenseIn: gap.default(2),
  overfillShare: share,
  scrapShare: share,
  innerBoxes: z.boolean(),
  floats: z.boolean().default(false),
  liners: z.enum(['never', 'mayBe', 'always']).default('never'),
  cutsDown: z.boolean().default(false),
  cores: z.boolean().default(false),
  shortens: z.boolean().default(false),
  cornerTubes: z.boolean().default(false),
  foldsBoxes: z.boolean().default(false),
  crosses: z.boolean().default(false),
  mixesFills: z.boolean().default(false),
  cells: z.boolean().default(false),
  dearestBetween: z.boolean().default(false),
  platesOnEdge: z.boolean().default(true),
  firstLayer: z.enum(['asFinish', 'tissue', 'paper', 'foam', 'none']).default('asFinish'),
  bubble: z.enum(['smallThenLarge', 'largeOnly', 'either']).default('either'),
  refusedFills: z.array(key).max(20).default([]),
  rules: z.strictObject({ softFirstLayer: z.boolean(), dampBarrier: z.boolean() }).default({ softFirstLayer: true, dampBarrier: true }),
  strongInnerTape: z.boolean().default(false),
  seams: z.enum(['crossAndSide', 'everyEdge', 'bands', 'skin']).default('crossAndSide'),
  openingNote: z.boolean(),
  photographs: z.boolean(),
  photographsHold: z.boolean().default(false),
  extraTests: z
    .array(z.enum(['bounce', 'tapeLoad']))
    .max(2)
    .default([]),
  cover: z.enum(['byRisk', 'included', 'always']),
  dearFromMinor: minor.nullable().default(null),
  customsSimplifiedToMinor: minor.default(40_000),
  signatureFromMinor: minor.nullable(),
  troubleMinutes: z.number().min(0).max(1000),
  claimAcceptedPhotographed: share,
  claimAcceptedBare: share,
  lossShare: share,
  strictGaps: z.boolean().default(false),
  mostChance: share.default(0.02),
  mostChanceIrreplaceable: share.default(0.005),
  mostChanceByKind: z.record(key, share.positive()).default({}),
  irreplaceableFromMinor: minor.nullable().default(null),
  follyShare: z.number().min(0.05).max(10).default(0.6),
  boxInBoxFromMinor: minor.default(30_000),
  kappa: z.strictObject({
    shape: z.number().positive().max(1e6).default(3),
    value: z.number().positive(),
    low: z.number().positive(),
    high: z.number().positive(),
  }),
}) satisfies z.ZodType<House>;
