import type { Minor } from '../../units/index.ts';
import type { Elsewhere, Order, PieceFacts } from './Order.ts';

/**
 * What a piece is worth, all that are alike together: what somebody said one of them would cost to replace, else their share
 * of what the order was sold for. Covered, declared, lost and claimed by this one figure.
 */
export const worthMinor = (
  { replacementMinor, count }: Pick<PieceFacts, 'replacementMinor' | 'count'>,
  { soldMinor, pieces }: Pick<Order, 'soldMinor'> & { readonly pieces: readonly Pick<PieceFacts, 'count'>[] },
): Minor => {
  if (replacementMinor !== null) return replacementMinor * count;
  const all = pieces.reduce((sum, one) => sum + one.count, 0);
  return Math.round((soldMinor * count) / Math.max(1, all));
};

/** What some pieces of an order are worth together. */
export const worthTogether = (pieces: readonly Parameters<typeof worthMinor>[0][], order: Parameters<typeof worthMinor>[1]): Minor =>
  pieces.reduce((sum, piece) => sum + worthMinor(piece, order), 0);

/** True of a piece that somebody said is worth nothing without others, as a cup is without its saucer: one, and no row of alike ones. */
export const isOfSet = ({ wholeOrNothing, count }: Pick<PieceFacts, 'wholeOrNothing' | 'count'>): boolean => wholeOrNothing && count === 1;

/** How many there are of alike pieces each of which may go with one of as many others, as six cups with six saucers; null for others. */
export const pairsOf = ({ wholeOrNothing, count }: Pick<PieceFacts, 'wholeOrNothing' | 'count'>): number | null =>
  wholeOrNothing && count > 1 ? count : null;

/** True of a piece that comes off nothing and has nothing that comes off it. */
export const standsAlone = ({ id, partOf }: Pick<PieceFacts, 'id' | 'partOf'>, all: readonly Pick<PieceFacts, 'partOf'>[]): boolean =>
  !partOf && !all.some((one) => one.partOf?.pieceId === id);

/** All that belongs to an order, wherever it travels. */
const allOf = (order: Order): Elsewhere[] => [
  ...order.pieces.map((piece) => {
    const pairs = pairsOf(piece);
    return {
      id: piece.id,
      partOf: piece.partOf,
      worthMinor: worthMinor(piece, order),
      isOfSet: isOfSet(piece),
      ...(pairs === null ? {} : { pairs }),
    };
  }),
  ...(order.elsewhere ?? []),
];

/** Others of which each goes with one of these: as many of them, said to be so as these are, and neither a part nor a whole. */
function fellowsOf(facts: PieceFacts, all: readonly Elsewhere[]): Elsewhere[] {
  const pairs = pairsOf(facts);
  if (pairs === null || !standsAlone(facts, all)) return [];
  return all.filter((one) => one.id !== facts.id && one.pairs === pairs && standsAlone(one, all));
}

/** True where with one of several alike broken all of them are worth nothing, and not just its fellow. */
export const goesWhole = (facts: PieceFacts, order: Order): boolean => facts.wholeOrNothing && fellowsOf(facts, allOf(order)).length === 0;

/**
 * What else is worth nothing once a piece is broken: the whole it comes off, with that one’s parts, wherever they travel; of a piece
 * that comes off nothing, the others of which the same is said; of one of several alike that go with as many others, one of each of
 * those. Nothing unless somebody said so of it.
 */
export function worthBeside(facts: PieceFacts, order: Order): Minor {
  if (!facts.wholeOrNothing) return 0;
  const all = allOf(order);
  const fellows = fellowsOf(facts, all);
  if (fellows.length > 0) return fellows.reduce((sum, one) => sum + one.worthMinor, 0) / facts.count;
  const wholeOf = (id: string, seen: readonly string[] = []): string => {
    const whole = all.find((one) => one.id === id)?.partOf?.pieceId;
    return whole === undefined || seen.includes(whole) ? id : wholeOf(whole, [...seen, id]);
  };
  const sumOf = (some: readonly Elsewhere[]) => some.reduce((sum, one) => sum + one.worthMinor, 0);
  const others = all.filter(({ id }) => id !== facts.id);
  const whole = wholeOf(facts.id);
  const ofOneWhole = others.filter(({ id }) => wholeOf(id) === whole);
  if (ofOneWhole.length > 0 || !isOfSet(facts)) return sumOf(ofOneWhole);
  return sumOf(others.filter((one) => one.isOfSet === true && standsAlone(one, all)));
}
