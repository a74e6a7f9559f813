import type { Quote } from './quoteService.ts';

/** How far a parcel is from the next price step, both ways. */
export interface StepNudge {
  /** To lose before the step below; null on the first step or when volume decides. */
  readonly overByLb: number | null;
  /** To spare before the step above. */
  readonly headroomLb: number;
}

/**
 * Distance from the edges of the price step in force.
 *
 * @param weightLb what the parcel weighs
 */
export function stepNudge(quote: Pick<Quote, 'stepLb' | 'stepBelowLb' | 'billedBy' | 'billableLb'>, weightLb: number): StepNudge {
  const byWeight = quote.billedBy === 'weight';
  return {
    overByLb: byWeight && quote.stepBelowLb > 0 ? weightLb - quote.stepBelowLb : null,
    headroomLb: quote.stepLb - (byWeight ? weightLb : quote.billableLb),
  };
}
