import { outsideOf } from '../board/boxBlank.ts';
import type { Triple } from '../geometry/wrapLayer.ts';
import type { CutPart, CutWork, SheetLine } from './CutPart.ts';

/** A box made shorter or narrower. */
export interface ShortenedBox extends CutWork {
  readonly insideIn: Triple;
  readonly outsideIn: Triple;
  /** Width of the slice that is cut out of both walls along that side, with their flaps. */
  readonly sliceIn: number;
  readonly flapIn: number;
  /** Cut off every flap, so that none overlaps; 0 where they meet as they are. */
  readonly trimIn: number;
  /** Between the inner flaps where they do not meet, as in any slotted box that is longer than wide. */
  readonly flapsApartIn: number;
  /** Each of the two joints that is closed with a strip: across the wall and both its flaps. */
  readonly jointIn: number;
}

/**
 * Makes a regular slotted box shorter: a slice is cut out of the two walls along the side, flaps included, and the halves are
 * pushed together and joined by a strip. Flaps longer than half of what is then the shorter side are trimmed to it.
 *
 * Source: box style 0201 of the FEFCO/ESBO code (flap depth half the box width); the rest is common practice, no source.
 *
 * @param box inside length, width and depth
 * @param side which of them becomes shorter
 * @throws RangeError when the new side is not below the old one
 */
export function shortenBox([lengthIn, widthIn, depthIn]: Triple, side: 'length' | 'width', newIn: number, caliperIn: number): ShortenedBox {
  const oldIn = side === 'length' ? lengthIn : widthIn;
  if (!(newIn > 0 && newIn < oldIn)) throw new RangeError(`newIn must be above 0 and below ${oldIn}, not ${newIn}`);
  const insideIn: Triple = side === 'length' ? [newIn, widthIn, depthIn] : [lengthIn, newIn, depthIn];
  const sliceIn = oldIn - newIn;
  const oldFlapIn = Math.min(lengthIn, widthIn) / 2;
  const flapIn = Math.min(oldFlapIn, Math.min(insideIn[0], insideIn[1]) / 2);
  const trimIn = oldFlapIn - flapIn;
  const aroundIn = 2 * (lengthIn + widthIn);
  const heightIn = depthIn + 2 * oldFlapIn;
  // the slice is taken from the middle of the two walls, so that no corner is touched
  const walls =
    side === 'length' ? [lengthIn / 2, lengthIn + widthIn + lengthIn / 2] : [lengthIn + widthIn / 2, 2 * lengthIn + widthIn * 1.5];
  const up = (x: number): SheetLine => ({ from: [x, 0], to: [x, heightIn] });
  const across = (y: number): SheetLine => ({ from: [0, y], to: [aroundIn, y] });
  const sides: CutPart = {
    name: 'the four sides with all flaps, opened flat',
    count: 1,
    lengthIn: aroundIn,
    heightIn,
    knife: [
      ...walls.flatMap((middle) => [up(middle - sliceIn / 2), up(middle + sliceIn / 2)]),
      ...(trimIn > 0 ? [across(trimIn), across(heightIn - trimIn)] : []),
    ],
    score: [across(oldFlapIn), across(oldFlapIn + depthIn)],
  };
  return {
    insideIn,
    outsideIn: outsideOf(insideIn, caliperIn),
    sliceIn,
    flapIn,
    trimIn,
    flapsApartIn: Math.abs(insideIn[0] - insideIn[1]),
    jointIn: depthIn + 2 * flapIn,
    parts: [sides],
    boardUsedIn2: 0,
    wasteIn2: 2 * sliceIn * heightIn + (aroundIn - 2 * sliceIn) * 2 * trimIn,
  };
}
