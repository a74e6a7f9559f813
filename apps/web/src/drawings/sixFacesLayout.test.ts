import fc from 'fast-check';
import type { Triple } from '@inch-nest/core';
import { sixFacesLayout } from './sixFacesLayout.ts';

const side = fc.double({ min: 0.5, max: 60, noNaN: true });
const layouts = fc.tuple(fc.tuple(side, side, side), fc.integer({ min: 360, max: 1000 }));
const each = (check: (layout: ReturnType<typeof sixFacesLayout>, sizeIn: Triple, room: number) => void) =>
  fc.assert(fc.property(layouts, ([sizeIn, room]) => check(sixFacesLayout(sizeIn, room), sizeIn, room)));

describe('the six faces unfolded', () => {
  test('one scale: every panel is its face’s two sides times k', () =>
    each(({ k, panels }, [l, w, h]) => {
      const sides = { top: [l, w], bottom: [l, w], front: [l, h], back: [l, h], left: [w, h], right: [w, h] };
      for (const panel of panels) {
        expect(panel.w).toBeCloseTo(sides[panel.face][0]! * k, 6);
        expect(panel.h).toBeCloseTo(sides[panel.face][1]! * k, 6);
      }
    }));

  test('nothing overlaps, nothing leaves the page', () =>
    each(({ panels, width, height }, _, room) => {
      expect(width).toBeLessThanOrEqual(room + 1e-6);
      panels.forEach((one, i) => {
        expect(Math.min(one.touch.x, one.touch.y)).toBeGreaterThanOrEqual(0);
        expect(one.touch.x + one.touch.w).toBeLessThanOrEqual(width + 1e-6);
        expect(one.touch.y + one.touch.h).toBeLessThanOrEqual(height + 1e-6);
        for (const other of panels.slice(i + 1)) {
          const apart =
            one.touch.x + one.touch.w <= other.touch.x ||
            other.touch.x + other.touch.w <= one.touch.x ||
            one.touch.y + one.touch.h <= other.touch.y ||
            other.touch.y + other.touch.h <= one.touch.y;
          expect(apart).toBe(true);
        }
      });
    }));

  test('a finger finds every face: 44 px and more, and each panel lies in its room', () =>
    each(({ panels }) => {
      for (const { x, y, w, h, touch } of panels) {
        expect(Math.min(touch.w, touch.h)).toBeGreaterThanOrEqual(44);
        expect(x).toBeGreaterThanOrEqual(touch.x - 1e-6);
        expect(x + w).toBeLessThanOrEqual(touch.x + touch.w + 1e-6);
        expect(y).toBeGreaterThanOrEqual(touch.y - 1e-6);
        expect(y + h).toBeLessThanOrEqual(touch.y + touch.h + 1e-6);
      }
    }));
});
