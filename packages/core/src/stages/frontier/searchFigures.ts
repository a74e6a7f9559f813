import { cushionOf } from '../../engineering/materials/cushionOf.ts';
import { COARSE_SLICES, FINE_SLICES, FINEST_SLICES } from '../../engineering/journey/shockFloor.ts';
import type { BoxStock, FillStock } from '../../engineering/materials/stock.ts';
import { postageFloors, type PostageFloor } from '../../engineering/tariff/postageFloor.ts';
import type { House } from '../../house/House.ts';
import { standingAreaIn2 } from '../box/folds.ts';
import { countOfAll } from '../box/blockOf.ts';
import { overAll, piecesLb, type Held } from '../box/stowInBox.ts';
import type { Shell } from '../box/StowedBox.ts';
import { decidingOf } from './decidingOf.ts';
import { effectiveGaps, sinkingPsiOf, type GapLoad } from '../fill/effectiveGaps.ts';
import { fillAmount } from '../fill/fillAmount.ts';
import { bundleLb } from '../fill/fillVoids.ts';
import { carriageShipment, type Carriage } from '../rate/rateParcel.ts';
import { bundleSundries, shellSundries } from '../weight/weighParcel.ts';
import { worthOfAll, worthSharesOf } from '../item/worthOfAll.ts';
import type { WrappedItem } from '../wrap/WrappedItem.ts';
import { amongBundles, CAUSES, type Cause } from './causes.ts';
import { overloadChance } from './crushChance.ts';
import type { PlanSpace } from './PlanSpace.ts';
import { alike, leastCauses, certifiedLb } from './quietCauses.ts';
import { ceilingsWithAny, gapRanges, groupFills, shockCeilings, type ShockCeilings, type Within } from './shockCeilings.ts';
import { wallStacks, waysOutStacks, type WrapStacks } from './wrapStacks.ts';

// Sums that a search needs many times over, each worked out once for what it depends on.

/** What something adds to any plan that holds it: money with labour, and weight. */
interface Adds {
  readonly costMinor: number;
  readonly weightLb: number;
}

/** A bundle in its inner box, or bare, ready for an outer one. */
export interface Packed extends Adds {
  readonly held: Held;
  readonly innerFill: FillStock | null;
  /** Weight of what stands in the outer fill. */
  readonly heldLb: number;
  readonly quiet: QuietSums;
  /** The place of the bundle whose shock stands for all at first. */
  readonly deciding: number;
  /** Of that one, worked out when first asked for: with few slices, with many, and with very many. */
  readonly coarse: () => ShockCeilings | null;
  readonly fine: () => ShockCeilings | null;
  readonly finest: () => ShockCeilings | null;
  /** Of each of the others that shock limits, with many. */
  readonly others: () => readonly ShockCeilings[];
}

/** Of the bundle's own causes: Σ ln(1 − Pᵢ) of those that break, the worth expected to go, and the share of what goes with the parcel. */
interface QuietSums {
  readonly log: number;
  readonly worthMinor: number;
  readonly share: number;
}

/** A shell with what it adds and asks. */
export interface ShellFigures extends Adds {
  readonly shell: Shell;
  /** Least chance that it gives way under a stack, with what it holds, by whatever service. */
  readonly overload: (inner: Held['inner']) => number;
  /** Weight the board is certified for at this outside; infinite for an envelope, 0 where it is too large. */
  readonly certifiedLb: number;
  /** Least postage by service, cover and signature left out. */
  readonly postage: readonly PostageFloor[];
}

const labour = (minutes: number, { labourMinorPerHour }: House): number => (minutes * labourMinorPerHour) / 60;

/** What a cubic foot of fill costs with its labour. */
export const fillMinorPerFt3 = ({ minorPerFt3, minutesPerFt3 }: FillStock, house: House): number =>
  minorPerFt3 + labour(minutesPerFt3, house);

/** Works out packed bundles. */
export interface Packer {
  (held: Held, innerFill: FillStock | null): Packed;
  /** A bundle in its inner box, never dearer, heavier or weaker than with any of the inner fills; and what the heaviest adds, lb. */
  withAny(held: Held): { readonly packed: Packed; readonly extraLb: number };
}

/** A packer over one space, remembering what several bundles share. */
export function packer({ house, tapes, innerFills, pieces }: PlanSpace): Packer {
  const groups = groupFills(innerFills);
  const least = leastOf(innerFills, house);
  const kappa = house.kappa.value;
  const worthShares = worthSharesOf(pieces);
  const ownCauses = remembered((wrapped: WrappedItem) => alike(wrapped, leastCauses(wrapped, house)));
  const quietOf = ({ bundles }: Held): QuietSums => {
    const [first, ...others] = bundles;
    if (others.length === 0) return quietOfOne(first.wrapped);
    return sumUp(
      amongBundles(
        bundles.map(({ wrapped }) => ownCauses(wrapped)),
        worthShares,
      ).parcel,
    );
  };
  const worthMinor = worthOfAll(pieces);
  const sumUp = (causes: readonly Cause[]): QuietSums =>
    causes.reduce(
      (sums, { key, fate, chance, shareLost }) => {
        const happens = -Math.expm1(kappa * Math.log1p(-chance));
        return {
          log: sums.log + (fate === 'breaks' ? Math.log1p(-chance) : 0),
          worthMinor: sums.worthMinor + worthMinor * shareLost * happens,
          share: sums.share + CAUSES[key].shareLost * happens,
        };
      },
      { log: 0, worthMinor: 0, share: 0 },
    );
  const quietOfOne = remembered((wrapped: WrappedItem) => sumUp(ownCauses(wrapped)));
  const stacksOf = remembered((wrapped: WrappedItem) => ({ wrapped, byOrientation: new Map<string, WrapStacks>() }));
  const stacks = (held: Held): WrapStacks => {
    if (held.bundles.length > 1) return wallStacks(held, decidingOf(held));
    const [{ wrapped, orientation, layout }] = held.bundles;
    const { byOrientation } = stacksOf(wrapped);
    const key = `${orientation.join()} ${layout.grid.join()}`;
    const made = byOrientation.get(key) ?? wallStacks(held, 0);
    byOrientation.set(key, made);
    return made;
  };
  const pack = (held: Held, innerFill: FillStock | null): Packed => {
    const { bundles, inner } = held;
    const deciding = decidingOf(held);
    const fineStacks = () => (countOfAll(held) === 1 ? stacks(held) : waysOutStacks(held, deciding));
    const sundries = bundleSundries(held, tapes, house);
    const within = inner && innerFill ? fillInner(held, innerFill) : null;
    const heldLb = bundleLb(held) + (inner?.tareLb ?? 0) + (within?.weightLb ?? 0);
    return {
      held,
      innerFill,
      heldLb,
      weightLb: heldLb + sundries.weightLb + bundles.reduce((sum, { wrapped }) => sum + wrapped.piece.along.weightLb, 0),
      costMinor:
        overAll(held, ({ piece, costMinor }) => costMinor + piece.guards.costMinor) +
        (inner?.box.priceMinor ?? 0) +
        (within && innerFill ? within.boughtFt3 * fillMinorPerFt3(innerFill, house) : 0) +
        sundries.costMinor +
        labour(overAll(held, ({ piece, minutes }) => piece.guards.minutes + minutes) + sundries.minutes, house),
      quiet: quietOf(held),
      deciding,
      coarse: once(() => shockCeilings(held, stacks(held), within, COARSE_SLICES)),
      fine: once(() => shockCeilings(held, fineStacks(), within, FINE_SLICES)),
      finest: once(() => shockCeilings(held, fineStacks(), within, FINEST_SLICES)),
      others: once(() =>
        bundles.flatMap((_, at) => {
          const ceilings = at === deciding ? null : shockCeilings(held, waysOutStacks(held, at), within, FINE_SLICES);
          return ceilings ? [ceilings] : [];
        }),
      ),
    };
  };
  return Object.assign(pack, {
    withAny(held: Held) {
      const { inner } = held;
      const empty = pack(held, null);
      if (!inner || innerFills.length === 0) return { packed: empty, extraLb: 0 };
      const boughtFt3 = boughtWithin(held, innerFills[0]!);
      const ranges = gapRanges(inner.gaps, innerLoad(held), groups);
      const fillLb = boughtFt3 * least.lbPerFt3;
      const packed = {
        ...empty,
        heldLb: empty.heldLb + fillLb,
        weightLb: empty.weightLb + fillLb,
        costMinor: empty.costMinor + boughtFt3 * least.minorPerFt3,
        coarse: once(() => ceilingsWithAny(held, stacks(held), ranges, COARSE_SLICES)),
      };
      return { packed, extraLb: boughtFt3 * (least.mostLbPerFt3 - least.lbPerFt3) };
    },
  });
}

/** The least that a cubic foot of any fill weighs and costs with its labour, and the most it weighs; none without fills. */
export const leastOf = (fills: readonly FillStock[], house: House) => {
  const least = (of: (fill: FillStock) => number) => (fills.length > 0 ? Math.min(...fills.map(of)) : 0);
  return {
    lbPerFt3: least((fill) => fill.lbPerFt3),
    mostLbPerFt3: Math.max(0, ...fills.map((fill) => fill.lbPerFt3)),
    minorPerFt3: least((fill) => fillMinorPerFt3(fill, house)),
  };
};

const innerLoad = (held: Held): GapLoad => ({
  weightLb: bundleLb(held),
  baseAreaIn2: standingAreaIn2(held),
  insideDepthIn: held.inner!.box.insideIn[2],
  overfillShare: 0,
  onBoard: false,
  sinkingPsi: sinkingPsiOf({ ...held, inner: null }),
});

function fillInner(held: Held, fill: FillStock): Within & { readonly weightLb: number; readonly boughtFt3: number } {
  const inner = held.inner!;
  const boughtFt3 = boughtWithin(held, fill);
  const weightLb = boughtFt3 * fill.lbPerFt3;
  const gaps = effectiveGaps(inner.gaps, innerLoad(held), cushionOf(fill));
  return { weightLb, boughtFt3, gaps, fill, massRatio: (inner.tareLb + weightLb) / piecesLb(held) };
}

/** What fills an inner box, cubic feet. */
const boughtWithin = ({ blockIn, emptyIn3, inner }: Held, fill: FillStock): number =>
  fillAmount(fill, 'inner', blockIn, inner!.box.insideIn, inner!.gaps, 0, 0, emptyIn3).boughtFt3;

/** Works out shells, remembering postage by outside and container. */
export function shellFigurer({ house, tapes, carriages, pieces }: PlanSpace): (shell: Shell) => ShellFigures {
  const leastCrush = Math.min(...carriages.map(({ service }) => service.crushFactor));
  const floors = servicesOf(carriages).map((carriage) =>
    postageFloors(carriage.card, carriage.service, carriage, carriageShipment(pieces, { coverAdded: false, signature: false })),
  );
  const byOutside = new Map<string, readonly PostageFloor[]>();
  const postageOf = ({ outsideIn, box }: Shell): readonly PostageFloor[] => {
    const key = `${outsideIn.join()} ${box.container ?? ''}`;
    const made = byOutside.get(key) ?? floors.map((floor) => floor(outsideIn, box.container));
    byOutside.set(key, made);
    return made;
  };
  return remembered((shell: Shell): ShellFigures => {
    const sundries = shellSundries(shell, tapes, house);
    const overloads = new Map<BoxStock | null, number>();
    return {
      shell,
      weightLb: shell.tareLb + sundries.weightLb,
      costMinor: shell.costMinor + sundries.costMinor + labour(sundries.minutes, house),
      overload: (inner) => {
        const key = inner?.box ?? null;
        let chance = overloads.get(key);
        if (chance === undefined) overloads.set(key, (chance = overloadChance(shell, inner, leastCrush, true)));
        return chance;
      },
      certifiedLb: certifiedLb(shell),
      postage: postageOf(shell),
    };
  });
}

/** One carriage of each service. */
export const servicesOf = (carriages: readonly Carriage[]): Carriage[] =>
  carriages.filter((one, i) => carriages.findIndex((other) => other.service === one.service) === i);

/** Work done when its outcome is first asked for. */
function once<Value>(work: () => Value): () => Value {
  let known: { readonly value: Value } | undefined;
  return () => (known ??= { value: work() }).value;
}

function remembered<Key extends object, Value extends object>(work: (key: Key) => Value): (key: Key) => Value {
  const known = new Map<Key, Value>();
  return (key) => {
    let value = known.get(key);
    if (!value) known.set(key, (value = work(key)));
    return value;
  };
}
