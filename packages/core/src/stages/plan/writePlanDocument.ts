import { GUARDS } from '../../engineering/pieces/hardPoints.ts';
import { cornerOf, nestedAxis } from '../../engineering/stowage/Block.ts';
import { orient } from '../../engineering/geometry/orientations.ts';
import { IN2_PER_FT2 } from '../../units/index.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { House } from '../../house/House.ts';
import { boxFaceOf } from '../box/boxFaceOf.ts';
import { chanceRange } from '../frontier/chanceRange.ts';
import { gapsWithin } from '../box/boxed.ts';
import { aroundChoice, type Around } from '../box/around.ts';
import type { Block, SharedBox, StandingTubes, LyingBundle } from '../box/StowedBox.ts';
import { breakingChance, spoilingChance } from '../frontier/causes.ts';
import type { PlanOption } from '../frontier/PlanOption.ts';
import { HEAVY_INNER_RATIO, innerMassRatio, shockOnFaces } from '../frontier/shockJourney.ts';
import { raised, stackedAlong, type Interleaved } from '../wrap/interleaved.ts';
import { faultsOf } from './findFaults.ts';
import { stockUsed } from './stockUsed.ts';
import {
  CORE_VERSION,
  PLAN_FORMAT,
  type BundleRisk,
  type PlanBundle,
  type PlanInterleaved,
  type PlanDocument,
  type PlanFill,
  type PlanFold,
  type PlanShared,
} from './PlanDocument.ts';

/** Writes a judged plan down: every figure that a screen, a drawing or a record needs. */
export function writePlanDocument(option: PlanOption, house: House): PlanDocument {
  const { rated, choice } = option;
  const { weighed } = rated;
  const { filled } = weighed;
  const { stowed } = filled;
  const { shell, bundles } = stowed;
  const { order } = bundles[0].wrapped.piece;
  const range = chanceRange(option, house);
  const [first, ...others] = bundles.map((bundle) => writeBundle(bundle, stowed)) as [PlanBundle, ...PlanBundle[]];
  return {
    format: PLAN_FORMAT,
    coreVersion: CORE_VERSION,
    choice,
    ...first,
    ...(others.length > 0
      ? {
          others,
          risks: bundles.map((_, at): BundleRisk => {
            const causes = option.bundleCauses[at]!;
            return {
              chance: breakingChance(causes, house.kappa.value),
              spoils: spoilingChance(causes, house.kappa.value),
              shock: shockOnFaces(filled, at),
            };
          }),
        }
      : {}),
    ...(stowed.boards.length > 0 ? { boards: stowed.boards } : {}),
    ...(stowed.around ? { around: aroundIn(stowed.around) } : {}),
    ...(stowed.shared ? { shared: sharedIn(stowed.shared) } : {}),
    ...(stowed.folds.length > 0
      ? {
          folds: stowed.folds.map(({ pair, material, folds, stock, along, atIn, sizeIn }): PlanFold => ({
            pair,
            material,
            folds,
            name: stock.name,
            along,
            rollWidthIn: stock.rollWidthIn,
            atIn,
            sizeIn,
          })),
        }
      : {}),
    inner: stowed.inner && {
      key: stowed.inner.box.key,
      name: stowed.inner.box.name,
      insideIn: stowed.inner.box.insideIn,
      outsideIn: stowed.inner.outsideIn,
      gaps: stowed.inner.gaps,
      heavy: innerMassRatio(filled) > HEAVY_INNER_RATIO,
      ...(stowed.inner.core ? { core: { axis: stowed.inner.core.axis, boreIn: stowed.inner.core.boreIn } } : {}),
    },
    box: {
      key: shell.box.key,
      name: shell.box.name,
      style: shell.box.style,
      insideIn: shell.insideIn,
      outsideIn: shell.outsideIn,
      newDepthIn: shell.newDepthIn,
      ...(shell.shortened === null ? {} : { shortened: shell.shortened }),
      ...(shell.crossIn === null ? {} : { crossIn: shell.crossIn }),
      liner: shell.liner,
      caliperIn: shell.box.board.caliperIn,
      wall: shell.box.board.wall,
      builtGuessed: shell.box.measuredOutsideIn === null,
      onHand: shell.box.onHand,
    },
    ...(stowed.tubes ? { tubes: tubesIn(stowed.tubes) } : {}),
    gaps: stowed.gaps,
    effectiveGaps: filled.effectiveGaps,
    fills: filled.amounts.map(({ stock, where, baseFt3, sidesFt3, topFt3, boughtFt3, units, places, bundle, shared }): PlanFill => ({
      key: stock.key,
      name: stock.name,
      where,
      baseFt3,
      sidesFt3,
      topFt3,
      boughtFt3,
      units,
      unitName: stock.unitName,
      short: boughtFt3 > stock.onHandFt3,
      ...(places ? { places } : {}),
      ...(bundle === undefined ? {} : { bundle }),
      ...(shared ? { shared } : {}),
    })),
    faults: faultsOf(rated, house),
    weight: { parts: weighed.parts, grossLb: weighed.grossLb, plusMinusLb: weighed.plusMinusLb },
    quote: rated.quote,
    costLines: option.costLines,
    costMinor: option.costMinor,
    nestCostMinor: option.nestCostMinor,
    lossMinor: option.lossMinor,
    riskMinor: option.riskMinor,
    expectedMinor: option.expectedMinor,
    keptMinor: order.soldMinor + order.shippingCollectedMinor - order.paidMinor - option.costMinor,
    minutes: option.minutes,
    chance: option.chance,
    chanceLow: range.low,
    chanceHigh: range.high,
    spoils: option.spoils,
    causes: option.causes,
    uses: stockUsed(option),
    shock: shockOnFaces(filled),
  };
}

const aroundIn = ({ stock: { name, rollWidthIn }, thicknessIn, lengthIn, sheets, ...around }: Around) => ({
  ...aroundChoice(around),
  ...(around.some ? { some: { atIn: around.some.atIn, sizeIn: around.some.sizeIn } } : {}),
  name,
  rollWidthIn,
  thicknessIn,
  lengthIn,
  sheets,
});
const sharedIn = ({ of, box, fill, atIn, outsideIn, insideIn, withinIn, gaps, core }: SharedBox): PlanShared => ({
  of,
  key: box.key,
  name: box.name,
  atIn,
  outsideIn,
  insideIn,
  withinIn,
  gaps,
  fill: fill.key,
  fillName: fill.name,
  ...(core ? { core: { axis: core.axis, boreIn: core.boreIn } } : {}),
});
const tubesIn = ({ count, acrossIn, eachIn, pressedToIn }: StandingTubes) => ({ count, acrossIn, eachIn, pressedToIn });

const interleavedIn = ({ stock, thicknessIn, sheetIn, sheets, areaIn2, costMinor }: Interleaved, bundles: number): PlanInterleaved => ({
  key: stock.key,
  name: stock.name,
  thicknessIn,
  sheetIn,
  rollWidthIn: stock.rollWidthIn,
  sheets,
  costMinor: bundles * costMinor,
  short: (bundles * areaIn2) / IN2_PER_FT2 > stock.onHandFt2,
});

/** One bundle as it lies. */
function writeBundle(bundle: LyingBundle, { blockIn }: Block): PlanBundle {
  const { wrapped, orientation, layout, wallIn, bundleIn, pitchIn, atIn, within } = bundle;
  const { piece, boxed, interleaved } = wrapped;
  return {
    piece: {
      id: piece.facts.id,
      title: piece.facts.title,
      form: piece.form,
      archetype: piece.archetype.key,
      sizeIn: orient(raised(piece.sizeIn, interleaved), orientation),
      weightLb: piece.weightLb,
      guessedSides: piece.guessed.sides.includes(true),
      guessedWeight: piece.guessed.weight,
      criticalG: piece.criticalG,
      bodyG: piece.bodyG,
      governs: piece.governs,
      hardPoints: piece.facts.hardPoints.map((point) => ({
        ...point,
        boxFace: boxFaceOf(point, orientation),
        coverIn: wrapped.coverOnFaceIn[point.face] + (point.guard ? GUARDS[point.guard].thicknessIn : 0),
      })),
    },
    layers: wrapped.layers.map(
      ({
        stock,
        turns,
        thicknessIn,
        doubled,
        placing,
        lengthIn,
        sheets,
        areaIn2,
        weightLb,
        costMinor,
        tape,
        tapeFt,
        bundleIn: roundIt,
      }) => ({
        key: stock.key,
        name: stock.name,
        role: stock.role,
        rollWidthIn: stock.rollWidthIn,
        turns,
        ...(stock.sleeve ? { sleeve: true as const } : stock.stiff ? { stiff: true as const } : {}),
        thicknessIn,
        doubled: doubled && doubled.face,
        ...placing,
        bundleIn: orient(roundIt, orientation),
        tape: { name: tape.name, feet: tapeFt, easyOff: tape.easyOff },
        lengthIn,
        sheets,
        weightLb,
        costMinor,
        short: (layout.count * areaIn2) / IN2_PER_FT2 > stock.onHandFt2,
      }),
    ),
    ...(interleaved ? { interleaved: interleavedIn(interleaved, layout.count) } : {}),
    ...(boxed
      ? {
          boxed: {
            key: boxed.box.key,
            name: boxed.box.name,
            withinIn: orient(boxed.withinIn, orientation),
            insideIn: orient(boxed.insideIn, orientation),
            gaps: gapsWithin(bundle)!,
            fill: boxed.fill.key,
            fillName: boxed.fill.name,
          },
        }
      : {}),
    bundleIn,
    coverIn: wrapped.coverIn,
    block: {
      pieces: piece.facts.count,
      stacks: piece.stacks,
      ...(piece.stacks[0]! > 1 ? { stackedAlong: stackedAlong(wrapped, orientation) } : {}),
      grid: layout.grid,
      ...(wallIn > 0 ? { wallIn } : {}),
      ...(nestedAxis(bundleIn, pitchIn) === null ? {} : { pitchIn }),
      ...(within ? { within } : {}),
      sizeIn: blockIn,
      at: layout.cells.map((cell) => cornerOf(cell, pitchIn, wallIn).map((one, axis) => one + atIn[axis]!) as unknown as Triple),
    },
  };
}
