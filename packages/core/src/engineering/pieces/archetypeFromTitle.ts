import type { ArchetypeKey } from './Archetype.ts';
import { ARCHETYPES } from './archetypes.ts';
import { spelledOut } from './spelledOut.ts';
import { kindByStuff, kindOfStuff } from './stuffOf.ts';

/** What comes after one of these says what goes with a piece or where it is, not what it is: `lamp with a shade`, `guitar in a bag`. */
const BESIDE = new RegExp(
  String.raw`\b(?:with|without|behind|under|on|from|by|for|no|missing|lacks)(?![\w-])|\bin\s+(?:[a-z-]+\s+){0,3}(?:bag|pouch|sleeve|wrapper|basket|bucket|tin)\b|,\s*(?:its\s+|the\s+)?(?:${[
    'weights?|chains?|pendulums?|keys?|winders?|cords?|leads?|plugs?|chargers?|remotes?|manuals?|instructions|booklets?',
    'accessories|attachments|stands?|straps?|batter(?:y|ies)|papers|certificates?',
  ].join('|')})\b`,
);

/** What runs on the kitchen table travels in a box of its own only where the title says so. */
const RUNS = /\b(?:mixer|toaster|blender|waffle[ -]iron|coffee[ -]maker|food[ -]processor)s?\b/;
const IN_A_BOX = /\b(?:box|boxed|carton|packaging|sealed|unopened)\b/;

/** What is carried in a case made for it is sent in that, whatever else goes with it: `violin with bow and case`, `cased trumpet`. */
const CARRIED =
  'violin|fiddle|viola|cello|guitar|ukulele|mandolin|banjo|lute|zither|harp|accordion|concertina|trumpet|cornet|bugle|tuba|trombone|saxophone|flute|clarinet|oboe|piccolo|bassoon|sextant|microscope|theodolite';
const BOX_FOR_IT = String.raw`(?:wooden|wood|oak|mahogany|walnut|teak|fitted)\s+box`;
const WITH_ITS_CASE = new RegExp(
  String.raw`\bcased\b.*\b(?:${CARRIED})\b|\b(?:${CARRIED})\b.*(?:\b(?:with|in|and|plus)|[,&])\s*(?:[\w-]+[\s,]+){0,5}(?:case|${BOX_FOR_IT})\b`,
);
/** A case that is not there. */
const NO_CASE =
  /\b(?:no|without|missing|lacks|needs)\s+(?:(?:a|an|its|the|original|hard)\s+)*case\b|\bcase\s+(?:is\s+)?(?:missing|lost|gone)\b/g;

/** Records that shatter as a plate does. Common practice, no source. */
const SHELLAC = /\bshellacs?\b|\b78s?\b/;

/** A picture told by what it was done in. */
const PAINTED = /\b(?:oil|acrylic|tempera|gouache|pastel|casein)s?\s+on\s+(?:canvas|board|panel|masonite|paper|linen|wood)\b/g;
/** A cup breaks before its saucer. */
const SAUCERS = /(?<=\bcups?)\s*(?:,|&|\/|\+|\band\b)\s*saucers?\b/g;

/** What it stands on is not what it is: `bronze horse on marble base`. */
const ON_ITS_BASE = /\s+on\s+(?:[a-z]+\s+){0,3}(?:base|plinth|pedestal|socle)\b/g;

/** What somebody wears is not what the figure of her is: `bisque doll in a blue dress`; a doll dress is one. */
const WORN =
  /\b(?:clothes|clothing|outfits?|costumes?|uniforms?|(?:over)?coats?|jackets?|dress(?:es)?|gowns?|robes?|kimonos?|shirts?|jumpers?|sweaters?|shawls?|scar(?:f|ves)|cloaks?|hats?|bonnets?|caps?|cloth|cotton|silk|wool|lace|velvet|linen)\b/g;
const WEARER = new RegExp(
  String.raw`\b(?:dolls?|figur(?:e|ine)s?|statu(?:e|ette)s?|busts?|puppets?|marionettes?|mannequins?|soldiers?)\b(?!['’]?\s+${WORN.source})(?=.*?(?:,|\b(?:in|wearing|of|tall|and)\b))`,
);

/** A title without what is worn. */
function withoutClothes(text: string): string {
  const wearer = WEARER.exec(text);
  const from = wearer && wearer.index + wearer[0].length;
  return from === null ? text : text.slice(0, from) + text.slice(from).replace(WORN, '');
}

/**
 * The archetype a title suggests: the one with most of its words in it, the last such word deciding a
 * draw, since the noun comes last. Names of two words are known too: `record player`. What stands before a `with` or a `behind`
 * decides where a word of it is known; a case for what is carried in one is another matter. Of ware it counts too what it is said to be
 * made of: `pewter jug`. Where no noun is known that alone decides: `bronze dog`.
 *
 * @returns null when no word is known
 */
export function archetypeFromTitle(title: string): ArchetypeKey | null {
  const text = withoutClothes(
    spelledOut(title.toLowerCase()).replace(ON_ITS_BASE, '').replace(NO_CASE, '').replace(SAUCERS, '').replace(PAINTED, 'painting'),
  );
  if (WITH_ITS_CASE.test(text)) return 'casedInstrument';
  const beside = text.search(BESIDE);
  const kind = (beside > 0 ? kindOf(text.slice(0, beside), text) : null) ?? kindOf(text, text) ?? kindOfStuff(wordsOf(text));
  if (kind === 'paperStack' && SHELLAC.test(text)) return 'compactCeramic';
  if ((kind === 'boxedGoods' || kind === 'boxedSet') && RUNS.test(text)) return IN_A_BOX.test(text) ? 'boxedGoods' : 'boxedElectronics';
  return kind;
}

/** Nothing behind glass is thinner. Judgement. */
const THINNEST_FRAMED_IN = 3 / 16;
/** A frame no thicker is a picture’s: one of tubes is as wide as its axles. Judgement. */
const THICKEST_FRAME_IN = 2.5;
const FRAME = /\bframes?\b/i;
/** Glass itself, or a picture on it. */
const OF_GLASS = /\b(?:glass|glazed|framed?|mirrors?|panes?|windows?|slides?|negatives?|ambrotypes?|daguerreotypes?|tintypes?)\b/i;

/**
 * The archetype that a title suggests of something so large: a picture as thin as a sheet is paper, and a flat frame a picture’s.
 *
 * @param sizeIn short of a side, or left out, where nobody measured it
 */
export function archetypeOfSize(title: string, sizeIn: readonly (number | null)[] | undefined): ArchetypeKey | null {
  const kind = archetypeFromTitle(title);
  const sides = sizeIn?.filter((side) => side !== null) ?? [];
  if (sides.length !== 3) return kind;
  const [thin, wide] = sides.sort((a, b) => a - b) as [number, number, number];
  if (kind === 'tubularFrame' && FRAME.test(title) && thin <= THICKEST_FRAME_IN && wide >= 3 * thin) return 'glazedFlat';
  return kind === 'glazedFlat' && thin < THINNEST_FRAMED_IN && !OF_GLASS.test(title) ? 'paperGoods' : kind;
}

/**
 * What a title says goes with a piece where that breaks sooner than the piece: `a glass shade`, of a brass lamp.
 *
 * @returns null where it names nothing of the sort
 */
export function breaksSooner(title: string): { readonly words: string; readonly archetype: ArchetypeKey } | null {
  const beside = /\b(?:with|under)\b\s+(?:its\s+|an?\s+|the\s+)?(.+)$/i.exec(spelledOut(title));
  const main = archetypeFromTitle(title);
  const archetype = beside && kindOf(beside[1]!.toLowerCase(), beside[1]!.toLowerCase());
  const least = (key: ArchetypeKey) => ARCHETYPES[key].fragility?.referenceG ?? Infinity;
  return main && archetype && least(archetype) < least(main) ? { words: beside[1]!, archetype } : null;
}

/** A clock’s case is the clock, unless it lies in one. */
const CLOCK = /\b(?:clock|watch|barograph)\b/;
const IN_A_CASE = /\b(?:in|carrying|travel(?:l?ing)?|fitted|hard|original)\s+(?:\w+\s+){0,2}case\b/;

/** Says that there are several and nothing of what, or of what they are: counts where nothing else is known. */
const SAYS_LITTLE = ['set', 'sets', 'ceramic', 'porcelain', 'stoneware', 'pottery', 'oak', 'wood', 'wooden', 'bakelite', 'resin', 'carved'];

/** The archetype that words suggest; of ware the whole title says what it is made of. */
function kindOf(some: string, whole: string): ArchetypeKey | null {
  const isClock = CLOCK.test(some) && !IN_A_CASE.test(some);
  const telling = wordsOf(some).map((word) => (SAYS_LITTLE.includes(word) || (isClock && word === 'case') ? '' : word));
  return kindOfWords(telling, whole) ?? kindOfWords(wordsOf(some), whole);
}

function kindOfWords(words: readonly string[], whole: string): ArchetypeKey | null {
  let best: { key: ArchetypeKey; hits: number; last: number } | null = null;
  for (const { key, words: known } of Object.values(ARCHETYPES)) {
    const hits = words.map((word, i) => hitsOf(known, word, words[i + 1]));
    const count = hits.reduce((sum, one) => sum + one, 0);
    const last = hits.findLastIndex((one) => one > 0);
    if (count === 0) continue;
    // a word that is known as it stands, not as several of another: one hydrometer is glass, hydrometers come in a box
    const asItStands =
      best !== null && last === best.last && known.includes(words[last]!) && !ARCHETYPES[best.key].words.includes(words[last]!);
    if (!best || count > best.hits || (count === best.hits && (last > best.last || asItStands))) best = { key, hits: count, last };
  }
  return best && kindByStuff(best.key, wordsOf(whole), best.last);
}

/** 1 for a word that is known, 2 for one that makes a known name with the next. */
function hitsOf(known: readonly string[], word: string, next: string | undefined): number {
  if (next !== undefined && known.some((one) => isOneOf(`${word}-${next}`, one))) return 2;
  return known.some((one) => isOneOf(word, one)) ? 1 : 0;
}

/** The word itself, or several of it. */
const isOneOf = (word: string, one: string): boolean => word === one || word === `${one}s` || word === `${one}es`;

/** Glass that came from a mould, as its sellers call it. */
const PRESSED = /\b(cut|pressed|milk|carnival|depression|slag|vaseline|uranium|custard) glass\b/g;

/** Whose it is stands with its `s`: `ship’s wheel`. */
const OF_ITS = /['’](?=s\b)/g;

const wordsOf = (text: string): string[] =>
  text
    .replace(PRESSED, '$1-glass')
    .replace(OF_ITS, '')
    .match(/[a-zà-ÿ]+(?:-[a-zà-ÿ]+)*/g) ?? [];
