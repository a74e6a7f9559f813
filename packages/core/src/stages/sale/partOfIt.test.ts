import { isOfAPart, partsApart, partsWithin } from './partOfIt.ts';
import { readSaleLine } from './readSaleLine.ts';

// How lists tell of a foot, a rim or a mouth beside the size. Common practice, no source.

const read = (text: string) => readSaleLine(text, { today: '2026-12-02' });

test.each<[string, string, readonly (number | null)[]]>([
  ['pair of brass candlesticks 12 in high 5 in base 3 lb each $75', 'brass candlesticks, 5 in base', [null, null, 12]],
  ['candlestick 12" high 5" base 3 lb', 'candlestick, 5" base', [null, null, 12]],
  ['vase 10" tall, 3" base, 5" rim, 3 lb', 'vase, 3" base, 5" rim', [null, null, 10]],
  ['bowl 10 in across 3 in foot 3 lb', 'bowl, 3 in foot', [10, 10]],
  ['vase 9in tall x 4in mouth x 5in belly, 3 lb', 'vase, 4in mouth, 5in belly', [null, null, 9]],
  ['bust 14 in high on a 5 in socle, 3 lb', 'bust, on a 5 in socle', [null, null, 14]],
  ['vase 10"H, 4"W opening, 3 lb', 'vase, 4"W opening', [null, null, 10]],
  ['vase 10 in tall 4 in wide at the mouth 3 lb', 'vase, 4 in wide at the mouth', [null, null, 10]],
  ['pine chest 20 x 12 x 14 in 6 in legs 3 lb', 'pine chest, 6 in legs', [20, 12, 14]],
])('%s: the size stands, and what is of a part is none', (text, title, sizeIn) => {
  const line = read(text);
  expect(line).toMatchObject({ title, sizeIn, weightLb: 3 });
  for (const { at, text: own } of line.readings) expect(text.slice(...at)).toBe(own);
});

test.each(['candlestick, 12 in tall, 5 in base', 'vase, 10 in tall, 4 in wide at the mouth'])('%s: that it is of a part is said', (text) =>
  expect(read(text).readings.flatMap(({ doubt }) => doubt ?? [])).toEqual(['of a part of it, not its size']),
);

test.each(['bowl, 9 in across the rim, 4 in high', 'bowl, 4 in tall, 9 in diameter at rim', 'bowl 4" high 9" across top'])(
  '%s: what is round is widest there',
  (text) => expect(read(text).sizeIn).toEqual([9, 9, 4]),
);

test('what the whole is called, and more of a name, is no part', () => {
  expect(['5 in base', '4" rim', '6 cm across the foot', '1 1/2 in feet'].filter(isOfAPart)).toHaveLength(4);
  expect(['5 in bowl', '5 base', 'base', '12 in side table', '3 in rim chest'].filter(isOfAPart)).toEqual([]);
  expect(partsWithin('vase 9 in tall 4 in mouth on a 5 in base 3 lb')).toEqual([
    [15, 25],
    [26, 40],
  ]);
  expect(partsWithin('lamp 5 in side table')).toEqual([]);
  expect(partsApart('tray 9 x 4 x 2 in')).toBe('tray 9 x 4 x 2 in');
  expect(partsApart('vase 9 in x 4 in mouth')).toBe('vase 9 in ; 4 in mouth');
});
