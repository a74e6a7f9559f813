import { collectionDay } from '../engineering/tariff/arrivalDay.ts';
import { localTime } from './localTime.ts';

test('the local day at 23:30 that is already tomorrow in UTC, and across a daylight change', () => {
  expect(localTime(new Date('2026-11-24T04:30:00Z'), 'America/New_York')).toEqual({ day: '2026-11-23', time: '23:30' });
  expect(localTime(new Date('2026-10-25T00:30:00Z'), 'Europe/London')).toEqual({ day: '2026-10-25', time: '01:30' });
  expect(localTime(new Date('2026-10-25T01:30:00Z'), 'Europe/London')).toEqual({ day: '2026-10-25', time: '01:30' });
});

// clocks go back on 2026-10-25 at 01:00 UTC in London (EU summer-time directive 2000/84/EC): 16:00 local is
// 15:00 UTC the Friday before and 16:00 UTC the Monday after
test.each([
  ['a minute before the cut-off, summer time', '2026-10-23T14:59:00Z', '2026-10-23'],
  ['a minute after it, summer time: Monday', '2026-10-23T15:01:00Z', '2026-10-26'],
  ['the same instant of the day after the change is still in time', '2026-10-26T15:01:00Z', '2026-10-26'],
  ['a minute after it, winter time', '2026-10-26T16:01:00Z', '2026-10-27'],
  ['23:30 on Thursday, already Friday in UTC only in summer', '2026-10-22T22:30:00Z', '2026-10-23'],
])('collected: %s', (_, instant, collected) => {
  const { day, time } = localTime(new Date(instant), 'Europe/London');
  expect(collectionDay({ pickupWeekdays: [1, 2, 3, 4, 5], cutOff: '16:00' }, [], day, time)).toBe(collected);
});

// Port of New York, UTC−5 in winter: 04:30 UTC on Tuesday is 23:30 on Monday
test('at 23:30 local that is already tomorrow in UTC the next day’s pick-up is meant, not the one after', () => {
  const { day, time } = localTime(new Date('2026-11-24T04:30:00Z'), 'America/New_York');
  expect(collectionDay({ pickupWeekdays: [1, 2, 3, 4, 5], cutOff: '16:00' }, [], day, time)).toBe('2026-11-24');
});
