import type { BoxStock } from '../../engineering/materials/stock.ts';
import type { House } from '../../house/House.ts';
import { linerChoices, type BoxLocks, type BoxRoom } from './BoxChoices.ts';
import { cutDown, lined, wholeShell } from './makeShell.ts';
import type { Shell } from './StowedBox.ts';

/** A box is cut down only where that takes at least this much off, inches; judgement. */
const WORTH_CUTTING_IN = 0.75;
/** New depths are measured to quarters of an inch. Common practice, no source. */
const CUT_TO_IN = 0.25;

/** Makes shells, each once however often it is asked for. */
export interface ShellMaker {
  (box: BoxStock, newDepthIn: number | null, liner: boolean): Shell | null;
}

/** A maker over one stockroom. */
export function shellMaker({ linerBoard }: BoxRoom): ShellMaker {
  const plain = new Map<BoxStock, Map<number | null, Shell | null>>();
  const withLiner = new Map<BoxStock, Map<number | null, Shell | null>>();
  return (box, newDepthIn, liner) => {
    const shelf = liner ? withLiner : plain;
    const depths = shelf.get(box) ?? new Map<number | null, Shell | null>();
    shelf.set(box, depths);
    const made = depths.get(newDepthIn);
    if (made !== undefined) return made;
    const shell = newDepthIn === null ? wholeShell(box) : cutDown(wholeShell(box), newDepthIn);
    const whole = liner ? linerBoard && lined(shell, linerBoard) : shell;
    depths.set(newDepthIn, whole);
    return whole;
  };
}

/**
 * Every way of making one slotted box ready for something of a height: whole, cut down to just the bedding
 * the house wants, each with a second wall or without. A carrier's box stays whole.
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
    depthsFor(box, heldIn + 2 * gapIn + (liner ? 2 * room.linerBoard!.board.caliperIn : 0), house, locks).flatMap(
      (depthIn) => make(box, depthIn, liner) ?? [],
    ),
  );
}

/** Whole, and the new depth where it pays to cut. */
function depthsFor(box: BoxStock, wantedIn: number, house: House, locks: BoxLocks): readonly (number | null)[] {
  if (locks.newDepthIn !== undefined) return [locks.newDepthIn];
  if (!house.cutsDown || box.container !== null) return WHOLE;
  const depthIn = Math.ceil(wantedIn / CUT_TO_IN - 1e-9) * CUT_TO_IN;
  return box.insideIn[2] - depthIn >= WORTH_CUTTING_IN ? [null, depthIn] : WHOLE;
}

/** The depth a shell could be cut down to for what it holds; null where that would not pay, or it is a carrier's. */
export function depthWanted({ box, insideIn }: Shell, heldIn: number, gapIn: number): number | null {
  const walls = box.insideIn[2] - insideIn[2];
  const depthIn = Math.ceil((heldIn + 2 * gapIn + walls) / CUT_TO_IN - 1e-9) * CUT_TO_IN;
  return box.container === null && box.insideIn[2] - depthIn >= WORTH_CUTTING_IN ? depthIn : null;
}

const WHOLE = [null];
