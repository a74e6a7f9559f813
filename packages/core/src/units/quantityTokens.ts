import type { LengthUnit, WeightUnit } from './factors.ts';
import { sideOf, type Side } from './labelledSides.ts';

/** One word of a size or weight as people write it, with its place in the text. */
export type QuantityToken =
  | { kind: 'number'; value: number; thousands?: number; step: number; at: Span }
  | { kind: 'unit'; unit: LengthUnit | WeightUnit; at: Span }
  | { kind: 'times'; at: Span }
  | { kind: 'side'; side: Side; at: Span }
  | { kind: 'open' | 'close'; at: Span }
  | { kind: 'stranger'; text: string; at: Span };

/** Start (included) and end (excluded) in the text typed. */
export type Span = readonly [number, number];

const VULGAR: Readonly<Record<string, readonly [number, number]>> = {
  '½': [1, 2],
  '⅓': [1, 3],
  '⅔': [2, 3],
  '¼': [1, 4],
  '¾': [3, 4],
  '⅛': [1, 8],
  '⅜': [3, 8],
  '⅝': [5, 8],
  '⅞': [7, 8],
};
const VULGAR_CLASS = `[${Object.keys(VULGAR).join('')}]`;

const UNIT_WORDS: Readonly<Record<string, LengthUnit | WeightUnit>> = {
  in: 'in',
  ins: 'in',
  inch: 'in',
  inches: 'in',
  '"': 'in',
  '″': 'in',
  '”': 'in',
  "''": 'in',
  ft: 'ft',
  foot: 'ft',
  feet: 'ft',
  "'": 'ft',
  '′': 'ft',
  '’': 'ft',
  mm: 'mm',
  cm: 'cm',
  cms: 'cm',
  centimetre: 'cm',
  centimetres: 'cm',
  centimeter: 'cm',
  centimeters: 'cm',
  m: 'm',
  metre: 'm',
  metres: 'm',
  meter: 'm',
  meters: 'm',
  lb: 'lb',
  lbs: 'lb',
  pound: 'lb',
  pounds: 'lb',
  '#': 'lb',
  oz: 'oz',
  ounce: 'oz',
  ounces: 'oz',
  kg: 'kg',
  kgs: 'kg',
  kilo: 'kg',
  kilos: 'kg',
  g: 'g',
  gr: 'g',
  gram: 'g',
  grams: 'g',
};

const PATTERNS: readonly [RegExp, (match: RegExpExecArray, at: Span) => QuantityToken | null][] = [
  [/\s+/y, () => null],
  [/(\d+)(?:\s+|-)(\d+)\s*\/\s*(\d+)(?!\d|[.,]\d)/y, (m, at) => fraction(Number(m[1]), Number(m[2]), Number(m[3]), at)],
  [/(\d+)\s*\/\s*(\d+)(?!\d|[.,]\d)/y, (m, at) => fraction(0, Number(m[1]), Number(m[2]), at)],
  [/\d+\s*\/(?!\s*\d)/y, (m, at) => ({ kind: 'stranger', text: m[0], at })],
  [new RegExp(`(\\d*)\\s*(${VULGAR_CLASS})`, 'y'), (m, at) => fraction(Number(m[1] ?? 0), ...VULGAR[m[2] as string]!, at)],
  [/\d+(?:[.,]\d+)+|\d+\.?|\.\d+/y, (m, at) => decimal(m[0], at)],
  [/''|["″”'′’#]/y, (m, at) => ({ kind: 'unit', unit: UNIT_WORDS[m[0]]!, at })],
  // before the sign of the next side: `8Hx10Lx4W`, `9inx12in`
  [/(?:h|ht|w|l|d|t|in|cm|mm|ft|dia|diam)(?=[x×]\s*[\d.½¼¾])/iy, (m, at) => word(m[0], at)],
  [/[x×*](?![a-wyz])/iy, (_, at) => ({ kind: 'times', at })],
  [/\(/y, (_, at) => ({ kind: 'open', at })],
  [/\)/y, (_, at) => ({ kind: 'close', at })],
  [/[a-z]+[.:]?|[ø⌀]/iy, (m, at) => word(m[0], at)],
  [/[^\s]/y, (m, at) => ({ kind: 'stranger', text: m[0], at })],
];

/** Splits a size or weight into tokens; never throws, what is unknown becomes a `stranger`. */
export function quantityTokens(text: string): QuantityToken[] {
  const tokens: QuantityToken[] = [];
  let from = 0;
  while (from < text.length) {
    for (const [pattern, make] of PATTERNS) {
      pattern.lastIndex = from;
      const match = pattern.exec(text);
      if (!match) continue;
      const token = make(match, [from, from + match[0].length]);
      if (token) tokens.push(token);
      from += match[0].length;
      break;
    }
  }
  return tokens;
}

function fraction(whole: number, over: number, under: number, at: Span): QuantityToken {
  const improper = under === 0 || (whole > 0 && over >= under);
  if (improper) return { kind: 'stranger', text: `${over}/${under}`, at };
  return { kind: 'number', value: whole + over / under, step: 1 / under, at };
}

function decimal(text: string, at: Span): QuantityToken {
  const grouped = /^\d{1,3}(,\d{3})+\.\d+$/.test(text);
  const plain = grouped ? text.replaceAll(',', '') : text.replace(',', '.');
  const value = Number(plain);
  if (!Number.isFinite(value)) return { kind: 'stranger', text, at };
  const places = plain.includes('.') ? plain.length - plain.indexOf('.') - 1 : 0;
  const thousands = /^[1-9]\d{0,2},\d{3}$/.test(text) ? { thousands: Number(text.replace(',', '')) } : {};
  return { kind: 'number', value, step: 10 ** -places, at, ...thousands };
}

function word(text: string, at: Span): QuantityToken {
  const plain = text.toLowerCase().replace(/[.:]$/, '');
  const side = sideOf(plain);
  if (side) return { kind: 'side', side, at };
  if (text.endsWith(':')) return { kind: 'stranger', text, at };
  if (plain === 'by') return { kind: 'times', at };
  const unit = UNIT_WORDS[plain];
  return unit ? { kind: 'unit', unit, at } : { kind: 'stranger', text, at };
}
