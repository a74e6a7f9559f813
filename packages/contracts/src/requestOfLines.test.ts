import { BEDDED_HOUSE, readSaleLine } from '@inch-nest/core';
import { CARD, STOCK } from '../../core/tests/sampleRequest.ts';
import { requestOfLines } from './requestOfLines.ts';
import type { ShopView } from './shopView.ts';

const SHOP = { originPostcode: '10115', today: '2026-11-23', stock: STOCK, house: BEDDED_HOUSE, cards: [CARD] } as unknown as ShopView;
const setting = { today: '2026-11-23', todayIsOver: false, system: 'imperial' } as const;
const read = (...texts: string[]) =>
  requestOfLines(
    texts.map((text) => readSaleLine(text, setting)),
    SHOP,
    'guess',
    '40217',
  );

test('one piece: what the line says, and the rest as its kind usually is', () => {
  const { order, pieceIds } = read('stoneware jug, 7 x 6 x 9 in, 3 lb, sold 60, paid 22');
  expect(order).toMatchObject({ soldMinor: 6000, paidMinor: 2200, destinationPostcode: '40217', originPostcode: '10115' });
  expect(order.pieces).toHaveLength(1);
  expect(order.pieces[0]).toMatchObject({ title: 'stoneware jug', weightLb: 3, count: 1, replacementMinor: null });
  expect(pieceIds).toEqual(order.pieces.map(({ id }) => id));
});

test('several in one parcel: asked for together, each worth its own price where each has one', () => {
  const { order, pieceIds } = read('stoneware jug, 3 lb, sold 60', 'pair of glass lids, 4 oz each, sold 15');
  expect(order.soldMinor).toBe(7500);
  expect(order.pieces.map(({ title, count, replacementMinor }) => [title, count, replacementMinor])).toEqual([
    ['stoneware jug', 1, 6000],
    ['glass lids', 2, 750],
  ]);
  expect(new Set(pieceIds).size).toBe(2);
  // one price for all of them is shared by the sale, not here
  expect(read('stoneware jug, sold 60', 'glass lid').order.pieces.map(({ replacementMinor }) => replacementMinor)).toEqual([null, null]);
});
