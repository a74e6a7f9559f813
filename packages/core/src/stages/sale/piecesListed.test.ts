import { readSaleLines } from './readSaleLine.ts';

// Orders are copied out of lists in which commas stand between pieces as between facts. Common practice, no source.

const setting = { today: '2026-03-02', system: 'imperial' } as const;
const read = (text: string) =>
  readSaleLines(text, setting).map(({ title, count, sizeIn, weightLb }) => [count ?? 1, title, sizeIn?.join(' x '), weightLb] as const);
const wrongIn = (text: string) =>
  readSaleLines(text, setting).flatMap(({ readings }) =>
    readings.flatMap(({ text: said, problem }) => (problem ? [`${said}: ${problem}`] : [])),
  );

test.each<[string, ReturnType<typeof read>]>([
  [
    'teapot 9 x 6 x 6 2 lb, sugar bowl 5 x 4 x 4 1 lb, milk jug 4 x 3 x 4 8 oz, sold 120',
    [
      [1, 'teapot', '9 x 6 x 6', 2],
      [1, 'sugar bowl', '5 x 4 x 4', 1],
      [1, 'milk jug', '4 x 3 x 4', 0.5],
    ],
  ],
  [
    'teapot, 9 x 6 x 6, 2 lb; sugar bowl, 5 x 4 x 4, 1 lb',
    [
      [1, 'teapot', '9 x 6 x 6', 2],
      [1, 'sugar bowl', '5 x 4 x 4', 1],
    ],
  ],
  [
    'mantel clock, 7 lb, 11 x 9 x 5, pair of vases, 8 x 4 x 4, 1 lb each',
    [
      [1, 'mantel clock', '11 x 9 x 5', 7],
      [2, 'vases', '8 x 4 x 4', 1],
    ],
  ],
  [
    'vase, blue glass, 8 x 4 x 4 in, bowl, cut glass, 9 x 9 x 5 in + stand 30 x 6 x 6, 7 lb',
    [
      [1, 'vase, blue glass', '8 x 4 x 4', undefined],
      [1, 'bowl, cut glass', '9 x 9 x 5', undefined],
      [1, 'stand', '30 x 6 x 6', 7],
    ],
  ],
  [
    'plated teapot 9 x 5 x 6 2 lb 4 oz and matching cream jug 5 x 3 x 4 9 oz',
    [
      [1, 'plated teapot', '9 x 5 x 6', 2.25],
      [1, 'matching cream jug', '5 x 3 x 4', 9 / 16],
    ],
  ],
  [
    'print 16 x 12, etching 10 x 8',
    [
      [1, 'print', '16 x 12', undefined],
      [1, 'etching', '10 x 8', undefined],
    ],
  ],
])('%s', (text, pieces) => {
  expect(read(text)).toEqual(pieces);
  expect(wrongIn(text)).toEqual([]);
});

test('what the last of a list says of the sale is said of it once', () => {
  const lines = readSaleLines('teapot 9 x 6 x 6 2 lb, sugar bowl 5 x 4 x 4 1 lb, sold 84, to 40217', setting);
  expect(lines.map(({ soldMinor, destinationPostcode }) => [soldMinor, destinationPostcode])).toEqual([
    [undefined, undefined],
    [8400, '40217'],
  ]);
});

test.each([
  ['jug 9 x 6 x 6, base 4 x 4 x 1', '4 x 4 x 1'],
  ['teapot 9 x 6 x 6, 2 lb, in its own box 12 x 10 x 8', '12 x 10 x 8'],
  ['tripod 9 x 6 x 6, extended 9 x 6 x 30', '9 x 6 x 30'],
  // nothing says of what
  ['jug 9 x 6 x 6, 5 x 4 x 4', '5 x 4 x 4'],
  // a picture and what stands in three sides are told apart by nobody
  ['print 16 x 12, vase 8 x 4 x 4', '8 x 4 x 4'],
])('%s: a second size of the same piece is asked about', (text, said) => {
  expect(readSaleLines(text, setting)).toHaveLength(1);
  expect(wrongIn(text)).toEqual([`${said}: said twice: a + goes between two pieces`]);
});
