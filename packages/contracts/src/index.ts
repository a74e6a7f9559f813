// Schemas and views of whatever crosses a boundary.
export * from './problems.ts';
export { NEST_COMMANDS, type NestCommand, type NestRequest } from './nestCommands.ts';
export { planChoice, planDocument, planRequest, order } from './plan.ts';
export { pieceFacts, hardPoint, STEADYING, type Accessory, type Steadying } from './piece.ts';
export type { CardVersionView } from './cardView.ts';
export type { TemplateView } from './templateView.ts';
export { stockroom, boxStock, wrapStock, fillStock } from './stock.ts';
export { rateCard, service } from './rateCard.ts';
export { house } from './house.ts';
export {
  FIELDS,
  readField,
  type FieldEntity,
  type FieldPath,
  type FieldReading,
  type FieldSetting,
  type PieceField,
  type SaleField,
} from './fields.ts';
export type { Conflict, KeptField, LabelState, LabelView, NestView, ParcelView, PhotoOf, PhotoView, ShelfTag } from './parcelView.ts';
export type { Person, ShopView } from './shopView.ts';
export * from './counter.ts';
export * from './commands.ts';
export { orderOf, pieceFactsOf, planRequestFor } from './planRequestFor.ts';
export { sameContent } from './sameContent.ts';
export { packAnswer, type SearchAnswer } from './searchAnswer.ts';
