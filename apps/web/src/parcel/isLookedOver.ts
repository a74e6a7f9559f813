import { heldIn, type ParcelView } from '@inch-nest/contracts';

/** True once every piece of a parcel is measured and weighed. */
export const isLookedOver = (view: ParcelView): boolean =>
  heldIn(view).every(({ piece }) => piece.size.value !== null && piece.weight.value !== null);
