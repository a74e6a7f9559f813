import fc from 'fast-check';
import { copiesToKeep } from './rotation.ts';
import { copyName, readCopyName } from './copyFolder.ts';

const DAY = 86_400_000;
const daily = (days: number, from = new Date('2026-11-28T02:00:00Z')) =>
  Array.from({ length: days }, (_, back) => new Date(from.getTime() - back * DAY));

test('of a year of nights: the last seven, the Sundays of five weeks, the last night of twelve months', () => {
  const kept = copiesToKeep(daily(400)).map((at) => at.toISOString().slice(0, 10));
  expect(kept).toEqual([
    // Saturday 28 November and the six nights before it
    ...['2026-11-28', '2026-11-27', '2026-11-26', '2026-11-25', '2026-11-24', '2026-11-23', '2026-11-22'],
    // the last nights of three weeks before those
    ...['2026-11-15', '2026-11-08', '2026-11-01'],
    ...['2026-10-31', '2026-09-30', '2026-08-31', '2026-07-31', '2026-06-30', '2026-05-31'],
    ...['2026-04-30', '2026-03-31', '2026-02-28', '2026-01-31', '2025-12-31'],
  ]);
});

const moments = fc.array(fc.date({ min: new Date('2024-01-01'), max: new Date('2027-01-01'), noInvalidDate: true }), { maxLength: 80 });

test('the newest always stays, no more than were made, and what stayed would stay again', () =>
  fc.assert(
    fc.property(moments, (made) => {
      const kept = copiesToKeep(made);
      expect(made).toEqual(expect.arrayContaining(kept));
      if (made.length > 0) expect(kept[0]!.getTime()).toBe(Math.max(...made.map(Number)));
      expect(copiesToKeep(kept)).toEqual(kept);
      expect(kept.length).toBeLessThanOrEqual(7 + 5 + 12);
    }),
  ));

test('night after night: what is kept by going on each night is what is kept of them all at once', () => {
  let kept: Date[] = [];
  for (const night of daily(400).reverse()) kept = copiesToKeep([...kept, night]);
  // weeks and months end on their last night, and it is that one which has stayed
  expect(kept).toEqual(copiesToKeep(daily(400)));
});

test('a name says when, whether by hand and whether sealed, and nothing else is taken for one', () =>
  fc.assert(
    fc.property(
      fc.date({ min: new Date('2020-01-01'), max: new Date('2090-01-01'), noInvalidDate: true }),
      fc.boolean(),
      fc.boolean(),
      (at, byHand, sealed) => {
        const name = copyName(at, { byHand, sealed });
        expect(readCopyName(name)).toEqual({ name, at: new Date(Math.floor(at.getTime() / 1000) * 1000), byHand, sealed });
        for (const strange of [`${name}.part`, `../${name}`, name.slice(1), name.replace('-', '_')])
          expect(readCopyName(strange)).toBeNull();
      },
    ),
  ));
