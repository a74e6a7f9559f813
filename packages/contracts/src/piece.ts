import {
  ARCHETYPES,
  FACES,
  FORMS,
  GUARDS,
  HARD_POINTS,
  MOST_ALIKE,
  MOST_UNDER_GUARD,
  ORDINARY_FILLS,
  STANDING_RULES,
  type ArchetypeKey,
  type Face,
  type FormKey,
  type GuardKind,
  type HardPoint,
  type HardPointKind,
  type Hollow,
  type OrdinaryFillKey,
  type PartOf,
  type PieceFacts,
  type StandingRule,
  type WithinPiece,
} from '@inch-nest/core';
import { z } from 'zod';
import { key, minor, shortText, sizeIn, uuid, weightLb } from './numbers.ts';
import { STEADYING } from './steadying.ts';

const keysOf = <K extends string>(registry: Readonly<Record<K, unknown>>) => z.enum(Object.keys(registry) as [K, ...K[]]);

export const archetypeKey = keysOf<ArchetypeKey>(ARCHETYPES);
export const formKey = keysOf<FormKey>(FORMS);
const standingRule = keysOf<StandingRule>(STANDING_RULES);
/** One place or way of lying that is wanted, or several at once. */
export const standing = z.union([standingRule, z.array(standingRule).max(6).readonly()], {
  error: `Invalid option: expected one or several of ${Object.keys(STANDING_RULES)
    .map((rule) => `"${rule}"`)
    .join('|')}`,
});
export const finish = z.enum(['plain', 'polished', 'rubsOff', 'uncured']);
export const movingParts = z.enum(['none', 'steadied', 'shifting']);

export const hardPoint = z.strictObject({
  id: z.string().min(1).max(40),
  kind: keysOf<HardPointKind>(HARD_POINTS),
  face: z.enum(FACES as [Face, ...Face[]]),
  across: z.number().min(0).max(1),
  up: z.number().min(0).max(1),
  reachIn: z.number().min(0).max(60),
  guard: keysOf<GuardKind>(GUARDS).nullable(),
  guardLengthIn: sizeIn.nullable(),
  guardOver: z.int().min(0).max(MOST_UNDER_GUARD).nullable().exactOptional(),
}) satisfies z.ZodType<HardPoint>;

export const hollow = z.strictObject({
  id: z.string().min(1).max(40),
  name: shortText(40),
  volumeIn3: z.number().positive().max(100_000),
  filled: z.boolean(),
  material: keysOf<OrdinaryFillKey>(ORDINARY_FILLS).nullable().default(null),
}) satisfies z.ZodType<Hollow>;

const alongPlace = z.enum(['bag', 'beside', 'inner']);
/** A part or a thing that goes with the piece: ticked at the bench, taken off or left on. */
export const accessory = z.strictObject({
  id: z.string().min(1).max(40),
  name: shortText(60),
  count: z.int().min(1).max(999),
  part: z.enum(['apart', 'off', 'on', 'packer']),
  /** Of one, for what goes with the piece: left out where nobody weighed or measured it. */
  weightLb: weightLb.exactOptional(),
  sizeIn: z.tuple([sizeIn, sizeIn, sizeIn]).exactOptional(),
  place: alongPlace.exactOptional(),
});
export type Accessory = z.infer<typeof accessory>;
export const originalBox = z.enum(['none', 'kept', 'ofValue']);

export const steadying = z.array(z.enum(STEADYING)).max(STEADYING.length);

/** How a part comes off the piece it belongs to, as kept with it. */
export const partOf = z.strictObject({
  pieceId: uuid,
  after: uuid.nullable(),
  loosens: z.string().trim().max(80),
}) satisfies z.ZodType<PartOf>;

/** Into which piece of its order it goes, as kept with it. */
export const withinPiece = z.strictObject({
  pieceId: uuid,
  standsOutIn: z.union([z.literal(0), sizeIn]),
}) satisfies z.ZodType<WithinPiece>;

export const pieceFacts = z.strictObject({
  id: uuid,
  title: shortText(80),
  count: z.int().min(1).max(MOST_ALIKE).default(1),
  stackOf: z.int().min(1).max(MOST_ALIKE).default(1),
  interleaf: key.nullable().default(null),
  nestStepIn: sizeIn.nullable().default(null),
  within: withinPiece.nullable().default(null),
  beside: uuid.nullable().default(null),
  archetype: archetypeKey,
  form: formKey.nullable(),
  lengthIn: sizeIn.nullable(),
  widthIn: sizeIn.nullable(),
  heightIn: sizeIn.nullable(),
  weightLb: weightLb.nullable(),
  finish,
  dampSensitive: z.boolean(),
  keepUpright: z.boolean(),
  hardPoints: z.array(hardPoint).max(24),
  hollows: z.array(hollow).max(12),
  movingParts,
  ownBoxIn: z.tuple([sizeIn, sizeIn, sizeIn]).nullable().default(null),
  partOf: partOf.nullable().default(null),
  along: z
    .array(
      z.strictObject({
        id: z.string().min(1).max(40),
        name: shortText(60),
        count: z.int().min(1).max(999),
        weightLb: weightLb.nullable(),
        sizeIn: z.tuple([sizeIn, sizeIn, sizeIn]).nullable(),
        place: alongPlace,
      }),
    )
    .max(24)
    .default([]),
  replacementMinor: minor.nullable(),
  irreplaceable: z.boolean().default(false),
  wholeOrNothing: z.boolean().default(false),
  standing: standing.default('anywhere'),
  mostChance: z.number().positive().max(1).nullable().default(null),
}) satisfies z.ZodType<PieceFacts>;
