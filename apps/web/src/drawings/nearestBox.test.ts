import type { Triple } from '@inch-nest/core';
import { nearestBox, nextBox } from './nearestBox.ts';

const boxes = (
  [
    [12, 12, 12],
    [14, 12, 10],
    [14, 14, 14],
    [16, 12, 8],
    [20, 16, 14],
  ] as Triple[]
).map((insideIn) => ({
  key: insideIn.join('x'),
  name: insideIn.join('×'),
  insideIn,
}));
const NOW: Triple = [14, 12, 10];

test.each<[number, 0 | 1 | 2, string]>([
  [14.2, 0, '14x12x10'],
  [15.6, 0, '16x12x8'],
  [12.3, 0, '12x12x12'],
  [30, 0, '20x16x14'],
  [14, 1, '14x14x14'],
  [14, 2, '14x14x14'],
  [11.9, 2, '12x12x12'],
])('a wall pulled to %d along axis %d takes %s', (wantedIn, axis, key) => expect(nearestBox(boxes, NOW, axis, wantedIn)?.key).toBe(key));

test.each<[0 | 1 | 2, 1 | -1, string | undefined]>([
  [0, 1, '16x12x8'],
  [0, -1, '12x12x12'],
  [1, 1, '14x14x14'],
  [1, -1, undefined],
  [2, -1, '16x12x8'],
])('one key along axis %d, way %d: %s', (axis, way, key) => expect(nextBox(boxes, NOW, axis, way)?.key).toBe(key));

test('nothing to pull to', () => expect(nearestBox([], NOW, 0, 12)).toBeNull());
