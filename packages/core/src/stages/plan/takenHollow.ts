import { ARCHETYPES } from '../../engineering/pieces/archetypes.ts';
import { tooLargeFor } from '../box/hosts.ts';
import { guessMissing } from '../item/guessMissing.ts';
import type { Hollow, PieceFacts } from '../sale/Order.ts';

/**
 * The hollow of a piece in which another piece of its parcel stands: its largest. It is filled by that, wrapped as it is: nothing else
 * goes into it, and its wall is not left to itself. Null where none stands in it.
 *
 * Common practice, no source.
 */
export function takenHollow(facts: PieceFacts, all: readonly PieceFacts[]): Hollow | null {
  if (facts.hollows.length === 0 || facts.count > 1 || !all.some((other) => standsIn(other, facts))) return null;
  return facts.hollows.reduce((largest, one) => (one.volumeIn3 > largest.volumeIn3 ? one : largest));
}

const sizeOf = (facts: PieceFacts) => guessMissing(facts, ARCHETYPES[facts.archetype]).sizeIn;
const standsIn = (guest: PieceFacts, host: PieceFacts): boolean =>
  guest.within?.pieceId === host.id && guest.count === 1 && tooLargeFor(sizeOf(host), sizeOf(guest), guest.within.standsOutIn) === null;

/** A piece without the hollow that another takes; the very same where none does. */
export function withoutTaken(facts: PieceFacts, all: readonly PieceFacts[]): PieceFacts {
  const taken = takenHollow(facts, all);
  return taken === null ? facts : { ...facts, hollows: facts.hollows.filter(({ id }) => id !== taken.id) };
}
