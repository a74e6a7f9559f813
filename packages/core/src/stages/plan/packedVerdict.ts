import type { PlanFault } from './PlanDocument.ts';

/** What a plan costs and is expected to cost. */
interface Priced {
  readonly costMinor: number;
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
 * Over-packed: a cheaper plan has clearly lower expected cost. Under-packed: a dearer one does, or the
 * nest fails a feel, gap or certificate rule.
 *
 * @param others plans to compare with: the recommended one and the frontier
 */
export function packedVerdict<Other extends Priced>(
  hand: Priced & { readonly faults: readonly PlanFault[] },
  others: readonly Other[],
): PackedVerdict<Other> {
  if (hand.faults.some(({ kind }) => kind === 'tooSmall' || kind === 'noService')) return { kind: 'right' };
  const fault = hand.faults.find(({ kind }) => kind === 'feel' || kind === 'gap' || kind === 'certificate');
  if (fault) return { kind: 'underPacked', byMinor: null, fault };
  const least = Math.min(SHARE * hand.expectedMinor, MINOR);
  const better = others
    .filter((one) => one.costMinor !== hand.costMinor && hand.expectedMinor - one.expectedMinor > least)
    .reduce<Other | null>((best, one) => (!best || one.expectedMinor < best.expectedMinor ? one : best), null);
  if (!better) return { kind: 'right' };
  return {
    kind: better.costMinor < hand.costMinor ? 'overPacked' : 'underPacked',
    byMinor: hand.expectedMinor - better.expectedMinor,
    instead: better,
  };
}
