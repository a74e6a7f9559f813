import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { BoxStock, SheetBoard } from '../../engineering/materials/stock.ts';
import type { House } from '../../house/House.ts';
import { linerChoices, type BoxLocks, type BoxRoom } from './BoxChoices.ts';
import { isToFold } from './boxToFold.ts';
import { AXIS_OF, crossed, cutDown, isEnvelope, lined, shortened, wholeShell } from './makeShell.ts';
import type { Shell } from './StowedBox.ts';
import type { Shortened } from './Shortened.ts';

/** A box is cut down only where that takes at least this much off, inches; judgement. */
const WORTH_CUTTING_IN = 0.75;
/** A slice is taken out of a box only where it is at least so wide, inches; judgement. */
const WORTH_SHORTENING_IN = 2;
/** New sides are measured to quarters of an inch. Common practice, no source. */
const CUT_TO_IN = 0.25;

/** What is done with a box's spare room: shortened, cut down, or its depth taken up by a cross; null for whole, and for none. */
interface RoomWay {
  readonly shortened: Shortened | null;
  readonly newDepthIn: number | null;
  readonly crossIn: number | null;
}

/** Makes shells, each once however often it is asked for. */
export interface ShellMaker {
  (box: BoxStock, way: RoomWay, liner: boolean): Shell | null;
}

/** A maker over one stockroom. */
export function shellMaker({ linerBoard }: BoxRoom): ShellMaker {
  const plain = new Map<BoxStock, Map<string, Shell | null>>();
  const withLiner = new Map<BoxStock, Map<string, Shell | null>>();
  return (box, { shortened: to, newDepthIn, crossIn }, liner) => {
    const shelf = liner ? withLiner : plain;
    const depths = shelf.get(box) ?? new Map<string, Shell | null>();
    shelf.set(box, depths);
    const key = `${to?.side} ${to?.newIn} ${newDepthIn} ${crossIn}`;
    const made = depths.get(key);
    if (made !== undefined) return made;
    const long = to === null ? wholeShell(box) : shortened(wholeShell(box), to);
    const shell = newDepthIn === null ? long : cutDown(long, newDepthIn);
    const walled = liner ? linerBoard && lined(shell, linerBoard) : shell;
    const whole = crossIn === null || !walled ? walled : linerBoard && crossed(walled, crossIn, linerBoard);
    depths.set(key, whole);
    return whole;
  };
}

/**
 * Every way of making one slotted box ready for something: whole, cut down or shortened to just the bedding the house wants
 * or with a cross that leaves as much, each with a second wall or without. A carrier's box is not cut.
 *
 * @param heldIn outside of what is put into it
 * @param gapIn bedding wanted on every side
 */
export function shellsFor(
  box: BoxStock,
  heldIn: Triple,
  gapIn: number,
  room: BoxRoom,
  house: House,
  make: ShellMaker,
  locks: BoxLocks = {},
): Shell[] {
  return linerChoices(house, room, locks).flatMap((liner) =>
    roomWays(box, wantedIn(heldIn, gapIn, liner ? room.linerBoard!.board.caliperIn : 0), room, house, locks).flatMap(
      (way) => make(box, way, liner) ?? [],
    ),
  );
}

/** Narrower no wall is folded, and lower no box is cut, whatever it holds: length, width and depth, inches; judgement. */
const LEAST_INSIDE_IN: Triple = [3, 3, 1];

/** Inside that is wanted, to quarters of an inch, with walls of a board where there are any. */
const wantedIn = (heldIn: Triple, gapIn: number, wallIn: number): Triple =>
  heldIn.map((side, axis) => Math.max(LEAST_INSIDE_IN[axis]!, snapUp(side + 2 * gapIn + 2 * wallIn))) as unknown as Triple;

/** As long as it is, and shortened where it pays; of each the whole depth, and the new one or the cross where that pays. */
function roomWays(box: BoxStock, wanted: Triple, room: BoxRoom, house: House, locks: BoxLocks): readonly RoomWay[] {
  const depths = depthsFor(box, wanted[2], room, house, locks);
  if (locks.shortened) return depths.map((way) => ({ ...way, shortened: locks.shortened! }));
  if (locks.shortened === null || !house.shortens) return depths;
  return [...depths, ...shortenings(box, wanted).flatMap((to) => depths.map((way) => ({ ...way, shortened: to })))];
}

/** What a box of the shop's own could be shortened to, the length before the width; one that is folded to measure has no spare. */
function shortenings(box: BoxStock, wanted: Triple): Shortened[] {
  if (box.container !== null || isToFold(box) || isEnvelope(box)) return [];
  return SIDES.flatMap((side) => {
    const [oldIn, newIn] = [box.insideIn[AXIS_OF[side]], wanted[AXIS_OF[side]]];
    return newIn > 0 && oldIn - newIn >= WORTH_SHORTENING_IN ? [{ side, newIn }] : [];
  });
}
const SIDES = ['length', 'width'] as const;

/** Whole, and the new depth or the cross where it pays. */
function depthsFor(box: BoxStock, depthIn: number, { linerBoard }: BoxRoom, house: House, locks: BoxLocks): readonly RoomWay[] {
  const { newDepthIn, crossIn } = locks;
  if (newDepthIn != null || crossIn) return [{ shortened: null, newDepthIn: newDepthIn ?? null, crossIn: crossIn || null }];
  // one that is folded to measure has no spare depth
  if (isToFold(box)) return WHOLE;
  const spareIn = box.insideIn[2] - depthIn;
  if (spareIn < WORTH_CUTTING_IN) return WHOLE;
  const ways = [...WHOLE];
  if (newDepthIn === undefined && house.cutsDown && box.container === null)
    ways.push({ shortened: null, newDepthIn: depthIn, crossIn: null });
  if (crossIn === undefined && house.crosses && linerBoard) ways.push({ shortened: null, newDepthIn: null, crossIn: snapDown(spareIn) });
  return ways;
}

const snapDown = (inches: number): number => Math.floor(inches / CUT_TO_IN + 1e-9) * CUT_TO_IN;
const snapUp = (inches: number): number => Math.ceil(inches / CUT_TO_IN - 1e-9) * CUT_TO_IN;

/** The depth a shell could be cut down to for what it holds; null where that would not pay, or it is a carrier's. */
export function depthWanted({ box, insideIn }: Shell, heldIn: number, gapIn: number): number | null {
  const walls = box.insideIn[2] - insideIn[2];
  const depthIn = Math.max(LEAST_INSIDE_IN[2], snapUp(heldIn + 2 * gapIn + walls));
  return box.container === null && !isToFold(box) && box.insideIn[2] - depthIn >= WORTH_CUTTING_IN ? depthIn : null;
}

/** What a shell could be shortened to for what it holds, either side; none where that would not pay, or it is a carrier's. */
export const shorteningsWanted = ({ box, liner }: Shell, linerBoard: SheetBoard | null, heldIn: Triple, gapIn: number): Shortened[] =>
  shortenings(box, wantedIn(heldIn, gapIn, liner && linerBoard ? linerBoard.board.caliperIn : 0));

/** The depth a cross could take up over what is held, beside any that is there; null where that would not pay. */
export function spareDepth({ box, insideIn, crossIn }: Shell, heldIn: number, gapIn: number): number | null {
  const spareIn = snapDown(insideIn[2] + (crossIn ?? 0) - heldIn - 2 * gapIn);
  return box.style === 'slotted' && !isToFold(box) && spareIn >= WORTH_CUTTING_IN ? spareIn : null;
}

const WHOLE: readonly RoomWay[] = [{ shortened: null, newDepthIn: null, crossIn: null }];
