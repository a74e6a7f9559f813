import { outsideOf } from '../board/boxBlank.ts';
import type { Triple } from '../geometry/wrapLayer.ts';
import type { CutPart, CutWork, SheetLine } from './CutPart.ts';

/** A box cut down to a new depth. */
export interface LoweredBox extends CutWork {
  readonly insideIn: Triple;
  readonly outsideIn: Triple;
  /** Each corner is slit by this much, down to the new fold line. */
  readonly slitIn: number;
  readonly flapIn: number;
  /** Cut off each flap, so that it is half the shorter side again. */
  readonly trimIn: number;
}

/**
 * Cuts a regular slotted box down: a new fold line at the new depth, corners slit to it, and the flaps,
 * now longer by the difference, trimmed to half the shorter side.
 *
 * Source: box style 0201 of the FEFCO/ESBO code (flap depth half the box width); the rest is common
 * practice, no source.
 *
 * @param box inside length, width and depth
 * @throws RangeError when the new depth is not below the old one
 */
export function lowerBox([lengthIn, widthIn, depthIn]: Triple, newDepthIn: number, caliperIn: number): LoweredBox {
  if (!(newDepthIn > 0 && newDepthIn < depthIn)) throw new RangeError(`newDepthIn must be above 0 and below ${depthIn}, not ${newDepthIn}`);
  const flapIn = Math.min(lengthIn, widthIn) / 2;
  const slitIn = depthIn - newDepthIn;
  const aroundIn = 2 * (lengthIn + widthIn);
  const corners = [0, lengthIn, lengthIn + widthIn, 2 * lengthIn + widthIn, aroundIn];
  const across = (y: number): SheetLine => ({ from: [0, y], to: [aroundIn, y] });
  const slits = corners.map((x): SheetLine => ({ from: [x, newDepthIn], to: [x, depthIn] }));
  const sides: CutPart = {
    name: 'the four sides with their upper flaps, opened flat',
    count: 1,
    lengthIn: aroundIn,
    heightIn: depthIn + flapIn,
    knife: [...slits, across(newDepthIn + flapIn)],
    score: [across(newDepthIn)],
  };
  const insideIn: Triple = [lengthIn, widthIn, newDepthIn];
  return {
    insideIn,
    outsideIn: outsideOf(insideIn, caliperIn),
    slitIn,
    flapIn,
    trimIn: slitIn,
    parts: [sides],
    boardUsedIn2: 0,
    wasteIn2: aroundIn * slitIn,
  };
}
