import { testState, worthTogether, type BenchTestKey } from '@inch-nest/core';
import { benchPlanFor } from './benchPlanFor.ts';
import { orderOf } from './planRequestFor.ts';
import { claimMissing } from './claimMissing.ts';
import { packingShots } from './packingShots.ts';
import { heldIn, type ParcelView } from './parcelView.ts';
import type { ShopView } from './shopView.ts';

/** What a claim is about: the piece's worth, how far it was covered, the tests its nest was due, and what the folder lacks. */
export interface Claim {
  worthMinor: number;
  coveredMinor: number;
  due: readonly BenchTestKey[];
  missing: readonly string[];
}

/** A parcel's claim, as the screen and the folder say it alike. */
export function claimOf(view: ParcelView, shop: ShopView): Claim {
  const order = orderOf(view, shop);
  const worth = worthTogether(order.pieces, order);
  const bench = benchPlanFor(view, shop);
  const asked: { test: BenchTestKey; bundleId?: string | undefined }[] = [
    ...(bench?.due ?? []).map((test) => ({ test })),
    ...(bench?.ofBundles ?? []),
  ];
  // a test that packers came to be asked for after this one was sealed was not due of it
  const wasDue = asked.filter(({ test, bundleId }) => !view.life.sealed || testState(view.life, test, bundleId) !== 'untried');
  const due = bench && [...new Set(wasDue.map(({ test }) => test))];
  return {
    worthMinor: worth,
    coveredMinor: view.nest.plan?.document.quote.coverMinor ?? 0,
    due: due ?? [],
    missing: claimMissing(
      view,
      due,
      worth,
      packingShots(view.photos, bench?.steps ?? []),
      heldIn(view).map(({ pieceId: id, piece }) => ({ id, title: piece.title.value })),
    ),
  };
}
