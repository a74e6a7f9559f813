import { archetypeFromTitle } from '../../engineering/pieces/archetypeFromTitle.ts';
import { ARCHETYPES } from '../../engineering/pieces/archetypes.ts';
import { MEASURE_IN_NAME, parseQuantity, sidesTold, type SidesTold, type UnitSystem } from '../../units/index.ts';
import type { SaleLine } from './SaleLine.ts';
import { AND, BESIDE, isToldBySide, nameAlone, sideByName, twoSidesByName } from './sidesByName.ts';

const ABOUT = /\s+(?:about|approx(?:imately|\.)?|ca\.?|measures|measuring|size)$/i;
/** Bare `in` may as well say where something lies: `Type 3 in tin`. */
const BARE = /^in$/i;

/** What is one of its parts, or is named by the size of something else: the whole is larger, or smaller. Common practice, no source. */
const OF_A_PART =
  /^(?:\d.*|dials?|bases?|shades?|blades?|stems?|necks?|rims?|mouths?|bores?|barrels?|holes?|openings?|apertures?|wheels?|drives?|screens?|mats?|scales?|gauges?|thick|deep)$/i;
const FITS = /\b(?:fits?|takes|of|to|in|type|mark|mk|no|number|model|series|grade|size|vol|volume|part)\.?$/i;
/** What is told by the length of a string of it, by its glass, or by what it measures. Common practice, no source. */
const NOT_AS_LARGE =
  /\b(?:necklaces?|chains?|bracelets?|pendants?|beads|cords?|belts?|collars?|lens(?:es)?|objectives?|eyepieces?|telescopes?|spyglass(?:es)?|refractors?|reflectors?|binoculars?|magnifiers?|levels?|rules?|rulers?|tapes?|micrometers?|calipers?)\b/i;

/** The measure by which a thing is called. */
interface NamedBySize {
  /** As it was typed. */
  readonly text: string;
  /** The same with the side it is taken for. */
  readonly said: string;
  readonly sides: SidesTold;
  /** The side stands in the name itself. */
  readonly isTold: boolean;
}

/**
 * The measure by which a thing is called, `10 in plate` or `doll 18 in`: how wide across what is round, how tall what stands, how
 * long anything else. What is told of a part, or says how long a string of it is, is no size of the thing.
 *
 * @returns null where the name has none, or more than one
 */
export function measureInTitle(title: string): NamedBySize | null {
  const [first = '', second = ''] = title.replace(BESIDE, '').split(',');
  // `table lamp, 28" w/ shade`: behind a comma it is no word of another
  const own = second.replace(MEASURE_IN_NAME, '').trim() === '' ? first + second : first;
  const [found, ...more] = own.matchAll(MEASURE_IN_NAME);
  if (!found || more.length > 0) return null;
  const before = own.slice(0, found.index).trim().replace(ABOUT, '');
  const after = own
    .slice(found.index + found[0].length)
    .replace(/^[\s-]+/, '')
    .replace(AND, '');
  const name = nameAlone(`${before} ${after}`);
  const { unit = '', side } = found.groups!;
  const isKnown = side !== undefined || isToldBySide(name);
  if (!/\p{L}{2}/u.test(name) || NOT_AS_LARGE.test(name) || OF_A_PART.test(after.split(/\s/)[0]!) || FITS.test(before)) return null;
  if (before && after && BARE.test(unit) && /\s/.test(found[0].trim()) && !isKnown) return null;
  const text = found[0].trim();
  const plainly = text.replaceAll(/-(?=\D)|\bin\s+(?=dia)/g, ' ');
  return asTold(text, side === undefined ? plainly + (sideByName(name, plainly) ?? ' long') : plainly, side !== undefined);
}

function asTold(text: string, said: string, isTold: boolean, system?: UnitSystem): NamedBySize | null {
  const read = parseQuantity(said, system);
  return read.kind === 'length' || read.kind === 'dimensions' ? { text, said, sides: sidesTold(read), isTold } : null;
}

/** Two sides, as what is flat is called by them. */
const TWO_IN_NAME =
  /(?<![\d./x×]\s?)\b\d[\d./]*(?:\s?(?:in(?:ch(?:es)?)?\b|cm\b|["″”]))?(?:\s?[x×]\s?|\s+by\s+)\d[\d./]*(?:\s?(?:in(?:ch(?:es)?)?\b|cm\b|["″”]))?(?!\s?[x×\d])/gi;
/** Said behind two sides: the frame is in them. */
const WITH_ITS_FRAME = /^,?\s*(?:framed|overall|(?:with|w\/|in|including|incl\.?)\s+(?:its\s+|the\s+)?frame)\b/i;
/** What is named by the picture it takes is larger, and what is folded or rolled smaller. */
const NO_SIZE_OF_IT = /\b(?:frames?|mats?|mounts?|sleeves?|albums?|box(?:es)?|folded|folding|rolled)\b/i;

/**
 * Two sides within the name of what is flat, `canvas 16 x 20 unframed`: hardly larger than that.
 *
 * @param system unit of bare numbers
 */
function flatInTitle(title: string, system: UnitSystem | undefined): NamedBySize | null {
  const kind = archetypeFromTitle(title);
  if (kind === null || ARCHETYPES[kind].bends === null) return null;
  const all = [...title.matchAll(TWO_IN_NAME)];
  const framed = all.filter(({ index, 0: sides }) => WITH_ITS_FRAME.test(title.slice(index + sides.length)));
  if (framed.length === 0 && NO_SIZE_OF_IT.test(title)) return null;
  const [found, ...more] = framed.length > 0 ? framed : all;
  const text = found?.[0].trim();
  return text === undefined || more.length > 0 ? null : asTold(text, text, false, system);
}

/** Takes the measure of a name for sides that nobody told, or one told without its side for that of the name, and says so. */
export function takeFromTitle(line: SaleLine, system: UnitSystem | undefined): void {
  if (line.title === undefined) return;
  const named = measureInTitle(line.title);
  if (line.sizeIn && line.sizeIn.length < 3) {
    sidesFromTitle(line, line.title, line.sizeIn as readonly number[], system);
    // two sides leave the third to the name: `dome 12 in high over base, 8 in dia`
    if (line.sizeIn.length !== 2 || !named?.isTold) return;
  }
  const found = named ?? (line.sizeIn ? null : flatInTitle(line.title, system));
  const told = [0, 1, 2].map((axis) => line.sizeIn?.[axis] ?? null);
  if (!found || found.sides.some((side, axis) => side !== null && told[axis] !== null)) return;
  const { text, said, sides, isTold } = found;
  const at = line.readings.findIndex((reading) => reading.field === 'title' && reading.text.includes(text));
  const reading = line.readings[at];
  if (!reading) return;
  line.sizeIn = told.map((side, axis) => side ?? sides[axis]!);
  const from = reading.at[0] + reading.text.indexOf(text);
  const own = {
    at: [from, from + text.length],
    text,
    field: 'sizeIn',
    problem: null,
    said,
    ...(isTold ? {} : { asks: `taken for ${said}` }),
  } as const;
  delete reading.doubt;
  line.readings.splice(at + 1, 0, own);
}

/** One measure by itself or two, `doll, 20 in` or `bowl 8 x 4 in`, are of the sides by which such a thing is told. */
function sidesFromTitle(line: SaleLine, title: string, told: readonly number[], system: UnitSystem | undefined): void {
  const reading = line.readings.find(({ field }) => field === 'sizeIn');
  if (reading?.said === undefined) return;
  const [own = ''] = title.split(',');
  const name = nameAlone(own);
  const side = told.length === 1 ? sideByName(name, reading.said) : null;
  const said = side === null ? twoSidesByName(name, reading.said, told) : reading.said + side;
  const found = said === null ? null : asTold(reading.text, said, false, system);
  const isSame = found && told.every((side) => found.sides.some((one) => one !== null && Math.abs(one - side) < SAME_IN));
  if (!found || !isSame) return;
  line.sizeIn = found.sides;
  reading.said = found.said;
  reading.asks ??= `taken for ${found.said}`;
}
const SAME_IN = 1e-9;
