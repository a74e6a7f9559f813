import fc from 'fast-check';
import { parseDimensions, parseQuantity, parseWeight } from './parseQuantity.ts';
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
