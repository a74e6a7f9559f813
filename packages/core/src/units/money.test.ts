import fc from 'fast-check';
import { currencySign, parseMoney, roundedTogether, roundMinor, signAt } from './money.ts';

// Hamilton's method by hand: 0.4, 0.4, 0.2 of one cent go to the first that lost most
test.each<[number[], number[]]>([
  [
    [100.4, 50.4, 25.2],
    [101, 50, 25],
  ],
  [
    [0.5, 0.5],
    [1, 0],
  ],
  [[], []],
  [
    [12, 8],
    [12, 8],
  ],
])('%j is written %j', (amounts, written) => expect(roundedTogether(amounts)).toEqual(written));

test('the lines come to the total, and none is off by a cent or more', () => {
  fc.assert(
    fc.property(fc.array(fc.double({ min: 0, max: 100_000, noNaN: true }), { maxLength: 12 }), (amounts) => {
      const written = roundedTogether(amounts);
      expect(written.reduce((sum, one) => sum + one, 0)).toBe(roundMinor(amounts.reduce((sum, one) => sum + one, 0)));
      written.forEach((one, i) => expect(Math.abs(one - amounts[i]!)).toBeLessThan(1 + 1e-6));
    }),
  );
});

test.each<[string, number | null]>([
  ['84', 8400],
  ['$84.50', 8450],
  ['84,50', 8450],
  ['1,250', 125_000],
  ['12 dollars', 1200],
  ['-3', null],
  ['1.234', null],
  ['1,000,000.01', null],
])('%s is read as %p', (text, minor) => expect(parseMoney(text)).toBe(minor));

// ISO 4217 codes and the signs they are written with
test.each([
  ['USD', '$'],
  ['EUR', '€'],
  ['GBP', '£'],
  ['JPY', '¥'],
])('%s is written %s', (code, sign) => {
  expect(currencySign(code)).toBe(sign);
  expect(parseMoney(`${sign}84.50`)).toBe(8450);
  expect(parseMoney(`84,50 ${sign}`)).toBe(8450);
  expect(signAt(`84 ${sign}`)).toBe(sign);
  expect(signAt('84')).toBeNull();
});
