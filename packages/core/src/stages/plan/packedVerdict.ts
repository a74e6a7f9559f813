import { evenWithin } from '../frontier/recommend.ts';
import type { PlanFault } from './PlanDocument.ts';

/** What a plan costs and is expected to cost. */
export interface Priced {
  readonly nestCostMinor: number;
  readonly chance: number;
  readonly expectedMinor: number;
}

/** Whether a nest is packed about right, or which way it errs and by how much. */
export type PackedVerdict<Other> =
  | { readonly kind: 'right' }
  | { readonly kind: 'overPacked' | 'underPacked'; readonly byMinor: number; readonly instead: Other }
  | { readonly kind: 'underPacked'; readonly byMinor: null; readonly fault: PlanFault };

/** A difference worth a word: a twentieth of the expected cost, or fifty cents; judgement. */
const SHARE = 0.05;
const MINOR = 50;

/**
 * Over-packed: a cheaper plan below the ceiling has clearly lower expected cost, and is not the riskier of a tie. Under-packed: a dearer one does, the
 * chance is above a ceiling that another stays below, or the nest fails a feel, gap or certificate rule.
 *
 * @param others plans to compare with: the recommended one and the frontier
 * @param ceiling on the chance of breaking
 */
export function packedVerdict<Other extends Priced>(
  hand: Priced & { readonly faults: readonly PlanFault[] },
  others: readonly Other[],
  ceiling: number,
): PackedVerdict<Other> {
  if (hand.faults.some(({ kind }) => kind === 'tooSmall' || kind === 'noService')) return { kind: 'right' };
  const fault = hand.faults.find(
    ({ kind, blocks }) => blocks && (kind === 'feel' || kind === 'gap' || kind === 'hollowGap' || kind === 'certificate'),
  );
  if (fault) return { kind: 'underPacked', byMinor: null, fault };
  const least = Math.min(SHARE * hand.expectedMinor, MINOR);
  const below = others.filter((one) => one.chance <= ceiling);
  const safer = hand.chance > ceiling ? leastExpected(below) : null;
  if (safer) return { kind: 'underPacked', byMinor: Math.max(0, hand.expectedMinor - safer.expectedMinor), instead: safer };
  // above the ceiling only what is at least as safe is better
  const better = leastExpected(
    (below.length > 0 ? below : others.filter((one) => one.chance <= hand.chance)).filter(
      (one) =>
        Math.abs(one.nestCostMinor - hand.nestCostMinor) > 0.5 &&
        hand.expectedMinor - one.expectedMinor > least &&
        !isSaferOfEven(hand, one),
    ),
  );
  if (!better) return { kind: 'right' };
  return {
    kind: better.nestCostMinor < hand.nestCostMinor ? 'overPacked' : 'underPacked',
    byMinor: hand.expectedMinor - better.expectedMinor,
    instead: better,
  };
}

/** Within a tie the safer is taken, so that it is not packed too well either. */
const isSaferOfEven = (hand: Priced, one: Priced): boolean =>
  hand.chance < one.chance && hand.expectedMinor - one.expectedMinor <= evenWithin(one.nestCostMinor);

/** The one that is expected to cost least. */
export const leastExpected = <Other extends Priced>(all: readonly Other[]): Other | null =>
  all.reduce<Other | null>((best, one) => (!best || one.expectedMinor < best.expectedMinor ? one : best), null);
