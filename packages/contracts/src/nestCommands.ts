import { MOST_ALIKE } from '@inch-nest/core';
import { z } from 'zod';
import { house } from './house.ts';
import { civilDate, destination, minor, postcode, sizeIn, triple, weightLb } from './numbers.ts';
import { cutRequest } from './cutCommands.ts';
import { dropTestRequest } from './dropTestCommand.ts';
import { dropRequest, judgeRequest } from './judgeCommands.ts';
import { archetypeKey, finish, formKey, hardPoint, hollow, movingParts, pieceFacts, standing, withinPiece } from './piece.ts';
import { locks, MOST_PIECES } from './plan.ts';
import { rateCard } from './rateCard.ts';
import { stockroom } from './stock.ts';

// Requests of the command line, one JSON document each. Numbers are inches, pounds, psi, cents.

const thickness = z.number().positive().max(100);
const curve = { a: z.number().positive().max(1e6), b: z.number().positive().max(1e6), p: z.number().min(1).max(10) };
const shockLayer = z.strictObject({ area: z.number().positive().max(1e6), thickness, ...curve });

const parseRequest = z
  .strictObject({
    text: z.string().max(1000).optional(),
    /** A whole sale on one line. */
    sale: z.string().max(1000).optional(),
    units: z.enum(['imperial', 'metric']).default('imperial'),
    /** The day by which a day of the week is meant. */
    today: civilDate.default('2026-01-01'),
  })
  .refine(({ text, sale }) => (text === undefined) !== (sale === undefined), { path: ['text'], message: 'give one of text and sale' });

const wrapRequest = z.strictObject({
  form: z.enum(['block', 'cylinder']),
  size: triple,
  layers: z
    .array(z.strictObject({ thickness, turns: z.number().positive().max(100).multipleOf(0.5), rollWidth: sizeIn }))
    .min(1)
    .max(40),
});

const shockRequest = z
  .strictObject({
    weight: weightLb,
    layers: z.array(shockLayer).min(1).max(40),
    dropHeight: sizeIn.optional(),
    peakG: z.number().positive().max(1e6).optional(),
  })
  .refine(({ dropHeight, peakG }) => (dropHeight === undefined) !== (peakG === undefined), {
    path: ['dropHeight'],
    message: 'give one of dropHeight and peakG',
  });

const curveRequest = z.strictObject({
  bestStaticStress: z.number().positive().max(1000),
  leastG: z.number().positive().max(1e5),
  dropHeight: sizeIn,
  thickness,
});

const crushRequest = z.strictObject({
  ect: z.number().positive().max(400),
  caliper: z.number().positive().max(2),
  size: triple,
  factors: z.array(z.number().positive().max(10)).max(20).default([]),
  wall: z.enum(['single', 'double']).optional(),
});

const journeyRequest = z
  .strictObject({
    weight: weightLb,
    grossWeight: z.number().positive().max(150).optional(),
    zone: z.int().min(0).max(9),
    criticalG: z.number().positive().max(1e5),
    spread: z.number().min(0).max(3),
    ownHeightIn: z.number().min(0).max(1000).default(0),
    faces: z
      .array(z.strictObject({ chance: z.number().min(0).max(1), layers: z.array(shockLayer).max(40) }))
      .min(1)
      .max(12),
    simulate: z.strictObject({ journeys: z.int().min(1).max(1_000_000), seed: z.int() }).optional(),
  })
  .refine(({ faces }) => Math.abs(faces.reduce((sum, face) => sum + face.chance, 0) - 1) <= 1e-6, {
    path: ['faces'],
    message: 'the chances must sum to 1',
  })
  .refine(({ weight, grossWeight }) => (grossWeight ?? weight) <= 150, {
    path: ['weight'],
    message: 'above 150 lb the published drop heights end',
  });

const rateRequest = z.strictObject({
  card: rateCard,
  parcel: z.strictObject({
    size: triple,
    weight: weightLb,
    from: postcode,
    to: destination,
    shipDate: civilDate,
    /** Local time at which it is ready; later than the cut-off it goes the next collection day. */
    readyAt: z
      .string()
      .regex(/^([01]\d|2[0-3]):[0-5]\d$/)
      .nullable()
      .default(null),
    value: minor.default(0),
    options: z
      .strictObject({
        cover: z.boolean().default(false),
        signature: z.boolean().default(false),
        container: z.string().min(1).max(60).nullable().default(null),
        nonRectangular: z.boolean().default(false),
        goods: z
          .union([archetypeKey, z.array(archetypeKey).max(MOST_PIECES)])
          .nullable()
          .default(null),
      })
      .prefault({}),
  }),
});

const packRequest = z.strictObject({
  box: triple,
  gap: z.number().min(0).max(100).default(0),
  between: z.number().min(0).max(100).default(0),
  pieces: z
    .array(
      z.strictObject({ id: z.string().min(1).max(60), size: triple, upright: z.boolean().default(false), weight: weightLb.default(1) }),
    )
    .min(1)
    .max(200)
    .refine((pieces) => new Set(pieces.map((piece) => piece.id)).size === pieces.length, 'each piece has an id of its own'),
});

const cardRequest = z
  .strictObject({ card: rateCard.optional(), csv: z.record(z.string().max(40), z.string().max(2_000_000)).optional() })
  .refine(({ card, csv }) => (card === undefined) !== (csv === undefined), { path: ['card'], message: 'give one of card and csv' });

const side = sizeIn.nullable();
const piece = {
  title: z.string().min(1).max(80).default('piece'),
  count: z.int().min(1).max(MOST_ALIKE).default(1),
  stackOf: z.int().min(1).max(MOST_ALIKE).default(1),
  /** The wrap that lies between each two of a stack, by its key in the stock. */
  interleaf: pieceFacts.shape.interleaf,
  nestStep: pieceFacts.shape.nestStepIn,
  /** Into which other of the pieces and parts it goes, by its title, and by how much it stands out of that. */
  within: z
    .strictObject({ piece: z.string().min(1).max(80), standsOut: withinPiece.shape.standsOutIn.default(0) })
    .nullable()
    .default(null),
  /** The other that it is to stand next to, by its title. */
  beside: z.string().min(1).max(80).nullable().default(null),
  archetype: archetypeKey,
  form: formKey.nullable().default(null),
  size: z.tuple([side, side, side]),
  weight: weightLb.nullable(),
  finish: finish.default('plain'),
  dampSensitive: z.boolean().default(false),
  keepUpright: z.boolean().default(false),
  hardPoints: z.array(hardPoint).max(24).default([]),
  hollows: z.array(hollow).max(12).default([]),
  movingParts: movingParts.default('none'),
  accessories: pieceFacts.shape.along,
  ownBox: pieceFacts.shape.ownBoxIn,
  value: minor.nullable().default(null),
  irreplaceable: z.boolean().default(false),
  wholeOrNothing: z.boolean().default(false),
  standing: standing.default('anywhere'),
  mostChance: z.number().positive().max(1).nullable().default(null),
};
/** A part that comes off and travels by itself: after which other, by its title, and what loosens with it. */
const part = z.strictObject({
  ...piece,
  after: z.string().min(1).max(80).nullable().default(null),
  loosens: z.string().max(80).default(''),
});
const planRequest = z
  .strictObject({
    piece: z.strictObject(piece).optional(),
    /** Several that go in one parcel, each with its parts. */
    pieces: z
      .array(
        z.strictObject({
          ...piece,
          parts: z
            .array(part)
            .max(MOST_PIECES - 1)
            .default([]),
        }),
      )
      .min(1)
      .max(MOST_PIECES)
      .optional(),
    stock: stockroom,
    house,
    card: rateCard,
    from: postcode,
    to: destination,
    shipDate: civilDate,
    sale: minor,
    locks: locks.default({}),
    search: z.enum(['pruned', 'every']).default('pruned'),
  })
  .refine((asked) => (asked.piece === undefined) !== (asked.pieces === undefined), {
    path: ['piece'],
    message: 'give one of piece and pieces',
    // said whatever else is missing
    when: ({ value }) => typeof value === 'object' && value !== null,
  })
  .refine(({ pieces = [] }) => pieces.reduce((sum, { parts }) => sum + 1 + parts.length, 0) <= MOST_PIECES, {
    path: ['pieces'],
    message: `at most ${MOST_PIECES} different pieces and parts go in one parcel`,
  })
  .refine(
    ({ pieces = [] }) =>
      pieces.reduce((sum, { count, parts }) => parts.reduce((all, one) => all + one.count, sum + count), 0) <= MOST_ALIKE,
    {
      path: ['pieces'],
      message: `at most ${MOST_ALIKE} pieces go in one parcel`,
    },
  );

/** The command line's requests by command. */
export const NEST_COMMANDS = {
  parse: parseRequest,
  wrap: wrapRequest,
  shock: shockRequest,
  curve: curveRequest,
  crush: crushRequest,
  journey: journeyRequest,
  rate: rateRequest,
  pack: packRequest,
  card: cardRequest,
  cut: cutRequest,
  plan: planRequest,
  judge: judgeRequest,
  bands: z.strictObject({}),
  drop: dropRequest,
  dropTest: dropTestRequest,
} as const;

export type NestCommand = keyof typeof NEST_COMMANDS;
export type NestRequest<Command extends NestCommand> = z.infer<(typeof NEST_COMMANDS)[Command]>;
