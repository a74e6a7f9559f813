import { MAX_SIZE_IN, MAX_WEIGHT_LB } from './bounds.ts';
import { LENGTH_UNITS_IN, WEIGHT_UNITS_LB, type LengthUnit, type UnitSystem, type WeightUnit } from './factors.ts';
import { inOrderOfSides, type Side } from './labelledSides.ts';
import { quantityTokens, type QuantityToken, type Span } from './quantityTokens.ts';

/** A length, a width and a height, inches, null where one was not told. */
export type SidesTold = readonly [number | null, number | null, number | null];

/**
 * What a size or weight as typed means; `at` says which part of the text a problem is about. A side that was told by its name has
 * its place among `sides`, where another is missing.
 */
export type Quantity =
  | { kind: 'length'; inches: number; sides?: SidesTold }
  | { kind: 'dimensions'; inches: number[]; sides?: SidesTold }
  | { kind: 'weight'; pounds: number }
  | NotUnderstood;
export interface NotUnderstood {
  kind: 'notUnderstood';
  problem: string;
  at: Span;
}

const MAX_TEXT = 200;
type Unit = LengthUnit | WeightUnit;
interface Term {
  value: number;
  thousands?: number;
  step: number;
  unit?: Unit | undefined;
  at: Span;
}
interface Component {
  terms: Term[];
  /** Which one it is, where that is said. */
  side?: Side | undefined;
  at: Span;
}
interface Measure {
  amount: number;
  resolution: number;
}

/** The smaller unit a bare number after this one means: `2 lb 3`, `5 ft 2`, `1 kg 40`. */
const NEXT_SMALLER: Partial<Record<Unit, Unit>> = { lb: 'oz', ft: 'in', kg: 'g', m: 'cm' };

class Refusal extends Error {
  constructor(
    message: string,
    readonly at: Span,
  ) {
    super(message);
  }
}

/**
 * Reads a length, two or three dimensions, or a weight, as people write them.
 *
 * Not a calculator: one quantity, no arithmetic. A bare number is a length; see `parseWeight`
 * for a field in which a bare number is a weight.
 *
 * @param text what was typed, at most 200 characters
 * @param system unit of bare numbers: inches and pounds, or centimetres and kilograms
 * @param bare what a number without any unit is
 * @returns the quantity in inches or pounds, or `notUnderstood` with the reason
 * @example parseQuantity('7 1/2 x 5 x 4.25 in') // { kind: 'dimensions', inches: [7.5, 5, 4.25] }
 */
export function parseQuantity(text: string, system: UnitSystem = 'imperial', bare: 'length' | 'weight' = 'length'): Quantity {
  if (text.length > MAX_TEXT) return notUnderstood(`at most ${MAX_TEXT} characters, please`, [0, MAX_TEXT]);
  if (text.trim() === '') return notUnderstood('nothing typed', [0, text.length]);
  try {
    return readWhole(quantityTokens(text), text, system, bare);
  } catch (refusal) {
    if (refusal instanceof Refusal) return notUnderstood(refusal.message, refusal.at);
    throw refusal;
  }
}

/** Reads a weight; a bare number is in pounds or kilograms. Otherwise as `parseQuantity`. */
export function parseWeight(text: string, system: UnitSystem = 'imperial'): Quantity {
  const quantity = parseQuantity(text, system, 'weight');
  return quantity.kind === 'weight' || quantity.kind === 'notUnderstood'
    ? quantity
    : notUnderstood('a weight is wanted here, like 2 lb 3 oz', [0, text.length]);
}

/** Reads a size of two or three sides. Otherwise as `parseQuantity`. */
export function parseDimensions(text: string, system: UnitSystem = 'imperial'): Quantity {
  const quantity = parseQuantity(text, system);
  return quantity.kind === 'dimensions' || quantity.kind === 'notUnderstood'
    ? quantity
    : notUnderstood('a size is wanted here, like 9 x 6 1/2 x 6', [0, text.length]);
}

/** The sides of a piece as a size of one side or more tells them. */
export const sidesTold = ({ inches, sides }: Extract<Quantity, { kind: 'length' | 'dimensions' }>): SidesTold => {
  const [length, width, height] = [inches].flat();
  return sides ?? [length ?? null, width ?? null, height ?? null];
};

const notUnderstood = (problem: string, at: Span): NotUnderstood => ({ kind: 'notUnderstood', problem, at });

function readWhole(tokens: QuantityToken[], text: string, system: UnitSystem, bare: 'length' | 'weight'): Quantity {
  const open = tokens.findIndex((token) => token.kind === 'open');
  if (open < 0) return toQuantity(readMeasures(tokens, text, system, bare));
  const close = tokens.length - 1;
  if (tokens[close]!.kind !== 'close') throw new Refusal('the bracket is not closed', tokens[open]!.at);
  const stated = readMeasures(tokens.slice(0, open), text, system, bare);
  const again = readMeasures(tokens.slice(open + 1, close), text, system, stated.kind);
  const [first, second] = [told(stated.measures), told(again.measures)];
  const agree =
    stated.kind === again.kind &&
    first.length === second.length &&
    first.every((one, i) => Math.abs(one.amount - second[i]!.amount) <= Math.max(one.resolution, second[i]!.resolution) * 1.000001);
  if (!agree) {
    const both = [stated, again].map(
      ({ kind, measures }) =>
        `${told(measures)
          .map((m) => Number(m.amount.toFixed(3)))
          .join(' × ')} ${kind === 'weight' ? 'lb' : 'in'}`,
    );
    throw new Refusal(`the two readings disagree: ${both.join(' and ')}`, [0, text.length]);
  }
  return toQuantity(stated);
}

interface Measures {
  kind: 'length' | 'weight';
  /** Null for a side that was not told, beside one that was told by its name. */
  measures: (Measure | null)[];
}

const told = (measures: Measures['measures']): Measure[] => measures.filter((one) => one !== null);

function toQuantity({ kind, measures }: Measures): Quantity {
  const amounts = told(measures).map(({ amount }) => amount);
  if (kind === 'weight') return { kind: 'weight', pounds: amounts[0]! };
  const place = (at: number) => measures[at]?.amount ?? null;
  const sides = amounts.length < measures.length ? { sides: [place(0), place(1), place(2)] as const } : {};
  return amounts.length === 1 ? { kind: 'length', inches: amounts[0]!, ...sides } : { kind: 'dimensions', inches: amounts, ...sides };
}

function readMeasures(tokens: QuantityToken[], text: string, system: UnitSystem, bare: 'length' | 'weight'): Measures {
  const components = splitComponents(tokens, text);
  serveUnits(components);
  const units = components.flatMap(({ terms }) => terms.map(({ unit }) => unit)).filter((unit) => unit !== undefined);
  const kinds = new Set(units.map((unit) => (unit in WEIGHT_UNITS_LB ? 'weight' : 'length')));
  if (kinds.size > 1) throw new Refusal('a size and a weight together: one of them here', [0, text.length]);
  const kind = [...kinds][0] ?? bare;
  if (kind === 'weight' && components.length > 1) throw new Refusal('one weight is enough here', components[1]!.at);
  if (components.length > 3) throw new Refusal('at most three dimensions', components[3]!.at);
  const measures = components.map((component) => addUp(component, kind, system));
  return { kind, measures: components.some(({ side }) => side) ? bySides(components, measures, kind) : measures };
}

/** Measures of sides, one or more of them named, in the order of a size. */
function bySides(components: readonly Component[], measures: readonly Measure[], kind: Measures['kind']): Measures['measures'] {
  const all: Span = [components[0]!.at[0], components.at(-1)!.at[1]];
  if (kind === 'weight') throw new Refusal('a weight has no sides', all);
  const ordered = inOrderOfSides(components.map(({ side }, i) => [side, measures[i]!] as const));
  if (typeof ordered === 'string') throw new Refusal(ordered, all);
  return ordered;
}

function splitComponents(tokens: QuantityToken[], text: string): Component[] {
  const components: Component[] = [];
  let terms: Term[] = [];
  let side: Side | undefined;
  /** No sign stands before it: then its name does, or comes behind. */
  let followsBare = false;
  const end = text.length;
  const close = (at: Span) => {
    if (terms.length === 0) throw new Refusal('a number is missing here', at);
    if (followsBare && !side) throw new Refusal('which side is this?', terms[0]!.at);
    followsBare = false;
    components.push({ terms, side, at: [terms[0]!.at[0], terms.at(-1)!.at[1]] });
    terms = [];
    side = undefined;
  };
  let behind = false;
  const isNamed = tokens.some(({ kind }) => kind === 'side');
  for (const token of tokens) {
    // a named side ends without a sign too: at the next name, or at a number where its name stood behind its own
    if (terms.length > 0 && side && (token.kind === 'side' || (token.kind === 'number' && behind))) {
      close(token.at);
      followsBare = true;
    }
    const last = terms.at(-1);
    if (token.kind === 'times' || (last && isNamed && isComma(token))) close(token.at);
    else if (token.kind === 'side') {
      if (side) throw new Refusal('one side has one name', token.at);
      side = token.side;
      behind = last !== undefined;
    } else if (token.kind === 'number') {
      if (last && !last.unit) throw new Refusal('two numbers side by side', [last.at[0], token.at[1]]);
      terms.push({ ...token });
    } else if (token.kind === 'unit') {
      if (!last) throw new Refusal('a unit without a number', token.at);
      if (last.unit) throw new Refusal('two units side by side', token.at);
      last.unit = token.unit;
    } else if (token.kind === 'stranger') throw new Refusal(last && isDash(token.text) ? A_RANGE : strangerProblem(token.text), token.at);
    else throw new Refusal('a bracket is out of place', token.at);
  }
  close([Math.max(0, end - 1), end]);
  return components;
}

const isComma = (token: QuantityToken): boolean => token.kind === 'stranger' && token.text === ',';

const isDash = (text: string): boolean => /^[-−–—]$/.test(text);
const A_RANGE = 'one measure, not from one to another';

function strangerProblem(text: string): string {
  if (text === '/' || text.includes('/')) return 'the fraction is not finished or not below one';
  if (isDash(text)) return 'a size or weight is above zero, without a sign';
  return `“${text.slice(0, 20)}” is not a number or a unit known here`;
}

/** One unit serves the bare components before it, or, where none follows, those after it. */
function serveUnits(components: Component[]): void {
  const bareEnd = (component: Component) => component.terms.length === 1 && !component.terms[0]!.unit;
  const unitOf = (component: Component) => component.terms.at(-1)!.unit ?? component.terms[0]!.unit;
  for (let i = components.length - 2; i >= 0; i--) {
    if (bareEnd(components[i]!)) components[i]!.terms[0]!.unit = unitOf(components[i + 1]!);
  }
  for (let i = 1; i < components.length; i++) {
    if (bareEnd(components[i]!)) components[i]!.terms[0]!.unit = unitOf(components[i - 1]!);
  }
}

function addUp(component: Component, kind: 'length' | 'weight', system: UnitSystem): Measure {
  const factors: Record<string, number> = kind === 'weight' ? WEIGHT_UNITS_LB : LENGTH_UNITS_IN;
  const most = kind === 'weight' ? MAX_WEIGHT_LB : MAX_SIZE_IN;
  const bareUnit: Unit = kind === 'weight' ? (system === 'metric' ? 'kg' : 'lb') : system === 'metric' ? 'cm' : 'in';
  let amount = 0;
  let resolution = 0;
  let before: { unit: Unit } | undefined;
  let whole = 0;
  for (const term of component.terms) {
    const unit: Unit | undefined = term.unit ?? (before ? NEXT_SMALLER[before.unit] : bareUnit);
    // `1.5 lb 15` is no weight
    if (!unit || (!term.unit && whole !== Math.floor(whole))) throw new Refusal('which unit is the second number?', term.at);
    const factor = factors[unit]!;
    const value = readComma(term, factor, most, component);
    if (before && (factor >= factors[before.unit]! || value * factor >= factors[before.unit]! * 0.9999999)) {
      throw new Refusal(`the second part must be less than 1 ${before.unit}`, term.at);
    }
    amount += value * factor;
    resolution = term.step * factor;
    before = { unit };
    whole = value;
  }
  if (amount <= 0) throw new Refusal('must be more than zero', component.at);
  if (amount > most) throw new Refusal(`more than ${most} ${kind === 'weight' ? 'lb' : 'in'} is beyond any parcel`, component.at);
  return { amount, resolution };
}

/** A comma is a decimal mark, unless three digits follow and the unit is grams or none. */
function readComma(term: Term, factor: number, most: number, component: Component): number {
  if (term.thousands === undefined) return term.value;
  if (term.unit === 'g') return term.thousands;
  if (term.unit !== undefined || term.thousands * factor > most) return term.value;
  throw new Refusal(`could be ${term.value} or ${term.thousands}: write it without the comma`, component.at);
}
