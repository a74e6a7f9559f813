import { sideNear } from './sideNear.ts';

const RECT = { x: 10, y: 20, w: 100, h: 50 };

test.each([
  ['at the left, before it', { x: 12, y: 45 }, { along: 'across', before: true }],
  ['at the right, behind it', { x: 107, y: 45 }, { along: 'across', before: false }],
  ['above, upon it', { x: 60, y: 22 }, { along: 'up', before: false }],
  ['below, under it', { x: 60, y: 69 }, { along: 'up', before: true }],
] as const)('%s', (_, point, side) => expect(sideNear(point, RECT)).toEqual(side));

test('a long thing is no harder to hit at its ends: distance counts as a share of the side', () => {
  // 20 px from the left of 100, 12 px from the top of 50
  expect(sideNear({ x: 30, y: 32 }, RECT)).toEqual({ along: 'across', before: true });
});
