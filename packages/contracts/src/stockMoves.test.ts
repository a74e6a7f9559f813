import fc from 'fast-check';
import { countedStock, movedStock, type Stockroom } from '@inch-nest/core';
import { STOCK } from '../../core/tests/sampleRequest.ts';
import { applyShopChange } from './shopChange.ts';
import { readShopPart, setShopPart, shopPart, type KeptShop } from './shopParts.ts';
import { countPath, takenBack, type ToldMove } from './stockMoves.ts';

const SHOP = { stock: STOCK } as KeptShop;
const came: ToldMove = { kind: 'box', key: '8x8x8', why: 'received', amount: 4, paidMinor: 200, supplier: null, leadDays: null };

test('what came is a part of the shop by its own id, with nothing that stood there before', () => {
  const part = shopPart('moves/9f');
  expect(part).toEqual({ room: 'moves', key: '9f', cell: null });
  expect(shopPart('moves/9f/amount')).toBeNull();
  expect(readShopPart(SHOP, part!)).toBeUndefined();
  expect(setShopPart(SHOP, part!, came).stock).toEqual(movedStock(STOCK, came));
});

test.each([
  [{ ...came, key: 'gone' }, /no longer in the stockroom/],
  [{ ...came, amount: 'four' }, /number/],
  [{ ...came, colour: 'red' }, /colour/],
  [null, /object/],
])('%j is refused in words', (value, says) => {
  const after = applyShopChange(SHOP, 'moves/9f', value);
  expect('problem' in after && after.problem).toMatch(says);
});

test('a move and its taking back leave counts and prices as they were', () => {
  const items = countedStock(STOCK);
  fc.assert(
    fc.property(
      fc.nat(items.length - 1),
      fc.integer({ min: 1, max: 500 }),
      fc.integer({ min: 0, max: 50_000 }),
      (at, amount, paidMinor) => {
        const { kind, key } = items[at]!;
        const told: ToldMove = { ...came, kind, key, amount, paidMinor };
        const back = movedStock(movedStock(STOCK, told)!, takenBack(told, STOCK))!;
        const [is, was] = [back, STOCK].map((stock) => countedStock(stock)[at]!);
        expect(is!.onHand).toBeCloseTo(was!.onHand, 6);
        expect(is!.eachMinor).toBeCloseTo(was!.eachMinor, 9);
      },
    ),
  );
});

test('an empty shelf has its old price back when a delivery to it is taken back, a later delivery its own share', () => {
  const bare = movedStock(STOCK, { ...came, amount: -1000, paidMinor: null })!;
  const priceOf = (stock: Stockroom) => countedStock(stock).find(({ key }) => key === came.key)!.eachMinor;
  const delivered = movedStock(bare, { ...came, amount: 10, paidMinor: 2000 })!;
  const back = takenBack({ ...came, amount: 10, paidMinor: 2000 }, bare);
  expect(priceOf(delivered)).toBe(200);
  expect(priceOf(movedStock(delivered, back)!)).toBe(priceOf(STOCK));
  // what was used meanwhile moves no price
  const used = movedStock(delivered, { ...came, amount: -4, paidMinor: null })!;
  expect(priceOf(movedStock(used, back)!)).toBe(priceOf(STOCK));
});

test('a price that another delivery has moved since is not set back', () => {
  const first: ToldMove = { ...came, amount: 10, paidMinor: 2000 };
  const priceOf = (stock: Stockroom) => countedStock(stock).find(({ key }) => key === came.key)!.eachMinor;
  const one = movedStock(STOCK, first)!;
  const both = movedStock(one, { ...came, amount: 10, paidMinor: 900 })!;
  const without = priceOf(movedStock(both, takenBack(first, STOCK))!);
  // as if the second had come alone, to the whole cent boxes are priced in
  expect(Math.abs(without - priceOf(movedStock(STOCK, { ...came, amount: 10, paidMinor: 900 })!))).toBeLessThanOrEqual(2);
});

test('a count has its path in the shop, and the path leads to the count', () => {
  for (const item of countedStock(STOCK).filter(({ kind }) => kind !== 'board'))
    expect(readShopPart(SHOP, shopPart(countPath(item))!)).toBe(item.onHand);
  expect(countPath({ kind: 'board', key: 'sheetBoard' })).toBe('stock/linerBoard');
});
