import { heightShareByName } from '../../engineering/pieces/heightByName.ts';
import { parseQuantity, sidesTold, type SidesTold, type UnitSystem } from '../../units/index.ts';
import type { SaleLine } from './SaleLine.ts';

/** What a piece goes with, has or came from: `doll 18 in with trunk`, `clock with 8 in dial`. */
const BESIDE = /\s*(?:\(|\b(?:with|without|from|by|for|on)\b).*$/i;
/** One more of as many measures as there are pieces, or what stands below one: `vase 12 in and stand`. */
const AND = /\s+(?:and|&)\s.*$/i;
const ABOUT = /\s+(?:about|approx(?:imately|\.)?|ca\.?|measures|measuring|size)$/i;
/** `10 in plate`, `doll 18"`, `brass 6-inch bell`. */
const MEASURE =
  /(?<!(?:[\d./-]|(?<!\p{L})[x×])\s?)\b(?<much>\d[\d./ ]*[\s-]?(?<unit>in(?:ch(?:es)?)?\b\.?|cm\b|["″”]))(?<side>[\s-]+(?:in\s+)?(?:tall|high|long|wide|across|diameter|dia\.?)(?!\p{L}))?/giu;
/** Bare `in` may as well say where something lies: `Type 3 in tin`. */
const BARE = /^in$/i;

/** What is one of its parts, or is named by the size of something else: the whole is larger, or smaller. Common practice, no source. */
const OF_A_PART =
  /^(?:\d.*|dials?|bases?|shades?|blades?|stems?|necks?|rims?|mouths?|bores?|barrels?|holes?|openings?|apertures?|wheels?|drives?|screens?|mats?|scales?|gauges?|thick|deep)$/i;
const FITS = /\b(?:fits?|takes|of|to|in|type|mark|mk|no|number|model|series|grade|size|vol|volume|part)\.?$/i;
/** What is told by the length of a string of it, by its glass, or by what it measures. Common practice, no source. */
const NOT_AS_LARGE =
  /\b(?:necklaces?|chains?|bracelets?|pendants?|beads|cords?|belts?|collars?|lens(?:es)?|objectives?|eyepieces?|telescopes?|spyglass(?:es)?|refractors?|reflectors?|binoculars?|magnifiers?|levels?|rules?|rulers?|tapes?|micrometers?|calipers?)\b/i;

/** What is round, and told by how wide it is across. Common practice, no source. */
const ROUND =
  /\b(?:plates?|saucers?|chargers?|bowls?|basins?|skillets?|frying pans?|dials?|gongs?|cymbals?|wall clocks?|floats?|globes?|balls?|orbs?|spheres?|bells?|ashtrays?|tambourines?)$/i;
/** What stands, and is told by how high it does. Common practice, no source. */
const STANDING =
  /\b(?:vases?|dolls?|figur(?:e|ine)s?|statues?|statuettes?|busts?|lamps?|lanterns?|candle ?sticks?|candelabr(?:a|um)s?|jars?|bottles?|decanters?|carafes?|pitchers?|jugs?|ewers?|urns?|crocks?|churns?|canisters?|tankards?|steins?|goblets?|tumblers?|samovars?|(?:coffee|tea) ?pots?|(?:mantel|carriage|shelf|table) clocks?|obelisks?|nutcrackers?|troph(?:y|ies)|birdcages?)$/i;
/** Of what lies in it, that is not the size. */
const LIES_IN = /\s+in\s+(?:an?|its|the|\p{L}+)\b.*$/iu;

/** The measure by which a thing is called. */
interface NamedBySize {
  /** As it was typed. */
  readonly text: string;
  readonly sides: SidesTold;
  /** What it was taken for. */
  readonly asks: string;
}

/**
 * The measure by which a thing is called, `10 in plate` or `doll 18 in`: how wide across what is round, how tall what stands, how
 * long anything else. What is told of a part, or says how long a string of it is, is no size of the thing.
 *
 * @param system unit of a bare number, of which there is none here
 * @returns null where the name has none, or more than one
 */
export function measureInTitle(title: string, system: UnitSystem | undefined): NamedBySize | null {
  const [own = ''] = title.replace(BESIDE, '').split(',');
  const [found, ...more] = own.matchAll(MEASURE);
  if (!found || more.length > 0) return null;
  const before = own.slice(0, found.index).trim().replace(ABOUT, '');
  const after = own
    .slice(found.index + found[0].length)
    .replace(/^[\s-]+/, '')
    .replace(AND, '');
  const name = `${before} ${after}`.replace(AND, '').replace(LIES_IN, '').trim();
  const { much = '', unit = '', side: isNamed } = found.groups!;
  const [isRound, stands] = [ROUND.test(name), STANDING.test(name)];
  if (!/\p{L}{2}/u.test(name) || NOT_AS_LARGE.test(name) || OF_A_PART.test(after.split(/\s/)[0]!) || FITS.test(before)) return null;
  if (before && after && BARE.test(unit) && !isRound && !stands && !isNamed) return null;
  const text = found[0].trim();
  const read = parseQuantity((isNamed ? text : much).replaceAll(/-(?=\D)|\bin\s+(?=dia)/g, ' '), system);
  if (read.kind !== 'length' && !(isNamed && read.kind === 'dimensions')) return null;
  const taken = (sides: SidesTold, what: string): NamedBySize => ({ text, sides, asks: `“${text}” is taken for ${what}` });
  if (isNamed) return taken(sidesTold(read), 'one side of it');
  const [side] = [read.inches].flat() as [number];
  if (stands) return taken([null, null, side], 'how tall it is');
  if (!isRound) return taken([side, null, null], 'its longest side');
  return taken([side, side, heightShareByName(name) === 1 ? side : null], 'how wide it is across');
}

/** Takes the measure of a name for sides that nobody told, and says so beside the name. */
export function takeFromTitle(line: SaleLine, system: UnitSystem | undefined): void {
  const found = line.title === undefined ? null : measureInTitle(line.title, system);
  const told = line.sizeIn ?? [null, null, null];
  if (!found || told.length < 3 || found.sides.some((side, axis) => side !== null && told[axis] !== null)) return;
  line.sizeIn = told.map((side, axis) => side ?? found.sides[axis]!);
  const reading = line.readings.find(({ field, text }) => field === 'title' && text.includes(found.text));
  if (reading) reading.asks ??= found.asks;
}
