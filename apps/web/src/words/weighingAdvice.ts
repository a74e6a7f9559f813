import type { PlanDocument } from '@inch-nest/core';
import type { Writers } from './writers.ts';

/** Readings of a bench scale differ by this much without meaning anything; common practice, no source. */
const USUAL_SPREAD_LB = 0.2 / 16;

/** What a weighing says about the estimate; `odd` when it is outside of twice the ±. Too light, what goes with the piece is asked after first. */
export function weighingAdvice(
  weightLb: number,
  spreadLb: number,
  { grossLb, plusMinusLb, parts }: PlanDocument['weight'],
  write: Pick<Writers, 'weight'>,
  accessories: readonly string[] = [],
): { odd: boolean; words: string } {
  const offLb = weightLb - grossLb;
  if (spreadLb > 2 * USUAL_SPREAD_LB)
    return {
      odd: true,
      words: `The readings differ by ${write.weight(spreadLb)}: is the scale level, and does the box touch anything?`,
    };
  if (Math.abs(offLb) <= 2 * plusMinusLb) return { odd: false, words: 'As reckoned.' };
  const amount = `${write.weight(Math.abs(offLb))} ${offLb < 0 ? 'light' : 'heavy'}`;
  const like = [...parts]
    .filter((part) => part.part !== 'piece')
    .sort((a, b) => Math.abs(a.weightLb - Math.abs(offLb)) - Math.abs(b.weightLb - Math.abs(offLb)))[0];
  const hint =
    offLb < 0
      ? accessories.length > 0
        ? `are the ${accessories.join(' and the ')} in?`
        : `is everything in? The ${like?.part ?? 'fill'} weighs about that`
      : 'was the piece weighed bare, or is there more fill than planned?';
  return { odd: true, words: `${amount}: ${hint}${hint.endsWith('?') ? '' : '.'}` };
}
