import { cushionOf } from '../../engineering/materials/cushionOf.ts';
import { dropsPerJourney, medianDropIn } from '../../engineering/journey/dropHeights.ts';
import { HEAVIEST_LB } from '../../engineering/journey/dropSchedule.ts';
import { addStruckFloors, COARSE_SLICES, FINE_SLICES, shockFloor, takeLogs } from '../../engineering/journey/shockFloor.ts';
import type { FillStock } from '../../engineering/materials/stock.ts';
import { standingAreaIn2 } from '../box/folds.ts';
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
import type { Filled, Floor, PlanFloors, Risk } from './Floors.ts';
import { fillMinorPerFt3, leastOf, servicesOf, type Packed, type ShellFigures } from './searchFigures.ts';
import { shellsRange, voidRound } from './shellsRange.ts';
import { leastPostage, scratchFor, type Scratch } from './floorScratch.ts';
import { groupFills, logHeightsAt, withAnyFill, type GapRange, type ShockCeilings } from './shockCeilings.ts';

/** Floors are lowered by this share, so that no rounding makes one a lie. */
const SLACK = 1e-7;
const UNDER = 1 - SLACK;

/** What goes out, whichever way. */
interface Going {
  readonly packed: Packed;
  readonly figures: ShellFigures;
  readonly weightLb: number;
  readonly crush: number;
  readonly mishap: number;
}

const lower = (one: Floor, other: Floor): Floor => ({
  costMinor: Math.min(one.costMinor, other.costMinor),
  chance: Math.min(one.chance, other.chance),
  expectedMinor: Math.min(one.expectedMinor, other.expectedMinor),
});

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
  // ways to go that shake a parcel alike, with the services of each
  const classes = [...new Map(ways.map(({ drops, handling }) => [`${drops} ${handling}`, { drops, handling }])).values()].map((alike) => ({
    ...alike,
    cheapest: leastPostage(
      new Set(ways.filter(({ drops, handling }) => drops === alike.drops && handling === alike.handling).map(({ service }) => service)),
    ),
  }));
  const easiest = {
    drops: Math.min(...ways.map((way) => way.drops)),
    handling: Math.min(...ways.map((way) => way.handling)),
  };
  const scratch = { coarse: scratchFor(COARSE_SLICES), fine: scratchFor(FINE_SLICES) };
  const cheapest = leastPostage(new Set(services.keys()));
  const rangeOf = shellsRange({ fills, groups, house }, cheapest);
  const troubleMinor = (house.troubleMinutes * house.labourMinorPerHour) / 60;

  /** What of a plan goes wrong at least, whatever it costs. */
  const risk = (packed: Packed, crush: number, mishap: number, shock: number): Risk => {
    const ownCrush = Math.log1p(-crush * UNDER);
    const ownMishap = Math.log1p(-mishap * UNDER);
    const ownShock = Math.log1p(-Math.min(shock * UNDER, 1 - 1e-12));
    return {
      chance: -Math.expm1(kappa * (packed.quiet.log + ownCrush + ownMishap + ownShock)) * UNDER,
      share: packed.quiet.share - Math.expm1(kappa * ownCrush) - Math.expm1(kappa * ownMishap) - Math.expm1(kappa * ownShock),
    };
  };
  /** @param costMinor of the nest, without cover and signature */
  const floor = (costMinor: number, postageMinor: number, { chance, share }: Risk): Floor => {
    // where one of several breaks, the others may be whole
    const loss = leastWorthMinor + postageMinor + troubleMinor;
    return { costMinor: costMinor * UNDER, chance, expectedMinor: (costMinor + house.care * loss * share) * UNDER };
  };
  /**
   * The least of the ways to go that are not ruled out: each is asked with its own postage as if it went easily, then as it goes.
   *
   * @param costMinor without postage
   * @param shockBy by drops and handling; asked again and again for the same
   * @returns null where all are ruled out
   */
  const goingAny = (
    costMinor: number,
    { packed, figures, weightLb, crush, mishap }: Going,
    shockBy: (drops: number, handling: number) => number,
    rulesOut: (floor: Floor) => boolean,
  ): Floor | null => {
    const easily = risk(packed, crush, mishap, shockBy(easiest.drops, easiest.handling));
    let least: Floor | null = null;
    for (const { drops, handling, cheapest } of classes) {
      const postage = cheapest(figures, weightLb);
      if (postage === Infinity || rulesOut(floor(costMinor + postage, postage, easily))) continue;
      const own = floor(costMinor + postage, postage, risk(packed, crush, mishap, shockBy(drops, handling)));
      if (!rulesOut(own)) least = least ? lower(least, own) : own;
    }
    return least;
  };
  /** Least harm of a crush before it is known what lies above. */
  const leastCrush = harm.crush * CRUSH_HARM.least;
  const crushOf = ({ held }: Packed, figures: ShellFigures, topIn: number): number =>
    figures.overload(held.inner) * Math.max(...held.bundles.map((_, at) => crushedOf(held, topIn, at)));
  const mishapOf = ({ held }: Packed, { shell }: ShellFigures): number => mishapChance(shell, held.inner) * harm.mishap;
  const loadOf = ({ held, heldLb }: Packed, { shell }: ShellFigures): GapLoad => ({
    weightLb: heldLb,
    baseAreaIn2: held.inner ? held.heldIn[0] * held.heldIn[1] : standingAreaIn2(held),
    insideDepthIn: shell.insideIn[2],
    overfillShare: house.overfillShare,
    onBoard: hasBoard(shell),
    sinkingPsi: sinkingPsiOf(held),
  });
  const logMedianOf = (handling: number, grossLb: number) => Math.log(medianDropIn(Math.min(grossLb, HEAVIEST_LB), handling));
  /** Shock of a bundle with gaps that any of the fills may lie in. */
  const shockWithAny = (ceilings: ShockCeilings, ranges: (face: Struck) => readonly GapRange[], grossLb: number): number => {
    const { slices, faces, forces } = ceilings;
    const { all } = scratch.coarse;
    const logMedian = logMedianOf(easiest.handling, grossLb);
    const heights = new Float64Array(forces.length);
    all.fill(0);
    faces.forEach(({ face, chance }, i) => {
      withAnyFill(ceilings, i, ranges(face), heights);
      addStruckFloors(takeLogs(heights), 0, chance, logMedian, all);
    });
    return shockFloor(slices, all, easiest.drops);
  };
  const driftOf = ({ held }: Packed, fill: FillStock | null): number => (fill ? driftChance(cushionOf(fill), standsInBox(held)) : 0);
  /** Shock floor of one filled shell, drifted or not: what lies below has half of its gap then. */
  const mixedShock = (ceilings: ShockCeilings, { stowed: { packed }, fill, gaps, grossLb }: Filled, { others, all, starts }: Scratch) => {
    const { slices, faces, known } = ceilings;
    const cushion = fill && cushionOf(fill);
    const drift = driftOf(packed, fill);
    for (let face = 0; face < faces.length; face++) starts[face] = logHeightsAt(ceilings, face, gaps[faces[face]!.face], cushion);
    const below = drift > 0 ? logHeightsAt(ceilings, 0, driftedGaps(gaps).bottom, cushion) : -1;
    const { logs } = known;
    return eachOnce((drops, handling) => {
      const logMedian = logMedianOf(handling, grossLb);
      others.fill(0);
      for (let face = 1; face < faces.length; face++) addStruckFloors(logs, starts[face]!, faces[face]!.chance, logMedian, others);
      all.set(others);
      addStruckFloors(logs, starts[0]!, faces[0]!.chance, logMedian, all);
      const whole = shockFloor(slices, all, drops);
      if (below < 0) return whole;
      addStruckFloors(logs, below, faces[0]!.chance, logMedian, others);
      return (1 - drift) * whole + drift * shockFloor(slices, others, drops);
    });
  };
  /** Shock floors of a bundle in a shell whatever fills it, by drops and handling. */
  const shockWhatever = (packed: Packed, gaps: Gaps, grossLb: number): ((drops: number, handling: number) => number) => {
    const coarse = packed.coarse();
    if (!coarse) return NO_SHOCK;
    const { slices, faces, known } = coarse;
    const { all, starts } = scratch.coarse;
    for (let face = 0; face < faces.length; face++) starts[face] = logHeightsAt(coarse, face, gaps[faces[face]!.face], groups);
    return eachOnce((drops, handling) => {
      const logMedian = logMedianOf(handling, grossLb);
      all.fill(0);
      for (let face = 0; face < faces.length; face++) addStruckFloors(known.logs, starts[face]!, faces[face]!.chance, logMedian, all);
      return shockFloor(slices, all, drops);
    });
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
      const shock = coarse ? shockWithAny(coarse, range.gaps, packed.weightLb + extraLb + range.mostLb) : 0;
      const mishap = LEAST_MISHAP * harm.mishap;
      return floor(packed.costMinor + minor.costMinor, minor.postageMinor, risk(packed, range.overload * leastCrush, mishap, shock));
    },
    stowed(packed, { figures, gaps, fills }, rulesOut) {
      const { shell } = figures;
      const voidFt3 = voidRound(packed.held, shell);
      const emptyLb = packed.weightLb + figures.weightLb;
      const leastLb = (emptyLb + voidFt3 * bought * leastLbPerFt3) * UNDER;
      if (leastLb > HEAVIEST_LB || leastLb > figures.certifiedLb) return null;
      const postage = cheapest(figures, leastLb);
      if (postage === Infinity) return null;
      const cost = packed.costMinor + figures.costMinor + voidFt3 * bought * leastMinorPerFt3;
      const crush = figures.overload(packed.held.inner) * leastCrush;
      const mishap = mishapOf(packed, figures);
      if (rulesOut(floor(cost + postage, postage, risk(packed, crush, mishap, 0)))) return 'beaten';
      const mostLb = emptyLb + voidFt3 * bought * mostLbPerFt3;
      const shock = isEnvelope(shell.box) ? NO_SHOCK : shockWhatever(packed, gaps, mostLb);
      const easily = risk(packed, crush, mishap, shock(easiest.drops, easiest.handling));
      const least = floor(cost + postage, postage, easily);
      return !rulesOut(least) && goingAny(cost, { packed, figures, weightLb: leastLb, crush, mishap }, shock, rulesOut)
        ? { packed, figures, gaps, fills, voidFt3, easily, ...least }
        : 'beaten';
    },
    filled(stowed, fill, rulesOut) {
      const { packed, figures } = stowed;
      const boughtFt3 = stowed.voidFt3 * bought;
      const grossLb = packed.weightLb + figures.weightLb + (fill ? boughtFt3 * fill.lbPerFt3 : 0);
      if (grossLb * UNDER > HEAVIEST_LB || grossLb * UNDER > figures.certifiedLb) return null;
      const costMinor = packed.costMinor + figures.costMinor + (fill ? boughtFt3 * fillMinorPerFt3(fill, house) : 0);
      const postage = cheapest(figures, grossLb * UNDER);
      if (rulesOut(floor(costMinor + postage, postage, stowed.easily))) return null;
      const gaps = fill ? effectiveGaps(stowed.gaps, loadOf(packed, figures), cushionOf(fill)) : stowed.gaps;
      return { stowed, fill, gaps, grossLb, costMinor };
    },
    coarse(filled, rulesOut) {
      const {
        stowed: { packed, figures },
        gaps,
        grossLb,
        costMinor,
      } = filled;
      const ceilings = packed.coarse();
      const shock = ceilings ? mixedShock(ceilings, filled, scratch.coarse) : NO_SHOCK;
      const crush = crushOf(packed, figures, gaps.top);
      return goingAny(costMinor, { packed, figures, weightLb: grossLb * UNDER, crush, mishap: mishapOf(packed, figures) }, shock, rulesOut);
    },
    fine(filled, rulesOut) {
      const {
        stowed: { packed, figures },
        gaps,
        grossLb,
        costMinor,
      } = filled;
      const weightLb = grossLb * UNDER;
      const crush = crushOf(packed, figures, gaps.top);
      const mishap = either(mishapOf(packed, figures), contactOf(filled));
      const ceilings = packed.fine();
      const shock = ceilings ? mixedShock(ceilings, filled, scratch.fine) : NO_SHOCK;
      if (!goingAny(costMinor, { packed, figures, weightLb, crush, mishap }, shock, rulesOut)) return null;
      return (carriage) => {
        const { service, drops, handling } = ways[carriage]!;
        const postage = figures.postage[service]!(weightLb);
        return floor(costMinor + postage, postage, risk(packed, crush, mishap, shock(drops, handling)));
      };
    },
  };
}

const NO_SHOCK = (): number => 0;

/** Shock floors by drops and handling, each worked out once. */
function eachOnce(work: (drops: number, handling: number) => number): (drops: number, handling: number) => number {
  const known: number[] = [];
  return (drops, handling) => {
    for (let i = 0; i < known.length; i += 3) if (known[i] === drops && known[i + 1] === handling) return known[i + 2]!;
    const shock = work(drops, handling);
    known.push(drops, handling, shock);
    return shock;
  };
}
