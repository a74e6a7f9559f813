import { cushionOf } from '../../engineering/materials/cushionOf.ts';
import type { FillStock } from '../../engineering/materials/stock.ts';
import type { Gaps } from '../box/StowedBox.ts';

/** A gap no wider than this is tight and needs no fill; wider where a good wrap gives way a little. Common practice, no source. */
const TIGHT = { bareIn: 0.1, wrappedIn: 0.2, wrapIn: 0.45 };

/** The widest gap that is tight round a bundle with so much cover, inches. */
export const tightGapIn = (coverIn: number): number => (coverIn >= TIGHT.wrapIn - 1e-9 ? TIGHT.wrappedIn : TIGHT.bareIn);

/** Room a fill needs to be put in at all, inches. */
export const leastRoomIn = (fill: Room): number => cushionOf(fill).leastRoomIn;

const FACES_OF: readonly (keyof Gaps)[] = ['bottom', 'top', 'front', 'back', 'left', 'right'];

/** The face whose gap is the narrowest of those that are not tight; null where all are. */
function narrowestLoose(gaps: Gaps, tightIn: number): keyof Gaps | null {
  let narrowest: keyof Gaps | null = null;
  for (const face of FACES_OF) if (gaps[face] > tightIn + 1e-9 && (narrowest === null || gaps[face] < gaps[narrowest])) narrowest = face;
  return narrowest;
}

/**
 * The narrowest gap that is neither tight nor wide enough for the fill, on whichever face; null where all of them
 * hold. A gap that holds nothing fails the shake test.
 *
 * @param coverIn thickness of the wraps; 0 for an inner box
 */
export function emptyGap(
  gaps: Gaps,
  fill: Room | ((face: keyof Gaps) => Room),
  coverIn: number,
): { face: keyof Gaps; gapIn: number } | null {
  const tightIn = tightGapIn(coverIn);
  if (typeof fill !== 'function') {
    const face = narrowestLoose(gaps, tightIn);
    return face !== null && gaps[face] < leastRoomIn(fill) - 1e-9 ? { face, gapIn: gaps[face] } : null;
  }
  // where places have fills of their own, a wider gap may be the one that holds nothing
  const empty = FACES_OF.filter((face) => gaps[face] > tightIn + 1e-9 && gaps[face] < leastRoomIn(fill(face)) - 1e-9);
  const face = empty.reduce<keyof Gaps | null>((least, one) => (least === null || gaps[one] < gaps[least] ? one : least), null);
  return face && { face, gapIn: gaps[face] };
}
type Room = Pick<FillStock, 'cushion'>;

/** What lies flat enough to be pushed into a tight gap: a sheet of paper, a fold of bubble; inches. */
const THIN_IN = 0.25;

/**
 * Tells of any gaps which of some fills go into all that are not tight; the same list for like gaps. Where all are
 * tight only what lies flat goes in, if there is any.
 */
export function fillsByRoom(fills: readonly FillStock[]): (gaps: Gaps, coverIn: number) => readonly FillStock[] {
  const rooms = [...new Set(fills.map(leastRoomIn))].sort((a, b) => a - b);
  const lists = [0, ...rooms].map((_, most) => fills.filter((fill) => rooms.indexOf(leastRoomIn(fill)) < most));
  const flat = fills.filter((fill) => leastRoomIn(fill) <= THIN_IN);
  const thin = flat.length > 0 ? flat : fills;
  return (gaps, coverIn) => {
    const face = narrowestLoose(gaps, tightGapIn(coverIn));
    if (face === null) return thin;
    let most = 0;
    while (most < rooms.length && rooms[most]! <= gaps[face] + 1e-9) most++;
    return lists[most]!;
  };
}
