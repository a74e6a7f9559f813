import { lastsWords, stockAmount, toBuyWords } from './stockAmount.ts';
import { writersFor } from './writers.ts';

const imperial = writersFor('imperial', 'USD');
const metric = writersFor('metric', 'USD');

test.each([
  ['box', 3, '3', '3'],
  ['box', 1.79866, '1.8', '1.8'],
  ['wrap', 100, '100.0 ft²', '9.29 m²'],
  ['board', 100, '100.0 ft²', '9.29 m²'],
  // a cubic foot is 28.3168 L, exactly 0.3048³
  ['fill', 10, '10.0 ft³', '283 L'],
] as const)('%s of %d', (kind, amount, inFeet, inMetres) => {
  expect(stockAmount(kind, amount, imperial)).toBe(inFeet);
  expect(stockAmount(kind, amount, metric)).toBe(inMetres);
});

test.each([
  [175, '1 roll, 175.0 ft²'],
  [350, '2 rolls, 350.0 ft²'],
])('%d ft² of a roll of 175', (toBuy, says) => expect(toBuyWords({ kind: 'wrap', toBuy, pack: 175 }, imperial)).toBe(says));

test('boxes are bought one by one', () => expect(toBuyWords({ kind: 'box', toBuy: 12, pack: 1 }, imperial)).toBe('12'));

test.each([
  [null, 4, 'nothing goes'],
  [0.4, 4, 'not a day'],
  [1.9, 4, 'a day'],
  [12.2, 4, '12 days'],
  [90, 4, 'over two months'],
  [0, -3, 'short by 3'],
])('%p days, %d there', (daysLeft, available, says) => expect(lastsWords({ kind: 'box', daysLeft, available }, imperial)).toBe(says));
