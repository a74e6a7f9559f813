import { liesWords } from './liesWords.ts';

const wordsOf = (sizeIn: readonly [number, number, number]) =>
  Object.fromEntries(liesWords(sizeIn, false).map(({ way, words }) => [way.join(), words]));

// words of the bench. Common practice, no source
test.each<[string, readonly [number, number, number], string, string, string]>([
  // as it was measured, then with its front or back up, then with a side up
  ['a vase', [5, 5, 10], 'standing', 'on back', 'on side'],
  ['a clock', [9, 5, 14], 'standing', 'on back', 'on side'],
  ['a cube', [6, 6, 6], 'standing', 'on back', 'on side'],
  ['a picture measured lying', [24, 18, 1], 'flat', 'on edge', 'on end'],
  ['a picture measured as it hangs', [24, 1, 18], 'standing', 'flat', 'on end'],
  ['a plate', [10, 10, 1], 'flat', 'on edge', 'on edge'],
])('%s', (_, sizeIn, asItIs, onBack, onSide) => {
  const words = wordsOf(sizeIn);
  expect([words['0,1,2'], words['0,2,1'], words['1,2,0']]).toEqual([asItIs, onBack, onSide]);
  // turned round it lies as before
  expect([words['1,0,2'], words['2,0,1'], words['2,1,0']]).toEqual([asItIs, onBack, onSide].map((word) => `${word} ⟳`));
});

test('what keeps its way up is only turned round', () =>
  expect(liesWords([9, 5, 14], true).map(({ words }) => words)).toEqual(['standing', 'standing ⟳']));
