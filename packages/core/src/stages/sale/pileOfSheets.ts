import { saidOfEach, type SaleLine } from './SaleLine.ts';

/** What is a sheet or hardly more, and the thickest that one of it comes, inches. Judgement. */
const SHEETS: readonly (readonly [RegExp, number])[] = [
  [
    /\b(?:post ?cards?|photo(?:graph)?s?|letters?|stamps?|tickets?|bank ?notes?|prints?|posters?|maps?|charts?|documents?|certificates?)$/i,
    1 / 4,
  ],
  [/\b(?:records?|lps?|comics?|magazines?|newspapers?|sheet music)$/i, 3 / 4],
];

/**
 * The title of a pile that is measured and packed as one thing: `lot of 50 postcards, 6 x 4 x 1` is an inch of postcards, and no
 * postcard is as thick as that.
 *
 * @returns null where the size is of each, as it is of all else that is told with a count
 */
export function pileOfSheets(line: SaleLine): string | null {
  const { title, count = 1 } = line;
  const sides = line.sizeIn?.filter((side) => side !== null) ?? [];
  if (title === undefined || count < 2 || sides.length !== 3 || saidOfEach(line, 'sizeIn')) return null;
  const thickest = SHEETS.find(([name]) => name.test(title))?.[1];
  return thickest !== undefined && Math.min(...sides) > thickest ? `${count} ${title}` : null;
}
