import { recordParcel, type BenchTestKey, type Happening, type LifeEvent } from '@inch-nest/core';
import { claimMissing } from './claimMissing.ts';
import type { PackingShots } from './packingShots.ts';
import type { LabelView, ParcelView, PhotoView } from './parcelView.ts';

const DUE: BenchTestKey[] = ['feel', 'shake', 'seams'];
const photo = (of: PhotoView['of'], i: number): PhotoView => ({
  id: `${of}${i}`,
  of,
  pieceId: of === 'packing' ? null : 'bowl',
  step: null,
  width: 1,
  height: 1,
  marks: [],
  at: '2026-11-26T10:00:00Z',
  by: 'Tam',
});
const BOUGHT = { id: 'l', state: 'bought', tracking: 'AG1' } as LabelView;

/** A folder with everything in it, but for what is changed. */
function folder(
  part: { happened?: Happening[]; photos?: PhotoView[]; labels?: LabelView[]; coverMinor?: number } = {},
): Pick<ParcelView, 'life' | 'photos' | 'labels' | 'nest' | 'events'> {
  const happened: Happening[] = part.happened ?? [
    ...DUE.map((test): Happening => ({ kind: 'testTried', test, result: 'passed' })),
    { kind: 'weighed', readingsLb: [3.5], outsideIn: null },
    { kind: 'damaged' },
  ];
  const events = happened.map((happening, i): LifeEvent => ({
    ...happening,
    id: `e${i}`,
    seq: i + 1,
    at: '2026-11-26T10:00:00Z',
    personId: 'p',
    undoOf: null,
  }));
  return {
    life: recordParcel(events),
    events,
    photos: part.photos ?? [photo('piece', 1), ...Array.from({ length: 8 }, (_, i) => photo('packing', i))],
    labels: part.labels ?? [BOUGHT],
    nest: { plan: { document: { quote: { coverMinor: part.coverMinor ?? 6000 } } } } as ParcelView['nest'],
  };
}

/** Eight photographs are wanted, of which so many are there. */
const shots = (photos: readonly PhotoView[] = []): PackingShots => {
  const have = photos.filter(({ of }) => of === 'packing').length;
  return { have, wanted: Array.from({ length: 8 }, (_, i) => ({ step: `s${i}`, title: `Step ${i}`, taken: i < have })) };
};
const BOWL = { id: 'bowl', title: 'bowl' };
const missingOf = (part: Parameters<typeof folder>[0], worth: number, pieces = [BOWL]) => {
  const whole = folder(part);
  return claimMissing(whole, DUE, worth, shots(whole.photos), pieces);
};

test('a whole folder lacks nothing', () => expect(missingOf({}, 6000)).toEqual([]));

test('what is not photographed is named', () =>
  expect(missingOf({ photos: [photo('piece', 1), ...Array.from({ length: 7 }, (_, i) => photo('packing', i))] }, 6000)).toEqual([
    '7 of 8 photographs of the packing; not taken: step 7',
  ]));

test('of several each is to be seen by itself', () =>
  expect(missingOf({}, 6000, [BOWL, { id: 'stand', title: 'oak stand' }])).toEqual(['no photograph of the oak stand as it was']));

// unphotographed damage claims are mostly refused: common practice, no source
test.each<[string, Parameters<typeof folder>[0], number, RegExp]>([
  ['no photograph of the packing', { photos: [photo('piece', 1)] }, 6000, /^no photograph of the packing.*refused/],
  ['too few of them', { photos: [photo('piece', 1), photo('packing', 1)] }, 6000, /^1 of 8 photographs/],
  ['none of the piece', { photos: Array.from({ length: 8 }, (_, i) => photo('packing', i)) }, 6000, /^no photograph of the piece/],
  ['no label', { labels: [] }, 6000, /^no label was bought here/],
  ['a label given back', { labels: [{ ...BOUGHT, state: 'voided' }] }, 6000, /^no label was bought here/],
  ['covered for less than its worth', {}, 6001, /^it was covered for less/],
])('%s', (_, part, worth, missing) => {
  const list = missingOf(part, worth);
  expect(list).toHaveLength(1);
  expect(list[0]).toMatch(missing);
});

test('a bare parcel lacks it all, the proof of sending first', () => {
  const list = missingOf({ happened: [], photos: [], labels: [], coverMinor: 0 }, 100);
  expect(list).toHaveLength(7);
  expect(list[0]).toMatch(/no label/);
  expect(list.join('; ')).toMatch(/never weighed.*tests not passed: feel, shake, seams.*what became of it/);
});
