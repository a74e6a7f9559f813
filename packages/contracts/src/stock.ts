import type { BoardGrade, BoxStock, DropTest, FillStock, Stockroom, TapeStock, WrapStock } from '@inch-nest/core';
import { z } from 'zod';
import { key, minor, shortText, sizeIn, triple } from './numbers.ts';

const share = z.number().min(0).max(50);
const cushionKey = z.enum([
  'smallBubble',
  'mediumBubble',
  'largeBubble',
  'jumboBubble',
  'foamSheet',
  'mouldedFill',
  'starchFill',
  'crumpledPaper',
  'airPillows',
  'foamInPlace',
  'corrugatedPad',
]);

/** So many drops of one material at most. */
export const MOST_DROP_TESTS = 50;
const positive = z.number().positive();
const dropTest = z.strictObject({
  weightLb: positive.max(500),
  areaIn2: positive.max(10_000),
  thicknessIn: positive.max(24),
  heightIn: positive.max(120),
  peakG: positive.max(2_000),
}) satisfies z.ZodType<DropTest>;
const dropTests = z.array(dropTest).max(MOST_DROP_TESTS).nullable().optional();

export const wrapStock = z.strictObject({
  key,
  name: shortText(60),
  role: z.enum(['surface', 'conform', 'cushion', 'skin', 'barrier']),
  cushion: cushionKey.nullable(),
  dropTests,
  thicknessIn: z.number().positive().max(4),
  rollWidthIn: sizeIn,
  rollLengthIn: z.number().positive().max(100_000),
  priceMinor: minor,
  lbPerFt2: share,
  minutesPerTurn: share,
  abrasive: z.boolean(),
  stiff: z.boolean().default(false),
  reused: z.boolean(),
  onHandFt2: z.number().max(1_000_000),
}) satisfies z.ZodType<WrapStock>;

export const fillStock = z.strictObject({
  key,
  name: shortText(60),
  cushion: cushionKey,
  dropTests,
  lbPerFt3: share,
  minorPerFt3: minor,
  minutesPerFt3: share,
  unitName: shortText(20),
  unitFt3: z.number().positive().max(100),
  onHandFt3: z.number().max(1_000_000),
}) satisfies z.ZodType<FillStock>;

export const boardGrade = z.strictObject({
  name: shortText(40),
  edgeCrushLbPerIn: z.number().positive().max(200),
  caliperIn: z.number().positive().max(1),
  lbPerFt2: z.number().positive().max(5),
  wall: z.enum(['single', 'double']),
}) satisfies z.ZodType<BoardGrade>;

export const boxStock = z.strictObject({
  key,
  name: shortText(60),
  insideIn: triple,
  measuredOutsideIn: triple.nullable(),
  board: boardGrade,
  priceMinor: minor,
  earlierUses: z.int().min(0).max(20),
  onHand: z.int().min(-10_000).max(1_000_000),
  style: z.enum(['slotted', 'padded', 'stiffened', 'tube']).default('slotted'),
  container: key.nullable().default(null),
}) satisfies z.ZodType<BoxStock>;

const tapeStock = z.strictObject({
  key,
  name: shortText(40),
  lbPerFt: share,
  minorPerFt: z.number().min(0).max(10_000),
  easyOff: z.boolean(),
}) satisfies z.ZodType<TapeStock>;

/** So many sizes of offcuts at most. */
export const MOST_OFFCUTS = 60;

export const stockroom = z.strictObject({
  wraps: z.array(wrapStock).max(60),
  fills: z.array(fillStock).max(40),
  boxes: z.array(boxStock).max(400),
  innerTape: tapeStock,
  outerTape: tapeStock,
  linerBoard: z
    .strictObject({
      board: boardGrade,
      minorPerFt2: z.number().min(0).max(10_000),
      onHandFt2: z.number().min(-100_000).max(1_000_000).default(0),
    })
    .nullable()
    .default(null),
  offcuts: z
    .array(z.strictObject({ lengthIn: sizeIn, widthIn: sizeIn, count: z.int().min(1).max(999) }))
    .max(MOST_OFFCUTS)
    .nullable()
    .optional(),
}) satisfies z.ZodType<Stockroom>;
