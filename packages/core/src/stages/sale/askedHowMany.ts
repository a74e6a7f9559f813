import { isNamedByNumber, parseCount } from '../../units/index.ts';
import type { SaleLine } from './SaleLine.ts';

/** What holds so many, and is one thing where it is measured and packed as one. */
const HELD = /^(?:an?\s+)?(?:stack|pile|bundle|collection|assortment)\s+of\s+(?<said>\w+)\s+(?<rest>\S.*)$/i;
const PLURAL_END = /[^s]s\b/i;
/** So many of them, or the number of a lot. */
const LOT_NUMBER = /^lot\s+(?<lot>\d{1,4})\s+(?<rest>(?!of\b)\D*[^s]s\b.*)$/i;

/**
 * What a title leaves open of how many there are: `45 rpm records` are as many as nobody says, `stack of 8 plates` is one thing unless
 * they are packed one by one.
 *
 * @returns null where it leaves nothing open
 */
export function askedHowMany({ title, count, sizeIn }: SaleLine): string | null {
  if (title === undefined || count !== undefined) return null;
  if (isNamedByNumber(title) && PLURAL_END.test(title)) return 'how many of them? lead with it, like 3 x';
  const { lot, rest: several } = LOT_NUMBER.exec(title)?.groups ?? {};
  if (lot !== undefined) return `taken for one; if that is how many, lead with it: ${lot} x ${several}`;
  const { said, rest } = HELD.exec(title)?.groups ?? {};
  const held = said === undefined ? null : parseCount(said);
  const isMeasured = sizeIn !== undefined && sizeIn.filter((side) => side !== null).length > 2;
  return held !== null && held > 1 && !isMeasured ? `taken for one thing; packed one by one it is ${held} x ${rest}` : null;
}
