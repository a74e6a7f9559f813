import { addDays, daysBetween, isCivilDate, parseDay, weekday } from './civilDate.ts';
import { parseMoney, roundMinor } from './money.ts';

const MONDAY = '2026-11-23';

test.each<[string, string | null]>([
  ['Friday', '2026-11-27'],
  ['fri', '2026-11-27'],
  ['monday', MONDAY],
  ['today', MONDAY],
  ['tomorrow', '2026-11-24'],
  ['27 Nov', '2026-11-27'],
  ['Nov 27', '2026-11-27'],
  ['2 January', '2027-01-02'],
  ['2026-12-01', '2026-12-01'],
  ['2026-02-30', null],
  ['31 Feb', null],
  ['someday', null],
  ['f', null],
])('by %s', (text, day) => expect(parseDay(text, MONDAY)).toBe(day));

test('a weekday is today until the day is over', () => {
  expect(parseDay('Monday', MONDAY, false)).toBe(MONDAY);
  expect(parseDay('Monday', MONDAY, true)).toBe('2026-11-30');
});

test('days are counted over leap days and years', () => {
  expect(addDays('2028-02-28', 2)).toBe('2028-03-01');
  expect(daysBetween('2026-12-31', '2027-01-02')).toBe(2);
  expect(weekday(MONDAY)).toBe(1);
  expect(isCivilDate('2027-02-29')).toBe(false);
});

test.each<[string, number | null]>([
  ['84', 8400],
  ['$84.50', 8450],
  ['84,5', 8450],
  ['1,250', 125000],
  ['1,250.75', 125075],
  ['12 dollars', 1200],
  ['-5', null],
  ['1.234', null],
  ['12 pounds', null],
  ['99999999', null],
])('money: %s', (text, minor) => expect(parseMoney(text)).toBe(minor));

test('lines round half up', () => expect([10.5, 10.49, 11.5].map(roundMinor)).toEqual([11, 10, 12]));
