import { ORDINARY_WRAPS, type Stockroom } from '@inch-nest/core';
import { STOCK } from '../../core/tests/sampleRequest.ts';
import { applyShopChange } from './shopChange.ts';
import { shopChangesBetween, type KeptShop } from './shopParts.ts';

const SHOP = { stock: STOCK } as KeptShop;
const { smallBubble } = ORDINARY_WRAPS;
const DROPS = [24, 36].map((heightIn) => ({ weightLb: 5, areaIn2: 36, thicknessIn: 2, heightIn, peakG: 40 + heightIn }));
const applied = (shop: KeptShop, changes: readonly { path: string; value: unknown }[]): KeptShop =>
  changes.reduce((at, { path, value }) => {
    const after = applyShopChange(at, path, value);
    if ('problem' in after) throw new Error(`${path}: ${after.problem}`);
    return after;
  }, shop);
const bubbleOf = ({ stock }: KeptShop) => stock.wraps.find(({ key }) => key === smallBubble.key)!;

test.each<[string, Partial<Stockroom>]>([
  ['drops on a material', { wraps: STOCK.wraps.map((wrap) => (wrap.key === smallBubble.key ? { ...wrap, dropTests: DROPS } : wrap)) }],
  ['offcuts', { offcuts: [{ lengthIn: 20, widthIn: 10, count: 2 }] }],
])('%s that were not there before are kept as one part, and going back takes them off again', (_, part) => {
  const there = { ...SHOP, stock: { ...STOCK, ...part } };
  const to = shopChangesBetween(SHOP, there);
  expect(to).toHaveLength(1);
  expect(shopChangesBetween(applied(SHOP, to), there)).toEqual([]);
  const back = shopChangesBetween(there, SHOP);
  expect(back).toEqual([{ path: to[0]!.path, value: null }]);
  const again = applied(applied(SHOP, to), back);
  expect(bubbleOf(again).dropTests ?? null).toBeNull();
  expect(again.stock.offcuts ?? null).toBeNull();
});

test.each([
  ['a height of nothing', [{ ...DROPS[0], heightIn: 0 }]],
  ['more g than anything reads', [{ ...DROPS[0], peakG: 1e6 }]],
  ['a figure too many', [{ ...DROPS[0], colour: 'red' }]],
  ['too many of them', Array.from({ length: 51 }, () => DROPS[0])],
])('%s is no drop test', (_, value) =>
  expect(applyShopChange(SHOP, `wraps/${smallBubble.key}/dropTests`, value)).toMatchObject({ problem: expect.any(String) as string }),
);
