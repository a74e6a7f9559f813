import fc from 'fast-check';
import { box, STOCK } from '../../../tests/sampleRequest.ts';
import type { StockUse } from '../../engineering/stockkeeping/StockMove.ts';
import { willNotSuffice } from './willNotSuffice.ts';

const room = { ...STOCK, boxes: [box([8, 8, 8], { onHand: 1 }), box([10, 10, 10], { onHand: 0, container: 'free' })] };
const bubble = (amount: number): StockUse => ({ kind: 'wrap', key: 'smallBubble', amount });
const cube = { kind: 'box', key: '8x8x8', amount: 1 } as const;

test('each for itself there is enough, together there is not: by name, amount, and whom it does not reach', () => {
  const nests = [
    { code: 'A', uses: [bubble(60), cube] },
    { code: 'B', uses: [bubble(30)] },
    { code: 'C', uses: [bubble(20), cube] },
  ];
  expect(willNotSuffice(nests, room)).toEqual([
    { kind: 'wrap', key: 'smallBubble', name: 'Small bubble', wanted: 110, onHand: 100, codes: ['A', 'B', 'C'], without: ['C'] },
    { kind: 'box', key: '8x8x8', name: '8×8×8', wanted: 2, onHand: 1, codes: ['A', 'C'], without: ['C'] },
  ]);
  expect(willNotSuffice(nests.slice(0, 2), room)).toEqual([]);
});

test('a carrier’s own box comes from the carrier, and what is no longer listed is not counted', () =>
  expect(
    willNotSuffice(
      [
        {
          code: 'A',
          uses: [
            { kind: 'box', key: '10x10x10', amount: 3 },
            { kind: 'fill', key: 'gone', amount: 9 },
          ],
        },
      ],
      room,
    ),
  ).toEqual([]));

test('nothing is lost between them: what is wanted is the sum, and somebody goes without just where that is more than there is', () =>
  fc.assert(
    fc.property(fc.array(fc.double({ min: 0.1, max: 60, noNaN: true }), { maxLength: 8 }), (amounts) => {
      const found = willNotSuffice(
        amounts.map((amount, i) => ({ code: String(i), uses: [bubble(amount)] })),
        room,
      );
      const sum = amounts.reduce((total, one) => total + one, 0);
      expect(found.length > 0).toBe(sum > 100 + 1e-6);
      for (const { wanted, without } of found) {
        expect(wanted).toBeCloseTo(sum, 9);
        expect(without.length).toBeGreaterThan(0);
      }
    }),
  ));

test('what nobody wants is not missed, though its count stands below nothing', () =>
  expect(
    willNotSuffice([{ code: 'A', uses: [bubble(1)] }], {
      ...room,
      wraps: room.wraps.map((wrap) => ({ ...wrap, onHandFt2: wrap.key === 'smallBubble' ? 5 : -9 })),
    }),
  ).toEqual([]));
