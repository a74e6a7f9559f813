import { crossDivider } from './crossDivider.ts';
import { linerPanels } from './linerPanels.ts';
import { lowerBox } from './lowerBox.ts';

describe('cross divider (exact)', () => {
  test('strips as long as the diagonal, slots half the height', () => {
    const cross = crossDivider(12, 9, 4, 0.16);
    expect(cross.stripLengthIn).toBe(15);
    expect(cross.slotDepthIn).toBe(2);
    expect(cross.slotWidthIn).toBeCloseTo((0.16 * 12) / 9, 12);
    expect(crossDivider(10, 10, 4, 0.16).slotWidthIn).toBeCloseTo(0.16, 12); // one caliper only in a square box
  });

  test('one slot opens above, the other below, both at the centre', () => {
    const [above, below] = crossDivider(12, 9, 4, 0.2).parts;
    expect(above!.knife.map((line) => line.from[1])).toEqual([4, 2, 2]);
    expect(below!.knife.map((line) => line.from[1])).toEqual([0, 2, 2]);
    expect((above!.knife[0]!.from[0] + above!.knife[2]!.from[0]) / 2).toBeCloseTo(7.5, 12);
  });
});

// box style 0201: flaps half the box's width
test('a box cut down keeps flaps of half its shorter side', () => {
  expect(lowerBox([16, 12, 12], 9)).toMatchObject({ insideIn: [16, 12, 9], slitIn: 3, flapIn: 6, trimIn: 3 });
  const [sheet] = lowerBox([16, 12, 12], 9).parts;
  expect(sheet!.score).toEqual([{ from: [0, 9], to: [56, 9] }]);
  expect(sheet!.knife.slice(0, 5).map((line) => [line.from[0], line.from[1], line.to[1]])).toEqual([
    [0, 9, 12],
    [16, 9, 12],
    [28, 9, 12],
    [44, 9, 12],
    [56, 9, 12],
  ]);
  expect(() => lowerBox([16, 12, 12], 12)).toThrow(/below 12, not 12/);
  expect(() => lowerBox([16, 12, 12], 0)).toThrow(RangeError);
});

test('six liner panels take two calipers off every side and fit together', () => {
  const { parts, insideIn } = linerPanels([12, 10, 8], 0.25, ['bottom', 'top', 'left', 'right', 'front', 'back']);
  expect(insideIn).toEqual([11.5, 9.5, 7.5]);
  expect(parts.map((part) => [part.lengthIn, part.heightIn])).toEqual([
    [12, 10],
    [12, 10],
    [11.5, 7.5],
    [11.5, 7.5],
    [10, 7.5],
    [10, 7.5],
  ]);
  expect(linerPanels([12, 10, 8], 0.25, ['bottom']).insideIn).toEqual([12, 10, 7.75]);
  expect(() => linerPanels([0.4, 10, 8], 0.25, ['left', 'right'])).toThrow(RangeError);
});
