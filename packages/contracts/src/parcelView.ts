import type { LifeEvent, Locks, ParcelLife, PlanChoice, PlanDocument } from '@inch-nest/core';
import type { PieceField, SaleField } from './fields.ts';
import type { FieldEntity } from './typedFields.ts';

/** One field as kept: what was typed, what it means, and the draft beside it where that does not parse. */
export interface KeptField {
  text: string;
  value: unknown;
  revision: number;
  draft: string | null;
  /** Who set it last. */
  by: string;
}

/** A parcel as the screens see it. */
export interface ParcelView {
  id: string;
  code: string;
  revision: number;
  saleId: string;
  pieceId: string;
  sale: Record<SaleField, KeptField>;
  piece: Record<PieceField, KeptField>;
  nest: NestView;
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

/** One of several parcels to a buyer. */
export interface SetMember {
  id: string;
  code: string;
  title: string;
  tracking: string | null;
}

/** Where the buyer lives, as answered to whoever asked to see it. */
export interface AddressView {
  name: string;
  lines: string[];
  revision: number;
}

/** What a photograph shows: the piece as it was sold, or how it was packed. */
export type PhotoOf = 'piece' | 'packing';

/** A photograph kept with a parcel; the picture is fetched by its id. */
export interface PhotoView {
  id: string;
  of: PhotoOf;
  width: number;
  height: number;
  at: string;
  by: string;
}

/** How far a purchase has come: asked for, bought, refused for its price, never charged, or given back. */
export type LabelState = 'pending' | 'bought' | 'priceChanged' | 'notBought' | 'voided';

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
}

/** The choice in hand and the plan kept for it. */
export interface NestView {
  revision: number;
  choice: PlanChoice | null;
  locks: Locks;
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
  trouble: string | null;
}

/** Somebody else changed the same field since: both values, for a person to choose. */
export interface Conflict {
  entity: FieldEntity | 'nest' | 'shop';
  path: string;
  theirs: { text: string; by: string; revision: number };
  yours: string;
}
