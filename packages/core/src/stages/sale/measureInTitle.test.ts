import { measureInTitle } from './measureInTitle.ts';
import { readSaleLine } from './readSaleLine.ts';

// How things are called by their size in sale lists; which side that is: common practice, no source.

const SETTING = { today: '2026-03-02' as const, system: 'imperial' as const };
const sizeOf = (title: string) => measureInTitle(title)?.sides ?? null;

test.each([
  ['blue plate 10 in', [10, 10, null]],
  ['10" plate', [10, 10, null]],
  ['blue 10 in plate', [10, 10, null]],
  ['Art glass bowl 9"', [9, 9, null]],
  ['12-inch cast iron skillet', [12, 12, null]],
  ['wall clock 14 in by its maker', [14, 14, null]],
  ['dinner plates 9 1/2 in', [9.5, 9.5, null]],
  ['glass float 12 in', [12, 12, 12]],
  ['brass 6" bells', [6, 6, 6]],
])('%s: what is round is so wide across', (title, sides) => expect(sizeOf(title)).toEqual(sides));

test.each([
  ['bisque doll 18 in', [null, null, 18]],
  ['1930s doll 18" with trunk', [null, null, 18]],
  ['Staffordshire figure 9.5 in, chip to base', [null, null, 9.5]],
  ['vase 12" & stand', [null, null, 12]],
  ['brass candlesticks 9in', [null, null, 9]],
])('%s: what stands is so tall', (title, sides) => expect(sizeOf(title)).toEqual(sides));

test.each([
  ['24 in barometer', [24, null, null]],
  ['serving platter 14 inches', [14, null, null]],
  ['bronze horse 12"', [12, null, null]],
  ['ship in bottle 11 in', [11, null, null]],
  ['clock 12 in with 8 in dial', [12, null, null]],
])('%s: anything else is so long', (title, sides) => expect(sizeOf(title)).toEqual(sides));

test.each([
  ['18 in tall doll', [null, null, 18]],
  ['12-inch-tall vase', [null, null, 12]],
  ['10 in wide copper kettle', [10, null, null]],
  ['12 in diameter brass tray', [12, 12, null]],
])('%s: a side with its name is that side', (title, sides) => expect(sizeOf(title)).toEqual(sides));

test('centimetres are as good', () => {
  const [, , tall] = sizeOf('vase approx 30 cm')!;
  expect(tall).toBeCloseTo(30 / 2.54, 12);
});

test.each([
  'clock with 8 in dial',
  '8 in dial wall clock',
  'stand for 10 in plate',
  'pearl necklace 18 in',
  'camera lens 85 mm',
  'telescope 3 in',
  'Type 3 in tin',
  'doll 5 in box',
  '3 in 1 tool',
  '5 x 7 in frame',
  'vase 12 in and bowl 8 in',
  'model of 24 in gauge',
  '10 in',
])('%s: is no size of the thing', (title) => expect(sizeOf(title)).toBeNull());

describe('on a line', () => {
  test('the name keeps it, the other sides stay open, and beside it stands what it was taken for', () => {
    const { title, sizeIn, readings } = readSaleLine('blue plate 10 in, 1.2 lb, $45', SETTING);
    expect({ title, sizeIn }).toEqual({ title: 'blue plate 10 in', sizeIn: [10, 10, null] });
    expect(readings[1]).toEqual({
      at: [11, 16],
      text: '10 in',
      field: 'sizeIn',
      problem: null,
      said: '10 in across',
      asks: 'taken for 10 in across',
    });
  });

  test('a size that is told by itself stands, and nothing is asked', () => {
    const { sizeIn, readings } = readSaleLine('blue plate 10 in, 10 1/4 x 10 1/4 x 1', SETTING);
    expect(sizeIn).toEqual([10.25, 10.25, 1]);
    expect(readings.some(({ asks }) => asks)).toBe(false);
  });

  test('a side with a name beside it: each has its place', () => {
    expect(readSaleLine('porcelain vase 18 in, 2 lb, 6 in wide', SETTING).sizeIn).toEqual([6, null, 18]);
    // of one place two measures are told: the one with the name counts
    expect(readSaleLine('porcelain vase 18 in, 2 lb, 17 1/2 in tall', SETTING).sizeIn).toEqual([null, null, 17.5]);
  });

  test.each([
    ['china doll, cotton dress, 20 in', [null, null, 20], '20 in tall'],
    ['plate, 10', [10, 10, null], '10 across'],
    ['glass float, 12 in, 3 lb', [12, 12, 12], '12 in across x 12 in tall'],
    ['bronze horse, 12 in', [12], '12 in'],
  ])('%s: a measure by itself is of the side by which such a thing is told', (line, sizeIn, said) => {
    const told = readSaleLine(line, SETTING);
    expect(told.sizeIn).toEqual(sizeIn);
    expect(told.readings.find(({ field }) => field === 'sizeIn')!.said).toBe(said);
  });

  test.each([
    ['mixing bowl 8 x 4 in, 2 lb', [8, 8, 4], '8 in across x 4 in tall'],
    ['skillet 12" x 2"', [12, 12, 2], '12" across x 2" tall'],
    ['vase, 12 x 6', [6, null, 12], '6 wide x 12 tall'],
    ['doll 6 x 18 in', [6, null, 18], '6 in wide x 18 in tall'],
    // as wide both ways, an oval plate, and what no name tells of
    ['plate 10 x 8 in', [10, 8], '10 x 8 in'],
    ['tray 14 x 10 in', [14, 10], '14 x 10 in'],
  ])('%s: two measures too', (line, sizeIn, said) => {
    const told = readSaleLine(line, SETTING);
    expect(told.sizeIn).toEqual(sizeIn);
    expect(told.readings.find(({ field }) => field === 'sizeIn')!.said).toBe(said);
  });

  test('in the units of whoever types', () => {
    const [, , tall] = readSaleLine('vase, 30', { ...SETTING, system: 'metric' }).sizeIn!;
    expect(tall).toBeCloseTo(30 / 2.54, 12);
  });

  test.each([
    ['oil painting on canvas 16x20 unframed, 2 lb', [16, 20, null]],
    ['mirror 20" x 30" bevelled', [20, 30, null]],
    ['lot of 4 x 6 postcards', [4, 6, null]],
    // larger, smaller, or no picture
    ['picture frame 8 x 10 in oak', undefined],
    ['map 24 x 36 folded, 1 lb', undefined],
    ['truck 4 x 4 diecast', undefined],
  ])('%s: two sides within the name of what is flat', (line, sizeIn) => expect(readSaleLine(line, SETTING).sizeIn).toEqual(sizeIn));

  test('behind a comma, with what it goes with behind it', () => {
    const { sizeIn, readings } = readSaleLine('ceramic table lamp, 28" w/ shade, 9 lb', SETTING);
    expect(sizeIn).toEqual([null, null, 28]);
    expect(readings.some(({ doubt }) => doubt)).toBe(false);
  });

  test('how a glass sees is no size', () => {
    expect(readSaleLine('binoculars 8x30, 2 lb', SETTING)).toMatchObject({ title: 'binoculars 8x30', weightLb: 2 });
    expect(readSaleLine('binoculars 8x30, 2 lb', SETTING).sizeIn).toBeUndefined();
    // with a unit they are sides
    expect(readSaleLine('binoculars 8 x 10 in', SETTING).sizeIn).toEqual([8, 10]);
  });

  test.each([
    ['six 8 in plates, $60', 6, '8 in plates', [8, 8, null]],
    ['three 9 1/2 in dinner plates, $30', 3, '9 1/2 in dinner plates', [9.5, 9.5, null]],
    ['pair of 10 in candlesticks, $90', 2, '10 in candlesticks', [null, null, 10]],
    ['set of 4 8 in plates, $20', 4, '8 in plates', [8, 8, null]],
    ['2 1/2 in nails, $4', undefined, '2 1/2 in nails', [2.5, null, null]],
  ])('%s: so many, each of that size', (line, count, title, sizeIn) =>
    expect(readSaleLine(line, SETTING)).toMatchObject({ title, sizeIn, ...(count === undefined ? {} : { count }) }),
  );

  test('a number before a size may be of it: that is no count', () =>
    expect(readSaleLine('2 1/2 in nails', SETTING).count).toBeUndefined());
});
