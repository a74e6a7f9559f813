// Schemas and views of whatever crosses a boundary.
export * from './problems.ts';
export { NEST_COMMANDS, type NestCommand, type NestRequest } from './nestCommands.ts';
export { cutRequest } from './cutCommands.ts';
export { MOST_PIECES, nestChange, planChoice, planDocument, planRequest, order } from './plan.ts';
export * from './keeping.ts';
export { applyNestChange, nestChangeBetween, nestParts, type NestChange, type NestValue } from './nestChange.ts';
export { applyShopChange } from './shopChange.ts';
export { readShopPart, setShopPart, shopChangesBetween, shopPart, type KeptShop } from './shopParts.ts';
export { pieceFacts, hardPoint, type Accessory } from './piece.ts';
export { STEADYING, type Steadying } from './steadying.ts';
export type { CardIntake, CardVersionView } from './cardView.ts';
export { openParcelFile, parcelFile, typedAgain, type NestOfFile, type ParcelFile } from './parcelFile.ts';
export type { TemplateView } from './templateView.ts';
export { countPath, stockAsked, takenBack, toldMove, type MoveView, type StockView, type ToldMove } from './stockMoves.ts';
export {
  handsAsked,
  inTestOrder,
  PRACTICE_PIECES,
  practiceRequest,
  type HandsFound,
  type HandsView,
  type Practice,
  type PracticeKey,
} from './hands.ts';
export { requestOfLines, sumOfLines } from './requestOfLines.ts';
export { zonesReached, type ZoneReached } from './zonesReached.ts';
export { packedParcelOf, type PackedList, type PackedView } from './packedView.ts';
export { MOST_DROP_TESTS, MOST_OFFCUTS, stockroom, boxStock, wrapStock, fillStock } from './stock.ts';
export { rateCard, service } from './rateCard.ts';
export { house } from './house.ts';
export { readOwnField, type FieldReading, type FieldSetting } from './typedFields.ts';
export {
  pieceColumns,
  saleColumns,
  startOfPiece,
  startOfSale,
  valuesOf,
  type FieldEntity,
  type KeptField,
  type KeptFields,
  type PieceField,
  type PieceValues,
  type SaleField,
  type SaleValues,
  type BoxWish,
} from './keptFields.ts';
export { FIELDS, readField, type FieldPath } from './fields.ts';
export type {
  AddressView,
  BoughtFor,
  LabelMove,
  LabelState,
  LabelView,
  NestView,
  ParcelView,
  PastFilter,
  PastSort,
  PastPage,
  PhotoOf,
  PhotoView,
  SetMember,
  ShelfTag,
  HeldPiece,
  HeldView,
  MoneyShare,
} from './parcelView.ts';
export { heldIn, keptOf, moneyOf } from './parcelView.ts';
export { nameAmong, personAmong } from './among.ts';
export type { Person, ShopFacts, ShopView } from './shopView.ts';
export type { HealthView } from './healthView.ts';
export { takeAwayRequest, upkeepCommand, type BackupStoreView, type BackupView, type UpkeepAnswer, type UpkeepView } from './upkeepView.ts';
export * from './counter.ts';
export { quoteOrder } from './quoteOrder.ts';
export * from './commands.ts';
export * from './permissions.ts';
export * from './signIn.ts';
export * from './audit.ts';
export * from './live.ts';
export { orderOf, pieceFactsOf, planRequestFor } from './planRequestFor.ts';
export { benchPlanFor, type BenchPlan } from './benchPlanFor.ts';
export { readCode, type Scanned } from './readCode.ts';
export { packingShots, shotWords, type PackingShots } from './packingShots.ts';
export { claimOf, type Claim } from './claimOf.ts';
export type { DayView, PulledPiece } from './dayView.ts';
export { sameContent } from '@inch-nest/core';
export { packAnswer, type SearchAnswer } from './searchAnswer.ts';
export { customsDeclaration } from './customs.ts';
export {
  CLAIM_READERS,
  claimAsked,
  claimRequest,
  PAPER_KINDS,
  paperRequest,
  PAPERS_WITH_ADDRESS,
  papersDue,
  type ClaimReader,
  type PaperKind,
  type PapersOf,
} from './papers.ts';
export type { PickupList, PickupOfCarrier, WaitingParcel } from './pickupView.ts';
