import { cushionOf } from '../../engineering/materials/cushionOf.ts';
import type { FillStock } from '../../engineering/materials/stock.ts';

/**
 * The least that a hand takes of a fill: a pillow or a bag whole, anything else by halves.
 *
 * Common practice, no source: nobody cuts a pillow.
 */
export const handStep = ({ cushion }: Pick<FillStock, 'cushion'>): number =>
  cushionOf({ cushion }).deflates || cushion === 'foamInPlace' ? 1 : 0.5;

/** So much of a fill in what a hand takes, rounded up. */
export const unitsOf = (stock: Pick<FillStock, 'cushion' | 'unitFt3'>, ft3: number): number => {
  const step = handStep(stock);
  return Math.ceil(ft3 / stock.unitFt3 / step - 1e-9) * step;
};

/** "half a scoop", "2 1/2 scoops", "1 pillow", "3 boxes". */
export function unitsWords(units: number, unitName: string): string {
  if (units === 0.5) return `half ${/^[aeiou]/.test(unitName) ? 'an' : 'a'} ${unitName}`;
  const said = Number.isInteger(units * 2) && !Number.isInteger(units) ? `${Math.floor(units)} 1/2` : units;
  return `${said} ${unitName}${units === 1 ? '' : unitName.endsWith('x') ? 'es' : 's'}`;
}

/**
 * An amount handed out over some places as a hand takes it: whole steps that add up to it, each place as near its share as
 * that allows, and none of a share without anything while a larger one could spare a step.
 *
 * Formula: largest remainders, which keeps each within one step of its share (Hamilton's method; from memory).
 */
export function handedOut(units: number, step: number, shares: readonly number[]): number[] {
  const sum = shares.reduce((all, share) => all + share, 0);
  if (!(sum > 0)) return shares.map(() => 0);
  const steps = Math.round(units / step);
  const exact = shares.map((share) => (steps * share) / sum);
  const given = exact.map((one) => Math.floor(one + 1e-9));
  const byRest = exact.map((one, at) => ({ at, rest: one - given[at]! })).sort((a, b) => b.rest - a.rest || a.at - b.at);
  for (let left = steps - given.reduce((all, one) => all + one, 0), i = 0; left > 0; left--, i++) given[byRest[i % byRest.length]!.at]!++;
  for (const [at, share] of shares.entries()) {
    const largest = given.indexOf(Math.max(...given));
    if (share > 0 && given[at] === 0 && given[largest]! > 1) {
      given[at] = 1;
      given[largest]!--;
    }
  }
  return given.map((one) => one * step);
}
