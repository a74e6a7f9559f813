import { bytesWords, madeWords, momentWords, waitsWords } from './upkeepWords.ts';
import { writersFor } from './writers.ts';

test.each([
  [0, '0 B'],
  [999, '999 B'],
  [1000, '1.0 kB'],
  [95_461, '95.5 kB'],
  [99_960, '100 kB'],
  [12_400_000, '12.4 MB'],
  [480_000_000_000, '480 GB'],
])('%d bytes are %s', (bytes, says) => expect(bytesWords(bytes)).toBe(says));

test('a moment is the shop’s own day and hour', () => {
  const write = writersFor('imperial', 'USD', '2026-11-24');
  // half past ten in the evening in New York is the day before
  expect(momentWords('2026-11-24T03:30:00Z', 'America/New_York', write)).toBe('Mon 23 Nov, 22:30');
  expect(momentWords('2026-11-24T03:30:00Z', 'Europe/London', write)).toBe('today, 03:30');
});

test.each([
  [{ rows: 1, pictures: 1, missing: 0 }, 'Made and read back: 1 row and 1 picture.'],
  [{ rows: 5320, pictures: 0, missing: 2 }, 'Made and read back: 5,320 rows and 0 pictures. 2 pictures are named and lie nowhere.'],
])('made: %j', (made, says) => expect(madeWords(made)).toBe(says));

test.each([
  [{ purchases: 0, returns: 0 }, 'nothing waits'],
  [{ purchases: 1, returns: 2 }, '1 label being bought, 2 labels being given back'],
])('waits: %j', (waits, says) => expect(waitsWords(waits)).toBe(says));
