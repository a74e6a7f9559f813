import type { PlanDocument } from '@inch-nest/core';
import type { Writers } from './writers.ts';

/**
 * Readings of a bench scale differ by this much without meaning anything, and by so much of what lies on it; so much of the
 * whole is something whatever was reckoned. Common practice, no source.
 */
const USUAL = { spreadLb: 0.4 / 16, spreadShare: 0.005, oddShare: 0.06, oddLb: 0.25 };

/** What a weighing says about the estimate; `odd` when it is outside of twice the ±, or far off in proportion. Too light, what goes with the piece is asked after first. */
export function weighingAdvice(
  weightLb: number,
  spreadLb: number,
  { grossLb, plusMinusLb, parts }: PlanDocument['weight'],
  write: Pick<Writers, 'weight'>,
  accessories: readonly string[] = [],
): { odd: boolean; words: string } {
  const offLb = weightLb - grossLb;
  if (spreadLb > Math.max(USUAL.spreadLb, USUAL.spreadShare * weightLb))
    return {
      odd: true,
      words: `The readings differ by ${write.weight(spreadLb)}: is the scale level, and does the box touch anything?`,
    };
  const far = Math.abs(offLb) > Math.max(USUAL.oddLb, USUAL.oddShare * grossLb);
  if (Math.abs(offLb) <= 2 * plusMinusLb && !far) return { odd: false, words: 'As reckoned.' };
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
