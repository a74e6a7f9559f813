import { ARCHETYPES } from '../../engineering/pieces/archetypes.ts';
import { archetypeFromTitle } from '../../engineering/pieces/archetypeFromTitle.ts';
import { isNamedByNumber, parseCount } from '../../units/index.ts';
import type { SaleLine } from './SaleLine.ts';

/** What holds so many, and is one thing where it is measured and packed as one. */
const HELD = /^(?:an?\s+)?(?:stack|pile|bundle|collection|assortment|box|case|crate|carton|tray|bag)\s+of\s+(?<said>\w+)\s+(?<rest>\S.*)$/i;
const PLURAL_END = /[^s]s\b/i;
/** So many of them, or the number of a lot. */
const LOT_NUMBER = /^lot\s+(?<lot>\d{1,4})\s+(?<rest>(?!of\b)\D*[^s]s\b.*)$/i;

/** A set of so many pieces that are not alike: `tea set, 15 pcs`. */
const OF_PIECES =
  /\b(?:set|service)\b.*?\b(?<pieces>\d{1,3})[\s-]?(?:pcs?|pieces?)\b|\b(?<before>\d{1,3})[\s-]?(?:pcs?|pieces?)\b.*\b(?:set|service)\b/i;
const IN_ITS_BOX = /\b(?:boxed|cased|in (?:its|their|a|the|original) (?:\w+ )?(?:box|case))\b/i;

/** How many pieces a set of ware has that nobody told one by one; null of anything else. */
function piecesOfSet(title: string): number | null {
  const { pieces, before } = OF_PIECES.exec(title)?.groups ?? {};
  const kind = archetypeFromTitle(title);
  if (kind === null || ARCHETYPES[kind].fragility === null || ARCHETYPES[kind].cased || IN_ITS_BOX.test(title)) return null;
  const many = Number(pieces ?? before);
  return many > 1 ? many : null;
}

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
  const ofSet = piecesOfSet(title);
  if (ofSet !== null) return `taken for one thing: its ${ofSet} pieces are packed one by one where each is told, a + between them`;
  const { said, rest } = HELD.exec(title)?.groups ?? {};
  const held = said === undefined ? null : parseCount(said);
  const isMeasured = sizeIn !== undefined && sizeIn.filter((side) => side !== null).length > 2;
  return held !== null && held > 1 && !isMeasured ? `taken for one thing; packed one by one it is ${held} x ${rest}` : null;
}
