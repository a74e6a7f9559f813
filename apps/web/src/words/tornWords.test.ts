import { tornWords } from './tornWords.ts';
import { writersFor } from './writers.ts';

test('what is torn reads as so many pieces so long, never as a size', () => {
  expect(tornWords(1, 31, writersFor('imperial', 'USD'))).toBe('1 piece 31 in long');
  expect(tornWords(2, 30.5, writersFor('imperial', 'USD'))).toBe('2 pieces, each 30 1/2 in long');
  expect(tornWords(4, 31.1, writersFor('metric', 'USD'))).toMatch(/^4 pieces, each \d+ cm long$/);
});
