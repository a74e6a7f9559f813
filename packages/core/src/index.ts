// The one public door of the core, grouped by subject.

// the flow
export {
  explainOtherWays,
  mayGoApart,
  oneBoxOrMore,
  outsideStock,
  planCount,
  planOrByHand,
  packedOtherwise,
  planParcel,
  stackedNest,
  withEnough,
  boxToGet,
  laidDown,
  type PlanProgress,
} from './planParcel.ts';
export {
  bundleChoice,
  bundleLocks,
  piecesOf,
  withBundle,
  type BundleLocks,
  type Locks,
  type PlanRequest,
} from './stages/plan/PlanRequest.ts';
export type { ChosenPlan } from './stages/plan/choosePlan.ts';
export { derivePlan, type Derived } from './stages/plan/derivePlan.ts';
export { packedVerdict, type PackedVerdict } from './stages/plan/packedVerdict.ts';
export { wayOf, type OtherWay } from './stages/plan/otherWays.ts';
export { cheapestCrossing } from './stages/plan/cheapestCrossing.ts';
export { PACKING_WAYS, type PackingWay } from './stages/box/packingWay.ts';
export { dropsPerJourney, medianDropIn } from './engineering/journey/dropHeights.ts';
export type { Excess } from './engineering/tariff/nearestService.ts';
export { BY_HAND } from './stages/rate/byHand.ts';
export { blockingFaults } from './stages/plan/findFaults.ts';
export { playDrop, type DropFace, type PlayedDrop } from './stages/plan/playDrop.ts';
export { sendMany, type Breakage, type SentMany } from './stages/plan/sendMany.ts';
export { addedOf } from './stages/item/addedTo.ts';
export * from './stages/plan/choices.ts';
export type { Struck } from './stages/fill/FilledBox.ts';
export { verifyPlan } from './stages/plan/verifyPlan.ts';
export { MOST_SHARED, type Boxes, type OneOrMore, type Portion, type WaysLookedAt } from './stages/plan/oneOrMore.ts';
export { choiceOfBundle, partsOfBundle, planOfBundle } from './stages/plan/ofBundle.ts';
export { writePlanDocument } from './stages/plan/writePlanDocument.ts';
export { nextBestChanges, type NextChange } from './stages/plan/nextBestChanges.ts';
export { withTurns } from './stages/plan/bundleChanges.ts';
export type { ChangeKind } from './stages/plan/ChangeKind.ts';
export {
  CORE_VERSION,
  PLAN_FORMAT,
  planBundles,
  type BundleRisk,
  type PlanBundle,
  type PlanDocument,
  type PlanFault,
  type PlanFill,
  type PlanHardPoint,
  type PlanLayer,
} from './stages/plan/PlanDocument.ts';
export type { BundleChoice, CostLine, PlanChoice, PlanOption } from './stages/frontier/PlanOption.ts';
export { CHOICE_PARTS } from './stages/plan/choiceParts.ts';
export { askHands, type HandsAnswer, type HandsQuestion, type JudgedAnswer } from './stages/plan/askHands.ts';
export type { SearchProgress } from './stages/frontier/Trace.ts';
export type { NoPlan } from './stages/plan/explainNoPlan.ts';

// the sale and the piece
export { readSaleLine, readSaleLines, type SaleLine, type SaleLineField } from './stages/sale/readSaleLine.ts';
export type { Along, AlongPlace, Elsewhere, Hollow, Order, PartOf, PieceFacts, WithinPiece } from './stages/sale/Order.ts';
export { guessMissing } from './stages/item/guessMissing.ts';
export type { Archetype, ArchetypeKey, Finish } from './engineering/pieces/Archetype.ts';
export { archetypeFromTitle, breaksSooner } from './engineering/pieces/archetypeFromTitle.ts';
export { looseUntold, type LoosePart } from './engineering/pieces/looseParts.ts';
export { ARCHETYPES } from './engineering/pieces/archetypes.ts';
export { FORMS, formAxis, type FormKey } from './engineering/pieces/forms.ts';
export {
  FACES,
  GUARDS,
  GUARD_OVERREACH_IN,
  guardLengthAdvisedIn,
  HARD_POINTS,
  type Face,
  type GuardKind,
  type HardPoint,
  type HardPointKind,
} from './engineering/pieces/hardPoints.ts';

// the bench and what is learned
export { shotsOf } from './stages/bench/shots.ts';
export { testsDue, writeBenchSteps, type BenchFacts } from './stages/bench/writeBenchSteps.ts';
export type { PartFate } from './stages/bench/partSteps.ts';
export type { BenchPhase, BenchStep, StepAmount, StepPicture } from './stages/bench/BenchStep.ts';
export {
  BENCH_TEST_RULES,
  BENCH_TESTS,
  type BenchTestKey,
  type BenchTestRule,
  type Remedy,
  type RemedyAct,
} from './stages/bench/benchTests.ts';
export { exposureOf, recordOutcomes } from './stages/outcome/recordOutcomes.ts';
export type { Calibration, GroupKappa, Outcome } from './stages/outcome/Outcome.ts';

// the parcel's life
export {
  OVERRULE_REASONS,
  type BenchTest,
  type Happening,
  type LifeEvent,
  type OverruleReason,
  type RatedFor,
} from './stages/parcel/LifeEvent.ts';
export { MOST_ALIKE, offInOrder } from './stages/sale/readSale.ts';
export { blockSizeIn, evenStacks, gridsFor, type Grid } from './engineering/stowage/Block.ts';
export { membersOf, rowOf, standIn, standsAll, type Stand } from './engineering/stowage/Stand.ts';
export { movedBeside, swapped } from './engineering/stowage/standsFor.ts';
export { asWish, STANDING_RULES, ticked, wishesOf, type StandingRule, type StandingWish } from './engineering/stowage/standingRules.ts';
export { letterOf } from './engineering/stowage/letterOf.ts';
export { JOBS, type Job } from './stages/sale/jobs.ts';
export { OWN_BOX, ownBoxOf } from './stages/box/ownBox.ts';
export { plainFacts } from './stages/sale/plainFacts.ts';
export { countedTitle } from './stages/sale/countedTitle.ts';
export { apportion } from './stages/sale/apportion.ts';
export { isOfSet, pairsOf, standsAlone, worthBeside, worthMinor, worthTogether } from './stages/sale/worth.ts';
export { aboutOf } from './stages/parcel/LifeEvent.ts';
export { isPacked, STANDING, statesThat, staysBehind, type Standing } from './stages/parcel/standing.ts';
export {
  CUSTOMS_PURPOSES,
  customsForm,
  customsProblems,
  customsTotals,
  type CustomsDeclaration,
  type CustomsLine,
  type CustomsPurpose,
} from './stages/parcel/customs.ts';
export { TAPE_OVER_END_IN } from './engineering/board/envelope.ts';
export * from './stages/parcel/PictureMark.ts';
export { capital, lower } from './stages/bench/stepParts.ts';
export { tearList, type RollToTear, type TearList, type TornPiece } from './stages/bench/tearList.ts';
export { boxesToKeep, type BoxesToKeep, type PackedParcel, type SizeKept } from './stages/plan/boxesToKeep.ts';
export { shortCounter, willNotSuffice, type ShortStock } from './stages/plan/willNotSuffice.ts';
export { stockUsed, type UsedInstead } from './stages/plan/stockUsed.ts';
export { countedStock, type CountedItem } from './engineering/stockkeeping/countedStock.ts';
export { movedStock } from './engineering/stockkeeping/movedStock.ts';
export { stockInHand, type InHand } from './engineering/stockkeeping/stockInHand.ts';
export { stockAhead, stockValue, USUAL_WEEKS, type StockAhead } from './engineering/stockkeeping/reorder.ts';
export {
  MOVE_REASONS,
  SHEET_BOARD,
  stockName,
  summedUses,
  type MoveReason,
  type StockKind,
  type StockMove,
  type StockUse,
} from './engineering/stockkeeping/StockMove.ts';
export { WEEKS_BACK } from './engineering/stockkeeping/weeklyUse.ts';
export {
  FINDING_WORDS,
  RETURN_FINDINGS,
  returnFinding,
  SEAL_WORDS,
  SEALS_FOUND,
  type ReturnFinding,
  type SealFound,
} from './stages/parcel/returnFinding.ts';
export { isToldBetter, lifeWords } from './stages/parcel/lifeWords.ts';
export { CLAIMED, frozenFact, moveGate, MOVES } from './stages/parcel/moves.ts';
export { recordParcel, testState } from './stages/parcel/recordParcel.ts';
export type { DoneStep, ParcelLife, ParcelState, TestState, Weighing } from './stages/parcel/ParcelLife.ts';
export { buyGate, handOverGate, sealGate, type BundleTest } from './stages/parcel/gates.ts';

// stockroom, house, tariff
export type {
  BoardGrade,
  BoxStock,
  BoxStyle,
  FillStock,
  SheetBoard,
  Stockroom,
  TapeStock,
  WrapRole,
  WrapStock,
} from './engineering/materials/stock.ts';
export {
  ORDINARY_FILLS,
  ORDINARY_LINER_BOARD,
  ORDINARY_TAPES,
  ORDINARY_WRAPS,
  type OrdinaryFillKey,
} from './engineering/materials/ordinaryStock.ts';
export { BOARD_GRADES, type BoardGradeKey } from './engineering/materials/boardGrades.ts';
export { BEDDED_HOUSE, KAPPA_AT_FIRST, type House, type Kappa } from './house/House.ts';
export { QUESTIONS, sidesOf, takenSide, takeSides, type Answers, type Question, type QuestionKey, type Side } from './house/questions.ts';
export { houseByMethod, houseOfSet, READY_SETS, type ReadySet } from './house/readySets.ts';
export { cushionOf, sheetThicknessIn } from './engineering/materials/cushionOf.ts';
export { likeOfOwn, ownFill, ownWrap, TURNS_MEASURED } from './engineering/materials/ownMaterial.ts';
export type {
  Container,
  Cover,
  CubicTier,
  Limits,
  PriceStep,
  RateCard,
  Service,
  Surcharge,
  Volumetric,
  ZoneRule,
} from './engineering/tariff/RateCard.ts';
export { isDear } from './stages/rate/rateParcel.ts';
export { quoteService } from './engineering/tariff/quoteService.ts';
export { cardCautions, cardFlaws } from './engineering/tariff/checkCard.ts';
export type { PriceLine, Quote, QuoteRefusal, Shipment } from './engineering/tariff/Quote.ts';
export { edgeNudges, type EdgeNudge } from './engineering/tariff/edgeNudges.ts';
export { arrivalDay, collectionDay } from './engineering/tariff/arrivalDay.ts';
export { lengthPlusGirthIn } from './engineering/tariff/girth.ts';
export type { Gaps, BoxRefusal } from './stages/box/StowedBox.ts';
export { whyNot } from './stages/box/whyNot.ts';
export { builtOutsideIn, isEnvelope } from './stages/box/makeShell.ts';
export * from './stages/fill/choices.ts';
export { isPair, mayBeFolded, MOST_FOLDS, type FoldChoice } from './stages/box/folds.ts';
export type { Otherwise, OtherwiseMade } from './stages/plan/packedOtherwise.ts';
export * from './stages/box/choices.ts';
export { boxesOf } from './stages/plan/stockFor.ts';
export { usualHardPoints } from './engineering/pieces/usualHardPoints.ts';
export * from './engineering/pieces/kindPresets.ts';
export { CUSHION_MATERIALS, type CushionKey, type CushionMaterial } from './engineering/cushion/cushionMaterials.ts';
export { boxFaceOf } from './stages/box/boxFaceOf.ts';
export * from './stages/wrap/choices.ts';
export { inspectItem } from './stages/item/inspectItem.ts';

// engineering
export { stowPieces } from './engineering/stowage/stowPieces.ts';
export { verifyStowage } from './engineering/stowage/verifyStowage.ts';
export type { Placement, StowBox, Stowage, StowPiece } from './engineering/stowage/Stowage.ts';
export { orient, orientationsAllowed, stand, type Orientation } from './engineering/geometry/orientations.ts';
export { HEAVIEST_LB } from './engineering/journey/dropSchedule.ts';

export { wrapLayer, type Triple } from './engineering/geometry/wrapLayer.ts';
export { curveFromBestPoint } from './engineering/cushion/curveFromBestPoint.ts';
export { GRAVITY_IN_PER_S2, halfSineVelocityInPerS, impactVelocityInPerS } from './engineering/cushion/impact.ts';
export { ASTM_D4169_DROPS } from './engineering/journey/assuranceLevels.ts';
export { impliedStrain, type CushionCurve, type CushionLayer } from './engineering/cushion/cushionCurve.ts';
export { dropHeightAtG, energyShares } from './engineering/cushion/dropHeight.ts';
export { isBottomed, peakG } from './engineering/cushion/peakG.ts';
export { shockChance as chanceOnJourney } from './engineering/journey/shockChance.ts';
export { simulateJourneys } from './engineering/journey/simulateJourneys.ts';
export { seededRandom } from './engineering/numeric/seededRandom.ts';
export { certificateFor } from './engineering/board/certificate.ts';
export { compressionStrengthLbf, tooShallowForMcKee } from './engineering/board/compressionStrength.ts';
export { besideCurve, curvePoint, fitCurve, gAtLoad, softestOn, testedCurve, type DropTest } from './engineering/dropTest/testedCurve.ts';
export { readDrop, type AccelerationSample, type DropReading, type DropReadingOrWhy } from './engineering/dropTest/readDrop.ts';
export { cutOf } from './engineering/boxshop/cutOf.ts';
export { cutFromOffcuts, offcutsFt2, type Offcut, type OffcutsUsed } from './engineering/boxshop/offcuts.ts';
export { GUARD_CUTS, type CutKind, type CutOrder } from './engineering/boxshop/CutOrder.ts';
export { LINER_STRENGTH } from './engineering/boxshop/linerPanels.ts';
export { boxMade, foldedFor, isToFold, toFoldOf } from './stages/box/boxesToFold.ts';
export { withScraps } from './stages/box/madeParts.ts';
export { shopMinutes } from './engineering/boxshop/shopMinutes.ts';
export type { CutPart, CutWork, SheetLine } from './engineering/boxshop/CutPart.ts';

// units and provenance
export * from './units/index.ts';
export * from './sources/index.ts';
export { judgePacking, PACKING_MATERIALS, type JudgedPacking, type Packing, type PackingMaterial } from './stages/plan/judgePacking.ts';
export { PRACTICE_BANDS } from './stages/plan/practiceBands.ts';
export { guardsFor, MOST_UNDER_GUARD, shareLeft } from './engineering/pieces/hardPoints.ts';
export { spoilingChance, type Cause, type CauseKey, type Fate } from './stages/frontier/causes.ts';
export { shockOnFaces, type FaceStack, type ShockFacts } from './stages/frontier/shockJourney.ts';
export { ceilingOf, evenWithin } from './stages/frontier/recommend.ts';
export { isWorthABox } from './stages/frontier/PlanSpace.ts';
export type { OutsideNest } from './stages/plan/outsideStock.ts';
export { boxedBeside, eitherSide, isBetter, isThriftier, type Sides } from './stages/plan/sideBySide.ts';
export { alikeChance } from './engineering/pareto/alikeChance.ts';
export { movedAs, standingIn, standsOfPlan } from './stages/plan/standsOfPlan.ts';
