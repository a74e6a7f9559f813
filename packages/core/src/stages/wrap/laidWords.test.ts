import { laidOf, laidWords, turnsWords } from './laidWords.ts';

// how it is said at a bench; common practice, no source
test.each([
  [0.5, 'half a turn'],
  [1, '1 turn'],
  [1.5, '1 1/2 turns'],
  [2, '2 turns'],
  [20, '20 turns'],
])('%p turns are %s', (turns, words) => expect(turnsWords(turns)).toBe(words));

test('what is not wound is counted in cards, one on each face', () => {
  expect(laidWords({ turns: 0.5, stiff: true })).toBe('1 card');
  expect(laidWords({ turns: 1, stiff: true })).toBe('2 cards');
  expect(laidWords({ turns: 1, stiff: false })).toBe('1 turn');
});

test.each([
  [{ turns: 0.5, name: 'Foam sheet' }, 'half a turn of foam sheet'],
  [{ turns: 3, name: 'Small bubble' }, '3 turns of small bubble'],
  [{ turns: 0.5, name: 'Backing card', stiff: true }, '1 backing card'],
  [{ turns: 1, name: 'Backing card', stiff: true }, '2 backing cards'],
  [{ turns: 1, name: 'Thin ply', stiff: true }, '2 cards of thin ply'],
])('%p', (laid, words) => expect(laidOf(laid)).toBe(words));
