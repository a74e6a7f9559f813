import { worthMinor, type BenchTestKey } from '@inch-nest/core';
import { benchPlanFor } from './benchPlanFor.ts';
import { valuesOf } from './keptFields.ts';
import { claimMissing } from './claimMissing.ts';
import type { ParcelView } from './parcelView.ts';
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
  const piece = valuesOf(view.piece);
  const worth = worthMinor(piece, { soldMinor: view.sale.soldMinor.value, pieces: [piece] });
  const due = benchPlanFor(view, shop)?.due ?? null;
  return {
    worthMinor: worth,
    coveredMinor: view.nest.plan?.document.quote.coverMinor ?? 0,
    due: due ?? [],
    missing: claimMissing(view, due, worth),
  };
}
