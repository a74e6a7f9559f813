import {
  parseDay,
  parseMoney,
  parseQuantity,
  parseWeight,
  POSTCODE,
  POSTCODE_SAYS,
  type CivilDate,
  type UnitSystem,
} from '@inch-nest/core';

/** What a person can type or pick about a sale and its piece, each saved by itself. */
export type FieldEntity = 'sale' | 'piece';

/** Who typed, as far as reading a text depends on it. */
export interface FieldSetting {
  today: CivilDate;
  system: UnitSystem;
}

/** A value that may be kept, or the sentence that says why not. */
export type FieldReading = { ok: true; value: unknown } | { ok: false; problem: string };

export type Read = (text: string, setting: FieldSetting) => FieldReading;

/** Smallest and largest a real piece measures and weighs; beyond it a slip of the finger is likelier. */
const SIDE_IN = { least: 0.05, most: 108 };
const PIECE_LB = { least: 0.01, most: 150 };

export const refuse = (problem: string): FieldReading => ({ ok: false, problem });
export const accept = (value: unknown): FieldReading => ({ ok: true, value });

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

/** Every field whose text a person types, by what it belongs to. */
export const TYPED_FIELDS = {
  sale: {
    buyer: optional(text(40, 'a short tag of the buyer')),
    destinationPostcode: matching(POSTCODE, POSTCODE_SAYS),
    soldMinor: money,
    paidMinor: money,
    shippingCollectedMinor: money,
    shipBy: day,
    arriveBy: optional(day),
    letter: optional(text(1500, 'what the letter says')),
  },
  piece: {
    title: text(80, 'a name'),
    bin: optional(matching(/^[\w-]{1,12}$/, 'a bin code is short, like B4')),
    size: optional(size),
    weight: optional(weight),
    replacementMinor: optional(money),
    serial: optional(text(60, 'a serial number')),
    seal: optional(text(60, 'a seal number')),
  },
} as const satisfies Record<FieldEntity, Record<string, Read>>;

/**
 * Reads a field on the page it is changed on: typed text as the server will read it; what was picked there was
 * written by the page itself and is checked when it is saved. The schemas stay on the server that way.
 */
export function readOwnField(entity: FieldEntity, path: string, typed: string, setting: FieldSetting): FieldReading {
  const fields: Readonly<Record<string, Read>> = TYPED_FIELDS[entity];
  return Object.hasOwn(fields, path) ? fields[path]!(typed, setting) : readPicked(typed);
}

/** The value that a pick carries as JSON text. */
export function readPicked(text: string): FieldReading {
  try {
    return accept(JSON.parse(text));
  } catch {
    return refuse('not one of the choices');
  }
}
