import { arrowHead, MARK_KINDS, markBetween, markMoved, markSized, type PictureMark } from './PictureMark.ts';

test('a ring fills the room between two spots, whichever way it was drawn', () => {
  const one = markBetween('ring', [0.2, 0.3], [0.6, 0.5]);
  expect(one).toEqual({ kind: 'ring', at: [0.4, 0.4], size: [expect.closeTo(0.4, 12), expect.closeTo(0.2, 12)] });
  expect(markBetween('ring', [0.6, 0.5], [0.2, 0.3])).toEqual(one);
});

test('a press without a pull makes a ring that can be seen', () => {
  const dot = markBetween('ring', [0.5, 0.5], [0.5, 0.5]);
  expect(dot.kind === 'ring' && dot.size.every((side) => side > 0)).toBe(true);
});

test('an arrow goes from the first spot to the last; a word stands at the first', () => {
  expect(markBetween('arrow', [0.1, 0.1], [0.9, 0.2])).toEqual({ kind: 'arrow', from: [0.1, 0.1], to: [0.9, 0.2] });
  expect(markBetween('word', [0.1, 0.1], [0.9, 0.2])).toEqual({ kind: 'word', at: [0.1, 0.1], text: '' });
});

test.each(MARK_KINDS)('a %s is moved, there and back, and never off the picture', (kind) => {
  const mark = markBetween(kind, [0.4, 0.4], [0.6, 0.6]);
  const there = markMoved(mark, [0.1, -0.2]);
  expect(there).not.toEqual(mark);
  expect(JSON.stringify(markMoved(there, [-0.1, 0.2]), rounded)).toBe(JSON.stringify(mark, rounded));
  const far = JSON.stringify(markMoved(mark, [5, 5]));
  expect(far).not.toMatch(/[2-9]\.|1\.\d/);
});

test.each(MARK_KINDS)('a %s is sized, there and back, stays where it is and can always be seen', (kind) => {
  const mark = markBetween(kind, [0.4, 0.4], [0.6, 0.6]);
  const there = markSized(mark, [0.1, -0.04]);
  expect(JSON.stringify(markSized(there, [-0.1, 0.04]), rounded)).toBe(JSON.stringify(mark, rounded));
  if (there.kind === 'ring') {
    expect(there.at).toEqual((mark as typeof there).at);
    expect(there.size.map((side) => Math.round(side * 1e9) / 1e9)).toEqual([0.3, 0.16]);
  }
  if (there.kind === 'arrow') expect(there.from).toEqual((mark as typeof there).from);
  const least = markSized(mark, [-5, -5]);
  if (least.kind === 'ring') for (const side of least.size) expect(side).toBeGreaterThan(0);
  expect(JSON.stringify(markSized(mark, [5, 5]))).not.toMatch(/[2-9]\.|1\.\d/);
});
const rounded = (_: string, value: unknown) => (typeof value === 'number' ? Math.round(value * 1e9) / 1e9 : value) as PictureMark;

// both barbs are as long as they should be and 30° from the shaft: exact
test('the head of an arrow opens evenly at its tip', () => {
  const [one, tip, other] = arrowHead([0, 0], [10, 0], 4);
  expect(tip).toEqual([10, 0]);
  for (const [x, y] of [one, other]) {
    expect(Math.hypot(10 - x, y)).toBeCloseTo(4, 12);
    expect(Math.abs(y) / (10 - x)).toBeCloseTo(Math.tan(Math.PI / 6), 12);
  }
  expect(one[1]).toBeCloseTo(-other[1], 12);
});
