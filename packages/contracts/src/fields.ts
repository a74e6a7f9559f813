import { parseDay, parseMoney, parseQuantity, parseWeight, type CivilDate, type UnitSystem } from '@inch-nest/core';
import { z } from 'zod';
import { accessory, archetypeKey, finish, formKey, hardPoint, hollow, movingParts, originalBox, steadying } from './piece.ts';

/** What a person can type or pick about a sale and its piece, each saved by itself. */
export type FieldEntity = 'sale' | 'piece';

/** Who typed, as far as reading a text depends on it. */
export interface FieldSetting {
  today: CivilDate;
  system: UnitSystem;
}

/** A value that may be kept, or the sentence that says why not. */
export type FieldReading = { ok: true; value: unknown } | { ok: false; problem: string };

type Read = (text: string, setting: FieldSetting) => FieldReading;

/** Smallest and largest a real piece measures and weighs; beyond it a slip of the finger is likelier. */
const SIDE_IN = { least: 0.05, most: 108 };
const PIECE_LB = { least: 0.01, most: 150 };
const MOST_TEXT = 2000;

const refuse = (problem: string): FieldReading => ({ ok: false, problem });
const accept = (value: unknown): FieldReading => ({ ok: true, value });

const text =
  (most: number, what: string): Read =>
  (typed) => {
    const plain = typed.trim();
    if (plain === '') return refuse(`${what} is wanted here`);
    return plain.length <= most ? accept(plain) : refuse(`at most ${most} characters, please`);
  };
const optional =
  (read: Read): Read =>
  (typed, setting) =>
    typed.trim() === '' ? accept(null) : read(typed, setting);
const money: Read = (typed) => {
  const minor = parseMoney(typed);
  return minor === null ? refuse('an amount is wanted here, like 84 or 84.50') : accept(minor);
};
const size: Read = (typed, { system }) => {
  const quantity = parseQuantity(typed, system);
  if (quantity.kind === 'notUnderstood') return refuse(quantity.problem);
  if (quantity.kind === 'weight') return refuse('a size is wanted here, like 9 x 6 1/2 x 6');
  const sides = quantity.kind === 'length' ? [quantity.inches] : quantity.inches;
  const absurd = sides.find((side) => side < SIDE_IN.least || side > SIDE_IN.most);
  if (absurd !== undefined)
    return refuse(`${Number(absurd.toFixed(3))} in is beyond any piece: a side is ${SIDE_IN.least} to ${SIDE_IN.most} in`);
  return accept([sides[0], sides[1] ?? null, sides[2] ?? null]);
};
const weight: Read = (typed, { system }) => {
  const quantity = parseWeight(typed, system);
  if (quantity.kind !== 'weight') return refuse(quantity.kind === 'notUnderstood' ? quantity.problem : 'a weight is wanted here');
  if (quantity.pounds < PIECE_LB.least || quantity.pounds > PIECE_LB.most) {
    return refuse(`${Number(quantity.pounds.toFixed(4))} lb is beyond any piece: ${PIECE_LB.least} to ${PIECE_LB.most} lb`);
  }
  return accept(quantity.pounds);
};
const day: Read = (typed, { today }) => {
  const date = parseDay(typed, today);
  return date === null ? refuse('which day? like Friday, 27 Nov or 2026-11-27') : accept(date);
};
const matching =
  (pattern: RegExp, problem: string): Read =>
  (typed) =>
    pattern.test(typed.trim()) ? accept(typed.trim()) : refuse(problem);
const picked =
  (schema: z.ZodType): Read =>
  (typed) => {
    let value: unknown;
    try {
      value = JSON.parse(typed);
    } catch {
      return refuse('not one of the choices');
    }
    const parsed = schema.safeParse(value);
    return parsed.success ? accept(parsed.data) : refuse(parsed.error.issues[0]?.message ?? 'not one of the choices');
  };

/** Every field that can be edited, by what it belongs to; picked ones carry their value as JSON text. */
export const FIELDS = {
  sale: {
    buyer: optional(text(40, 'a short tag of the buyer')),
    destinationPostcode: matching(/^\d{5}$/, 'a postcode has five digits'),
    soldMinor: money,
    paidMinor: money,
    shippingCollectedMinor: money,
    shipBy: day,
    arriveBy: optional(day),
    signatureWish: picked(z.enum(['none', 'add', 'ask'])),
  },
  piece: {
    title: text(80, 'a name'),
    bin: optional(matching(/^[\w-]{1,12}$/, 'a bin code is short, like B4')),
    size: optional(size),
    weight: optional(weight),
    replacementMinor: optional(money),
    archetype: picked(archetypeKey),
    form: picked(formKey.nullable()),
    finish: picked(finish),
    dampSensitive: picked(z.boolean()),
    keepUpright: picked(z.boolean()),
    movingParts: picked(movingParts),
    steadying: picked(steadying),
    hardPoints: picked(z.array(hardPoint).max(24)),
    hollows: picked(z.array(hollow).max(12)),
    serial: optional(text(60, 'a serial number')),
    seal: optional(text(60, 'a seal number')),
    accessories: picked(z.array(accessory).max(24)),
    storageWrap: picked(z.boolean()),
    originalBox: picked(originalBox),
  },
} as const satisfies Record<FieldEntity, Record<string, Read>>;

export type SaleField = keyof (typeof FIELDS)['sale'];
export type PieceField = keyof (typeof FIELDS)['piece'];
export type FieldPath = SaleField | PieceField;

/** Reads what was typed into a field; an unknown field is refused, and so is a text too long to be one. */
export function readField(entity: FieldEntity, path: string, typed: string, setting: FieldSetting): FieldReading {
  const read = (FIELDS[entity] as Record<string, Read>)[path];
  if (!read || !Object.hasOwn(FIELDS[entity], path)) return refuse(`no field ${entity}.${path}`);
  if (typed.length > (path === 'hardPoints' || path === 'hollows' || path === 'accessories' ? 20_000 : MOST_TEXT))
    return refuse('that is far too long');
  return read(typed, setting);
}
