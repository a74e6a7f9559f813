import {
  ARCHETYPES,
  BOARD_GRADES,
  FACES,
  GUARDS,
  HARD_POINTS,
  ORDINARY_FILLS,
  PACKING_MATERIALS,
  type BoardGradeKey,
  type Face,
  type OrdinaryFillKey,
  type PackingMaterial,
} from '@inch-nest/core';
import { z } from 'zod';
import { triple, weightLb } from './numbers.ts';
import { formKey } from './piece.ts';

// Requests of the command line that judge one fixed packing, and drop one plan.

const face = z.enum(FACES as [Face, ...Face[]]);
const gapIn = z.number().min(0).max(100);
/** The key of something, or what it is called. */
const named = <Key extends string>(registry: Readonly<Record<Key, { readonly name: string }>>, more: Readonly<Record<string, Key>> = {}) =>
  z.string().transform((given, context): Key => {
    const keys = Object.keys(registry) as Key[];
    const found = keys.find((key) => key === given || registry[key].name.toLowerCase() === given.toLowerCase()) ?? more[given];
    if (found) return found;
    context.addIssue({ code: 'custom', message: `must be one of ${keys.join(', ')}` });
    return z.NEVER;
  });
const packingMaterial = z.string().transform((given, context): PackingMaterial => {
  const found = PACKING_MATERIALS.find((key) => key === (PACKING_WORDS[given] ?? given));
  if (found) return found;
  context.addIssue({ code: 'custom', message: `must be one of ${PACKING_MATERIALS.join(', ')}` });
  return z.NEVER;
});
/** Short words for what is laid round a piece, and for bubble that fills a gap. */
const PACKING_WORDS: Readonly<Record<string, PackingMaterial>> = {
  film: 'stretchFilm',
  bag: 'dampBag',
  foamSheet: 'foamSheet8',
  card: 'backingCard',
};
const packingFill = named(ORDINARY_FILLS, { smallBubble: 'foldedSmallBubble', largeBubble: 'foldedBubble' } satisfies Record<
  string,
  OrdinaryFillKey
>);

/** Names of the axes along which a bundle is squeezed: length, width and height as it stands. */
const SQUEEZE_AXES = [
  ['length', 'x', 'l', '0'],
  ['width', 'y', 'w', '1'],
  ['height', 'z', 'h', '2'],
];
const byAxis = (given: Partial<Record<string, number>>): [number, number, number] =>
  SQUEEZE_AXES.map((names) => names.reduce((sum, name) => sum + (given[name] ?? 0), 0)) as [number, number, number];

/** One fixed packing, in the terms of the practice bands. */
export const judgeRequest = z
  .strictObject({
    piece: z.strictObject({
      kind: named(ARCHETYPES),
      form: formKey.optional(),
      size: triple,
      weight: weightLb,
      hardPoints: z
        .array(z.strictObject({ kind: named(HARD_POINTS), face, guard: named(GUARDS).nullable().default(null) }))
        .max(24)
        .default([]),
      fineFace: z.boolean().default(false),
      steadied: z.boolean().nullable().default(null),
    }),
    layers: z
      .array(
        z.strictObject({
          material: packingMaterial,
          turns: z.number().positive().max(20),
          doubled: z.partialRecord(face, z.number().min(0).max(20)).optional(),
        }),
      )
      .max(20),
    squeezedIn: z
      .partialRecord(z.enum(SQUEEZE_AXES.flat() as [string, ...string[]]), gapIn)
      .default({})
      .transform(byAxis),
    inner: z.strictObject({ fill: packingFill, gapIn: gapIn.optional() }).nullable().default(null),
    fill: packingFill.nullable(),
    gapsIn: z.union([gapIn, z.partialRecord(face, gapIn)]),
    grade: z.enum(Object.keys(BOARD_GRADES) as [BoardGradeKey, ...BoardGradeKey[]]).default('ordinary'),
    liner: z.boolean().default(false),
    board: z.boolean().default(false),
    overfill: z.number().min(0).max(0.5).default(0.06),
    /** Loosely laid fill is worth so much of its gap; true for loose paper's six tenths. */
    loose: z.union([z.boolean().transform((loose) => (loose ? 0.6 : 1)), z.number().min(0).max(1)]).default(1),
    envelope: z
      .union([z.boolean().transform((padded) => (padded ? ('padded' as const) : null)), z.enum(['padded', 'stiffened'])])
      .nullable()
      .default(null),
    card: z.enum(['none', 'one', 'both']).default('none'),
    faceCard: z.boolean().default(false),
    zone: z.int().min(0).max(9).default(5),
    grossWeight: weightLb.nullable().default(null),
    count: z.int().min(1).max(60).default(1),
  })
  .refine(({ piece, grossWeight }) => (grossWeight ?? piece.weight) <= 150, {
    path: ['grossWeight'],
    message: 'above 150 lb the published drop heights end',
  });

const stackLayer = z.strictObject({
  areaIn2: z.number().positive().max(1e6),
  thicknessIn: z.number().min(0).max(1000),
  curve: z.strictObject({ a: z.number().positive(), b: z.number().positive(), p: z.number().min(1).max(10) }),
});
const faceStack = z.strictObject({ names: z.array(z.string().max(80)).max(60), layers: z.array(stackLayer).max(60) });

/** A plan, as `plan` answers it, to be dropped once. */
export const dropRequest = z.strictObject({
  plan: z.looseObject({
    shock: z.strictObject({
      weightLb,
      criticalG: z.number().positive(),
      spread: z.number().min(0).max(3),
      ownHeightIn: z.number().min(0).max(1000),
      faces: z.strictObject({ bottom: faceStack, top: faceStack, front: faceStack, back: faceStack, left: faceStack, right: faceStack }),
    }),
  }),
  heightIn: z.number().positive().max(1000),
  face: z.enum(['corner', ...(FACES as readonly (Face | 'corner')[])]).default('bottom'),
  steps: z.int().min(2).max(1000).default(60),
});
