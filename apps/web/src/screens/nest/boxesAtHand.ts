import { boxesOf, type BoxStock } from '@inch-nest/core';
import type { NestUse } from '../bench/useNest.ts';

/** Every box there is, carriers' free ones too, those that do first, each other with its reason. */
export function boxesAtHand({
  request,
  refusals,
  choice,
}: Pick<NestUse, 'request' | 'refusals' | 'choice'>): { box: BoxStock; why: string | null }[] {
  const { boxes } = boxesOf({ ...request, locks: {} });
  const misfit = new Map(refusals.map((refusal) => [refusal.box.key, refusal.reason]));
  // an inner box changes what must fit: then only what is left is known beforehand
  const why = (box: BoxStock) => (choice?.inner ? (box.onHand > 0 ? null : 'none left') : (misfit.get(box.key) ?? null));
  return boxes.map((box) => ({ box, why: why(box) })).sort((a, b) => Number(a.why !== null) - Number(b.why !== null));
}
