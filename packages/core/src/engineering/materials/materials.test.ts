import { equivalentTurns } from './equivalentTurns.ts';
import { ORDINARY_WRAPS } from './ordinaryStock.ts';

const { smallBubble, largeBubble, mediumBubble, tissue } = ORDINARY_WRAPS;

// common practice, no source: seven to ten turns of small bubble do the work of about four of large
test('bubbles stand for each other', () => {
  const small = equivalentTurns(largeBubble, 4, smallBubble);
  expect(small).toBeGreaterThanOrEqual(7);
  // by energy at the same load eleven and a half, a little more than the ten of practice
  expect(small).toBeLessThanOrEqual(12);
  expect(equivalentTurns(largeBubble, 2, largeBubble)).toBe(2);
  expect(equivalentTurns({ ...largeBubble, reused: true }, 5, largeBubble)).toBe(4);
  expect(equivalentTurns(largeBubble, 4, { ...largeBubble, reused: true })).toBe(5);
  expect(equivalentTurns(largeBubble, 1, mediumBubble)).toBeGreaterThan(1);
});

test('what does not cushion stands for nothing, either way', () => {
  expect(() => equivalentTurns(tissue, 1, smallBubble)).toThrow(/cushion to stand for another, not Tissue/);
  expect(() => equivalentTurns(smallBubble, 1, tissue)).toThrow(RangeError);
});
