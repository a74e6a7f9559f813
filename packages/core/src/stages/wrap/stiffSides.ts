import type { WrappedItem } from './WrappedItem.ts';

/** How many sides of a flat piece have something stiff on them, two at most: a card has one, a turn of it or a stiff envelope both. */
export const stiffSides = (layers: WrappedItem['layers']): number =>
  Math.min(
    2,
    layers.filter(({ stock }) => stock.stiff).reduce((sum, { turns }) => sum + 2 * turns, 0),
  );
