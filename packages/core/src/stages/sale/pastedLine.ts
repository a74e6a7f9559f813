import { partsApart } from './partOfIt.ts';
import { MOST_ALIKE } from './readSale.ts';

// Lines as they come out of a list or a notice of a sale: read as if they were typed, each letter in its place.

/** Words that say which field follows; a full stop before them ends what was said before. */
const SAYS =
  'weights?|wt|weighs|dimensions?|dims|measure(?:s|ments)|size|price|asking|sold|paid|cost|shipping|postage|zip|postcode|item|title';
const FULL_STOP = new RegExp(`\\.(?=\\s+(?:(?:${SAYS})\\b|\\p{Sc}))`, 'giu');
/** One before a capital ends a sentence, unless it shortens a word. */
const SENTENCE = /(?<=[a-z]{4}|\b(?:in|cm|lbs?|oz|kg))\.(?=\s+[A-Z])/g;
const NAMES_IT = /(^|[,;])(\s*)((?:item|title|name|description|product|lot|set|order|sale|contents)\s*:)/gi;
const COLON = new RegExp(`\\b(${SAYS}|to|by|bin|for)(\\s*):`, 'gi');
/** A stroke between two things; between two numbers it is a range, unless those are sides: `2 x 3 x 4 - 9 lb`. */
const STROKE = /(?<!(?<![x×]\s?)\b\d[\d./]*) [-–—] |(?<=[x×]\s?[\d./]+) [-–—] | [-–—] (?!\d)/g;

/** What it costs to send, as lists call it. */
const POSTAGE = String.raw`(?:shipping(?:\s+(?:and|&)\s+handling)?|postage|s\s?[&/]\s?h|p\s?&\s?p)`;
/** An amount that comes on top. */
const ON_TOP = new RegExp(String.raw`\s(?:plus|and)(?=\s+(?:\p{Sc}\s?\d|\d[\d.]*\s+${POSTAGE}\b))`, 'giu');

/** What stands before one of a list: `2) jug`, `/ jug`. */
const LISTED = /^\s*(?:\d{1,2}\)|[/&–—-])\s+/;

/** How many, before a measure: `plates (8) 10 in`. */
const COUNT_WITHIN = /(?<=\p{L}s)\s\((\d{1,3})\)\s(?=\s*\d)/giu;
const END = '(?:handle|spout|tip|end|edge)s?';
/** How long it is with what stands out, or how wide where it is widest: `tray 22 in handle to handle`, `vase 6 in at its widest`. */
const END_TO_END = String.raw`(?:${END}\s+to\s+${END}|(?:at\s+)?(?:(?:the|its)\s+)?(?<widest>widest)(?:\s+(?:point|part))?)(?!\p{L})`;
const AS_A_SIDE = new RegExp(String.raw`(?<=\d[\d./ ]*(?:in(?:ch(?:es)?)?\.?|cm|mm|["″”])\s+)${END_TO_END}`, 'giu');
/** In brackets, behind a side that has its name. */
const REMARK = new RegExp(String.raw`(?<=\d[\d./ ]*[a-z."″”]+(?:\s+[a-z]+)?\s?)\(${END_TO_END}\)`, 'giu');
const sideWord = (said: string, widest?: string): string => (widest ? 'wide' : 'long').padStart(said.length);

/** The same with a semicolon for whatever parts in a list, as long as it was. */
export const asTyped = (text: string): string =>
  partsApart(text)
    .replace(/[\t|•]/g, ';')
    .replace(COUNT_WITHIN, '  x$1;')
    .replace(REMARK, (remark) => ' '.repeat(remark.length))
    .replace(AS_A_SIDE, sideWord)
    .replace(LISTED, (number) => ' '.repeat(number.length))
    .replace(STROKE, ' ; ')
    .replace(ON_TOP, (plus) => ' ;'.padEnd(plus.length))
    .replace(FULL_STOP, ';')
    .replace(SENTENCE, ';')
    .replace(NAMES_IT, (_, comma: string, space: string, name: string) => comma + space + ' '.repeat(name.length))
    .replace(COLON, '$1$2 ');

/** What a measure is said of, and how well: nothing is told by it. */
const OF_ALL =
  /\s+(?:in\s+)?(?:total|all|altogether|combined|together|(?:for\s+)?(?:(?:the|per)\s+(?:pair|lot|set)|both))$|(?<=\d[\s\S]*)\s*\/\s*(?:pr|pair|set|lot)\.?$|(?<=\p{Sc}\s?\d[\d.,]*)\s+(?:pr|pair|set|lot)\.?$/iu;
/** What is said of each of several. */
export const EACH = /(?:\s+(?:each|apiece|ea\.?|per\s+piece)|(?<=\d[\s\S]*)\s*\/\s*(?:ea\.?|each|pc|piece))$/i;
const IN_BRACKETS = /^[([]\s*(.+?)\s*[)\]]$/;
const BEHIND_ABOUT = /\s+(?:approx(?:imately|\.)?|or\s+so|ish)$/i;
const BEFORE =
  /^(?:(?:weigh(?:s|ing)|weight|wt\.?|measur(?:es|ing)|dimensions?|dims|size|measurements)\s+)?(?:is\s+|are\s+)?(?:about|approximately|approx\.?|ca\.?|~)?\s*(?=[\d.])/i;

/** A measure alone: `weight about 3 lb`, `(10 x 5 x 5 in)`, `10 x 10 x 4 in approx`, `8 lb in all`, `16 in overall height`. */
export const measureAlone = (said: string): string =>
  said
    .replace(IN_BRACKETS, '$1')
    .replace(BEHIND_ABOUT, '')
    .replace(OF_ALL, '')
    .replace(OVERALL, '')
    .replace(TO_ITS_TOP, ' high')
    .replace(CLOSED, ' long')
    .replace(BEFORE, '');
/** How high it stands: `9 in to top of handle`, `14 in high to the socket`. Common practice, no source. */
const TO_ITS_TOP =
  /(?<=\d[^,]*?)(?:\s+(?:high|tall))?\s+to\s+(?:the\s+)?(?:very\s+)?(?:top|rim|tip|brim|lip|finial|socket|handle|spout|shoulder)s?\b[^,\d]*$/i;
/** As long as it is when it is packed, `10 in closed`; of `24 x 36 folded` nobody knows. */
const CLOSED = /(?<=^[^x×,]*\d[^x×,]*?)(?:\s+long)?\s+(?:when\s+)?(?:closed|collapsed|folded|shut)$/i;
/** A side of the whole thing: `16 in overall height`, `overall length 9 in`, `14 in overall`. */
const OVERALL = /\b(?:overall|total)\s+(?=(?:height|length|width|depth|tall|high|long|wide)\b)|(?<=\d[\s\S]*)\s+overall$/i;

/** An amount with cents by itself, as lists have prices: `38.00`. */
export const isPriceAlone = (said: string): boolean => /^\d{1,6}\.\d\d$/.test(said);
/** One that no length is told so: `45.00`, `19.99`. */
export const isWholePrice = (said: string): boolean => /^\d{1,6}\.(?:00|95|99)$/.test(said);

/** What is said of an amount: that others may better it, or that it brings the parcel too. */
const OFFER_WORDS = String.raw`\s+(?:shipped|delivered|obo|o\.b\.o\.?|ono|firm|or\s+(?:best|nearest)\s+offer)$`;
const OFFER_ALONE = new RegExp(String.raw`^(\p{Sc}?\d[\d.,]*)${OFFER_WORDS}`, 'iu');
const OFFER = new RegExp(String.raw`(?<=\d)${OFFER_WORDS}`, 'i');
/** A full stop behind an amount ends what was said. */
const STOP = /(?<=\p{Sc}\s?\d[\d.,]*)\.$/u;
/** The word for it may stand behind an amount: `paid 14 shipping`. */
const BEHIND = new RegExp(`^(?:buyer\\s+)?(?:paid\\s+)?(?!free\\b)(\\S+)\\s+(?:for\\s+)?${POSTAGE}$`, 'i');
const FREE = new RegExp(`^free\\s+${POSTAGE}$`, 'i');
/** True of an amount for all there are: `120 the pair`. */
export const isOfAll = (words: string): boolean => OF_ALL.test(words);
/** The same with the word for it before it, and without its `each`. */
export const ledFirst = (words: string): string =>
  words
    .replace(STOP, '')
    .replace(OF_ALL, '')
    .replace(EACH, '')
    .replace(OFFER_ALONE, 'sold $1')
    .replace(OFFER, '')
    .replace(EACH_FIRST, '')
    .replace(BEHIND, 'shipping $1')
    .replace(FREE, 'shipping 0');
/** Before an amount too: `each 4 x 4 x 9`. */
const EACH_FIRST = /^each\s+(?=(?:(?:about|approx\.?|weigh(?:s|ing)?|sold|at)\s+)*[^\p{L}\s])/iu;

export const isEach = (part: string): boolean => EACH.test(part) || EACH_FIRST.test(part);
/** A whole number of more than one. */
export const isCount = (part: string): boolean => /^\d{1,4}$/.test(part) && Number(part) > 1 && Number(part) <= MOST_ALIKE;
