// The one public door of the core, grouped by subject.

// the flow
export { planParcel } from './planParcel.ts';
export type { PlanRequest, Locks } from './stages/plan/PlanRequest.ts';
export type { ChosenPlan } from './stages/plan/choosePlan.ts';
export { derivePlan, type Derived } from './stages/plan/derivePlan.ts';
export { verifyPlan } from './stages/plan/verifyPlan.ts';
export { writePlanDocument } from './stages/plan/writePlanDocument.ts';
export { nextBestChanges, withTurns, type ChangeKind, type NextChange } from './stages/plan/nextBestChanges.ts';
export {
  CORE_VERSION,
  PLAN_FORMAT,
  type PlanDocument,
  type PlanFault,
  type PlanFill,
  type PlanHardPoint,
  type PlanLayer,
} from './stages/plan/PlanDocument.ts';
export type { CauseKey, CostLine, PlanChoice, PlanOption } from './stages/frontier/PlanOption.ts';
export type { SearchProgress } from './stages/frontier/traceFrontier.ts';

// the sale and the piece
export { readSaleLine, type SaleLine, type SaleLineField, type SaleLineReading } from './stages/sale/readSaleLine.ts';
export type { Hollow, Order, PieceFacts } from './stages/sale/Order.ts';
export { guessMissing } from './stages/item/guessMissing.ts';
export { ARCHETYPES, archetypeFromTitle, type Archetype, type ArchetypeKey, type Finish } from './engineering/pieces/archetypes.ts';
export { FORMS, formAxis, type FormKey } from './engineering/pieces/forms.ts';
export {
  FACES,
  GUARDS,
  guardLengthAdvisedIn,
  HARD_POINTS,
  type Face,
  type GuardKind,
  type HardPoint,
  type HardPointKind,
} from './engineering/pieces/hardPoints.ts';

// the parcel's life
export { BENCH_TESTS, type BenchTest, type Happening, type LifeEvent, type RatedFor } from './stages/parcel/LifeEvent.ts';
export { recordParcel } from './stages/parcel/recordParcel.ts';
export type { ParcelLife, ParcelState, Weighing } from './stages/parcel/ParcelLife.ts';
export { buyGate, handOverGate, sealGate } from './stages/parcel/gates.ts';

// stockroom, house, tariff
export type { BoardGrade, BoxStock, FillStock, Stockroom, TapeStock, WrapRole, WrapStock } from './engineering/materials/stock.ts';
export { ORDINARY_FILLS, ORDINARY_TAPES, ORDINARY_WRAPS } from './engineering/materials/ordinaryStock.ts';
export { BOARD_GRADES, type BoardGradeKey } from './engineering/materials/boardGrades.ts';
export { BEDDED_HOUSE, KAPPA_AT_FIRST, type House, type Kappa } from './house/House.ts';
export type { Cover, Limits, PriceStep, RateCard, Service, Surcharge, Volumetric, ZoneRule } from './engineering/tariff/RateCard.ts';
export { quoteService, type PriceLine, type Quote, type QuoteRefusal, type Shipment } from './engineering/tariff/quoteService.ts';
export { stepNudge, type StepNudge } from './engineering/tariff/stepNudge.ts';
export { lengthPlusGirthIn } from './engineering/tariff/girth.ts';
export type { Gaps, BoxRefusal } from './stages/box/StowedBox.ts';
export { builtOutsideIn, whyNot } from './stages/box/offerBoxes.ts';
export { wrapItem } from './stages/wrap/wrapItem.ts';
export { inspectItem } from './stages/item/inspectItem.ts';

// engineering
export type { CushionCurve, CushionLayer } from './engineering/cushion/cushionCurve.ts';
export type { Triple } from './engineering/geometry/wrapLayer.ts';
export type { Orientation } from './engineering/geometry/orientations.ts';
export { orient, orientationsAllowed } from './engineering/geometry/orientations.ts';
export { HEAVIEST_LB } from './engineering/journey/dropSchedule.ts';

export { wrapLayer } from './engineering/geometry/wrapLayer.ts';
export { curveFromBestPoint } from './engineering/cushion/curveFromBestPoint.ts';
export { greatestStrain } from './engineering/cushion/cushionCurve.ts';
export { dropHeightAtG, energyShares } from './engineering/cushion/dropHeight.ts';
export { isBottomed, peakG } from './engineering/cushion/peakG.ts';
export { dropsPerJourney } from './engineering/journey/dropHeights.ts';
export { shockChance as chanceOnJourney } from './engineering/journey/shockChance.ts';
export { simulateJourneys } from './engineering/journey/simulateJourneys.ts';
export { seededRandom } from './engineering/numeric/seededRandom.ts';
export { certificateFor } from './engineering/board/certificate.ts';
export { compressionStrengthLbf, tooShallowForMcKee } from './engineering/board/compressionStrength.ts';
export { crossDivider } from './engineering/boxshop/crossDivider.ts';
export { lowerBox } from './engineering/boxshop/lowerBox.ts';
export { linerPanels } from './engineering/boxshop/linerPanels.ts';
export type { CutPart, SheetLine } from './engineering/boxshop/CutPart.ts';

// units and provenance
export * from './units/index.ts';
export * from './sources/index.ts';
