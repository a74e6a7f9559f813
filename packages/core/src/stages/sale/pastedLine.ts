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
const STROKE = /(?<!(?<![x×]\s?)\b[\d./]+) [-–—] |(?<=[x×]\s?[\d./]+) [-–—] | [-–—] (?!\d)/g;

/** The same with a semicolon for whatever parts in a list, as long as it was. */
export const asTyped = (text: string): string =>
  text
    .replace(/[\t|•]/g, ';')
    .replace(STROKE, ' ; ')
    .replace(FULL_STOP, ';')
    .replace(SENTENCE, ';')
    .replace(NAMES_IT, (_, comma: string, space: string, name: string) => comma + space + ' '.repeat(name.length))
    .replace(COLON, '$1$2 ');

/** What a measure is said of, and how well: nothing is told by it. */
const OF_ALL = /\s+(?:in\s+)?(?:total|all|altogether|combined|together|(?:for\s+)?(?:the\s+(?:pair|lot|set)|both))$/i;
/** What is said of each of several. */
export const EACH = /\s+(?:each|apiece|ea\.?)$/i;
const IN_BRACKETS = /^[([]\s*(.+?)\s*[)\]]$/;
const BEHIND_ABOUT = /\s+(?:approx(?:imately|\.)?|or\s+so|ish)$/i;
const BEFORE =
  /^(?:(?:weigh(?:s|ing)|weight|wt\.?|measur(?:es|ing)|dimensions?|dims|size|measurements)\s+)?(?:is\s+|are\s+)?(?:about|approximately|approx\.?|ca\.?|~)?\s*(?=[\d.])/i;

/** A measure alone: `weight about 3 lb`, `(10 x 5 x 5 in)`, `10 x 10 x 4 in approx`, `8 lb in all`, `16 in overall height`. */
export const measureAlone = (said: string): string =>
  said.replace(IN_BRACKETS, '$1').replace(BEHIND_ABOUT, '').replace(OF_ALL, '').replace(OVERALL, '').replace(BEFORE, '');
/** A side of the whole thing: `16 in overall height`, `overall length 9 in`, `14 in overall`. */
const OVERALL = /\b(?:overall|total)\s+(?=(?:height|length|width|depth|tall|high|long|wide)\b)|(?<=\d[\s\S]*)\s+overall$/i;

/** An amount with cents by itself, as lists have prices: `38.00`. */
export const isPriceAlone = (said: string): boolean => /^\d{1,6}\.\d\d$/.test(said);
/** One that no length is told so: `45.00`, `19.99`. */
export const isWholePrice = (said: string): boolean => /^\d{1,6}\.(?:00|95|99)$/.test(said);
