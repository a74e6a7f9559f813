import { bestSet } from '../../engineering/assortment/bestSet.ts';
import type { Orientation } from '../../engineering/geometry/orientations.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { BoxStock, Stockroom } from '../../engineering/materials/stock.ts';
import type { Minor } from '../../units/index.ts';
import { isEnvelope } from '../box/makeShell.ts';
import type { PlanChoice, PlanOption } from '../frontier/PlanOption.ts';
import { boxNotHeld, insideRound } from './boxToGet.ts';
import { deriver } from './derivePlan.ts';
import { blockingFaults } from './findFaults.ts';
import { inBox } from './inBox.ts';
import type { PlanRequest } from './PlanRequest.ts';

/** A parcel as it was packed. */
export interface PackedParcel {
  readonly request: PlanRequest;
  readonly choice: PlanChoice;
}

/** One size and what it did, or would have done. */
export interface SizeKept {
  readonly box: BoxStock;
  /** Parcels it was the best for. */
  readonly parcels: number;
  /** What all would have cost more without it, or less with it: packing, sending and what is expected to break. */
  readonly earnsMinor: Minor;
}

/** What sizes of box were worth, and which would have been. */
export interface BoxesToKeep {
  /** Parcels looked at, and those of them that go into none of the sizes. */
  readonly parcels: number;
  readonly unfit: number;
  /** What the stockroom has, the most useful first. */
  readonly kept: readonly SizeKept[];
  /** Sizes to add, one after the other: each that saves most beside the stockroom and those before it. */
  readonly more: readonly SizeKept[];
  /** The best set of as many sizes as the stockroom has, or as were asked for. */
  readonly best: {
    readonly boxes: readonly BoxStock[];
    readonly savesMinor: Minor;
    /** No set of so many saves more. */
    readonly mostMinor: Minor;
    readonly exact: boolean;
  };
}

/** Bedding that a size not in the stockroom leaves round what is held, inches. */
const BEDDINGS_IN = [0.75, 1.5, 2.5];
/** Sizes not in the stockroom that are tried, those that go round most parcels first. */
const MOST_CANDIDATES = 170;
/** A box not in the stockroom of more than so many times the room of what it holds is no candidate for that. */
const MOST_ROOM = 9;
/** What it takes to piece a box together, or to fetch one, where none of a set does; judgement. */
const MAKESHIFT_MINOR = 600;
const MOST_MORE = 5;
/** What a size saves at least to be named. */
const LEAST_EARNED_MINOR = 50;

/**
 * Which sizes of box to keep, by parcels as they were packed: each is put, with its wraps and its fill, into every size of
 * the stockroom and into sizes that would go round it or its like, and what that costs in packing, sending and breakage is
 * compared. Carriers’ own boxes and envelopes stay as they are: a parcel in one of those costs no more than it did.
 *
 * A generator: it yields after each parcel, so that whoever runs it can stop it and say how far it has come.
 *
 * @param most sizes in the best set; as many as the stockroom has where left out
 */
export function* boxesToKeep(
  parcels: readonly PackedParcel[],
  { boxes }: Pick<Stockroom, 'boxes'>,
  most?: number,
): Generator<{ readonly done: number; readonly of: number }, BoxesToKeep> {
  const own = boxes.filter((box) => box.style === 'slotted' && box.container === null);
  const packed: { readonly parcel: PackedParcel; readonly now: PlanOption; readonly heldIn: Triple }[] = [];
  for (const parcel of parcels) {
    const now = deriver(parcel.request)(parcel.choice);
    if (now.kind === 'plan') packed.push({ parcel, now: now.option, heldIn: heldInOf(now.option) });
  }
  const asked = [...own, ...candidates(packed, own)];
  const costs: number[][] = [];
  const without: number[] = [];
  let unfit = 0;
  for (const [i, { parcel, now, heldIn }] of packed.entries()) {
    yield { done: i, of: packed.length };
    const row = costsIn(parcel, heldIn, asked, own.length);
    const { box } = now.rated.weighed.filled.stowed.shell;
    const dearest = row.reduce((max, one) => (Number.isFinite(one) ? Math.max(max, one) : max), 0);
    if (dearest === 0) unfit++;
    // what went without a box of the shop's goes so again
    const stays = isEnvelope(box) || box.container !== null;
    costs.push(row);
    without.push(stays ? now.expectedMinor : Math.max(dearest, now.expectedMinor) + MAKESHIFT_MINOR);
  }
  const totalWith = (set: readonly number[]) =>
    costs.reduce((sum, row, i) => sum + set.reduce((least, j) => Math.min(least, row[j]!), without[i]!), 0);
  const here = own.map((_, j) => j);
  const total = totalWith(here);
  const bestFor = (set: readonly number[], j: number) =>
    costs.filter(
      (row, i) =>
        row[j]! < without[i]! && set.every((other) => other === j || row[j]! < row[other]! || (row[j] === row[other] && j < other)),
    ).length;
  const kept = here
    .map((j): SizeKept => ({ box: asked[j]!, parcels: bestFor(here, j), earnsMinor: totalWith(here.filter((one) => one !== j)) - total }))
    .sort((a, b) => b.earnsMinor - a.earnsMinor || b.parcels - a.parcels);
  const more: SizeKept[] = [];
  for (let set = here; more.length < MOST_MORE;) {
    const now = totalWith(set);
    let best = { j: -1, earnsMinor: LEAST_EARNED_MINOR };
    for (let j = own.length; j < asked.length; j++) {
      const earnsMinor = set.includes(j) ? 0 : now - totalWith([...set, j]);
      if (earnsMinor > best.earnsMinor) best = { j, earnsMinor };
    }
    const { j, earnsMinor } = best;
    if (j < 0) break;
    set = [...set, j];
    more.push({ box: asked[j]!, parcels: bestFor(set, j), earnsMinor });
  }
  const found = bestSet(costs, without, most ?? own.length);
  return {
    parcels: packed.length,
    unfit,
    kept,
    more,
    best: {
      boxes: found.set.map((j) => asked[j]!),
      savesMinor: total - found.total,
      mostMinor: total - found.bound,
      exact: found.exact,
    },
  };
}

const heldInOf = ({ rated }: PlanOption): Triple => {
  const { inner, blockIn } = rated.weighed.filled.stowed;
  return inner?.outsideIn ?? blockIn;
};

/** Sizes in whole inches round what was held, that are not in the stockroom: those wanted most often first, then the smaller. */
function candidates(packed: readonly { readonly heldIn: Triple }[], own: readonly BoxStock[]): BoxStock[] {
  const known = new Set(own.map(({ insideIn }) => insideIn.join('×')));
  const wanted = new Map<string, { insideIn: Triple; times: number }>();
  for (const { heldIn } of packed)
    for (const gapIn of BEDDINGS_IN) {
      const insideIn = insideRound(heldIn, gapIn);
      const key = insideIn.join('×');
      if (!known.has(key)) wanted.set(key, { insideIn, times: (wanted.get(key)?.times ?? 0) + 1 });
    }
  const room = ([l, w, d]: Triple) => l * w * d;
  return [...wanted.values()]
    .sort((a, b) => b.times - a.times || room(a.insideIn) - room(b.insideIn))
    .slice(0, MOST_CANDIDATES)
    .map(({ insideIn }) => ({ ...boxNotHeld(insideIn, 'ordinary'), key: `size-${insideIn.join('x')}` }));
}

/** What a parcel is expected to cost in each of some boxes; infinite where it does not go into one, or not by the rules. */
function costsIn({ request, choice }: PackedParcel, heldIn: Triple, asked: readonly BoxStock[], ofTheShop: number): number[] {
  const stock = {
    ...request.stock,
    boxes: [...request.stock.boxes, ...asked.filter((box) => !request.stock.boxes.some(({ key }) => key === box.key))],
  };
  const all = { ...request, stock };
  const derive = deriver(all);
  const room = heldIn[0] * heldIn[1] * heldIn[2];
  return asked.map((box, j) => {
    const [l, w, d] = box.insideIn;
    const goesIn = (long: number, wide: number) => long < l && wide < w && heldIn[2] < d;
    const straight = goesIn(heldIn[0], heldIn[1]);
    const turned = goesIn(heldIn[1], heldIn[0]) && !choice.others;
    if ((!straight && !turned) || (j >= ofTheShop && l * w * d > MOST_ROOM * room)) return Infinity;
    const lying = straight
      ? choice
      : { ...choice, orientation: aboutTurned(choice.orientation), ...(choice.grid ? { grid: turnedGrid(choice.grid) } : {}) };
    return inBox(lying, box, all).reduce((least, one) => {
      const derived = derive(one);
      if (derived.kind === 'noPlan' || derived.option.rated.refused || blockingFaults(derived.option, request.house).length > 0)
        return least;
      return Math.min(least, derived.option.expectedMinor);
    }, Infinity);
  });
}

/** The same lying turned about on the floor. */
const aboutTurned = ([along, across, up]: Orientation): Orientation => [across, along, up];
const turnedGrid = ([nx, ny, nz]: NonNullable<PlanChoice['grid']>): NonNullable<PlanChoice['grid']> => [ny, nx, nz];
