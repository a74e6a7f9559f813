import { readSaleLines } from '@inch-nest/core';
import { readField, type ShopView } from '@inch-nest/contracts';
import { saleFromLine } from '../index.ts';

// Whatever a line was shown to mean is what its fields mean once it is kept: the page reads the line, the server the fields.

const shop = { today: '2026-11-24', todayIsOver: false, currency: 'USD' } as ShopView;
const SETTING = { today: '2026-11-24', system: 'imperial' } as const;

test.each([
  'stoneware tea urn, 9 x 8 x 14 in, 6 lb 3 oz, sold 84, to 40217, by Friday, bin A3',
  'barometer 10x10x4 in approx, weight about 3.5 lbs, buyer paid $12 shipping, zip 40217',
  'VINTAGE Cut Glass Decanter w/ Stopper - 11in tall, 5in dia, 3lb 4oz, $48',
  'Dimensions: 12 x 8 x 6 in. Weight: 4 lb. Teapot, stoneware. Price 38',
  'Item: porcelain figurine, 1.5lb. Sold: $60. Shipping: $12',
  'pair of bookends 6 x 5 x 3 4lb the pair, sold for 40',
  'Qty 3: cast iron trivets 6x6x1, 1lb ea, asking 30 each',
  'Lot of (12) silver spoons, 9 oz total, 45.00',
  'each of six jars, each 4 x 4 x 9, 2 lb each',
  'Vase (10 x 5 x 5 in), (2 lb), Bowl [8 x 8 x 3], 1 lb, $40',
  '1 x ginger jar 6x6x8 3lb, 1 x tray (about 18 x 12 x 2) 3 lb in all',
  'teapot 9 x 6 x 6 2 lb $40, sugar bowl 5 x 4 x 4 1 lb $20, paid 12, free shipping',
  'porcelain doll 18 in tall, 2 lb, $75',
  'skillet 12 in diameter x 2 in, 18 in long, 8 lb, $60',
  'chandelier drops, 24, 3 x 1 x 1, 0.1 lb each, $48',
  'vase, 12 in tall, 3 lb, 5 in wide',
  'Lamp measures 22 in tall, base is 6 in wide, 5 lb + tray 12 in round, 2 lb',
  'blue plate 10 in, 1.2 lb, $45',
  'six 8-inch plates, 5 lb, $60, + vase 12 in, 2 lb, 5 in wide',
  'doll, 6 x 18, 3 lb + skillet 12" x 2", 6 lb + glass float 12 in',
  'lamp measures 14 x 6 x 6, weighs approx. 4 lb, for M.T., to 40217',
  'globe 12" dia on stand, 16" overall height 5 lb + s/6 goblets, 8 in tall + vase, 14 in overall',
  'wine glasses set of 6, 8" tall, 4 lb + oil painting 24 by 30 inches framed + jar, H 8 1/2, W 4, D 4',
  'clock 14h x 9w x 5d 8.5 lb $240 oval + cased trumpet, case 56 x 26 x 16 cm, 4.2 kg, $310 to Gale Harbour',
  'pr. of brass candlesticks, 10"H, 3.5 lbs/pr, $85/pr + crock, 13"T x 12"D, 25#, 120 obo',
  'wall clock 24" tall 12" wide 6" deep 11 lb 220 + 18.50 s&h',
  'coffee pot, enamel, 9" to top of handle, 1 lb 8 oz, 25 + fan, 12 in closed + bowl 9-1/2 in, 2 lb',
  'pair brass lamps 24in 7lb each 120 the pair + carved elephant 8Hx10Lx4W 3lbs',
  '3 ft tall floor vase, 18 lb, $40 shipped + (2) brass sconces 12x5x6 3lbs ea',
  'pair of candlesticks 12 in high 5 in base 3 lb each $75 + vase 9in tall x 4in mouth x 5in belly, 2 lb',
  'lamp shade 14 in bottom diameter, 8 in top diameter, 10 in tall, 2 lb + glass dome 12 in high over base 8 in dia, 5 lb',
  'print 18 x 24 framed, 12 x 16 image, 5 lb $90 + pair of speakers 24x14x11 each 38lb each $400 pr',
  'oil on board, 9x12, framed 14x17, 4 lb, $200 + mug, holds 12 oz, 14oz $22 + snow globe 6in musical 3lb',
  'dinner plates (8) 10 in, 12 lb, $80 + vase 12 in high 6 in at its widest 3 lb + tray 22" handle to handle x 14" 5 lb',
  '3 pc canister set graduated 8",7",6" tall 7lb $48',
  'VCR tape rewinder 8x4x3 1.5lb 15 + lamp - brass - 22 in. - 6 lb. - $65',
  'sewing table 24x16x28 22lb local + Teapot; 9in x 6in x 6in; ship to 40217 by Friday',
  '1) teapot 9x6x6 2lb 2) jug 8x5x5 3lb',
  'clock, weights, pendulum: 20x10x6 9 lb + six glasses 3 x 3 x 8, 7 oz each, 60',
  '4 mugs, 3 x 3 x 4, 12 oz/ea, $8/ea plus $12 shipping',
])('%s', (text) => {
  const lines = readSaleLines(text, SETTING);
  const { sale, piece, more } = saleFromLine(text, shop, 'imperial');
  const kept = [piece, ...(more ?? [])];
  expect(kept).toHaveLength(lines.length);
  lines.forEach(({ sizeIn, weightLb, count, title }, at) => {
    const mean = (path: string) => (kept[at]![path] === undefined ? undefined : readField('piece', path, kept[at]![path], SETTING));
    const means = (value: unknown) => (value === undefined ? undefined : { ok: true, value });
    expect([title, mean('count')]).toEqual([kept[at]!['title'], means(count)]);
    expect(mean('size')).toEqual(means(sizeIn && [...sizeIn, null, null].slice(0, 3)));
    const weight = mean('weight');
    expect(weight?.ok).toBe(weightLb === undefined ? undefined : true);
    if (weight?.ok) expect(weight.value).toBeCloseTo(weightLb!, 2);
  });
  for (const [path, typed] of Object.entries(sale))
    expect([path, typed, readField('sale', path, typed!, SETTING).ok]).toEqual([path, typed, true]);
});
