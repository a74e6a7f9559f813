import fc from 'fast-check';
import type { Happening, LifeEvent } from '@inch-nest/core';
import { lifeByDay, spanWords, timesWords } from './lifeByDay.ts';
import { writersFor } from './writers.ts';

const PEOPLE = [
  { id: 'o', name: 'Odile', system: 'imperial' as const, role: 'owner' as const, gone: false, seesMoney: false, sends: false },
  { id: 't', name: 'Tam', system: 'metric' as const, role: 'owner' as const, gone: false, seesMoney: false, sends: false },
];
const write = writersFor('imperial', 'USD');
const event = (at: string, happening: Happening, personId = 'o', more: Partial<LifeEvent> = {}): LifeEvent =>
  ({ ...happening, id: `${at} ${happening.kind} ${personId}`, seq: 1, at, personId, undoOf: null, ...more }) as LifeEvent;
const told = (events: readonly LifeEvent[], zone = 'UTC') =>
  lifeByDay(events, { zone, people: PEOPLE }, write).map(({ day, lines }) => [
    day,
    ...lines.map((one) => `${spanWords(one)} ${timesWords(one)}, ${one.who}`),
  ]);

test('what was done over and over is one line with its count and its span; each date stands once', () => {
  const kept = (at: string, who = 'o') => event(at, { kind: 'planned', planId: 'p' }, who);
  expect(
    told([
      event('2026-11-26T08:00:00Z', { kind: 'opened' }),
      kept('2026-11-26T09:14:00Z'),
      kept('2026-11-26T09:16:00Z'),
      kept('2026-11-26T09:20:00Z'),
      kept('2026-11-26T09:21:00Z', 't'),
      kept('2026-11-27T07:00:00Z'),
    ]),
  ).toEqual([
    ['Thu, 26 November 2026', '08:00 sold, Odile', '09:14 to 09:20 a nest was kept, 3 times, Odile', '09:21 a nest was kept, Tam'],
    ['Fri, 27 November 2026', '07:00 a nest was kept, Odile'],
  ]);
});

test('days and times are the shop’s own', () =>
  expect(told([event('2026-11-26T23:30:00Z', { kind: 'sealed' })], 'Asia/Tokyo')).toEqual([
    ['Fri, 27 November 2026', '08:30 sealed, Odile'],
  ]));

test('what was taken back stands by itself', () => {
  const [one, two] = [event('2026-11-26T08:00:00Z', { kind: 'sealed' }), event('2026-11-26T08:01:00Z', { kind: 'sealed' })];
  const back = event('2026-11-26T08:02:00Z', { kind: 'takenBack' }, 'o', { undoOf: one.id });
  expect(
    lifeByDay([one, two, back], { zone: 'UTC', people: PEOPLE }, write)[0]!.lines.map(({ times, takenBack }) => [times, takenBack]),
  ).toEqual([
    [1, true],
    [1, false],
    [1, false],
  ]);
});

test('nothing is lost by folding', () => {
  const kinds = fc.constantFrom<Happening>({ kind: 'opened' }, { kind: 'sealed' }, { kind: 'tagMatched' }, { kind: 'closed' });
  fc.assert(
    fc.property(fc.array(fc.tuple(kinds, fc.constantFrom('o', 't'), fc.nat(100_000)), { maxLength: 40 }), (all) => {
      const events = all
        .sort(([, , a], [, , b]) => a - b)
        .map(([kind, who, minute], i) =>
          event(new Date(Date.UTC(2026, 10, 1) + minute * 60_000).toISOString(), kind, who, { id: String(i) }),
        );
      const days = lifeByDay(events, { zone: 'UTC', people: PEOPLE }, write);
      expect(days.flatMap(({ lines }) => lines).reduce((sum, { times }) => sum + times, 0)).toBe(events.length);
      expect(new Set(days.map(({ day }) => day)).size).toBe(days.length);
    }),
  );
});

test('a test is told once, by its result; a measuring by its figures, and left undone by no figure', () => {
  const step = (at: string, key: string) =>
    event(at, { kind: 'stepDone', step: key, phase: 'bench', seconds: 5, used: [] } as unknown as Happening);
  const feel = event('2026-11-26T09:00:00Z', { kind: 'testTried', test: 'feel', result: 'passed' });
  expect(told([feel, step('2026-11-26T09:01:00Z', 'test:feel'), step('2026-11-26T09:02:00Z', 'measure')])[0]!.slice(1)).toEqual([
    '09:00 feel test passed, Odile',
    '09:02 done: the bundle’s measures seen to, Odile',
  ]);
  const measured = event('2026-11-26T09:01:30Z', { kind: 'bundleMeasured', sizeIn: [8, 7, 6], weightLb: null });
  expect(told([measured, step('2026-11-26T09:02:00Z', 'measure')])[0]!.slice(1)).toEqual(['09:01 bundle measured, 8 × 7 × 6 in, Odile']);
});
