import {
  ALL_PLACES,
  FACES,
  GUARDS,
  MOST_ALIKE,
  MOST_FOLDS,
  PLAN_FORMAT,
  READY_SETS,
  type Face,
  type GuardKind,
  type Locks,
  type Order,
  type PlanChoice,
  type PlanDocument,
  type PlanRequest,
  type Stand,
} from '@inch-nest/core';
import { z } from 'zod';
import { house } from './house.ts';
import { civilDate, destination, key, minor, postcode, sizeIn, triple, uuid, weightLb } from './numbers.ts';
import { OPTIONAL_PARTS } from './optionalParts.ts';
import { pieceFacts } from './piece.ts';
import { rateCard } from './rateCard.ts';
import { stockroom } from './stock.ts';
import { stockUse } from './stockMoves.ts';

const axis = z.union([z.literal(0), z.literal(1), z.literal(2)]);
const orientation = z.tuple([axis, axis, axis]).refine((axes) => new Set(axes).size === 3, 'each axis once');
const along = z.int().min(1).max(MOST_ALIKE);
const grid = z.tuple([along, along, along]);
const layers = z
  .array(
    z.strictObject({
      material: key,
      turns: z.number().positive().max(20).multipleOf(0.5),
      doubled: z.enum(FACES as [Face, ...Face[]]).exactOptional(),
      laid: z.enum(['crossed', 'diagonal']).exactOptional(),
      bubblesOut: z.literal(true).exactOptional(),
    }),
  )
  .max(12);

/** So many different pieces go in one parcel at most. */
export const MOST_PIECES = 12;

const added = {
  guards: z.record(z.string().max(60), z.enum(Object.keys(GUARDS) as [GuardKind, ...GuardKind[]])).exactOptional(),
  filledHollows: z.array(z.string().max(60)).max(24).exactOptional(),
};

/** How different bundles stand together: nested, so deep at most that nobody tells them apart. */
const stand: z.ZodType<Stand> = z.lazy(() =>
  z.union([
    z
      .int()
      .min(0)
      .max(MOST_PIECES - 1),
    z.strictObject({ along: axis, parts: z.array(stand).min(2).max(MOST_PIECES) }),
  ]),
);

/** A box of its own round one bundle. */
const boxed = z.strictObject({ box: key, fill: key }).nullable();

/** What is chosen of one bundle. */
const bundleParts = { ...added, layers, orientation, boxed: boxed.exactOptional(), grid: grid.exactOptional() };

/** Height of a cross under the lid; 0 for none. */
const crossIn = z.union([z.literal(0), sizeIn]);

/** Some of several bundles, by their places. */
const some = z
  .array(
    z
      .number()
      .int()
      .min(0)
      .max(MOST_PIECES - 1),
  )
  .min(1)
  .max(MOST_PIECES)
  .readonly();

/** Wrap round all of several bundles, or round some. */
const around = z
  .strictObject({
    material: key,
    turns: z.number().positive().max(20).multipleOf(0.5),
    of: some.exactOptional(),
  })
  .nullable();

/** Some of several bundles in one box, or a core, beside the others. */
const shared = z.strictObject({ of: some, box: key, fill: key }).nullable();

/** What a box is shortened to. */
const shortened = z.strictObject({ side: z.enum(['length', 'width']), newIn: sizeIn }).nullable();

const at = z
  .int()
  .min(0)
  .max(MOST_PIECES - 1);
/** Folds of wrap between two bundles, each pair once. */
const between = z
  .array(z.strictObject({ pair: z.tuple([at, at]), material: key, folds: z.int().min(1).max(MOST_FOLDS) }))
  .max((MOST_PIECES * (MOST_PIECES - 1)) / 2)
  .refine((all) => all.every(({ pair: [one, other] }) => one !== other), 'a fold is between two different bundles')
  .refine((all) => new Set(all.map(({ pair }) => [...pair].sort((a, b) => a - b).join())).size === all.length, 'each two bundles once');

/** Each part of a choice by itself. */
const choiceParts = {
  ...bundleParts,
  others: z
    .array(z.strictObject(bundleParts))
    .max(MOST_PIECES - 1)
    .exactOptional(),
  stand: stand.exactOptional(),
  inner: z.strictObject({ box: key, fill: key }).nullable(),
  box: key,
  newDepthIn: sizeIn.nullable(),
  shortened: shortened.exactOptional(),
  crossIn: crossIn.exactOptional(),
  liner: z.boolean(),
  fill: key.nullable(),
  fillApart: z.partialRecord(z.enum(ALL_PLACES), key).exactOptional(),
  baseGapIn: z.number().min(0).max(60).nullable(),
  board: z.boolean(),
  cells: z.boolean().exactOptional(),
  tubes: z.boolean().exactOptional(),
  around: around.exactOptional(),
  shared: shared.exactOptional(),
  between: between.exactOptional(),
  extraFill: z.number().min(0).max(2).exactOptional(),
  service: key,
  coverAdded: z.boolean(),
  signature: z.boolean(),
};

export const planChoice = z.strictObject({
  ...choiceParts,
  newDepthIn: choiceParts.newDepthIn.default(null),
  liner: choiceParts.liner.default(false),
  board: choiceParts.board.default(false),
}) satisfies z.ZodType<PlanChoice>;

/** What may be pinned of one bundle. */
const bundleLockParts = {
  guards: z.record(z.string().max(60), z.enum(Object.keys(GUARDS) as [GuardKind, ...GuardKind[]])),
  filledHollows: z.array(z.string().max(60)).max(24),
  layers,
  orientation,
  boxed,
  grid,
  bundle: z.strictObject({ sizeIn: triple, weightLb: weightLb.nullable() }),
};

const lockParts = z
  .strictObject({
    ...bundleLockParts,
    others: z.array(z.strictObject(bundleLockParts).partial()).max(MOST_PIECES - 1),
    stand,
    extraFill: z.number().min(0).max(2),
    inner: key.nullable(),
    innerFill: key,
    box: key,
    newDepthIn: sizeIn.nullable(),
    shortened,
    crossIn,
    liner: z.boolean(),
    cells: z.boolean(),
    tubes: z.boolean(),
    around,
    shared,
    between,
    fill: key.nullable(),
    service: key,
    coverAdded: z.boolean(),
    signature: z.boolean(),
    without: z.array(key).max(100),
    method: z.enum(READY_SETS.map((set) => set.key)),
  })
  .partial();

export const locks = lockParts as z.ZodType<Locks>;

/** A change of a nest: the parts that are set, those pinned, those let go. */
export const nestChange = z.strictObject({
  set: z.strictObject(choiceParts).partial(),
  drop: z.array(z.enum(OPTIONAL_PARTS)).max(OPTIONAL_PARTS.length),
  pin: lockParts,
  unpin: z.array(lockParts.keyof()).max(30),
  /** Worked out and kept anew, though nothing of it may be changed. */
  anew: z.literal(true).exactOptional(),
});

export const order = z.strictObject({
  id: uuid,
  soldMinor: minor,
  paidMinor: minor,
  shippingCollectedMinor: minor,
  originPostcode: postcode,
  destinationPostcode: destination,
  shipDate: civilDate,
  pieces: z.array(pieceFacts).min(1).max(100),
  elsewhere: z
    .array(
      z.strictObject({
        id: uuid,
        partOf: pieceFacts.shape.partOf,
        worthMinor: minor,
        isOfSet: z.boolean().exactOptional(),
        pairs: z.int().min(2).max(MOST_ALIKE).exactOptional(),
      }),
    )
    .max(100)
    .exactOptional(),
}) satisfies z.ZodType<Order>;

/** Everything a planning depends on, as it crosses to the worker, the server or the command line. */
export const planRequest = z.strictObject({
  order,
  pieceIds: z.array(uuid).min(1).max(MOST_PIECES),
  stock: stockroom,
  house,
  cards: z.array(rateCard).min(1).max(40),
  locks,
  reserved: z.array(stockUse).max(600).exactOptional(),
  units: z.enum(['imperial', 'metric']).exactOptional(),
}) satisfies z.ZodType<PlanRequest>;

/** A stored plan: the format is checked here, the figures by `verifyPlan`. */
export const planDocument: z.ZodType<PlanDocument> = z.custom<PlanDocument>(
  (value) => {
    const parsed = z
      .looseObject({
        format: z.number(),
        coreVersion: z.string(),
        choice: planChoice,
        weight: z.looseObject({ parts: z.array(z.looseObject({})), grossLb: z.number() }),
        quote: z.looseObject({ lines: z.array(z.looseObject({ amountMinor: z.number() })) }),
        costLines: z.array(z.looseObject({ amountMinor: z.number() })),
      })
      .safeParse(value);
    return parsed.success && parsed.data.format === PLAN_FORMAT;
  },
  { error: ({ input }) => `not a plan of format ${PLAN_FORMAT} (found ${describeFormat(input)})` },
);

function describeFormat(input: unknown): string {
  const format = typeof input === 'object' && input !== null && 'format' in input ? input.format : undefined;
  return typeof format === 'number' || typeof format === 'string' ? `format ${format}` : 'none';
}
