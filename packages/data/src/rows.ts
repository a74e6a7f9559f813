import type {
  House,
  LifeEvent,
  Locks,
  MoveReason,
  PlanChoice,
  PlanDocument,
  RateCard,
  RatedFor,
  StockKind,
  Stockroom,
  Triple,
} from '@inch-nest/core';
import type { BoughtFor, KeptField, LabelOrder, LabelState, Mark, Person, PhotoOf } from '@inch-nest/contracts';

// What each table's rows hold, as the repositories see them.

export interface ShopRow {
  id: string;
  name: string;
  zone: string;
  currency: string;
  originPostcode: string;
  lastCutOff: string;
  paper?: 'letter' | 'a4';
  house: House;
  tapes: Pick<Stockroom, 'innerTape' | 'outerTape'> & Partial<Pick<Stockroom, 'linerBoard' | 'offcuts'>>;
  demo: boolean;
  /** True until the demo's last parcel is in it. */
  loading: boolean;
  /** Counts the changes to rules, facts and stockroom. */
  revision?: number;
  /** Who changed each part last, by its path. */
  marks?: Record<string, Mark>;
}
/** One part of a shop as it was changed; never changed itself. */
export interface ShopChangeRow {
  id: string;
  seq?: number;
  shopId: string;
  path: string;
  before: unknown;
  after: unknown;
  personId: string;
  at: Date;
}
/** One move of a count; never changed itself. */
export interface StockMoveRow {
  id: string;
  seq?: number;
  shopId: string;
  kind: StockKind;
  key: string;
  why: MoveReason;
  amount: number;
  at: Date;
  /** Null where a shop began with it. */
  personId: string | null;
  parcelId: string | null;
  paidMinor: number | null;
  supplier: string | null;
  leadDays: number | null;
}
export interface TemplateRow {
  id: string;
  shopId: string;
  name: string;
  piece: Record<string, KeptField>;
  /** The facts of the other pieces, in their order; what names a piece names its place, as `piece-2`. */
  others: Record<string, KeptField>[];
  choice: PlanChoice;
  locks: Locks;
  /** What goes in further boxes of the same sale; places go on counting. */
  boxes: TemplateBox[];
  personId: string;
  at: Date;
}
/** One further box of a template. */
export interface TemplateBox {
  readonly pieces: readonly Record<string, KeptField>[];
  readonly choice: PlanChoice;
  readonly locks: Locks;
}
export interface PhotoRow {
  id: string;
  shopId: string;
  parcelId: string;
  of: PhotoOf;
  /** Key of the step at the bench it was taken at; null where none was. */
  step: string | null;
  /** What it shows, where that is the piece or a bundle. */
  pieceId?: string | null;
  bundleId?: string | null;
  /** SHA-256 of the picture as kept, in hex: its name in the store. */
  content: string;
  width: number;
  height: number;
  personId: string;
  at: Date;
  removed: boolean;
}
export interface LabelRow {
  id: string;
  shopId: string;
  parcelId: string;
  key: string;
  attempt: number;
  state: LabelState;
  ordered: LabelOrder;
  rate: RatedFor;
  /** What the parcel was when it was bought for; null for labels bought before that was kept. */
  boughtFor?: BoughtFor | null;
  tracking: string | null;
  chargedMinor: number | null;
  /** What went wrong, in a sentence. */
  problem: string | null;
  personId: string;
  at: Date;
}
export interface PersonRow extends Person {
  shopId: string;
  position: number;
}
export interface SaleRow {
  id: string;
  shopId: string;
  buyer: string | null;
  destinationPostcode: string;
  soldMinor: number;
  paidMinor: number;
  shippingCollectedMinor: number;
  shipBy: string;
  fields: Record<string, KeptField>;
}
export interface PieceRow {
  id: string;
  shopId: string;
  saleId: string;
  title: string;
  count: number;
  archetype: string;
  bin: string | null;
  lengthIn: number | null;
  widthIn: number | null;
  heightIn: number | null;
  weightLb: number | null;
  fields: Record<string, KeptField>;
}
export interface NestJson {
  revision: number;
  choice: PlanChoice | null;
  locks: Locks;
  /** Who changed each part last: parts of the choice by name, those pinned as `pin:name`. */
  marks: Record<string, Mark>;
  /** Why the choice cannot be carried out; empty where it can. */
  reasons: string[];
}
export interface ParcelRow {
  id: string;
  shopId: string;
  saleId: string;
  code: string;
  state: string;
  revision: number;
  nest: NestJson;
  planId: string | null;
  /** The sending it is one of several parcels of. */
  together?: string | null;
  createdAt?: Date;
}
export interface AddressRow {
  saleId: string;
  shopId: string;
  name: string;
  lines: string[];
  revision: number;
  personId: string;
  at: Date;
}
export interface PickupRow {
  id: string;
  shopId: string;
  cardKey: string;
  day: string;
  tracking: string[];
  reference: string;
  personId: string;
  at: Date;
}
/** One wrapped piece in a parcel; the order of positions is the order of packing. */
export interface BundleRow {
  id: string;
  shopId: string;
  /** Null where it was set aside. */
  parcelId: string | null;
  pieceId: string;
  position: number;
}
export interface ChangeRow {
  id: string;
  seq?: number;
  shopId: string;
  parcelId: string;
  entity: string;
  /** Id of the sale, piece or bundle that was changed. */
  about: string;
  path: string;
  before: unknown;
  after: unknown;
  personId: string;
  at: Date;
  undoOf: string | null;
  undone: boolean;
}
export interface EventRow {
  id: string;
  shopId: string;
  parcelId: string;
  seq: number;
  at: Date;
  personId: string;
  kind: LifeEvent['kind'];
  body: Record<string, unknown>;
  undoOf: string | null;
  bundleId?: string | null;
  pieceId?: string | null;
  /** The last change of the parcel that was kept before it: the house's own order, whatever time was told. */
  afterChange?: number | null;
}
export interface PlanRow {
  id: string;
  shopId: string;
  parcelId: string;
  number: number;
  personId: string;
  at: Date;
  document: PlanDocument;
  house: House;
  stock: Stockroom;
  cards: { id: string; version: number }[];
}
export interface WeighingRow {
  id: string;
  shopId: string;
  parcelId: string;
  readingsLb: number[];
  weightLb: number;
  outsideIn: Triple | null;
}
export interface BoxRow {
  id: string;
  shopId: string;
  key: string;
  name: string;
  position: number;
  onHand: number;
  properties: Record<string, unknown>;
}
export interface MaterialRow {
  id: string;
  shopId: string;
  kind: 'wrap' | 'fill';
  key: string;
  name: string;
  position: number;
  onHand: number;
  properties: Record<string, unknown>;
}
export interface CardRow {
  id: string;
  shopId: string;
  cardKey: string;
  version: number;
  carrier: string;
  validFrom: string;
  validTo: string | null;
  document: RateCard;
  /** Taken out of force by somebody: kept for the parcels rated by it, used for no other. */
  withdrawn: boolean;
}
