import type { PackedParcel, PlanChoice, ReadySet } from '@inch-nest/core';
import type { HeldView } from './parcelView.ts';
import { planRequestFor } from './planRequestFor.ts';
import type { ShopView } from './shopView.ts';

/** A parcel as it was packed, for whoever reckons over many of them. */
export interface PackedView {
  readonly id: string;
  readonly held: HeldView;
  readonly choice: PlanChoice;
  readonly method: ReadySet['key'] | null;
}

/** Parcels that were packed of late, and over how many weeks. */
export interface PackedList {
  readonly weeks: number;
  readonly parcels: readonly PackedView[];
}

/** The same as the core takes it, with the stockroom, the rules and the cards of today. */
export const packedParcelOf = ({ held, choice, method }: PackedView, shop: ShopView): PackedParcel => {
  const nest = { revision: 0, choice, locks: method ? { method } : {}, reasons: [], plan: null };
  return { request: planRequestFor({ ...held, nest }, shop), choice };
};
