import { keptBefore, type ReservedNest } from './reservedStock.ts';

const nest = (code: string, shipBy: string, amount = 1): ReservedNest => ({
  id: `id-${code}`,
  code,
  shipBy,
  uses: [
    { kind: 'wrap', key: 'smallBubble', amount },
    { kind: 'box', key: '8x8x8', amount: 1 },
  ],
});
const NESTS = [nest('AA', '2026-11-25', 3), nest('BB', '2026-11-26', 4), nest('CC', '2026-11-26', 5), nest('DD', '2026-11-28', 6)];
const bubbleBefore = (code: string, shipBy: string, isKept: boolean) =>
  keptBefore(NESTS, { id: `id-${code}`, code, shipBy, isKept }).find(({ kind }) => kind === 'wrap')?.amount ?? 0;

test.each([
  ['the first of all keeps its own', 'AA', '2026-11-25', true, 0],
  ['what is promised earlier goes before', 'BB', '2026-11-26', true, 3],
  ['on one day the lower code goes before', 'CC', '2026-11-26', true, 7],
  ['one that is still to be kept comes after all of its day', 'A0', '2026-11-26', false, 12],
  ['what is promised later keeps nothing from it', 'ZZ', '2026-11-25', false, 3],
])('%s', (_, code, shipBy, isKept, amount) => expect(bubbleBefore(code, shipBy, isKept)).toBe(amount));

test('each thing is told once, with all that is kept of it', () => {
  const all = keptBefore(NESTS, { id: 'new', code: 'ZZ', shipBy: '2026-12-01', isKept: false });
  expect(all).toEqual([
    { kind: 'wrap', key: 'smallBubble', amount: 18 },
    { kind: 'box', key: '8x8x8', amount: 4 },
  ]);
});
