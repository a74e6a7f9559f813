import { boxesOf, type BoxStock } from '@inch-nest/core';
import type { NestUse } from '../../parcel/useNest.ts';

/** Every box there is, carriers' free ones too, those that do first, each other with its reason. */
export function boxesAtHand({ request, refusals }: Pick<NestUse, 'request' | 'refusals'>): { box: BoxStock; why: string | null }[] {
  const { boxes } = boxesOf({ ...request, locks: {} });
  const misfit = new Map(refusals.map((refusal) => [refusal.box.key, refusal.reason]));
  return boxes.map((box) => ({ box, why: misfit.get(box.key) ?? null })).sort((a, b) => Number(a.why !== null) - Number(b.why !== null));
}
