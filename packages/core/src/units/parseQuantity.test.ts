import fc from 'fast-check';
import { parseDimensions, parseQuantity, parseWeight, sidesTold, type SidesTold } from './parseQuantity.ts';
import { formatSixteenths } from './formatQuantity.ts';

const CM = 1 / 2.54; // exact, international yard and pound 1959

describe('parseQuantity', () => {
  test.each<[string, number[]]>([
    ['7 1/2 x 5 x 4.25 in', [7.5, 5, 4.25]],
    ['7½"×5"', [7.5, 5]],
    ['9 x 6 1/4 x 6', [9, 6.25, 6]],
    ['9x6 1/4x6', [9, 6.25, 6]],
    ['23x16x15cm', [23 * CM, 16 * CM, 15 * CM]],
    ['12 cm by 8 by 6', [12 * CM, 8 * CM, 6 * CM]],
    ['12 in x 8 x 6 cm', [12, 8 * CM, 6 * CM]],
    ['300mm * 200mm', [30 * CM, 20 * CM]],
    ['1\' x 6" x 3in', [12, 6, 3]],
    ['6,5 x 3', [6.5, 3]],
    ['7-1/2 x 3/4', [7.5, 0.75]],
    ['12 x 8 x 6 in (30 x 20 x 15 cm)', [12, 8, 6]],
  ])('dimensions: %s', (text, inches) => {
    const quantity = parseQuantity(text);
    expect(quantity).toEqual({ kind: 'dimensions', inches: inches.map((side) => expect.closeTo(side, 10) as number) });
  });

  // as lists of sales have them: common practice, no source
  test.each<[string, number[]]>([
    ['8.5"H x 4"W x 3"D', [4, 3, 8.5]],
    ['H22 x W8 x D7', [8, 7, 22]],
    ['H: 22, W: 8, D: 7 in', [8, 7, 22]],
    ['Height 22 in, width 8 in, depth 7 in', [8, 7, 22]],
    ['12L x 8W x 4H', [12, 8, 4]],
    ['4H x 8W x 12L cm', [12 * CM, 8 * CM, 4 * CM]],
    // what is deep is so downward where its length and width are told
    ['12 long x 8 wide x 4 deep', [12, 8, 4]],
    ['8"W 12"H 5"D', [8, 5, 12]],
    // what is round
    ['10 1/2 inch diameter', [10.5, 10.5]],
    ['dia 10 in', [10, 10]],
    ['10 in dia. x 4 in high', [10, 10, 4]],
    ['ø 10 x 2 deep', [10, 10, 2]],
    ['20 long x 3 across', [20, 3, 3]],
    ['10 1/2 in diameter x 1 in', [10.5, 10.5, 1]],
    ['2 in x 10 in diameter', [10, 10, 2]],
    ['6 in square x 3 in', [6, 6, 3]],
    ['12 in round', [12, 12]],
    ['12 in diameter x 2 in, 18 in long', [18, 12, 2]],
    ['9 across, 4 high, 14 long', [14, 9, 4]],
    // one side named, and the others beside it
    ['14 in tall x 6 x 5', [6, 5, 14]],
    ['6 x 5 x 14 in tall', [6, 5, 14]],
    ['18 in long x 6 x 4', [18, 6, 4]],
    ['12 x 9 wide x 4', [12, 9, 4]],
    ['12 x 9 x 4 deep', [12, 9, 4]],
    ['12 x 9 deep x 14 high', [12, 9, 14]],
    ['4H x 8W x 12', [12, 8, 4]],
    ['14H x 8W x 6', [8, 6, 14]],
    ['10 in diameter x 4 in high (25 cm diameter x 10 cm high)', [10, 10, 4]],
  ])('named sides: %s', (text, inches) =>
    expect(parseQuantity(text)).toEqual({ kind: 'dimensions', inches: inches.map((side) => expect.closeTo(side, 10) as number) }),
  );

  // what nobody told stays open in its place
  test.each<[string, SidesTold]>([
    ['12 in high, 6 in wide', [6, null, 12]],
    ['1 ft 2 in tall x 8 in wide', [8, null, 14]],
    ['12 tall x 5', [5, null, 12]],
    ['22 in tall', [null, null, 22]],
    ['22 in long', [22, null, null]],
    ['12 wide, 8 deep', [12, 8, null]],
    ['12 x 8', [12, 8, null]],
    ['9', [9, null, null]],
  ])('sides of a piece: %s', (text, sides) => {
    const read = parseQuantity(text);
    expect(read.kind === 'length' || read.kind === 'dimensions' ? sidesTold(read) : read).toEqual(sides);
  });

  test.each<[string, RegExp]>([
    ['5 in deep', /other sides/],
    ['4H x 8H', /twice/],
    ['5 ft long 9', /which side/],
    ['4 high wide', /number is missing/],
    ['high wide 4', /one name/],
    ['10 across x 4 wide', /round/],
    ['10 across x 4 x 14', /round/],
    ['10 across x 4 high x 8 long', /round/],
    ['2 lb high', /no sides/],
    ['H x 4', /number is missing/],
    ['4 x high', /number is missing/],
    ['9, 8, 7', /“,”/],
  ])('sides that cannot be told: %s', (text, problem) =>
    expect(parseQuantity(text)).toMatchObject({ kind: 'notUnderstood', problem: expect.stringMatching(problem) as string }),
  );

  test.each<[string, number]>([
    ['3 1/4', 3.25],
    ['2\' 3"', 27],
    ['2 ft 3', 27],
    ['¾', 0.75],
    ['1,250 mm', 1.25 / 25.4],
  ])('length: %s', (text, inches) => expect(parseQuantity(text)).toEqual({ kind: 'length', inches: expect.closeTo(inches, 10) as number }));

  test.each<[string, number]>([
    ['2 lb 3.5 oz', 2.21875],
    ['2lb3', 2.1875],
    ['12.6oz', 12.6 / 16],
    ['0.9 kg', 0.9 / 0.45359237],
    ['1 kg 40', 1.04 / 0.45359237],
    ['918 g', 918 / 453.59237],
    ['1,250 g', 1250 / 453.59237],
    ['1,25 kg', 1.25 / 0.45359237],
    ['5#', 5],
  ])('weight: %s', (text, pounds) => expect(parseQuantity(text)).toEqual({ kind: 'weight', pounds: expect.closeTo(pounds, 10) as number }));

  test('bare numbers are centimetres and kilograms where the person says so', () => {
    expect(parseQuantity('10 x 20', 'metric')).toEqual({
      kind: 'dimensions',
      inches: [expect.closeTo(10 * CM, 10), expect.closeTo(20 * CM, 10)],
    });
    expect(parseWeight('2', 'metric')).toEqual({ kind: 'weight', pounds: expect.closeTo(2 / 0.45359237, 10) as number });
    expect(parseWeight('2')).toEqual({ kind: 'weight', pounds: 2 });
  });

  test.each<[string, RegExp]>([
    ['', /nothing/],
    ['9 x 6 1/', /fraction/],
    ['7/0', /fraction/],
    ['7 3/2', /fraction/],
    ['-3 x 4', /above zero/],
    ['0 x 3', /more than zero/],
    ['7 5', /side by side/],
    ['1 x 2 x 3 x 4', /three/],
    ['3 lb x 2', /one weight/],
    ['2 lb x 3 in', /together/],
    ['9 furlongs', /furlongs/],
    ['NaN', /NaN/],
    ['Infinity', /Infinity/],
    ['1e5', /e/],
    ['2 lb 17 oz', /less than 1 lb/],
    ['2\' 14"', /less than 1 ft/],
    ['3 in 2', /which unit/],
    ['1001 in', /beyond/],
    ['2001 lb', /beyond/],
    ['x 3', /missing/],
    ['3 x', /missing/],
    ['12 x 8 x 6 in (35 x 20 x 15 cm)', /12 × 8 × 6 in and 13\.78/],
    ['12 (30 cm', /bracket/],
    [`${'9'.repeat(2_000_000)}`, /characters/],
  ])('refused: %.40s', (text, problem) => {
    const quantity = parseQuantity(text);
    expect(quantity.kind).toBe('notUnderstood');
    expect(quantity.kind === 'notUnderstood' && quantity.problem).toMatch(problem);
  });

  test('a comma that could be either is refused with both readings', () => {
    const quantity = parseWeight('1,250');
    expect(quantity.kind === 'notUnderstood' && quantity.problem).toMatch(/1\.25 or 1250/);
    expect(parseQuantity('1,250')).toEqual({ kind: 'length', inches: 1.25 }); // 1250 in is beyond any parcel
  });

  test('the wrong kind is said to be wrong', () => {
    expect(parseDimensions('3 lb').kind).toBe('notUnderstood');
    expect(parseDimensions('3').kind).toBe('notUnderstood');
    expect(parseWeight('3 in').kind).toBe('notUnderstood');
  });

  test('what is formatted in sixteenths reads back', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 16 * 900 }), (sixteenths) =>
        expect(parseQuantity(formatSixteenths(sixteenths / 16))).toEqual({ kind: 'length', inches: sixteenths / 16 }),
      ),
    );
  });

  test('nothing typed ever throws or gives a number out of bounds', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), (text) => {
        const quantity = parseQuantity(text);
        const numbers = quantity.kind === 'weight' ? [quantity.pounds] : quantity.kind === 'notUnderstood' ? [] : [quantity.inches].flat();
        expect(numbers.every((value) => value > 0 && value <= 2000)).toBe(true);
      }),
    );
  });
});
