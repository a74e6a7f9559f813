import { AS_IT_STANDS, type PlanChoice, type Remedy, type Stockroom } from '@inch-nest/core';

/** One remedy presses in so much more fill, as a share of what was reckoned. */
const FILL_MORE = 0.1;

/** What a remedy changes of the nest; null where hands do it and no figure moves, or nothing larger is there. */
export function remedyChange({ does }: Remedy, choice: PlanChoice, { wraps, boxes }: Stockroom): Partial<PlanChoice> | null {
  if (does === 'fillMore') return { extraFill: Math.round(((choice.extraFill ?? 0) + FILL_MORE) * 100) / 100 };
  if (does === 'turnMore') {
    const bubble = (key: string) => ['conform', 'cushion'].includes(wraps.find((one) => one.key === key)?.role ?? '');
    const at = choice.layers.findLastIndex((layer) => bubble(layer.material));
    return at < 0 ? null : { layers: choice.layers.map((layer, i) => (i === at ? { ...layer, turns: layer.turns + 1 } : layer)) };
  }
  if (does === 'nextBox') {
    const now = boxes.find((one) => one.key === choice.box);
    const volume = ({ insideIn }: { insideIn: readonly number[] }) => insideIn.reduce((product, side) => product * side, 1);
    const next = boxes
      .filter(
        (one) =>
          now &&
          one.onHand > 0 &&
          one.style === 'slotted' &&
          one.key !== now.key &&
          one.insideIn.every((side, axis) => side >= now.insideIn[axis]!),
      )
      .sort((a, b) => volume(a) - volume(b))[0];
    return next ? { box: next.key, ...AS_IT_STANDS, baseGapIn: null } : null;
  }
  return null;
}
