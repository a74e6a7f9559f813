import {
  BENCH_TESTS,
  MOST_ALIKE,
  MOST_MARK_TEXT,
  MOST_MARKS,
  OVERRULE_REASONS,
  READY_SETS,
  RETURN_FINDINGS,
  SEALS_FOUND,
  type BenchTestKey,
  type Happening,
  type OverruleReason,
  type PictureMark,
  type ReadySet,
  type ReturnFinding,
  type SealFound,
} from '@inch-nest/core';
import { z } from 'zod';
import { stockUse } from './stockMoves.ts';
import { civilDate, instant, minor, postcode, shortText, sizeIn, triple, uuid, weightLb } from './numbers.ts';
import { PAPER_KINDS } from './papers.ts';
import { PAST_SORTS } from './parcelView.ts';
import { ROLES } from './permissions.ts';
import type { PERSON_CELLS } from './shopParts.ts';
import { code, newPassword } from './signIn.ts';
import { MOST_PIECES } from './plan.ts';
import type { ShopFacts } from './shopView.ts';

/** Commands a screen sends; each carries who does it, and an id made where it was born. */
const by = { personId: uuid };

export const startParcel = z.strictObject({ ...by, id: uuid, line: z.string().max(500) });

export const takeBack = z.strictObject({ ...by, direction: z.enum(['undo', 'redo']) });

const benchTest = z.enum(BENCH_TESTS as [BenchTestKey, ...BenchTestKey[]]);

const rate = z.strictObject({
  service: shortText(60),
  serviceName: shortText(60),
  cardId: shortText(60),
  cardVersion: z.int().min(0).max(1_000_000),
  weightLb,
  outsideIn: triple,
  priceMinor: minor,
  coverAdded: z.boolean(),
  signature: z.boolean(),
});

const share = z.number().min(0).max(1);
const spot = z.tuple([share, share]);
/** What is drawn upon a picture. */
const pictureMark = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('ring'), at: spot, size: spot }),
  z.strictObject({ kind: z.literal('arrow'), from: spot, to: spot }),
  z.strictObject({ kind: z.literal('word'), at: spot, text: shortText(MOST_MARK_TEXT) }),
]) satisfies z.ZodType<PictureMark>;

/** What a screen may report; labels are bought by a command of their own. */
export const happening = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('weighed'),
    readingsLb: z.array(weightLb).max(3),
    outsideIn: z.tuple([sizeIn, sizeIn, sizeIn]).nullable(),
    open: z.boolean().exactOptional(),
  }),
  z.strictObject({ kind: z.literal('rated'), rate }),
  z.strictObject({ kind: z.literal('tagMatched') }),
  z.strictObject({ kind: z.literal('printed'), papers: z.array(z.enum(PAPER_KINDS)).min(1).max(PAPER_KINDS.length) }),
  z.strictObject({
    kind: z.literal('stepDone'),
    step: shortText(160),
    phase: z.enum(['bundle', 'box', 'closing']),
    seconds: z.number().min(0).max(86_400),
    used: z
      .array(
        z.strictObject({
          kind: z.enum(['wrap', 'fill']),
          key: shortText(60),
          planned: z.number().positive().max(10_000),
          amount: z.number().min(0).max(10_000),
        }),
      )
      .max(12),
  }),
  z.strictObject({ kind: z.literal('contentsTicked'), items: z.array(shortText(60)).max(60) }),
  z.strictObject({ kind: z.literal('bundleMeasured'), sizeIn: triple, weightLb: weightLb.nullable() }),
  z.strictObject({ kind: z.literal('testTried'), test: benchTest, result: z.enum(['passed', 'failed']) }),
  z.strictObject({ kind: z.literal('testSkipped'), test: benchTest, reason: shortText(200) }),
  z.strictObject({ kind: z.literal('remedied'), test: benchTest, remedy: shortText(200) }),
  z.strictObject({ kind: z.literal('contentChanged'), what: shortText(200) }),
  z.strictObject({ kind: z.literal('brokenAtBench'), note: shortText(300), costMinor: minor }),
  z.strictObject({ kind: z.literal('sealed') }),
  z.strictObject({
    kind: z.literal('sealOpened'),
    reason: shortText(200),
    reused: z.array(stockUse.extend({ amount: stockUse.shape.amount.max(10_000) })).max(20),
  }),
  z.strictObject({ kind: z.literal('takenBack') }),
  z.strictObject({ kind: z.literal('photoMarked'), photoId: uuid, marks: z.array(pictureMark).max(MOST_MARKS) }),
  z.strictObject({ kind: z.enum(['handedOver', 'delivered', 'damaged', 'lost', 'returned']) }),
  z.strictObject({
    kind: z.literal('returnLookedAt'),
    serial: shortText(60).nullable(),
    seal: z.enum(SEALS_FOUND as [SealFound, ...SealFound[]]),
    finding: z.enum(RETURN_FINDINGS as [ReturnFinding, ...ReturnFinding[]]),
  }),
  z.strictObject({ kind: z.literal('overruled'), planId: uuid, reason: z.enum(OVERRULE_REASONS as [OverruleReason, ...OverruleReason[]]) }),
]) satisfies z.ZodType<Happening>;

export const reportEvent = z.strictObject({
  ...by,
  eventId: uuid,
  happening,
  /** The bundle or the piece it is about; the parcel's first where it is left out. */
  bundleId: uuid.nullable().default(null),
  /** The event it takes back. */
  undoOf: uuid.nullable().default(null),
  /** When it was done, where that was before it could be told. */
  at: instant.nullable().default(null),
});

/** A rate card is taken out of force, or put back in. */
export const withdrawal = z.strictObject({ ...by, withdrawn: z.boolean() });

export const labelCommand = z.discriminatedUnion('act', [
  z.strictObject({ ...by, act: z.literal('buy') }),
  z.strictObject({ ...by, act: z.literal('ask') }),
  /** A label got from a carrier of one’s own choice, by its number. */
  z.strictObject({ ...by, act: z.literal('byHand'), tracking: shortText(40) }),
  z.strictObject({ ...by, act: z.literal('void'), labelId: uuid }),
]);

/** Shows where the buyer lives, which is noted, or keeps it. */
export const addressCommand = z.discriminatedUnion('act', [
  z.strictObject({ ...by, act: z.literal('show'), eventId: uuid }),
  z.strictObject({
    ...by,
    act: z.literal('keep'),
    name: shortText(80),
    lines: z.array(shortText(80)).min(1).max(5),
    /** The revision the person saw. */
    basedOn: z.int().min(0),
  }),
]);

/** What past parcels are asked for, as it stands in an address. */
export const pastFilter = z.strictObject({
  text: z.string().max(100).optional(),
  code: z.string().max(20).optional(),
  tag: z.string().max(40).optional(),
  state: z.string().max(20).optional(),
  bin: z.string().max(12).optional(),
  tracking: z.string().max(40).optional(),
  from: civilDate.optional(),
  to: civilDate.optional(),
  sort: z.enum(PAST_SORTS).optional(),
  down: z.literal('1').optional(),
  after: z.string().max(80).optional(),
});

/** One more piece for a parcel, as a line; the id is its bundle's. It may be a part that comes off a piece that is in it. */
export const addPiece = z.strictObject({
  ...by,
  act: z.literal('add'),
  id: uuid,
  line: z.string().trim().min(1).max(1000),
  partOf: uuid.exactOptional(),
});
/** Bundles go aside, or into another parcel to the same buyer. */
export const moveBundles = z.strictObject({
  ...by,
  act: z.literal('move'),
  bundleIds: z.array(uuid).min(1).max(MOST_PIECES),
  to: z.union([z.literal('aside'), uuid]),
});
/** What goes of a bundle: so many of its alike pieces, all of them where no count is said. */
const lotPart = z.strictObject({ bundleId: uuid, count: z.int().min(1).max(MOST_ALIKE).exactOptional() });
/** Each lot goes into a parcel of its own; what is in none stays. */
export const splitParcel = z.strictObject({
  ...by,
  act: z.literal('split'),
  lots: z.array(z.array(lotPart).min(1).max(MOST_PIECES)).min(1).max(MOST_PIECES),
});
/** So many of a bundle's alike pieces are a bundle of their own from now on, in the same parcel. */
export const dividePiece = z.strictObject({ ...by, act: z.literal('divide'), bundleId: uuid, count: z.int().min(1).max(MOST_ALIKE) });
export const regroup = z.discriminatedUnion('act', [addPiece, moveBundles, splitParcel, dividePiece]);

/** Puts parcels to one buyer together as 1 of n, or takes one out by naming it alone. */
export const putTogether = z.strictObject({ ...by, parcelIds: z.array(uuid).min(1).max(20) });

/** Asks a carrier to fetch what is ready for it on a day. */
export const askPickup = z.strictObject({ ...by, id: uuid, cardId: shortText(60), day: civilDate });

/** What is known of a shop beside its rules and its stock, each by itself. */
export const shopFacts = {
  name: shortText(60),
  currency: z
    .string()
    .regex(/^[A-Z]{3}$/, 'a currency has three letters, like USD')
    .refine(isCurrency, 'not a currency'),
  zone: z.string().max(60).refine(isZone, 'not a time zone'),
  originPostcode: postcode,
  paper: z.enum(['letter', 'a4']),
  lastCutOff: z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'a time like 16:00'),
} satisfies Record<keyof ShopFacts, z.ZodType>;

/** What is known of somebody who packs. */
export const personFacts = {
  name: shortText(40),
  system: z.enum(['imperial', 'metric'], 'inches or centimetres'),
  role: z.enum(ROLES, 'owner, planner, packer or looker-on'),
  seesMoney: z.boolean(),
  sends: z.boolean(),
  gone: z.boolean(),
} satisfies Record<(typeof PERSON_CELLS)[number], z.ZodType>;
/** Somebody who comes: she packs, until an owner gives her more. */
export const newPerson = z.strictObject({
  ...personFacts,
  role: personFacts.role.default('packer'),
  seesMoney: z.boolean().default(false),
  sends: z.boolean().default(false),
  gone: z.boolean().default(false),
});
export const MOST_PEOPLE = 30;
/** A name as it is told apart from others: two of one name nobody could. */
export const likeName = (name: string): string => name.trim().toLowerCase();
export const ONE_NAME = 'two people of one name';

/** A shop that is made at the first start: what it is, who packs in it, and how. */
export const firstShop = z.strictObject({
  facts: z.strictObject(shopFacts),
  people: z
    .array(z.strictObject({ name: personFacts.name, system: personFacts.system }))
    .min(1, 'somebody packs there')
    .max(MOST_PEOPLE)
    .refine((people) => new Set(people.map(({ name }) => likeName(name))).size === people.length, ONE_NAME),
  set: z.enum(READY_SETS.map(({ key }) => key) as [ReadySetKey, ...ReadySetKey[]]),
  /** By which the first of them, who owns it, signs in. */
  password: newPassword,
  /** What the machine printed, where it is made from another one. */
  code: code.optional(),
  /** Ordinary wraps and fills are listed, none of them on hand. */
  materials: z.boolean(),
});

/** What a photograph comes with; the picture itself is the body. */
export const addPhoto = z.strictObject({
  ...by,
  id: uuid,
  of: z.enum(['piece', 'packing', 'back']),
  step: shortText(160).optional(),
  /** The piece it shows; the parcel's first where it is left out. */
  pieceId: uuid.optional(),
});
export const removePhoto = z.strictObject({ ...by, id: uuid, removed: z.boolean() });
export const keepTemplate = z.strictObject({ ...by, id: uuid, name: shortText(60) });
export const useTemplate = z.strictObject({ ...by, templateId: uuid });

function isZone(zone: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone });
    return true;
  } catch {
    return false;
  }
}

function isCurrency(currency: string): boolean {
  return Intl.supportedValuesOf('currency').includes(currency);
}

type ReadySetKey = ReadySet['key'];

export type FirstShop = z.infer<typeof firstShop>;
export type StartParcel = z.infer<typeof startParcel>;
export type TakeBack = z.infer<typeof takeBack>;
export type ReportEvent = z.infer<typeof reportEvent>;
export type AddressCommand = z.infer<typeof addressCommand>;
export type AddPiece = z.infer<typeof addPiece>;
export type MoveBundles = z.infer<typeof moveBundles>;
export type SplitParcel = z.infer<typeof splitParcel>;
export type DividePiece = z.infer<typeof dividePiece>;
export type PutTogether = z.infer<typeof putTogether>;
export type AskPickup = z.infer<typeof askPickup>;
