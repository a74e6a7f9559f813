import type { Layout } from '../../engineering/stowage/Block.ts';
import { letterOf } from '../../engineering/stowage/letterOf.ts';
import { act, type Part } from './stepParts.ts';

/** A step at the bundle done for each of several alike: one step with a count; for one it stays as it is. */
export function forEach(count: number, parts: readonly Part[]): Part[] {
  if (count === 1) return [...parts];
  return parts.map((part) => ({
    ...part,
    key: `${part.key}:x${count}`,
    title: `${part.title}, ${count} times`,
    says: `Each of A to ${letterOf(count - 1)}, one after the other, and its letter on the tape. ${part.says}`,
    minutes: part.minutes * count,
    amounts: part.amounts.map((one) => (EACH.test(one.unit) ? one : { ...one, amount: one.amount * count })),
  }));
}

/** A test that each of several must pass. */
export const ofEach = (count: number, parts: readonly Part[]): Part[] =>
  count === 1 ? [...parts] : parts.map((part) => ({ ...part, says: `Each of A to ${letterOf(count - 1)}: ${part.says}` }));

/** Turns and lengths are of one, however many are done. */
const EACH = /^(turns|inches)/;

/** Pieces that lie in stacks are stacked before they are wrapped. */
export function stackSteps(stacks: readonly number[]): Part[] {
  const most = stacks[0]!;
  if (most === 1) return [];
  const how = 'Even edges, alternating ends, the dearest in the middle; tape that comes off easily on three sides.';
  return [
    act(
      `stack:${stacks.join('-')}`,
      stacks.length === 1 ? `Stack all ${most}` : `Make ${stacks.length} stacks: ${stacks.join(', ')}`,
      how,
      0,
    ),
  ];
}

/** How several go into a box: where each stands. */
export function placeWords({ grid: [along, across, up], count }: Layout): string {
  if (count === 1) return 'In the middle, its heavy side down.';
  const storey = `${along} along and ${across} across`;
  const storeys = up === 1 ? 'in one layer' : `${up} layers one upon the other`;
  return `A first, in the near left corner: ${storey}, ${storeys}, wraps touching, the whole block in the middle of the box.`;
}
