import { cushionOf } from '../../engineering/materials/cushionOf.ts';
import { dropsPerJourney, medianDropIn } from '../../engineering/journey/dropHeights.ts';
import { HEAVIEST_LB } from '../../engineering/journey/dropSchedule.ts';
import { addStruckFloors, COARSE_SLICES, FINE_SLICES, FINEST_SLICES, shockFloor, takeLogs } from '../../engineering/journey/shockFloor.ts';
import type { FillStock } from '../../engineering/materials/stock.ts';
import { standingAreaIn2 } from '../box/folds.ts';
import { hasBoard, isEnvelope } from '../box/makeShell.ts';
import type { Struck } from '../fill/FilledBox.ts';
import type { Gaps } from '../box/StowedBox.ts';
import { driftChance, driftedGaps, effectiveGaps, sinkingPsiOf, standsInBox, type GapLoad } from '../fill/effectiveGaps.ts';
import { CRUSH_HARM } from './crushChance.ts';
import type { PlanSpace } from './PlanSpace.ts';
import { crushedOf, LEAST_MISHAP, mishapChance } from './quietCauses.ts';
import { contactOfOne, knockOfOne, mayKnock } from './touching.ts';
import { lower, type Filled, type Floor, type PlanFloors, type Risk } from './Floors.ts';
import { eitherHarm, harmsTo, NO_HARM, NO_SHOCK, times, type Harm } from './harms.ts';
import { fillMinorPerFt3, leastOf, servicesOf, type Packed, type ShellFigures } from './searchFigures.ts';
import { shellsRange, voidRound } from './shellsRange.ts';
import { eachOnce, leastPostage, scratchFor, type Scratch } from './floorScratch.ts';
import { groupFills, logHeightsAt, withAnyFill, type GapRange, type ShockCeilings } from './shockCeilings.ts';

/** Floors are lowered by this share, so that no rounding makes one a lie. */
const SLACK = 1e-7;
const UNDER = 1 - SLACK;

/** What goes out, whichever way. */
interface Going {
  readonly packed: Packed;
  readonly figures: ShellFigures;
  readonly weightLb: number;
  readonly crush: Harm;
  readonly mishap: Harm;
}

/** Floors over one space. */
export function planFloors({ fills, house, carriages, pieces }: PlanSpace): PlanFloors {
  const harms = harmsTo(pieces);
  // where one of several that are alike breaks, the others may be whole
  const loneMinor = pieces.map(({ replacementMinor, stacks, goesWhole }) => replacementMinor / (goesWhole ? 1 : stacks.length));
  const kappa = house.kappa.value;
  const oneBundle = pieces.length === 1;
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
  const scratch = { coarse: scratchFor(COARSE_SLICES), fine: scratchFor(FINE_SLICES), finest: scratchFor(FINEST_SLICES) };
  const cheapest = leastPostage(new Set(services.keys()));
  const rangeOf = shellsRange({ fills, groups, house }, cheapest);
  const troubleMinor = (house.troubleMinutes * house.labourMinorPerHour) / 60;

  /** Of a harm that comes to pass for a share, κ taken in, the worth that goes: of several bundles κ may leave as much, no less, as of each. */
  const gone = (share: number, { any, worthMinor }: Harm): number =>
    oneBundle ? (any > 0 ? (worthMinor * share) / any : 0) : worthMinor * Math.min(1, kappa);
  /** What of a plan goes wrong at least, whatever it costs. */
  const risk = ({ quiet }: Packed, crush: Harm, mishap: Harm, shock: Harm): Risk => {
    const ownCrush = Math.log1p(-crush.any * UNDER);
    const ownMishap = Math.log1p(-mishap.any * UNDER);
    const ownShock = Math.log1p(-Math.min(shock.any * UNDER, 1 - 1e-12));
    const crushes = -Math.expm1(kappa * ownCrush);
    const mishaps = -Math.expm1(kappa * ownMishap);
    const breaks = -Math.expm1(kappa * ownShock);
    return {
      chance: -Math.expm1(kappa * (quiet.log + ownCrush + ownMishap + ownShock)) * UNDER,
      worthMinor: quiet.worthMinor + gone(crushes, crush) + gone(mishaps, mishap) + gone(breaks, shock),
      share: quiet.share + crushes + mishaps + breaks,
    };
  };
  /** @param costMinor of the nest, without cover and signature */
  const floor = (costMinor: number, postageMinor: number, { chance, worthMinor, share }: Risk): Floor => {
    const lostMinor = worthMinor + (postageMinor + troubleMinor) * share;
    return { costMinor: costMinor * UNDER, chance, expectedMinor: (costMinor + house.care * lostMinor) * UNDER };
  };
  /**
   * The least of the ways to go that are not ruled out: all are asked with the least postage as if they went easily, each with its own, then as it goes.
   *
   * @param costMinor without postage
   * @param shockBy by drops and handling; asked again and again for the same
   * @returns null where all are ruled out
   */
  const goingAny = (
    costMinor: number,
    { packed, figures, weightLb, crush, mishap }: Going,
    shockBy: (drops: number, handling: number) => Harm,
    rulesOut: (floor: Floor) => boolean,
  ): Floor | null => {
    const easily = risk(packed, crush, mishap, shockBy(easiest.drops, easiest.handling));
    const leastMinor = cheapest(figures, weightLb);
    if (rulesOut(floor(costMinor + leastMinor, leastMinor, easily))) return null;
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
  const leastCrush = harms(({ archetype }) => archetype.harm.crush * CRUSH_HARM.least);
  const crushOf = ({ held }: Packed, figures: ShellFigures, topIn: number): Harm =>
    times(
      figures.overload(held.inner),
      harms((_, at) => crushedOf(held, topIn, at)),
    );
  const mishapHarm = harms(({ archetype }) => archetype.harm.mishap);
  const mishapOf = ({ held }: Packed, { shell }: ShellFigures): Harm => times(mishapChance(shell, held.inner), mishapHarm);
  const shockHarm = (at: number, any: number): Harm => ({ any, worthMinor: any * loneMinor[at]! });
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
  /** Shock floor of one bundle of a filled shell, drifted or not: what lies below has half of its gap then. */
  const mixedShock = (ceilings: ShockCeilings, { stowed: { packed }, fill, gaps, grossLb }: Filled, { others, all, starts }: Scratch) => {
    const { slices, faces, known } = ceilings;
    const cushion = fill && cushionOf(fill);
    const standsBelow = faces[0]?.face === 'bottom';
    const drift = standsBelow ? driftOf(packed, fill) : 0;
    for (let face = 0; face < faces.length; face++) starts[face] = logHeightsAt(ceilings, face, gaps[faces[face]!.face], cushion);
    const below = drift > 0 ? logHeightsAt(ceilings, 0, driftedGaps(gaps).bottom, cushion) : -1;
    const { logs } = known;
    return eachOnce((drops, handling) => {
      const logMedian = logMedianOf(handling, grossLb);
      others.fill(0);
      for (let face = 1; face < faces.length; face++) addStruckFloors(logs, starts[face]!, faces[face]!.chance, logMedian, others);
      for (let slice = 0; slice < all.length; slice++) all[slice] = others[slice]!;
      if (faces.length > 0) addStruckFloors(logs, starts[0]!, faces[0]!.chance, logMedian, all);
      const whole = shockFloor(slices, all, drops);
      if (below < 0) return shockHarm(ceilings.at, whole);
      addStruckFloors(logs, below, faces[0]!.chance, logMedian, others);
      return shockHarm(ceilings.at, (1 - drift) * whole + drift * shockFloor(slices, others, drops));
    });
  };
  /** Shock floors of a bundle in a shell whatever fills it, by drops and handling. */
  const shockWhatever = (packed: Packed, gaps: Gaps, grossLb: number): ((drops: number, handling: number) => Harm) => {
    const coarse = packed.coarse();
    if (!coarse) return NO_SHOCK;
    const { slices, faces, known } = coarse;
    const { all, starts } = scratch.coarse;
    for (let face = 0; face < faces.length; face++) starts[face] = logHeightsAt(coarse, face, gaps[faces[face]!.face], groups);
    return eachOnce((drops, handling) => {
      const logMedian = logMedianOf(handling, grossLb);
      all.fill(0);
      for (let face = 0; face < faces.length; face++) addStruckFloors(known.logs, starts[face]!, faces[face]!.chance, logMedian, all);
      return shockHarm(coarse.at, shockFloor(slices, all, drops));
    });
  };
  /** Of each bundle that shock limits: one drop strikes all, so that any goes at least as often as the one that goes most. */
  const shockOfAll = (filled: Filled, deciding: (drops: number, handling: number) => Harm) => {
    const others = filled.stowed.packed.others().map((ceilings) => {
      // each is asked once more for the other ways, so that none may write over what another reads
      const starts = new Int32Array(ceilings.faces.length);
      return mixedShock(ceilings, filled, { ...scratch.fine, starts });
    });
    return eachOnce((drops, handling) => {
      const all = [deciding(drops, handling), ...others.map((shock) => shock(drops, handling))];
      return { any: Math.max(...all.map(({ any }) => any)), worthMinor: all.reduce((sum, { worthMinor }) => sum + worthMinor, 0) };
    });
  };
  /** What touches a wall, or one another. */
  const touchOf = ({ stowed: { packed }, fill, gaps }: Filled): Harm[] => {
    const { held } = packed;
    const drift = driftOf(packed, fill);
    const contact = harms((_, at) => contactOfOne(held, at, gaps, drift, easiest.drops));
    return mayKnock(held) ? [contact, harms((_, at) => knockOfOne(held, at, easiest.drops))] : [contact];
  };

  return {
    round(packed, extraLb, shells) {
      const range = rangeOf(shells, packed);
      const minor = range.leastMinor(packed.weightLb * UNDER);
      if (minor.costMinor === Infinity) return null;
      const coarse = packed.coarse();
      const shock = coarse ? shockWithAny(coarse, range.gaps, packed.weightLb + extraLb + range.mostLb) : 0;
      const least = risk(packed, times(range.overload, leastCrush), times(LEAST_MISHAP, mishapHarm), shockHarm(packed.deciding, shock));
      return floor(packed.costMinor + minor.costMinor, minor.postageMinor, least);
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
      const crush = times(figures.overload(packed.held.inner), leastCrush);
      const mishap = mishapOf(packed, figures);
      if (rulesOut(floor(cost + postage, postage, risk(packed, crush, mishap, NO_HARM)))) return 'beaten';
      const mostLb = emptyLb + voidFt3 * bought * mostLbPerFt3;
      const shock = isEnvelope(shell.box) ? NO_SHOCK : shockWhatever(packed, gaps, mostLb);
      const easily = risk(packed, crush, mishap, shock(easiest.drops, easiest.handling));
      const least = floor(cost + postage, postage, easily);
      return goingAny(cost, { packed, figures, weightLb: leastLb, crush, mishap }, shock, rulesOut)
        ? { packed, figures, gaps, fills, voidFt3, mishap, easily, ...least }
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
        stowed: { packed, figures, mishap },
        gaps,
        grossLb,
        costMinor,
      } = filled;
      const ceilings = packed.coarse();
      const shock = ceilings ? mixedShock(ceilings, filled, scratch.coarse) : NO_SHOCK;
      const crush = crushOf(packed, figures, gaps.top);
      return goingAny(costMinor, { packed, figures, weightLb: grossLb * UNDER, crush, mishap }, shock, rulesOut);
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
      const mishap = eitherHarm(filled.stowed.mishap, ...touchOf(filled));
      const going = { packed, figures, weightLb, crush, mishap };
      const decidingBy = (ceilings: ShockCeilings | null, on: Scratch) => (ceilings ? mixedShock(ceilings, filled, on) : NO_SHOCK);
      const deciding = decidingBy(packed.fine(), scratch.fine);
      if (!goingAny(costMinor, going, deciding, rulesOut)) return null;
      const shock = oneBundle ? decidingBy(packed.finest(), scratch.finest) : shockOfAll(filled, deciding);
      if (!goingAny(costMinor, going, shock, rulesOut)) return null;
      return (carriage) => {
        const { service, drops, handling } = ways[carriage]!;
        const postage = figures.postage[service]!(weightLb);
        return floor(costMinor + postage, postage, risk(packed, crush, mishap, shock(drops, handling)));
      };
    },
  };
}
