import { partedAtFacts, type FactIn } from './partedAtFacts.ts';
import { keepMagnification } from './magnification.ts';
import { takeFromTitle } from './measureInTitle.ts';
import { isOfAPart, OF_A_PART, partGivesWay } from './partOfIt.ts';
import { pileOfSheets } from './pileOfSheets.ts';
import { piecesListed } from './piecesListed.ts';
import { asTyped, isCount, isEach, isOfAll, isPriceAlone, isWholePrice, ledFirst, measureAlone } from './pastedLine.ts';
import { sizesListed } from './sizesListed.ts';
import { alsoCounted, isCounted } from './alsoCounted.ts';
import { askedHowMany } from './askedHowMany.ts';
import { MOST_ALIKE } from './readSale.ts';
import {
  MEASURED_TWICE,
  MOST_TITLE,
  saidOfEach,
  type SaleLine,
  type SaleLineField,
  type SaleLineReading,
  type SaleLineSetting,
} from './SaleLine.ts';
import { BARE_MONEY, KEYWORDS } from './saleWords.ts';
import { archetypeOfSize } from '../../engineering/pieces/archetypeFromTitle.ts';
import { namesLoosePart } from '../../engineering/pieces/looseParts.ts';
import {
  COMMA_BETWEEN_SIDES,
  countBehind,
  countWithin,
  currencySign,
  leadingCount,
  parseMoney,
  parseQuantity,
  signAt,
  trailingCount,
  type SidesTold,
  type Span,
} from '../../units/index.ts';

export type { SaleLine, SaleLineField };

const MAX_LINE = 500;
/** What stands between commas: none of them within a number, nor between sides that are told by their names. */
const PART = new RegExp(`(?:[^,;\\n]|(?<=\\d),(?=\\d)|${COMMA_BETWEEN_SIDES})+`, 'gi');

/** Several pieces on one line stand with a plus between them; each part is a line of its own, or a list of some. */
export const piecesOnLine = (text: string): string[] => text.split(/\s+\+\s+/);

/**
 * Reads a whole sale from one line: `stoneware tea urn, 9 x 8 x 14 in, 6 lb 3 oz, sold 84, to 40217, by Friday`.
 *
 * Parts stand between commas (a comma between digits is part of a number), and what can be nothing else is told from the words before
 * it without one; the first that is neither size, weight nor led by a word of its own is the title, which may begin with a count, `six apothecary jars`, or have it behind,
 * `candlesticks, pair of`, `goblets x6`.
 * A weight is then of all of them unless `each` stands after it. Nothing is thrown: what is not understood joins the
 * title, with a doubt where it looks like something else.
 *
 * @param text at most 500 characters
 */
export function readSaleLine(text: string, setting: SaleLineSetting): SaleLine {
  const line: SaleLine = { readings: [] };
  if (text.length > MAX_LINE) {
    line.readings.push({ at: [0, MAX_LINE], text: text.slice(0, 40), field: null, problem: `at most ${MAX_LINE} characters, please` });
    return line;
  }
  const parts = [...asTyped(text).matchAll(PART)].flatMap((match) => {
    const part = match[0].trim();
    return part === '' ? [] : [{ part, start: match.index + match[0].indexOf(part), said: factAmong(part, setting) }];
  });
  // what stands between commas by itself is meant, and not the same among other words
  const saidAlone = new Set(parts.flatMap(({ said }) => said?.field ?? []));
  const among = (words: string): FactIn => {
    const said = factAmong(words, setting);
    if (!said) return null;
    // three sides are no part of a name
    const isSize = said.field === 'sizeIn' && said.fact === 'led';
    if (isSize) return said.fact;
    return saidAlone.has(said.field) || (said.fact === 'price' && PRICED.test(text)) ? null : said.fact;
  };
  // where something is told of each, and its size beside it, a number by itself is how many there are; behind the size it may be a price
  const isOfSeveral = saidAlone.has('sizeIn') && parts.some(({ part }) => isEach(part));
  for (const { part, start, said } of parts) {
    const mayCount = isOfSeveral && line.count === undefined && (line.sizeIn === undefined || saidAlone.has('soldMinor'));
    if (mayCount && isCount(part)) {
      line.count = Number(part);
      line.readings.push({ at: [start, start + part.length], text: part, field: 'title', problem: null });
      continue;
    }
    const spans: readonly Span[] = said ? [[0, part.length]] : partedAtFacts(part, among, line.title !== undefined);
    for (const [from, to] of spans) {
      const reading = readPart(line, part.slice(from, to), setting);
      const before = from > 0 && reading.field === 'title' ? line.readings.at(-1)! : null;
      if (before?.field === 'soldMinor') before.asks ??= PRICE_AMONG;
      line.readings.push({ at: [start + from, start + to], text: text.slice(start + from, start + to), ...reading });
    }
  }
  if (line.title) {
    countSaidEach(line, line.title);
    keepMagnification(line);
    takeFromTitle(line, setting.system);
    const also = alsoCounted(line.title, line.count ?? 1, MOST_ALIKE);
    if (also) askOfKinds(line, also);
    const many = askedHowMany(line);
    if (many) askOf(line, 'title', many);
    const pile = pileOfSheets(line);
    if (pile) {
      askOf(line, 'sizeIn', `taken for all ${line.count} in a pile; with “each” behind it, it is of one`);
      line.title = pile;
      delete line.count;
    }
    if (isOfSeveralSizes(line))
      askOf(line, 'sizeIn', `taken for each of the ${line.count}: are they of several sizes? a + between them, each with its own`);
    ofOne(line);
    const archetype = archetypeOfSize(line.title, line.sizeIn);
    if (archetype) line.archetype = archetype;
  }
  return line;
}

/**
 * Every piece on one line. A lid or a stopper that says nothing of its stuff is taken for what the piece before it is.
 *
 * @param text at most 500 characters for each piece
 */
export function readSaleLines(text: string, setting: SaleLineSetting): SaleLine[] {
  const lines: SaleLine[] = [];
  const read = (own: string) => readSaleLine(own, setting);
  for (const line of piecesOnLine(text).flatMap((one) => listed(one, read) ?? piecesListed(one, read))) {
    const [first] = lines;
    // what names nothing and measures nothing is of the sale: `+ $30 shipping`
    if (first && line.readings.length > 0 && line.readings.every(({ field }) => field !== null && OF_THE_SALE.has(field))) {
      const { readings, ...facts } = line;
      Object.assign(first, { ...facts, ...first, readings: [...first.readings, ...readings] });
      continue;
    }
    const before = line.title && namesLoosePart(line.title) ? lines.findLast(({ archetype }) => archetype)?.archetype : undefined;
    lines.push(before && !line.archetype ? { ...line, archetype: before } : line);
  }
  const weighed = lines.filter(({ weightLb }) => weightLb !== undefined);
  if (lines.length > 1 && weighed.length === 1 && weighed[0] === lines.at(-1)) askOf(lines.at(-1)!, 'weightLb', OF_LAST);
  return lines;
}

const OF_LAST = 'of this one alone? each piece has its own weight';

/** Pieces of one name and so many sizes, where a line tells of such. */
function listed(text: string, read: (own: string) => SaleLine): SaleLine[] | null {
  const found = sizesListed(text);
  const lines = found && found.lines.map(read);
  if (found?.weightShared) for (const line of lines!) askOf(line, 'weightLb', 'its share of all, by its size');
  return lines;
}

/** Words of several that are not of one size, or go into one another. Common practice, no source. */
const OF_SEVERAL_SIZES = /\b(?:graduated|graduating|graded|assorted|various|mixed|odd|nesting|nested|nest of)\b/i;

/** True where one size stands for several that their name says are not alike; with `each` behind it, it was meant so. */
const isOfSeveralSizes = (line: SaleLine): boolean =>
  (line.count ?? 1) > 1 && OF_SEVERAL_SIZES.test(line.title ?? '') && !saidOfEach(line, 'sizeIn');

/** Asks about what a field was taken from. */
function askOf({ readings }: SaleLine, field: SaleLineField, asks: string): void {
  for (const reading of readings) if (reading.field === field) reading.asks = asks;
}

/** Asks for a plus before one more kind, where that stands. */
function askOfKinds({ readings }: SaleLine, also: string): void {
  const names = readings.filter(({ field }) => field === 'title');
  const [first = ''] = also.split(',');
  const reading = names.find(({ text }) => text.includes(first)) ?? names[0];
  if (reading) reading.asks = `two kinds? a + between them, each with its own size and weight: … + ${also}, …`;
}

/** What is said once for all pieces of a sale. */
const OF_THE_SALE: ReadonlySet<SaleLineField> = new Set([
  'soldMinor',
  'paidMinor',
  'shippingCollectedMinor',
  'destinationPostcode',
  'shipBy',
  'buyer',
]);

/** What words mean that no comma parts from others: less is taken for a fact than between commas, since a title may hold anything. */
function factAmong(words: string, setting: SaleLineSetting): Said | null {
  const bare = ledFirst(words);
  for (const [lead, field, fill] of KEYWORDS) {
    const match = lead.exec(bare);
    if (!match) continue;
    const loose = field === 'buyer' || field === 'job' || (field === 'bin' && !/\d/.test(bare));
    if (loose || fill({ readings: [] }, bare.slice(match[0].length).trim(), setting) !== null) return null;
    return { field, fact: lead !== BARE_MONEY ? 'led' : CENTS.test(bare) ? 'measure' : 'price' };
  }
  const read = parseQuantity(measureAlone(bare), setting.system);
  if (read.kind === 'weight') return { field: 'weightLb', fact: 'measure' };
  if (read.kind === 'length' && read.sides) return { field: 'sizeIn', fact: 'measure' };
  if (read.kind !== 'dimensions' || read.inches.length < 2) return null;
  // three sides are no name, as two may be: `5 x 7 frame`
  return { field: 'sizeIn', fact: read.inches.length === 3 ? 'led' : 'measure' };
}

/** A field that some words fill. */
interface Said {
  readonly field: SaleLineField;
  readonly fact: FactIn;
}

type Reading = Omit<SaleLineReading, 'at' | 'text'>;
/** An amount with the sign of another currency is taken as it stands, and asked about. */
function askedOfSign(field: SaleLineField, said: string, { currency }: SaleLineSetting): Pick<Reading, 'asks'> {
  const sign = field.endsWith('Minor') ? signAt(said) : null;
  if (sign === null || currency === undefined || sign === currencySign(currency)) return {};
  return { asks: `money is in ${currencySign(currency)} here: is that what it comes to?` };
}

/** Reads one part; what is not understood joins the title. */
function readPart(line: SaleLine, text: string, setting: SaleLineSetting): Reading {
  const each = isEach(text);
  const part = ledFirst(text);
  const told = (field: SaleLineField, said = part): Reading => ({
    field,
    problem: null,
    said,
    ...(each ? { each } : {}),
    ...askedOfSign(field, said, setting),
  });
  for (const [lead, field, fill] of KEYWORDS) {
    const match = lead.exec(part);
    if (!match) continue;
    const rest = part.slice(match[0].length).trim();
    const isTwice = line[field] !== undefined;
    const problem = fill(isTwice ? { readings: [] } : line, rest, setting);
    if (isTwice && !problem) return { field: null, problem: 'said twice' };
    return problem ? joinTitle(line, text, problem) : told(field, rest);
  }
  const alone = measureAlone(part);
  const quantity = parseQuantity(alone, setting.system);
  if (quantity.kind === 'weight' && line.weightLb === undefined) {
    line.weightLb = quantity.pounds;
    return told('weightLb', alone);
  }
  if (quantity.kind === 'dimensions') partGivesWay(line);
  const isLast = isPriceLast(line, text, part);
  if ((quantity.kind === 'dimensions' || quantity.kind === 'length') && line.sizeIn === undefined && !isWholePrice(part) && !isLast) {
    line.sizeIn = quantity.sides ?? [quantity.inches].flat();
    return told('sizeIn', alone);
  }
  // one more side of the same, or of a part of it that has a name: `lamp 22 in tall, base 6 in wide`
  if (quantity.kind === 'length' && quantity.sides && line.sizeIn !== undefined)
    return alsoOfSize(line, quantity.sides) ? told('sizeIn', alone) : joinTitle(line, text, 'its size is told before this');
  if (quantity.kind !== 'notUnderstood' && line.soldMinor === undefined && (isPriceAlone(part) || isLast)) {
    line.soldMinor = parseMoney(part)!;
    return isPriceAlone(part) ? told('soldMinor') : { ...told('soldMinor'), asks: PRICE_AMONG };
  }
  if (quantity.kind !== 'notUnderstood') return { field: null, problem: BARE_NUMBER.test(part) ? PRICE_BARE : MEASURED_TWICE };
  if (line.title !== undefined && line.count === undefined) {
    const count = countBehind(text, line.title, MOST_ALIKE);
    if (count !== null) {
      line.count = count;
      return { field: 'title', problem: null };
    }
  }
  const counted = line.title === undefined ? (leadingCount(text, MOST_ALIKE) ?? trailingCount(text, MOST_ALIKE)) : null;
  if (counted) {
    if (counted.count > 1) line.count = counted.count;
    return joinTitle(line, counted.rest);
  }
  const looksMeasured = /^[-−.]?\d/.test(part) && line.title !== undefined && !isCounted(part, MOST_ALIKE);
  return joinTitle(line, text, looksMeasured ? (isOfAPart(part) ? OF_A_PART : quantity.problem) : undefined);
}

/** Puts one more side where none was told; false where one was, or where a name stands before it. */
function alsoOfSize(line: SaleLine, sides: SidesTold): boolean {
  const at = sides.findIndex((side) => side !== null);
  const kept = [0, 1, 2].map((axis) => line.sizeIn![axis] ?? null);
  const before = line.readings.at(-1);
  if ((before?.field === 'title' && !isOfAPart(before.text)) || kept[at] !== null) return false;
  kept[at] = sides[at]!;
  line.sizeIn = kept;
  return true;
}

/** A price that is told by a word of its own: no other amount is one. */
const PRICED = /\b(?:sold|price|asking)\s+(?:for\s+)?(?:\p{Sc}\s?)?\d/iu;
/** What a sign or a slot says of itself: `cigar sign 5¢`. */
const CENTS = /¢/;
const PRICE_AMONG = 'taken for what it was sold for';
const BARE_NUMBER = /^\d+(?:\.\d+)?$/;
/**
 * An amount by itself behind all measures, or behind a weight that it is no part of; where something is of each, it may be a count,
 * unless that is known or it is said to be of all.
 */
const isPriceLast = ({ sizeIn, weightLb, soldMinor, count, readings }: SaleLine, text: string, part: string): boolean =>
  weightLb !== undefined &&
  soldMinor === undefined &&
  BARE_NUMBER.test(part) &&
  parseMoney(part) !== null &&
  (sizeIn !== undefined || readings.at(-1)?.field === 'weightLb') &&
  (isOfAll(text) || count !== undefined || !readings.some(({ each }) => each));
const PRICE_BARE = 'said twice: a price has “sold” before it';

function joinTitle(line: SaleLine, said: string, doubt?: string): Reading {
  const part = said.replace(/\s*:$/, '');
  const title = line.title === undefined ? part : `${line.title}, ${part}`;
  if (title.length > MOST_TITLE) return { field: null, problem: `a title has at most ${MOST_TITLE} characters` };
  line.title = title;
  return { field: 'title', problem: null, ...(doubt === undefined ? {} : { doubt }) };
}

/** Where something was said of each there are several: their count is looked for within the title, and asked for where none is. */
function countSaidEach(line: SaleLine, title: string): void {
  if (line.count !== undefined || !line.readings.some(({ each }) => each)) return;
  const counted = countWithin(title, MOST_ALIKE);
  if (counted) {
    line.count = counted.count;
    line.title = counted.rest;
  } else for (const reading of line.readings) if (reading.each) reading.asks = 'each of how many? lead with it, like 6 x jars';
}

/** Of several alike the weight of one, unless that was said, and the money of all. */
function ofOne(line: SaleLine): void {
  const { count = 1 } = line;
  if (count > 1 && line.weightLb !== undefined && !saidOfEach(line, 'weightLb')) line.weightLb /= count;
  for (const field of ['soldMinor', 'paidMinor', 'shippingCollectedMinor'] as const)
    if (line[field] !== undefined && saidOfEach(line, field)) line[field] *= count;
}
