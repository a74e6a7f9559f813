import { readSaleLines } from './readSaleLine.ts';
import { sizesListed } from './sizesListed.ts';

// Sets of several sizes, as lists of sales have them: common practice, no source.

test.each([
  ['three crocks 8 in, 10 in, 12 in', ['crock 8 in', 'crock 10 in', 'crock 12 in']],
  ['canisters 9, 8 and 7 in tall', ['9 in tall canister', '8 in tall canister', '7 in tall canister']],
  ['vases 12 in and 8 in', ['vase 12 in', 'vase 8 in']],
  ['nesting mixing bowls 6", 8", 10"', ['nesting mixing bowl 6"', 'nesting mixing bowl 8"', 'nesting mixing bowl 10"']],
  ['set of 3 dishes: 20, 25 and 30 cm', ['dish 20 cm', 'dish 25 cm', 'dish 30 cm']],
  ['pair of candlesticks 10 1/2 in and 9 in', ['candlestick 10 1/2 in', 'candlestick 9 in']],
  ['3 piece canister set, 8, 7 and 6 in tall', ['8 in tall canister', '7 in tall canister', '6 in tall canister']],
  ['nest of three tables 14, 16 and 18 in wide', ['14 in wide table', '16 in wide table', '18 in wide table']],
  [
    '3 pc canister set graduated 8",7",6" tall 7lb $48',
    ['8" tall canister, 3.007 lb, $48', '7" tall canister, 2.302 lb', '6" tall canister, 1.691 lb'],
  ],
])('%s', (text, lines) => expect(sizesListed(text)?.lines).toEqual(lines));

test.each([
  // the sides of one thing, or nobody knows
  'jar 12 in, 8 in, 4 in',
  'bookends 6 in, 5 in, 3 in',
  // so many are not told of
  'pair of crocks 8 in, 10 in, 12 in',
  // two things, no length, or alike
  'vase 12 in and bowl 8 in',
  'drops, 24, 3 x 1 x 1',
  'books 3, 4 and 5 lb',
  'crocks 8 and 10',
  'two jars 8 in and 8 in',
  'vase, 12 in tall, 5 in wide',
])('%s: no such list', (text) => expect(sizesListed(text)).toBeNull());

describe('what is told of all', () => {
  const SETTING = { today: '2026-03-02' as const, system: 'imperial' as const };

  test('a weight goes by shares, which come to it; the sale is told once, with the first', () => {
    const lines = readSaleLines('nesting bowls 6, 8 and 10 in, 6 lb, $30, to 40217', SETTING);
    expect(lines.map(({ sizeIn }) => sizeIn)).toEqual([
      [6, 6, null],
      [8, 8, null],
      [10, 10, null],
    ]);
    // the square of the sizes: 36, 64 and 100 of 200
    expect(lines.map(({ weightLb }) => weightLb)).toEqual([1.08, 1.92, 3]);
    expect(lines.map(({ soldMinor }) => soldMinor)).toEqual([3000, undefined, undefined]);
    expect(lines[0]!.destinationPostcode).toBe('40217');
    expect(lines[2]!.readings.find(({ field }) => field === 'weightLb')!.asks).toBe('its share of all, by its size');
  });

  test('each is told from the others by its name', () => {
    const lines = readSaleLines('canisters 9, 8 and 7 in tall', SETTING);
    expect(lines.map(({ title, sizeIn }) => [title, sizeIn])).toEqual([
      ['9 in tall canister', [null, null, 9]],
      ['8 in tall canister', [null, null, 8]],
      ['7 in tall canister', [null, null, 7]],
    ]);
    // the side is told, and not taken for one
    expect(lines.flatMap(({ readings }) => readings).some(({ asks }) => asks)).toBe(false);
  });

  test('a weight of each is that of each', () => {
    const lines = readSaleLines('three jugs 5, 6 and 7 in, 1 lb each', SETTING);
    expect(lines.map(({ weightLb }) => weightLb)).toEqual([1, 1, 1]);
    expect(lines.flatMap(({ readings }) => readings).some(({ problem }) => problem)).toBe(false);
  });

  test('however it is said that a weight is of all', () => {
    const lines = readSaleLines('nesting bowls 6, 8 and 10 in, weight about 6 lb the set', SETTING);
    expect(lines.map(({ weightLb }) => weightLb)).toEqual([1.08, 1.92, 3]);
  });

  test('in the unit in which it was told', () => {
    const [first] = sizesListed('vases 30 and 10 cm, 2 kg')!.lines;
    expect(first).toBe('vase 30 cm, 1.800 kg');
  });

  test('beside another piece', () => {
    const lines = readSaleLines('vases 12 in and 8 in, 5 lb + tray 14 x 10 x 1, 2 lb', SETTING);
    expect(lines.map(({ title }) => title)).toEqual(['vase 12 in', 'vase 8 in', 'tray']);
  });
});
