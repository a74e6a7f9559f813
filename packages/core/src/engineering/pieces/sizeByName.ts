import type { Triple } from '../geometry/wrapLayer.ts';

/**
 * What has one size everywhere, inches as it lies in its sleeve or its case. From memory: record sleeves (12⅜, 10¼ and 7¼ in), jewel
 * case 142 × 125 × 10 mm, film case 190 × 135 × 15 mm, compact cassette in its case 109 × 70 × 16 mm, video cassette in its sleeve
 * 190 × 105 × 28 mm, playing cards in their box. The first that fits says.
 */
const SIZES: readonly (readonly [RegExp, Triple])[] = [
  [/\b(?:45s?(?: rpm)?|7[- ]?(?:inch|in\b|")) .*\b(?:records?|singles?|vinyls?)\b|\b45s\b/i, [7.25, 7.25, 0.08]],
  [/\b78s?(?: rpm)? .*\b(?:records?|discs?|shellacs?)\b|\b78s\b|\bshellac (?:records?|discs?)\b/i, [10.25, 10.25, 0.12]],
  [/\b(?:lps?|vinyl (?:records?|albums?)|33s?(?: rpm)? .*\brecords?)\b/i, [12.4, 12.4, 0.16]],
  [/\b(?:cds?|compact discs?)\b(?! players?| changers?| radios?| towers?| racks?| cases?| storage)/i, [5.6, 4.9, 0.4]],
  [/\b(?:dvds?)\b(?! players?| drives?| recorders?| racks?)/i, [7.5, 5.3, 0.6]],
  [/\b(?:vhs|video) (?:tapes?|cassettes?)\b/i, [7.5, 4.1, 1.1]],
  [/\b(?:cassette|audio) tapes?\b|\bcassettes?$/i, [4.3, 2.75, 0.65]],
  [/\b(?:playing cards|decks? of cards)\b/i, [3.6, 2.6, 0.75]],
];

/** The size of what has the same everywhere, by its name; null where the name tells of no such thing. */
export const sizeByName = (title: string): Triple | null => SIZES.find(([name]) => name.test(title))?.[1] ?? null;
