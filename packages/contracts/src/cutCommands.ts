import { BOARD_GRADES, FACES, type CutOrder, type Face } from '@inch-nest/core';
import { z } from 'zod';
import { sizeIn, triple } from './numbers.ts';

const drawn = { format: z.enum(['json', 'svg', 'dxf']).default('json') };
const caliper = z.number().positive().max(2);
const sides = z.tuple([sizeIn, sizeIn]);
/** What the box shop cuts: from sheet board, from a box, or from tube. */
export const cutRequest = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('cross'), inside: sides, height: sizeIn, caliper, ...drawn }),
  z.strictObject({
    kind: z.literal('cells'),
    inside: sides,
    cells: z.tuple([z.int().min(1).max(20), z.int().min(1).max(20)]),
    height: sizeIn,
    caliper,
    ...drawn,
  }),
  z
    .strictObject({
      kind: z.literal('lower'),
      box: triple,
      newDepth: sizeIn,
      caliper: caliper.default(BOARD_GRADES.ordinary.caliperIn),
      ...drawn,
    })
    .refine(({ box, newDepth }) => newDepth < box[2], { path: ['newDepth'], message: 'must be below the depth of the box' }),
  z
    .strictObject({
      kind: z.literal('shorten'),
      box: triple,
      side: z.enum(['length', 'width']),
      new: sizeIn,
      caliper: caliper.default(BOARD_GRADES.ordinary.caliperIn),
      ...drawn,
    })
    .refine(({ box, side, new: made }) => made < box[side === 'length' ? 0 : 1], {
      path: ['new'],
      message: 'must be below that side of the box',
    }),
  z
    .strictObject({
      kind: z.literal('liner'),
      inside: triple,
      caliper,
      faces: z
        .array(z.enum(FACES as [Face, ...Face[]]))
        .min(1)
        .max(6)
        .default([...FACES]),
      ...drawn,
    })
    .refine(({ inside, caliper: thick }) => Math.min(...inside) > 2 * thick, { path: ['caliper'], message: 'leaves no inside' }),
  z.strictObject({ kind: z.literal('pads'), inside: triple, count: z.int().min(1).max(50).default(1), caliper, ...drawn }),
  z.strictObject({ kind: z.literal('tubes'), inside: triple, diameter: sizeIn, gap: sizeIn, gapAcross: sizeIn.optional(), ...drawn }),
  z.strictObject({ kind: z.literal('core'), inside: triple, diameter: sizeIn, wall: caliper, ...drawn }),
  z.strictObject({ kind: z.literal('wrapAround'), inside: triple, caliper, ...drawn }),
  z.strictObject({ kind: z.literal('cap'), inside: sides, reach: sizeIn, caliper, ...drawn }),
  z.strictObject({ kind: z.literal('spacer'), gap: sizeIn, depth: sizeIn, height: sizeIn, caliper, ...drawn }),
  z.strictObject({
    kind: z.literal('rope'),
    run: sizeIn,
    part: sizeIn,
    thick: sizeIn,
    sheet: sides.default([30, 20]),
    sheetThick: caliper.default(0.0015),
    ...drawn,
  }),
  z
    .strictObject({
      kind: z.literal('collar'),
      run: sizeIn.optional(),
      radius: sizeIn.optional(),
      degrees: z.number().positive().max(360).optional(),
      diameter: sizeIn,
      bore: sizeIn,
      ...drawn,
    })
    .refine(
      ({ run, radius, degrees }) =>
        run === undefined ? radius !== undefined && degrees !== undefined : radius === undefined && degrees === undefined,
      {
        path: ['run'],
        message: 'either a straight run, or a radius with its degrees',
      },
    )
    .refine(({ bore, diameter }) => bore < diameter, { path: ['bore'], message: 'must be below the diameter' }),
]) satisfies z.ZodType<CutOrder & { format: string }>;
