import { FACTS, request } from '../../../tests/sampleRequest.ts';
import { readSale } from './readSale.ts';
import { readSaleLine } from './readSaleLine.ts';

const setting = { today: '2026-11-23' };

test('a whole sale on one line', () => {
  const { readings, ...line } = readSaleLine('stoneware tea urn, 9 x 8 x 14 in, 6 lb 3 oz, sold 84, to 40217, by Friday', setting);
  expect(line).toEqual({
    title: 'stoneware tea urn',
    archetype: 'handledWare',
    sizeIn: [9, 8, 14],
    weightLb: 6.1875,
    soldMinor: 8400,
    destinationPostcode: '40217',
    shipBy: '2026-11-27',
  });
  expect(readings.every((reading) => reading.problem === null)).toBe(true);
});

test('the rest of what may be said, in any order', () => {
  expect(readSaleLine('bin b4; for EV; to 10001; puzzle jug; paid 9.50, shipping 12,50; 918 g; 16 x 13 x 17 cm', setting)).toMatchObject({
    title: 'puzzle jug',
    archetype: 'handledWare',
    bin: 'B4',
    buyer: 'EV',
    destinationPostcode: '10001',
    paidMinor: 950,
    shippingCollectedMinor: 1250,
    weightLb: 918 / 453.59237,
    sizeIn: [16 / 2.54, 13 / 2.54, 17 / 2.54],
  });
});

test('a comma between digits stays in its number', () => expect(readSaleLine('jug, 6,5 x 3 x 3', setting).sizeIn).toEqual([6.5, 3, 3]));

test.each<[string, string, RegExp]>([
  ['jug, 9 x 6 1/', '9 x 6 1/', /fraction/],
  ['jug, 9 x -3', '9 x -3', /above zero/],
  ['jug, sold cheap', 'sold cheap', /amount/],
  ['jug, to 4021', 'to 4021', /five digits/],
  ['jug, by someday', 'by someday', /which day/],
  ['jug, by 2026-11-01', 'by 2026-11-01', /gone/],
  ['jug, nice', 'nice', /not understood/],
  ['jug, 2 lb, 3 lb', '3 lb', /twice/],
  ['jug, sold 3, sold 4', 'sold 4', /twice/],
  ['jug, 9 furlongs', '9 furlongs', /furlongs/],
  ['jug, bin !', 'bin !', /short/],
])('%s: marked in its place', (text, part, problem) => {
  const wrong = readSaleLine(text, setting).readings.filter((reading) => reading.problem !== null);
  expect(wrong).toHaveLength(1);
  expect(text.slice(...wrong[0]!.at)).toBe(part);
  expect(wrong[0]!.problem).toMatch(problem);
});

test('a paste of two megabytes is refused at once', () =>
  expect(readSaleLine('jug, '.repeat(400_000), setting)).toMatchObject({
    readings: [{ problem: expect.stringMatching(/500/) as string }],
  }));

test('facts out of bounds are refused by name', () => {
  expect(() => readSale({ ...request().order, pieces: [{ ...FACTS, heightIn: 1001 }] })).toThrow(
    /heightIn of bowl must be above 0 and at most 1000, not 1001/,
  );
  expect(() => readSale({ ...request().order, pieces: [{ ...FACTS, weightLb: NaN }] })).toThrow(/weightLb/);
  expect(() => readSale({ ...request().order, pieces: [] })).toThrow(RangeError);
});
