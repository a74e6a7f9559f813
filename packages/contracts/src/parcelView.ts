import type { Elsewhere, LifeEvent, Locks, ParcelLife, PictureMark, PlanChoice, PlanDocument, StockUse } from '@inch-nest/core';
import type { KeptFields, PieceValues, SaleValues } from './keptFields.ts';

/** A parcel as the screens see it. */
export interface ParcelView {
  id: string;
  code: string;
  revision: number;
  saleId: string;
  /** The first bundle and the piece in it. */
  bundleId: string;
  pieceId: string;
  sale: KeptFields<SaleValues>;
  piece: KeptFields<PieceValues>;
  /** Its other bundles and the pieces in them, in the order of packing. */
  others: HeldPiece[];
  /** What of the money is this parcel's; null where it holds one whole sale. */
  share: MoneyShare | null;
  /** What of its sales travels in other boxes; empty for all of it here. */
  elsewhere: readonly Elsewhere[];
  nest: NestView;
  /** What the kept nests of parcels that go before it keep of the stock, each thing once. */
  reserved: StockUse[];
  life: ParcelLife;
  photos: PhotoView[];
  labels: LabelView[];
  /** Parcels of one sending, this one among them, in the order of their codes; one alone is no set. */
  set: SetMember[];
  /** Whether the buyer's address is kept; it is shown only when somebody asks. */
  address: { kept: boolean; revision: number };
  events: LifeEvent[];
  /** How many steps this person can take back and do again. */
  undo: number;
  redo: number;
}

/** A bundle of a parcel and the piece in it. */
export interface HeldPiece {
  bundleId: string;
  pieceId: string;
  piece: KeptFields<PieceValues>;
}

/** What of what pieces were sold for belongs to one parcel, in minor units. */
export interface MoneyShare {
  soldMinor: number;
  paidMinor: number;
  shippingCollectedMinor: number;
}

/** What planning needs of a parcel. */
export type HeldView = Pick<ParcelView, 'saleId' | 'bundleId' | 'pieceId' | 'sale' | 'piece' | 'others' | 'share' | 'elsewhere'>;

/** What of the sale's money is a parcel's: its share, or all of it. */
export const moneyOf = ({ share, sale }: Pick<ParcelView, 'share' | 'sale'>): MoneyShare =>
  share ?? {
    soldMinor: sale.soldMinor.value,
    paidMinor: sale.paidMinor.value,
    shippingCollectedMinor: sale.shippingCollectedMinor.value,
  };

/** What is kept from a sale when sending a parcel costs so much, in minor units: by its share as it is now, which moves with what its other boxes cost. */
export function keptOf(view: Pick<ParcelView, 'share' | 'sale'>, costMinor: number): number {
  const { soldMinor, shippingCollectedMinor, paidMinor } = moneyOf(view);
  return soldMinor + shippingCollectedMinor - paidMinor - costMinor;
}

/** Every bundle of a parcel, the first included. */
export const heldIn = ({
  bundleId,
  pieceId,
  piece,
  others,
}: Pick<HeldView, 'bundleId' | 'pieceId' | 'piece' | 'others'>): readonly HeldPiece[] => [{ bundleId, pieceId, piece }, ...others];

/** One of several parcels to a buyer. */
export interface SetMember {
  id: string;
  code: string;
  title: string;
  tracking: string | null;
  /** How far it has come. */
  state: string;
  /** What its nest costs in all, in minor units; null where none is kept. */
  costMinor: number | null;
}

/** Where the buyer lives, as answered to whoever asked to see it. */
export interface AddressView {
  name: string;
  lines: string[];
  revision: number;
}

/** What a photograph shows: the piece as it was sold, how it was packed, or what came back. */
export type PhotoOf = 'piece' | 'packing' | 'back';

/** A photograph kept with a parcel; the picture is fetched by its id. */
export interface PhotoView {
  id: string;
  of: PhotoOf;
  /** The piece it shows; null of the packing. */
  pieceId: string | null;
  /** Key of the step at the bench it was taken at; null where none was. */
  step: string | null;
  width: number;
  height: number;
  /** What is drawn upon it, kept beside it. */
  marks: readonly PictureMark[];
  at: string;
  by: string;
}

/** How far a purchase has come: asked for, bought, refused for its price, never charged, or given back. */
export type LabelState = 'pending' | 'bought' | 'voiding' | 'priceChanged' | 'notBought' | 'voided';

/** One purchase of a label, the newest first on a parcel. */
export interface LabelView {
  id: string;
  attempt: number;
  state: LabelState;
  serviceName: string;
  priceMinor: number;
  chargedMinor: number | null;
  tracking: string | null;
  problem: string | null;
  at: string;
  by: string;
  /** What has moved since it was bought; empty where it still is the label of this parcel. */
  moved: LabelMove[];
}

/** What a bought label no longer agrees with. */
export type LabelMove = 'address' | 'postcode' | 'weight' | 'size' | 'contents';

/** What a parcel was when its label was bought. */
export interface BoughtFor {
  postcode: string;
  /** SHA-256 of the address; null where none was kept. The address itself lies in its own table alone. */
  addressHash: string | null;
  weightLb: number;
  outsideIn: readonly number[];
  /** What is in it: pieces and what goes along, by id and count. */
  contents: readonly string[];
}

/** The choice in hand and the plan kept for it. */
export interface NestView {
  revision: number;
  choice: PlanChoice | null;
  locks: Locks;
  /** Why the choice cannot be carried out; empty where it can. */
  reasons: readonly string[];
  plan: { id: string; number: number; document: PlanDocument } | null;
}

/** One tag on the shelf. */
export interface ShelfTag {
  id: string;
  code: string;
  title: string;
  tag: string;
  /** Where it goes, as a postcode. */
  postcode: string;
  bin: string | null;
  shipBy: string;
  state: string;
  minutes: number | null;
  tracking: string | null;
  /** Which of how many of its set it is; null where it goes alone. */
  ofSet: { place: number; of: number } | null;
  /** What keeps it from being packed, as a key. */
  trouble: 'mendNest' | 'labelAtRisk' | null;
}

/** What past parcels may be ordered by; without one they stand as they were sold, the newest first. */
export const PAST_SORTS = ['code', 'title', 'tag', 'state', 'promised', 'bin'] as const;
export type PastSort = (typeof PAST_SORTS)[number];

/** What past parcels may be asked for; everything that is said must hold. */
export interface PastFilter {
  /** Words of a title, the beginning of each enough. */
  text?: string | undefined;
  code?: string | undefined;
  tag?: string | undefined;
  /** A state, `open` or `finished`. */
  state?: string | undefined;
  bin?: string | undefined;
  tracking?: string | undefined;
  /** Days, the first and the last. */
  from?: string | undefined;
  to?: string | undefined;
  sort?: PastSort | undefined;
  /** The last first. */
  down?: '1' | undefined;
}

/** A page of parcels and where the next begins. */
export interface PastPage {
  tags: ShelfTag[];
  next: string | null;
}
