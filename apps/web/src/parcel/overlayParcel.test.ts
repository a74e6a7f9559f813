import fc from 'fast-check';
import { applyNestChange, type NestChange, type ParcelView } from '@inch-nest/contracts';
import type { Pending } from '../session/keeping/Keeper.ts';
import { fieldPath, joinNestChanges, overlayParcel } from './overlayParcel.ts';

const SETTING = { today: '2026-11-26', todayIsOver: false, system: 'imperial' } as Parameters<typeof overlayParcel>[2];
const field = (text: string, value: unknown) => ({ text, value, draft: null, revision: 1 });
const HELD = {
  id: 'parcel',
  pieceId: 'piece-1',
  sale: { destinationPostcode: field('21840', '21840') },
  piece: { size: field('9 x 6 x 6', [9, 6, 6]), weight: field('2 lb', 2) },
  bundleId: 'bundle-1',
  others: [{ bundleId: 'bundle-2', pieceId: 'piece-2', piece: { weight: field('7 lb', 7) } }],
  nest: { choice: null, locks: {} },
} as unknown as ParcelView;
const waits = (path: string, value: unknown): Pending => ({ path, value }) as Pending;
const size = fieldPath(HELD, 'piece', 'size');

test('with nothing waiting a parcel is shown as the server holds it', () => expect(overlayParcel(HELD, [], SETTING)).toBe(HELD));

test('what is understood stands at once, the newest last, and the rest is untouched', () => {
  const shown = overlayParcel(
    HELD,
    [waits(size, '10 x 6 x 6'), waits('sale/destinationPostcode', '40217'), waits(size, '11 x 6 x 6')],
    SETTING,
  );
  expect(shown.piece.size).toMatchObject({ text: '11 x 6 x 6', value: [11, 6, 6], draft: null });
  expect(shown.sale.destinationPostcode.value).toBe('40217');
  expect(shown.piece.weight).toBe(HELD.piece.weight);
  expect(HELD.piece.size).toMatchObject({ text: '9 x 6 x 6' });
});

test('what waits of another piece stands on that one alone', () => {
  const shown = overlayParcel(HELD, [waits('piece/piece-2/weight', '8 lb')], SETTING);
  expect([shown.others[0]!.piece.weight.value, shown.piece.weight.value]).toEqual([8, 2]);
});

test('what is not understood stands beside the last good value and changes no figure', () =>
  expect(overlayParcel(HELD, [waits(size, 'rather big')], SETTING).piece.size).toMatchObject({
    text: '9 x 6 x 6',
    value: [9, 6, 6],
    draft: 'rather big',
  }));

test('what belongs to another piece’s fields, or to none, changes nothing', () =>
  expect(overlayParcel(HELD, [waits('shop/name', 'x'), waits('piece/piece-1/colour', 'blue')], SETTING)).toEqual(HELD));

const KEYS = ['boxKey', 'extraFill', 'board', 'fill'] as const;
const parts = fc.dictionary(fc.constantFrom(...KEYS), fc.nat(5));
const pins = fc.dictionary(fc.constantFrom('box', 'fill', 'inner'), fc.nat(5));
const change = fc.record({ set: parts, pin: pins, dropped: fc.boolean(), unpinned: fc.subarray(['box', 'fill', 'inner']) }).map(
  ({ set, pin, dropped, unpinned }) =>
    ({
      set,
      drop: dropped && !('extraFill' in set) ? ['extraFill'] : [],
      pin,
      unpin: unpinned.filter((key) => !(key in pin)),
    }) as unknown as NestChange,
);

test('two changes joined do what they do one after the other', () =>
  fc.assert(
    fc.property(parts, pins, change, change, (choice, locks, earlier, later) => {
      const nest = { choice, locks } as unknown as Parameters<typeof applyNestChange>[0];
      const first = applyNestChange(nest, earlier) as Parameters<typeof applyNestChange>[0];
      expect(applyNestChange(nest, joinNestChanges(earlier, later))).toEqual(applyNestChange(first, later));
    }),
  ));

test('a nest that is chosen anew stays so, whatever is changed of it before it is kept', () => {
  const none = { set: {}, drop: [], pin: {}, unpin: [] } as unknown as NestChange;
  expect(joinNestChanges({ ...none, anew: true }, none).anew).toBe(true);
  expect(joinNestChanges(none, none).anew).toBeUndefined();
});
