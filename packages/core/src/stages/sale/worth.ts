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

/** True of a piece that comes off nothing and has nothing that comes off it. */
export const standsAlone = ({ id, partOf }: Pick<PieceFacts, 'id' | 'partOf'>, all: readonly Pick<PieceFacts, 'partOf'>[]): boolean =>
  !partOf && !all.some((one) => one.partOf?.pieceId === id);

/**
 * What else is worth nothing once a piece is broken: the whole it comes off, with that one’s parts, wherever they travel; of a piece
 * that comes off nothing, the others of which the same is said. Nothing unless somebody said so of it.
 */
export function worthBeside(facts: PieceFacts, order: Order): Minor {
  if (!facts.wholeOrNothing) return 0;
  const all: Elsewhere[] = [
    ...order.pieces.map((piece) => ({
      id: piece.id,
      partOf: piece.partOf,
      worthMinor: worthMinor(piece, order),
      isOfSet: isOfSet(piece),
    })),
    ...(order.elsewhere ?? []),
  ];
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
