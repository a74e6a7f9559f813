import type { PictureMark } from '@inch-nest/core';
import type { Claim, ClaimReader, ParcelView, PhotoOf, ShopView } from '@inch-nest/contracts';
import type { PaperFacts } from './PaperFacts.ts';

/** A photograph of a parcel with its bytes. */
export interface ClaimPhoto {
  readonly jpeg: Uint8Array;
  readonly of: PhotoOf;
  /** The piece it shows; null of the packing. */
  readonly pieceId: string | null;
  /** Key of the step it was taken at. */
  readonly step: string | null;
  /** Pixels. */
  readonly width: number;
  readonly height: number;
  /** What is drawn upon it. */
  readonly marks: readonly PictureMark[];
  readonly at: string;
}

/** A parcel that was sent together with the one that is claimed. */
export type ClaimSibling = Pick<ClaimOf, 'view' | 'facts' | 'photos'>;

/** Everything a claim folder is made of, and whom it is for. */
export interface ClaimOf {
  readonly view: ParcelView;
  readonly shop: Pick<ShopView, 'zone' | 'stock'>;
  /** Worth, cover, tests due and what is missing. */
  readonly claim: Claim;
  readonly facts: PaperFacts;
  /** The earliest first. */
  readonly photos: readonly ClaimPhoto[];
  /** The other parcels of the set it was sent with, whose proof goes along. */
  readonly siblings: readonly ClaimSibling[];
  readonly reader: ClaimReader;
}

/** A heading of the folder with what stands under it. */
export interface ClaimSection {
  readonly title: string;
  readonly lines: readonly string[];
}

/** A moment as the folder writes it, in the shop's own time. */
export const writeMoment = (shop: Pick<ShopView, 'zone'>): ((at: string) => string) => {
  const when = new Intl.DateTimeFormat('en', { timeZone: shop.zone, dateStyle: 'long', timeStyle: 'short' });
  return (at) => when.format(new Date(at));
};
