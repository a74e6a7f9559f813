/** A unit of length within a name, as an expression to look for. */
export const UNIT_IN_NAME = String.raw`in(?:ch(?:es)?)?\b\.?|cm\b|f(?:oo|ee)?t\b\.?|["″”]`;

/** A measure within a name, with its unit and perhaps its side: `10 in plate`, `doll 18"`, `brass 6-inch bell`, `18 in tall doll`. */
export const MEASURE_IN_NAME = new RegExp(
  String.raw`(?<!(?:[\d./-]|(?<!\p{L})[x×])\s?)\b\d(?:[\d./ ½⅓⅔¼¾⅛⅜⅝⅞]|-(?=\d+\/\d))*[\s-]?(?<unit>${UNIT_IN_NAME})(?<side>[\s-]+(?:in\s+)?(?:tall|high|long|wide|across|diameter|dia\.?)(?!\p{L}))?(?!\s?[x×]\s?\d)`,
  'giu',
);

/** A name without what is measured of it. */
export const withoutMeasures = (name: string): string => name.replace(MEASURE_IN_NAME, ' ').replace(/\s+/g, ' ').trim();
