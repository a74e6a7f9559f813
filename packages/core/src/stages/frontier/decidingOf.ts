import type { Block, LyingBundle } from '../box/StowedBox.ts';

/** The bundle whose shock stands for all in a floor: of those that lie lowest the most delicate by its peak. */
export const decidingOf = ({ bundles }: Pick<Block, 'bundles'>): LyingBundle =>
  bundles
    .filter(({ atIn }) => atIn[2] === 0)
    .reduce((least, one) => ((one.wrapped.piece.criticalG ?? Infinity) < (least.wrapped.piece.criticalG ?? Infinity) ? one : least));
