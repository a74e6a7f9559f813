import type { Wraps } from '../wrap/WrappedItem.ts';
import type { BoxLocks } from './BoxChoices.ts';
import { waysToStand, type Way } from './waysToStand.ts';

/** So many ways of standing, each with every wrap; more of them where few wraps are left to choose from, as with what is wrapped and measured. */
const WAYS = { least: 8, most: 24, withWraps: 64 };

/** Ways in which different bundles may stand: by turns as they stand closest in the middle of their wraps, the thinnest and the thickest. */
export function waysOfAll(wraps: readonly Wraps[], locks: BoxLocks): Way[] {
  const outside = (some: Wraps) => some.reduce((sum, { bundleIn }) => sum + bundleIn[0] + bundleIn[1] + bundleIn[2], 0);
  const bySize = [...wraps].sort((a, b) => outside(a) - outside(b));
  const most = Math.min(WAYS.most, Math.max(WAYS.least, Math.floor(WAYS.withWraps / Math.max(1, wraps.length))));
  const each = [bySize[bySize.length >> 1], bySize[0], bySize.at(-1)].map((some) => (some ? waysToStand(some, locks, most) : []));
  const byTurns = Array.from({ length: most }, (_, i) => each.flatMap((ways) => ways[i] ?? [])).flat();
  return [...new Map(byTurns.map((way) => [JSON.stringify(way), way])).values()].slice(0, most);
}
