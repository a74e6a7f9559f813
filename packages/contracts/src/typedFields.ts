import {
  formatLength,
  formatWeight,
  MOST_ALIKE,
  parseChance,
  parseCount,
  parseDay,
  parseMoney,
  parseQuantity,
  parseWeight,
  POSTCODE,
  POSTCODE_SAYS,
  sidesTold,
  type CivilDate,
  type SidesTold,
  type UnitSystem,
} from '@inch-nest/core';
import type { FieldEntity, PieceValues, SaleValues } from './keptFields.ts';

/** Who typed, as far as reading a text depends on it. */
export interface FieldSetting {
  today: CivilDate;
  system: UnitSystem;
}

/** A value that may be kept, or the sentence that says why not. */
export type FieldReading<Value = unknown> = { ok: true; value: Value } | { ok: false; problem: string };

/** Reads what was typed into a field. */
export type Read<Value = unknown> = (text: string, setting: FieldSetting) => FieldReading<Value>;

/** Smallest and largest a real piece measures and weighs; beyond it a slip of the finger is likelier. */
const SIDE_IN = { least: 0.05, most: 108 };
const PIECE_LB = { least: 0.01, most: 150 };

export const refuse = (problem: string): FieldReading<never> => ({ ok: false, problem });
export const accept = <Value>(value: Value): FieldReading<Value> => ({ ok: true, value });

const text =
  (most: number, what: string): Read<string> =>
  (typed) => {
    const plain = typed.trim();
    if (plain === '') return refuse(`${what} is wanted here`);
    return plain.length <= most ? accept(plain) : refuse(`at most ${most} characters, please`);
  };
const optional =
  <Value>(read: Read<Value>): Read<Value | null> =>
  (typed, setting) =>
    typed.trim() === '' ? accept(null) : read(typed, setting);
const money: Read<number> = (typed) => {
  const minor = parseMoney(typed);
  return minor === null ? refuse('an amount is wanted here, like 84 or 84.50') : accept(minor);
};
const size: Read<SidesTold> = (typed, { system }) => {
  const quantity = parseQuantity(typed, system);
  if (quantity.kind === 'notUnderstood') return refuse(quantity.problem);
  if (quantity.kind === 'weight') return refuse('a size is wanted here, like 9 x 6 1/2 x 6');
  const absurd = [quantity.inches].flat().find((side) => side < SIDE_IN.least || side > SIDE_IN.most);
  if (absurd !== undefined)
    return refuse(
      `${formatLength(absurd, system)} is beyond any piece: a side is ${formatLength(SIDE_IN.least, system)} to ${formatLength(SIDE_IN.most, system)}`,
    );
  return accept(sidesTold(quantity));
};
const threeSides: Read<[number, number, number]> = (typed, setting) => {
  const read = size(typed, setting);
  if (!read.ok) return read;
  const [l, w, d] = read.value;
  return l === null || w === null || d === null ? refuse('all three sides are wanted here') : accept<[number, number, number]>([l, w, d]);
};
const oneSide: Read<number> = (typed, setting) => {
  const read = size(typed, setting);
  if (!read.ok) return read;
  const [one, ...more] = read.value.filter((side) => side !== null);
  return one !== undefined && more.length === 0 ? accept(one) : refuse('one length is wanted here, like 1 1/2');
};
const weight: Read<number> = (typed, { system }) => {
  const quantity = parseWeight(typed, system);
  if (quantity.kind !== 'weight') return refuse(quantity.kind === 'notUnderstood' ? quantity.problem : 'a weight is wanted here');
  if (quantity.pounds < PIECE_LB.least || quantity.pounds > PIECE_LB.most) {
    return refuse(
      `${formatWeight(quantity.pounds, system)} is beyond any piece: ${formatWeight(PIECE_LB.least, system)} to ${formatWeight(PIECE_LB.most, system)}`,
    );
  }
  return accept(quantity.pounds);
};
const day: Read<CivilDate> = (typed, { today }) => {
  const date = parseDay(typed, today);
  return date === null ? refuse('which day? like Friday, 27 Nov or 2026-11-27') : accept(date);
};
const chance: Read<number> = (typed) => {
  const read = parseChance(typed);
  return read === null ? refuse('how often at most? like 1 in 200, or 2%') : accept(read);
};
const count: Read<number> = (typed) => {
  const read = typed.trim() === '' ? 1 : parseCount(typed);
  return read !== null && read >= 1 && read <= MOST_ALIKE ? accept(read) : refuse(`how many? a whole number from 1 to ${MOST_ALIKE}`);
};
const matching =
  (pattern: RegExp, problem: string): Read<string> =>
  (typed) =>
    pattern.test(typed.trim()) ? accept(typed.trim()) : refuse(problem);

/** A reader of each field's own value. */
export type Readers<Of> = { readonly [Name in keyof Of]?: Read<Of[Name]> };

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
    count,
    stackOf: count,
    nestStepIn: optional(oneSide),
    bin: optional(matching(/^[\w-]{1,12}$/, 'a bin code is short, like B4')),
    size: optional(size),
    weight: optional(weight),
    replacementMinor: optional(money),
    serial: optional(text(60, 'a serial number')),
    seal: optional(text(60, 'a seal number')),
    mostChance: optional(chance),
    ownBoxIn: optional(threeSides),
  },
} as const satisfies { sale: Readers<SaleValues>; piece: Readers<PieceValues> };

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
