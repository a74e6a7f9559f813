import { boxToForm, tornWords } from './tornWords.ts';
import { writersFor } from './writers.ts';

test('what is torn reads as so many pieces so long, never as a size', () => {
  expect(tornWords(1, 31, writersFor('imperial', 'USD'))).toBe('1 piece 31 in long');
  expect(tornWords(2, 30.5, writersFor('imperial', 'USD'))).toBe('2 pieces, each 30 1/2 in long');
  expect(tornWords(4, 31.1, writersFor('metric', 'USD'))).toMatch(/^4 pieces, each \d+ cm long$/);
});

test('a box that is folded to measure is told with its size, one that stands there by its name', () => {
  expect(boxToForm({ name: '14×14×14', count: 1, codes: [] }, writersFor('imperial', 'USD'))).toBe('14×14×14');
  const folded = { name: 'folded to measure', count: 1, codes: [], foldedIn: [12, 9.25, 8] } as const;
  expect(boxToForm(folded, writersFor('imperial', 'USD'))).toBe('folded to measure, 12 × 9 1/4 × 8 in');
  expect(boxToForm({ name: 'Card tube', count: 1, codes: [], cutIn: 19.9375 }, writersFor('imperial', 'USD'))).toBe(
    'Card tube, cut to 19 15/16 in',
  );
  expect(boxToForm(folded, writersFor('metric', 'USD'))).toMatch(/^folded to measure, .+ cm$/);
});
