import type { Block } from '../box/StowedBox.ts';

/** The bundle whose shock stands for all in a first floor, by its place: of those that lie lowest the most delicate by its peak. */
export function decidingOf({ bundles }: Pick<Block, 'bundles'>): number {
  const standsG = (at: number) => bundles[at]!.wrapped.piece.criticalG ?? Infinity;
  return bundles.flatMap(({ atIn }, at) => (atIn[2] === 0 ? [at] : [])).reduce((least, at) => (standsG(at) < standsG(least) ? at : least));
}
