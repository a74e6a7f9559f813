import {
  ARCHETYPES,
  kindPresets,
  type ArchetypeKey,
  type CivilDate,
  type CustomsDeclaration,
  type Job,
  type KindPresets,
  type Minor,
  type PieceFacts,
  type SidesTold,
  type StandingWish,
} from '@inch-nest/core';
import type { Accessory } from './piece.ts';
import type { Steadying } from './steadying.ts';

/** What a buyer may ask for: nothing, all in one box, a box for each. */
export const BOX_WISHES = ['none', 'together', 'apart'] as const;
export type BoxWish = (typeof BOX_WISHES)[number];

/** What is kept of a sale, field by field. A field named here has a reader, a start and a column by type, or nothing compiles. */
export interface SaleValues {
  buyer: string | null;
  destinationPostcode: string;
  soldMinor: Minor;
  paidMinor: Minor;
  shippingCollectedMinor: Minor;
  shipBy: CivilDate;
  arriveBy: CivilDate | null;
  signatureWish: 'none' | 'add' | 'ask';
  /** In how many boxes the buyer asked for it, where there are several pieces. */
  boxWish: BoxWish;
  customs: CustomsDeclaration | null;
  letter: string | null;
  job: Job;
}

/** What is kept of a piece, field by field. */
export interface PieceValues extends KindPresets {
  title: string;
  /** So many alike; size, weight and worth are of one. */
  count: number;
  /** So many at most are stacked and wrapped together; 1 where each is wrapped by itself. */
  stackOf: number;
  /** The wrap that lies between each two of a stack, by key; null for none. */
  interleaf: string | null;
  /** Height that each further one adds where they go into one another, inches; null where they do not. */
  nestStepIn: number | null;
  /** The piece it goes into as that stands; null where it goes into none. */
  within: PieceFacts['within'];
  /** The piece it is to stand next to; null for none. */
  beside: PieceFacts['beside'];
  bin: string | null;
  /** Inches, as it stands; what was not measured is null. */
  size: SidesTold | null;
  /** Pounds. */
  weight: number | null;
  replacementMinor: Minor | null;
  archetype: ArchetypeKey;
  movingParts: PieceFacts['movingParts'];
  steadying: readonly Steadying[];
  hollows: PieceFacts['hollows'];
  serial: string | null;
  seal: string | null;
  accessories: readonly Accessory[];
  /** What it comes off, where it is a part that travels by itself. */
  partOf: PieceFacts['partOf'];
  storageWrap: boolean;
  irreplaceable: boolean;
  /** Of several alike: with one of them broken the others are worth nothing. */
  wholeOrNothing: boolean;
  standing: StandingWish;
  /** How often it may break at most; null goes by the house. */
  mostChance: number | null;
  originalBox: 'none' | 'kept' | 'ofValue';
  /** Inside of its own box, inches; null where nobody measured it. */
  ownBoxIn: readonly [number, number, number] | null;
}

export interface Values {
  sale: SaleValues;
  piece: PieceValues;
}
/** What a person can type or pick something about, each field by itself. */
export type FieldEntity = keyof Values;
export type SaleField = keyof SaleValues;
export type PieceField = keyof PieceValues;

/** One field as kept: what was typed, what it means, and the draft beside it where that does not parse. */
export interface KeptField<Value = unknown> {
  text: string;
  value: Value;
  revision: number;
  draft: string | null;
  /** Who set it last, by name and by id; the id is missing where it was set before that was kept. */
  by: string;
  byId?: string;
}
export type KeptFields<Of> = { [Name in keyof Of]: KeptField<Of[Name]> };

/** How a sale starts until somebody says: sent from and to the shop itself. */
export const startOfSale = (originPostcode: string, shipBy: CivilDate): SaleValues => ({
  buyer: null,
  destinationPostcode: originPostcode,
  soldMinor: 0,
  paidMinor: 0,
  shippingCollectedMinor: 0,
  shipBy,
  arriveBy: null,
  signatureWish: 'none',
  boxWish: 'none',
  customs: null,
  letter: null,
  job: 'sale',
});

/** How a piece of a kind starts until somebody looks; what of it depends on its size is as that size has it, where one is known. */
export const startOfPiece = (
  archetype: ArchetypeKey,
  size: PieceValues['size'] = null,
  title = ARCHETYPES[archetype].name,
): PieceValues => ({
  title,
  count: 1,
  stackOf: 1,
  interleaf: null,
  nestStepIn: null,
  within: null,
  beside: null,
  bin: null,
  size: null,
  weight: null,
  replacementMinor: null,
  archetype,
  ...kindPresets(ARCHETYPES[archetype], size, title),
  movingParts: 'none',
  steadying: [],
  hollows: [],
  serial: null,
  seal: null,
  accessories: [],
  partOf: null,
  storageWrap: false,
  irreplaceable: false,
  wholeOrNothing: false,
  standing: 'anywhere',
  mostChance: null,
  originalBox: 'none',
  ownBoxIn: null,
});

/** Columns of a sale that lists and filters use. */
export const saleColumns = ({ buyer, destinationPostcode, soldMinor, paidMinor, shippingCollectedMinor, shipBy }: SaleValues) => ({
  buyer,
  destinationPostcode,
  soldMinor,
  paidMinor,
  shippingCollectedMinor,
  shipBy,
});

/** Columns of a piece that lists, filters and look-ups use. */
export const pieceColumns = ({ title, count, archetype, bin, size, weight }: PieceValues) => ({
  title,
  count,
  archetype,
  bin,
  lengthIn: size?.[0] ?? null,
  widthIn: size?.[1] ?? null,
  heightIn: size?.[2] ?? null,
  weightLb: weight,
});

/** The values of kept fields. */
export const valuesOf = <Of extends object>(fields: KeptFields<Of>): Of =>
  Object.fromEntries(Object.entries(fields).map(([name, field]) => [name, (field as KeptField).value])) as Of;
