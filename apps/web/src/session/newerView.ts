import type { ParcelView } from '@inch-nest/contracts';

/** Of two views of a parcel the one that has come further: an answer that was long under way brings nothing back that was before. */
export const newerView = (held: ParcelView | undefined, next: ParcelView): ParcelView =>
  held && held.revision > next.revision ? held : next;
