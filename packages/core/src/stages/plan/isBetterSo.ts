import type { PlanOption } from '../frontier/PlanOption.ts';

/** What is not cheaper by so much is not worth another word; a share of what it is expected to cost. Judgement. */
const WORTH_TELLING = 0.03;

/**
 * True of a nest under something that somebody has yet to say (stacked, or laid down) that is worth telling beside the one without:
 * cheaper, with what is expected to break, and below the ceiling or no worse than the other.
 *
 * @param now null where there is none
 */
export const isBetterSo = (
  so: Pick<PlanOption, 'expectedMinor' | 'chance'>,
  now: Pick<PlanOption, 'expectedMinor' | 'chance'> | null,
  ceiling: number,
): boolean => now === null || (so.chance <= Math.max(ceiling, now.chance) && so.expectedMinor <= now.expectedMinor * (1 - WORTH_TELLING));
