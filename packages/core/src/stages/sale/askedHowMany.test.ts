import { readSaleLine } from './readSaleLine.ts';

// What a number at the head of a name says: common practice, no source.

const read = (line: string) => readSaleLine(line, { today: '2026-03-02', system: 'imperial' });
const asked = (line: string) => read(line).readings.find(({ field }) => field === 'title')!.asks;

test.each(['45 rpm records, 4 lb', '8 day clocks', '3 pint jugs', '35 mm cameras', '12 volt lamps'])(
  '%s: which, and not how many; that is asked',
  (line) => {
    expect(read(line).count).toBeUndefined();
    expect(asked(line)).toMatch(/how many/);
  },
);

test.each([
  ['8 day clock', undefined],
  ['12 cup percolator', undefined],
  ['45 rpm records (25)', 25],
  ['six pint jugs', 6],
  ['6 x pint jugs', 6],
  ['set of 4 pint jugs', 4],
  ['2 handled vases', 2],
  ['4 light bulbs', 4],
])('%s: nothing is asked', (line, count) => {
  expect(read(line).count).toBe(count);
  expect(asked(line)).toBeUndefined();
});

test('a stack of so many is one thing, and is asked about unless it was measured as one', () => {
  expect(asked('stack of 8 dinner plates 10.5", 12 lb')).toBe('taken for one thing; packed one by one it is 8 x dinner plates 10.5"');
  expect(asked('stack of 8 books, 9 x 6 x 8, 12 lb')).toBeUndefined();
  expect(asked('stack of books, 12 lb')).toBeUndefined();
});

test.each([
  ['porcelain tea set 15 pcs, 9 lb', 15],
  ['15 piece bone china tea set, 9 lb', 15],
  ['dinner service of 42 pieces', 42],
  ['chess set, 32 pieces', null],
  ['boxed tea set 15 pcs', null],
  ['jigsaw puzzle set, 500 pieces', null],
  ['socket set 24 pcs, steel', null],
])('%s: the pieces of a set of ware are asked for', (line, pieces) => {
  const asked = readSaleLine(line, { today: '2026-11-24' }).readings.flatMap(({ asks }) => asks ?? []);
  expect(asked.filter((asks) => asks.includes('one by one'))).toEqual(
    pieces === null ? [] : [`taken for one thing: its ${pieces} pieces are packed one by one where each is told, a + between them`],
  );
});

test('what a box holds is asked after, unless it was measured as one', () => {
  expect(asked('box of 12 baubles, 1 lb')).toBe('taken for one thing; packed one by one it is 12 x baubles');
  expect(asked('case of 24 bottles, 18 x 12 x 10')).toBeUndefined();
  expect(asked('box of chocolates, 1 lb')).toBeUndefined();
});
