import type { Face, Triple } from '@inch-nest/core';

/** A face's panel on the page, px, and the room round it that may be touched. */
export interface FacePanel {
  readonly face: Face;
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
  readonly touch: { readonly x: number; readonly y: number; readonly w: number; readonly h: number };
}

const LEAST_TOUCH = 84;
const BETWEEN = 8;
const MOST_HEIGHT = 420;
const STEP = 0.97;

/**
 * The piece unfolded as a cross: top over front over bottom, the ends beside the front, the back last. One
 * scale for all; small faces keep room enough round them for a finger.
 *
 * @param sizeIn length, width and height as it stands
 * @param room width on the page, px
 */
export function sixFacesLayout([l, w, h]: Triple, room: number): { k: number; width: number; height: number; panels: FacePanel[] } {
  const slot = (inches: number, k: number) => Math.max(LEAST_TOUCH, inches * k);
  const across = (k: number) => 2 * slot(l, k) + 2 * slot(w, k) + 3 * BETWEEN;
  const down = (k: number) => 2 * slot(w, k) + slot(h, k) + 2 * BETWEEN;
  let k = 60;
  while (k > 0.5 && (across(k) > room || down(k) > MOST_HEIGHT)) k *= STEP;
  const [long, wide, high] = [slot(l, k), slot(w, k), slot(h, k)];
  const column = { left: 0, front: wide + BETWEEN, right: wide + long + 2 * BETWEEN, back: 2 * wide + long + 3 * BETWEEN };
  const row = { top: 0, middle: wide + BETWEEN, bottom: wide + high + 2 * BETWEEN };
  const panel = (face: Face, x: number, y: number, slotW: number, slotH: number, sideW: number, sideH: number): FacePanel => ({
    face,
    x: x + (slotW - sideW * k) / 2,
    y: y + (slotH - sideH * k) / 2,
    w: sideW * k,
    h: sideH * k,
    touch: { x, y, w: slotW, h: slotH },
  });
  return {
    k,
    width: across(k),
    height: down(k),
    panels: [
      panel('top', column.front, row.top, long, wide, l, w),
      panel('left', column.left, row.middle, wide, high, w, h),
      panel('front', column.front, row.middle, long, high, l, h),
      panel('right', column.right, row.middle, wide, high, w, h),
      panel('back', column.back, row.middle, long, high, l, h),
      panel('bottom', column.front, row.bottom, long, wide, l, w),
    ],
  };
}
