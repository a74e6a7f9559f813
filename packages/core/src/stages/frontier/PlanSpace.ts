import type { FillStock, Stockroom } from '../../engineering/materials/stock.ts';
import type { House } from '../../house/House.ts';
import { cellChoices, type BoxLocks, type BoxRoom } from '../box/BoxChoices.ts';
import type { Fold } from '../box/folds.ts';
import { celled, isEnvelope } from '../box/makeShell.ts';
import { gapsIn, heldInBoxes, shellsRound, waysBare, type Held } from '../box/stowInBox.ts';
import type { waysToStand } from '../box/waysToStand.ts';
import { worthOfAll } from '../item/worthOfAll.ts';
import type { Wraps } from '../wrap/WrappedItem.ts';
import { outerFill } from '../fill/fillVoids.ts';
import { innerFillOf } from '../fill/innerFillOf.ts';
import { fillsByRoom } from '../fill/leastRoom.ts';
import { packingWay, type PackingWay } from '../box/packingWay.ts';
import { shellMaker } from '../box/shellsFor.ts';
import type { Gaps, LyingBundle, Shell } from '../box/StowedBox.ts';
import type { Carriage, Pieces } from '../rate/rateParcel.ts';
import type { Minor } from '../../units/index.ts';

/** All that a plan may be made of: every way of wrapping, stowing, filling and sending, and the rules they keep. */
export interface PlanSpace {
  readonly pieces: Pieces;
  /** Every way to wrap them: one wrap for each piece. */
  readonly wraps: readonly Wraps[];
  /** How different bundles may stand, whatever their wraps; null where each wrap of one piece stands as it likes. */
  readonly ways: ReturnType<typeof waysToStand> | null;
  readonly room: BoxRoom;
  readonly fills: readonly FillStock[];
  readonly innerFills: readonly FillStock[];
  readonly carriages: readonly Carriage[];
  readonly tapes: Pick<Stockroom, 'outerTape'>;
  readonly house: House;
  readonly locks: BoxLocks & { readonly fill?: string | null };
  /** Folds of wrap that somebody has put between different bundles. */
  readonly folds: readonly Fold[];
  /** One way of packing alone; null for all. */
  readonly way: PackingWay | null;
  /** What is free for this parcel, where more than that is not to be taken; null where nobody counts. */
  readonly free: Stockroom | null;
}

/** Every bundle as it may lie, bare ones first, then each in every inner box that takes it. */
export function* everyHeld(space: PlanSpace): Generator<Held> {
  for (const make of everyBare(space)) yield make();
  yield* everyBoxed(space);
}

/**
 * True where a box in a box is looked at: asked for, for what is dear or cannot be replaced, and where nothing
 * else stays below the ceiling. For the rest a box in a box is more than practice would spend.
 *
 * @param isBelowCeiling a plan without one is
 */
export const looksAtBoxed = ({ pieces, house, locks, way }: PlanSpace, isBelowCeiling: boolean): boolean =>
  !isBelowCeiling ||
  way !== null ||
  house.floats ||
  (locks.inner !== undefined && locks.inner !== null) ||
  locks.innerFill !== undefined ||
  pieces.some(({ facts }) => facts.ownBoxIn !== null) ||
  isWorthABox(
    pieces.some(({ facts }) => facts.irreplaceable),
    worthOfAll(pieces),
    house,
  );

/** True for what is dear enough that a packer thinks of a box in a box, or that no money buys again. */
export const isWorthABox = (irreplaceable: boolean, worthMinor: Minor, house: Pick<House, 'boxInBoxFromMinor'>): boolean =>
  irreplaceable || worthMinor >= house.boxInBoxFromMinor;

/** Every bundle as it may lie without an inner box, each made when it is called for. */
export function everyBare({ wraps, ways, house, locks, room, folds }: PlanSpace): (() => Held)[] {
  if (locks.inner || house.floats) return [];
  const cells = cellChoices(house, room, locks);
  return wraps.flatMap((each) => waysBare(each, locks, ways ?? undefined, cells, folds));
}

/** Every bundle as it may lie, in every inner box that takes it. */
export function* everyBoxed({ wraps, ways, room, house, locks, folds }: PlanSpace): Generator<Held> {
  const cells = cellChoices(house, room, locks);
  if (locks.inner !== null && (house.innerBoxes || locks.inner !== undefined))
    for (const each of wraps) yield* heldInBoxes(each, room.boxes, house, locks, ways ?? undefined, cells, folds);
}

/**
 * The shells round something held. What fits round an inner box does not depend on what is in it, so that
 * is worked out once for each.
 */
export function shellFinder({ room, house, locks, way, free }: PlanSpace): (held: Held) => readonly Shell[] {
  const boardFt2 = free && !PINS_BOARD.some((lock) => locks[lock]) ? Math.max(0, free.linerBoard?.onHandFt2 ?? 0) : Infinity;
  const wanted = (held: Held, shells: Shell[]) =>
    shells.filter((shell) => (way === null || packingWay(shell, held.inner) === way) && boardTaken(shell) <= boardFt2 + 1e-9);
  const roundInner = new Map<string, readonly Shell[]>();
  const make = shellMaker(room);
  return (held) => {
    if (!held.inner) return wanted(held, shellsRound(held, room, house, locks, make));
    const known =
      roundInner.get(held.inner.box.key) ??
      wanted(held, shellsRound({ ...held, cells: null, folds: [], around: null, shared: null }, room, house, locks, make));
    roundInner.set(held.inner.box.key, known);
    return held.cells || held.folds.length > 0
      ? wanted(
          held,
          known.map((shell) => celled(shell, held)),
        )
      : known;
  };
}

/** Whoever pins what is made of board wants it. */
const PINS_BOARD = ['liner', 'cells', 'crossIn'] as const;

/** Sheet board that goes into a shell, square feet. */
const boardTaken = ({ made }: Shell): number => made.reduce((sum, { takenFt2 }) => sum + takenFt2, 0);

/** What may fill the rooms of a space, box after box. */
export interface FillFinder {
  /** Between what is held and a shell, with the gaps known: nothing in an envelope, else whatever goes into them. */
  outer(held: Held, shell: Shell, gaps?: Gaps): readonly (FillStock | null)[];
  /** In the inner box: nothing where there is none. */
  inner(held: Held): readonly (FillStock | null)[];
}

export function fillFinder({ fills, innerFills, house, locks, free }: PlanSpace): FillFinder {
  const outer = fillsByRoom(fills);
  const inner = fillsByRoom(innerFills);
  const enough = (pinned: unknown) =>
    free && pinned === undefined ? (fill: FillStock, wantedFt3: number) => wantedFt3 <= fill.onHandFt3 + 1e-9 : null;
  const [enoughOuter, enoughInner] = [enough(locks.fill), enough(locks.innerFill)];
  return {
    outer: (held, shell, gaps = gapsIn(held, shell)) => {
      if (isEnvelope(shell.box)) return NO_FILL;
      const found = outer(gaps, held.inner ? 0 : leastCoverIn(held));
      if (!enoughOuter || found.length === 0) return found;
      const { boughtFt3 } = outerFill(found[0]!, held, held.heldIn, shell.insideIn, gaps, house);
      return found.every((fill) => enoughOuter(fill, boughtFt3)) ? found : found.filter((fill) => enoughOuter(fill, boughtFt3));
    },
    inner: (held) => {
      if (!held.inner) return NO_FILL;
      const found = inner(held.inner.gaps, leastCoverIn(held));
      if (!enoughInner || found.length === 0) return found;
      const { boughtFt3 } = innerFillOf(found[0]!, held, held.inner);
      return found.filter((fill) => enoughInner(fill, boughtFt3));
    },
  };
}
const NO_FILL = [null] as const;

/** The thinnest cover of all bundles. */
export const leastCoverIn = ({ bundles }: { readonly bundles: readonly Pick<LyingBundle, 'wrapped'>[] }): number =>
  Math.min(...bundles.map(({ wrapped }) => wrapped.coverIn));

/** How many plans the space holds, priced or refused. */
export function countPlans(space: PlanSpace): number {
  const shellsOf = shellFinder(space);
  const fill = fillFinder(space);
  let count = 0;
  for (const held of everyHeld(space)) {
    const fillings = shellsOf(held).reduce((sum, shell) => sum + fill.outer(held, shell).length, 0);
    count += fillings * fill.inner(held).length;
  }
  return count * space.carriages.length;
}
