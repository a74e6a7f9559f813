import { lettersOf, lettersText, namesOf } from './severalWords.ts';

// as a packer says it. Common practice, no source
test.each([
  [1, 'A'],
  [2, 'A and B'],
  [3, 'A to C'],
  [26, 'A to Z'],
] as const)('%d alike are %s', (count, said) => {
  const [letters] = lettersOf([{ layout: { count } }]);
  expect(lettersText(letters!)).toBe(said);
});

test('of several each has the letters after those before it', () => {
  const letters = lettersOf([{ layout: { count: 1 } }, { layout: { count: 2 } }, { layout: { count: 4 } }]);
  expect(letters.map(lettersText)).toEqual(['A', 'B and C', 'D to G']);
  expect(namesOf([0, 2], letters)).toBe('A and D to G');
});
