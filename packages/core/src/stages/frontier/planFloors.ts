import { CUSHION_MATERIALS } from '../../engineering/cushion/cushionMaterials.ts';
import { dropsPerJourney, medianDropIn } from '../../engineering/journey/dropHeights.ts';
import { HEAVIEST_LB } from '../../engineering/journey/dropSchedule.ts';
import { addStruckFloors, COARSE_SLICES, FINE_SLICES, shockFloor, takeLogs } from '../../engineering/journey/shockFloor.ts';
import type { FillStock } from '../../engineering/materials/stock.ts';
import { hasBoard, isEnvelope } from '../box/makeShell.ts';
import type { Struck } from '../fill/FilledBox.ts';
import type { Gaps } from '../box/StowedBox.ts';
import { driftChance, driftedGaps, effectiveGaps, sinkingPsiOf, standsInBox, type GapLoad } from '../fill/effectiveGaps.ts';
import { countOfAll } from '../box/stowInBox.ts';
import type { HarmShares } from '../../engineering/pieces/Archetype.ts';
import { CRUSH_HARM } from './crushChance.ts';
import type { PlanSpace } from './PlanSpace.ts';
import { either } from './causes.ts';
import { crushedOf, LEAST_MISHAP, mishapChance } from './quietCauses.ts';
import { knockChance, mixedContact } from './touching.ts';
import type { Filled, Floor, PlanFloors } from './Floors.ts';
import { fillMinorPerFt3, leastOf, servicesOf, type Packed, type ShellFigures } from './searchFigures.ts';
import { shellsRange, voidRound } from './shellsRange.ts';
import { leastPostage, MOST_FACES, scratchFor, withGap, type Scratch } from './floorScratch.ts';
import { addGapBelow, gapRanges, groupFills, withAnyFill, type GapRange, type ShockCeilings } from './shockCeilings.ts';

/** Floors are lowered by this share, so that no rounding makes one a lie. */
const SLACK = 1e-7;
const UNDER = 1 - SLACK;

/** Floors over one space. */
export function planFloors({ fills, house, carriages, pieces }: PlanSpace): PlanFloors {
  // of several kinds the least that any of them loses, and the most that one of them is harmed, stand for all
  const leastWorthMinor = Math.min(...pieces.map(({ replacementMinor, stacks }) => replacementMinor / stacks.length));
  const most = (of: (harm: HarmShares) => number) => Math.max(...pieces.map(({ archetype }) => of(archetype.harm)));
  const harm = { crush: most(({ crush }) => crush), mishap: most(({ mishap }) => mishap) };
  const kappa = house.kappa.value;
  const groups = groupFills(fills);
  const bought = 1 + house.overfillShare;
  const { lbPerFt3: leastLbPerFt3, mostLbPerFt3, minorPerFt3: leastMinorPerFt3 } = leastOf(fills, house);
  const services = servicesOf(carriages);
  const ways = carriages.map(({ service, zone }) => ({
    service: services.findIndex((one) => one.service === service),
    drops: dropsPerJourney(zone ?? 9),
    handling: service.handlingFactor,
  }));
  const easiest = {
    drops: Math.min(...ways.map((way) => way.drops)),
    handling: Math.min(...ways.map((way) => way.handling)),
  };
  // one face for each side of a box, whether or not opposite ones are alike
  const coarseScratch = scratchFor(COARSE_SLICES);
  const fineScratch = scratchFor(FINE_SLICES);
  const coarseStruck = new Float64Array(COARSE_SLICES.ends.length);
  const faceScratch = new Float64Array(COARSE_SLICES.ends.length);
  const knownFaces = {
    bare: new Map<Packed, Map<number, Map<number, Float64Array>>>(),
    boarded: new Map<Packed, Map<number, Map<number, Float64Array>>>(),
  };
  const cheapest = leastPostage();
  const rangeOf = shellsRange({ fills, groups, house }, cheapest);
  const troubleMinor = (house.troubleMinutes * house.labourMinorPerHour) / 60;

  /** @param costMinor of the nest, without cover and signature */
  const floor = (costMinor: number, postageMinor: number, packed: Packed, crush: number, mishap: number, shock: number): Floor => {
    const ownLog = Math.log1p(-crush * UNDER) + Math.log1p(-mishap * UNDER);
    const ownShock = Math.log1p(-Math.min(shock * UNDER, 1 - 1e-12));
    const share =
      packed.quiet.share -
      Math.expm1(kappa * Math.log1p(-crush * UNDER)) -
      Math.expm1(kappa * Math.log1p(-mishap * UNDER)) -
      Math.expm1(kappa * ownShock);
    // where one of several breaks, the others may be whole
    const loss = leastWorthMinor + postageMinor + troubleMinor;
    return {
      costMinor: costMinor * UNDER,
      chance: -Math.expm1(kappa * (packed.quiet.log + ownLog + ownShock)) * UNDER,
      expectedMinor: (costMinor + house.care * loss * share) * UNDER,
    };
  };
  /** Least harm of a crush before it is known what lies above. */
  const leastCrush = harm.crush * CRUSH_HARM.least;
  const crushOf = ({ held }: Packed, figures: ShellFigures, topIn: number): number =>
    figures.overload(held.inner) * Math.max(...held.bundles.map((_, at) => crushedOf(held, topIn, at)));
  const mishapOf = ({ held }: Packed, { shell }: ShellFigures): number => mishapChance(shell, held.inner) * harm.mishap;
  const loadOf = ({ held, heldLb }: Packed, { shell }: ShellFigures): GapLoad => ({
    weightLb: heldLb,
    baseAreaIn2: held.heldIn[0] * held.heldIn[1],
    insideDepthIn: shell.insideIn[2],
    overfillShare: house.overfillShare,
    onBoard: hasBoard(shell),
    sinkingPsi: sinkingPsiOf(held),
  });
  const logMedianOf = (handling: number, grossLb: number) => Math.log(medianDropIn(Math.min(grossLb, HEAVIEST_LB), handling));
  const struckScratch = { coarse: new Float64Array(COARSE_SLICES.ends.length), fine: new Float64Array(FINE_SLICES.ends.length) };
  const shockOf = (
    { slices, faceChances }: ShockCeilings,
    logHeights: Float64Array,
    drops: number,
    handling: number,
    grossLb: number,
  ): number => {
    const logMedian = logMedianOf(handling, grossLb);
    const struck = (slices.ends === COARSE_SLICES.ends ? struckScratch.coarse : struckScratch.fine).fill(0);
    faceChances.forEach((chance, face) => addStruckFloors(logHeights, face * struck.length, chance, logMedian, struck));
    return shockFloor(slices, struck, drops);
  };
  /** Shock of a bundle in a shell whatever fills it. A face depends on the gap before it alone, so each gap is worked out once. */
  const shockWithAnyFill = (packed: Packed, figures: ShellFigures, ceilings: ShockCeilings, gaps: Gaps, grossLb: number): number => {
    const logMedian = logMedianOf(easiest.handling, grossLb);
    const known = hasBoard(figures.shell) ? knownFaces.boarded : knownFaces.bare;
    const byMedian = known.get(packed) ?? new Map<number, Map<number, Float64Array>>();
    known.set(packed, byMedian);
    coarseStruck.fill(0);
    let ranges: ((face: Struck) => GapRange[]) | null = null;
    ceilings.faces.forEach(({ face, chance }, i) => {
      const key = Math.round(logMedian * 1e6) * MOST_FACES + i;
      let byGap = byMedian.get(key);
      if (!byGap) byMedian.set(key, (byGap = new Map<number, Float64Array>()));
      let struck = byGap.get(gaps[face]);
      if (!struck) {
        ranges ??= gapRanges(gaps, loadOf(packed, figures), groups);
        withAnyFill(ceilings, i, ranges(face), faceScratch);
        takeLogs(faceScratch);
        byGap.set(gaps[face], (struck = new Float64Array(faceScratch.length)));
        addStruckFloors(faceScratch, 0, chance, logMedian, struck);
      }
      for (let slice = 0; slice < struck.length; slice++) coarseStruck[slice]! += struck[slice]!;
    });
    return shockFloor(ceilings.slices, coarseStruck, easiest.drops);
  };

  const driftOf = ({ held }: Packed, fill: FillStock | null): number =>
    fill ? driftChance(CUSHION_MATERIALS[fill.cushion], standsInBox(held)) : 0;
  /** Shock floor of one filled shell, drifted or not: what lies below has half of its gap then. */
  const mixedShock = (ceilings: ShockCeilings, { stowed: { packed }, fill, gaps, grossLb }: Filled, scratch: Scratch) => {
    const logHeights = takeLogs(withGap(ceilings, gaps, fill, scratch.heights));
    const drift = driftOf(packed, fill);
    const count = ceilings.forces.length;
    const below = scratch.below.subarray(0, count);
    if (fill && drift > 0) {
      below.set(ceilings.heights.subarray(0, count));
      addGapBelow(ceilings, driftedGaps(gaps).bottom, fill, below);
      takeLogs(below);
    }
    const { slices, faceChances } = ceilings;
    return (drops: number, handling: number): number => {
      const logMedian = logMedianOf(handling, grossLb);
      const others = scratch.others.fill(0, 0, count);
      for (let face = 1; face < faceChances.length; face++)
        addStruckFloors(logHeights, face * count, faceChances[face]!, logMedian, others);
      scratch.still.set(others);
      addStruckFloors(logHeights, 0, faceChances[0]!, logMedian, scratch.still);
      const whole = shockFloor(slices, scratch.still, drops);
      if (!(drift > 0)) return whole;
      addStruckFloors(below, 0, faceChances[0]!, logMedian, others);
      return (1 - drift) * whole + drift * shockFloor(slices, others, drops);
    };
  };
  /** Shock floors of one filled shell by drops and handling, each worked out once. */
  const fineShock = (filled: Filled) => {
    const known = new Map<number, number>();
    const ceilings = filled.stowed.packed.fine();
    const shockBy = ceilings && mixedShock(ceilings, filled, fineScratch);
    return (drops: number, handling: number): number => {
      const key = drops * 1000 + handling;
      let shock = known.get(key);
      if (shock === undefined) known.set(key, (shock = shockBy ? shockBy(drops, handling) : 0));
      return shock;
    };
  };
  const contactOf = ({ stowed: { packed }, fill, gaps }: Filled): number =>
    withKnocks(packed, mixedContact(packed.held, gaps, driftOf(packed, fill), easiest.drops));
  const withKnocks = ({ held }: Packed, contact: number): number =>
    countOfAll(held) === 1 ? contact : either(contact, knockChance(held, easiest.drops));

  return {
    round(packed, extraLb, shells) {
      const range = rangeOf(shells, packed);
      const minor = range.leastMinor(packed.weightLb * UNDER);
      if (minor.costMinor === Infinity) return null;
      const coarse = packed.coarse();
      let shock = 0;
      if (coarse) {
        const count = coarse.forces.length;
        const heights = coarseScratch.heights.subarray(0, coarse.heights.length);
        coarse.faces.forEach(({ face }, i) => withAnyFill(coarse, i, range.gaps(face), heights.subarray(i * count, (i + 1) * count)));
        const { drops, handling } = easiest;
        shock = shockOf(coarse, takeLogs(heights), drops, handling, packed.weightLb + extraLb + range.mostLb);
      }
      const mishap = LEAST_MISHAP * harm.mishap;
      return floor(packed.costMinor + minor.costMinor, minor.postageMinor, packed, range.overload * leastCrush, mishap, shock);
    },
    stowed(packed, { figures, gaps, fills }, rulesOut) {
      const { shell } = figures;
      const envelope = isEnvelope(shell.box);
      const voidFt3 = voidRound(packed.held, shell);
      const emptyLb = packed.weightLb + figures.weightLb;
      const leastLb = (emptyLb + voidFt3 * bought * leastLbPerFt3) * UNDER;
      if (leastLb > HEAVIEST_LB || leastLb > figures.certifiedLb) return null;
      const postage = cheapest(figures, leastLb);
      if (postage === Infinity) return null;
      const cost = packed.costMinor + figures.costMinor + voidFt3 * bought * leastMinorPerFt3 + postage;
      const crush = figures.overload(packed.held.inner) * leastCrush;
      const mishap = mishapOf(packed, figures);
      if (rulesOut(floor(cost, postage, packed, crush, mishap, 0))) return 'beaten';
      const coarse = packed.coarse();
      const mostLb = emptyLb + voidFt3 * bought * mostLbPerFt3;
      const shock = !coarse
        ? 0
        : envelope
          ? shockOf(coarse, takeLogs(coarse.heights.slice()), easiest.drops, easiest.handling, mostLb)
          : shockWithAnyFill(packed, figures, coarse, gaps, mostLb);
      const least = floor(cost, postage, packed, crush, mishap, shock);
      return rulesOut(least) ? 'beaten' : { packed, figures, gaps, fills, voidFt3, ...least };
    },
    filled(stowed, fill) {
      const { packed, figures } = stowed;
      const boughtFt3 = stowed.voidFt3 * bought;
      const grossLb = packed.weightLb + figures.weightLb + (fill ? boughtFt3 * fill.lbPerFt3 : 0);
      if (grossLb * UNDER > HEAVIEST_LB || grossLb * UNDER > figures.certifiedLb) return null;
      return {
        stowed,
        fill,
        gaps: fill ? effectiveGaps(stowed.gaps, loadOf(packed, figures), CUSHION_MATERIALS[fill.cushion]) : stowed.gaps,
        grossLb,
        costMinor: packed.costMinor + figures.costMinor + (fill ? boughtFt3 * fillMinorPerFt3(fill, house) : 0),
      };
    },
    coarse(filled) {
      const {
        stowed: { packed, figures },
        gaps,
        grossLb,
        costMinor,
      } = filled;
      const least = cheapest(figures, grossLb * UNDER);
      const coarse = packed.coarse();
      const shock = coarse ? mixedShock(coarse, filled, coarseScratch)(easiest.drops, easiest.handling) : 0;
      const others = either(mishapOf(packed, figures), contactOf(filled));
      return floor(costMinor + least, least, packed, crushOf(packed, figures, gaps.top), others, shock);
    },
    fine(filled) {
      const {
        stowed: { packed, figures },
        gaps,
        grossLb,
        costMinor,
      } = filled;
      const crush = crushOf(packed, figures, gaps.top);
      const mishap = either(mishapOf(packed, figures), contactOf(filled));
      const shock = fineShock(filled);
      const least = cheapest(figures, grossLb * UNDER);
      const easily = shock(easiest.drops, easiest.handling);
      const going = (carriage: number, struck: (way: (typeof ways)[number]) => number): Floor => {
        const way = ways[carriage]!;
        const postage = figures.postage[way.service]!(grossLb * UNDER);
        return floor(costMinor + postage, postage, packed, crush, mishap, struck(way));
      };
      return {
        any: floor(costMinor + least, least, packed, crush, mishap, easily),
        easily: (carriage) => going(carriage, () => easily),
        own: (carriage) => going(carriage, ({ drops, handling }) => shock(drops, handling)),
      };
    },
  };
}
