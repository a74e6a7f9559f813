import type { BoxStock } from '../../engineering/materials/stock.ts';
import type { House } from '../../house/House.ts';
import { linerChoices, type BoxLocks, type BoxRoom } from './BoxChoices.ts';
import { isToFold } from './boxToFold.ts';
import { crossed, cutDown, lined, wholeShell } from './makeShell.ts';
import type { Shell } from './StowedBox.ts';

/** A box is cut down only where that takes at least this much off, inches; judgement. */
const WORTH_CUTTING_IN = 0.75;
/** New depths are measured to quarters of an inch. Common practice, no source. */
const CUT_TO_IN = 0.25;

/** What is done with a box's depth: cut down to one, or taken up by a cross; null for whole, and for none. */
interface DepthWay {
  readonly newDepthIn: number | null;
  readonly crossIn: number | null;
}

/** Makes shells, each once however often it is asked for. */
export interface ShellMaker {
  (box: BoxStock, way: DepthWay, liner: boolean): Shell | null;
}

/** A maker over one stockroom. */
export function shellMaker({ linerBoard }: BoxRoom): ShellMaker {
  const plain = new Map<BoxStock, Map<string, Shell | null>>();
  const withLiner = new Map<BoxStock, Map<string, Shell | null>>();
  return (box, { newDepthIn, crossIn }, liner) => {
    const shelf = liner ? withLiner : plain;
    const depths = shelf.get(box) ?? new Map<string, Shell | null>();
    shelf.set(box, depths);
    const key = `${newDepthIn} ${crossIn}`;
    const made = depths.get(key);
    if (made !== undefined) return made;
    const shell = newDepthIn === null ? wholeShell(box) : cutDown(wholeShell(box), newDepthIn);
    const walled = liner ? linerBoard && lined(shell, linerBoard) : shell;
    const whole = crossIn === null || !walled ? walled : linerBoard && crossed(walled, crossIn, linerBoard);
    depths.set(key, whole);
    return whole;
  };
}

/**
 * Every way of making one slotted box ready for something of a height: whole, cut down to just the bedding the house
 * wants or with a cross that leaves as much, each with a second wall or without. A carrier's box is not cut.
 *
 * @param heldIn height of what is put into it
 * @param gapIn bedding wanted above and below
 */
export function shellsFor(
  box: BoxStock,
  heldIn: number,
  gapIn: number,
  room: BoxRoom,
  house: House,
  make: ShellMaker,
  locks: BoxLocks = {},
): Shell[] {
  return linerChoices(house, room, locks).flatMap((liner) =>
    depthsFor(box, heldIn + 2 * gapIn + (liner ? 2 * room.linerBoard!.board.caliperIn : 0), room, house, locks).flatMap(
      (way) => make(box, way, liner) ?? [],
    ),
  );
}

/** Whole, and the new depth or the cross where it pays. */
function depthsFor(box: BoxStock, wantedIn: number, { linerBoard }: BoxRoom, house: House, locks: BoxLocks): readonly DepthWay[] {
  const { newDepthIn, crossIn } = locks;
  if (newDepthIn != null || crossIn) return [{ newDepthIn: newDepthIn ?? null, crossIn: crossIn || null }];
  // one that is folded to measure has no spare depth
  if (isToFold(box)) return WHOLE;
  const depthIn = Math.ceil(wantedIn / CUT_TO_IN - 1e-9) * CUT_TO_IN;
  const spareIn = box.insideIn[2] - depthIn;
  if (spareIn < WORTH_CUTTING_IN) return WHOLE;
  const ways = [...WHOLE];
  if (newDepthIn === undefined && house.cutsDown && box.container === null) ways.push({ newDepthIn: depthIn, crossIn: null });
  if (crossIn === undefined && house.crosses && linerBoard) ways.push({ newDepthIn: null, crossIn: snapDown(spareIn) });
  return ways;
}

const snapDown = (inches: number): number => Math.floor(inches / CUT_TO_IN + 1e-9) * CUT_TO_IN;

/** The depth a shell could be cut down to for what it holds; null where that would not pay, or it is a carrier's. */
export function depthWanted({ box, insideIn }: Shell, heldIn: number, gapIn: number): number | null {
  const walls = box.insideIn[2] - insideIn[2];
  const depthIn = Math.ceil((heldIn + 2 * gapIn + walls) / CUT_TO_IN - 1e-9) * CUT_TO_IN;
  return box.container === null && !isToFold(box) && box.insideIn[2] - depthIn >= WORTH_CUTTING_IN ? depthIn : null;
}

/** The depth a cross could take up over what is held, beside any that is there; null where that would not pay. */
export function spareDepth({ box, insideIn, crossIn }: Shell, heldIn: number, gapIn: number): number | null {
  const spareIn = snapDown(insideIn[2] + (crossIn ?? 0) - heldIn - 2 * gapIn);
  return box.style === 'slotted' && !isToFold(box) && spareIn >= WORTH_CUTTING_IN ? spareIn : null;
}

const WHOLE: readonly DepthWay[] = [{ newDepthIn: null, crossIn: null }];
