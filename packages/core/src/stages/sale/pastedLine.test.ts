import { asTyped } from './pastedLine.ts';
import { readSaleLine, readSaleLines } from './readSaleLine.ts';
import type { SaleLine } from './SaleLine.ts';

// Lines as they stand in lists and notices of sales, read by hand. Common practice, no source.

const setting = { today: '2026-11-24' };
const read = (text: string) => readSaleLine(text, setting);

test.each<[string, Partial<SaleLine>]>([
  [
    'VINTAGE Cut Glass Decanter w/ Stopper - 11in tall, 5in dia, 3lb 4oz, $48',
    { title: 'VINTAGE Cut Glass Decanter w/ Stopper', sizeIn: [5, 5, 11], weightLb: 3.25, soldMinor: 4800 },
  ],
  [
    `Brass Ship's Bell | 8" dia x 9" H | 12 lbs | sold $95`,
    { title: `Brass Ship's Bell`, sizeIn: [8, 8, 9], weightLb: 12, soldMinor: 9500 },
  ],
  ['teapot\t9 x 5 x 6\t1 lb 10 oz\t38.00', { title: 'teapot', sizeIn: [9, 5, 6], weightLb: 1.625, soldMinor: 3800 }],
  [
    'Dimensions: 12 x 8 x 6 in. Weight: 4 lb. Teapot, stoneware. Price 38',
    { title: 'Teapot, stoneware', sizeIn: [12, 8, 6], weightLb: 4, soldMinor: 3800 },
  ],
  [
    'Item: porcelain figurine, 1.5lb. Sold: $60. Shipping: $12',
    { title: 'porcelain figurine', weightLb: 1.5, soldMinor: 6000, shippingCollectedMinor: 1200 },
  ],
  [
    'barometer 10x10x4 in approx, weight 3.5 lbs, buyer paid $12 shipping, zip 40217',
    { title: 'barometer', sizeIn: [10, 10, 4], weightLb: 3.5, shippingCollectedMinor: 1200, destinationPostcode: '40217' },
  ],
  ['gilt mirror 24 x 18 x 2 - 9lb - $110', { title: 'gilt mirror', sizeIn: [24, 18, 2], weightLb: 9, soldMinor: 11_000 }],
  ['mantel clock, 7 lb, free shipping', { title: 'mantel clock', weightLb: 7, shippingCollectedMinor: 0 }],
  ['Qty 3: cast iron trivets 6x6x1, 1lb ea', { title: 'cast iron trivets', count: 3, sizeIn: [6, 6, 1], weightLb: 1 }],
  ['Lot of (12) silver spoons, 9 oz total', { title: 'silver spoons', count: 12, weightLb: 9 / 16 / 12 }],
  ['Six (6) crystal wine goblets, 10 oz each', { title: 'crystal wine goblets', count: 6, weightLb: 0.625 }],
  ['Qty 1: ginger jar (6 x 6 x 8 in), (3 lb)', { title: 'ginger jar', sizeIn: [6, 6, 8], weightLb: 3 }],
  ['1 x tray [18 x 12 x 2], 3 lb, 45.00', { title: 'tray', sizeIn: [18, 12, 2], weightLb: 3, soldMinor: 4500 }],
  ['Lot: silver spoons, 9 oz, 19.99', { title: 'silver spoons', weightLb: 9 / 16, soldMinor: 1999 }],
  ['one of a kind vase, 8 x 4 x 4', { title: 'one of a kind vase', sizeIn: [8, 4, 4] }],
  ['1 pint jug, 5 x 4 x 4', { title: '1 pint jug', sizeIn: [5, 4, 4] }],
  ['pair of bookends 6 x 5 x 3 4lb the pair', { title: 'bookends', count: 2, sizeIn: [6, 5, 3], weightLb: 2 }],
])('%s', (text, wanted) => {
  const { readings, archetype: _, ...line } = read(text);
  expect(line).toEqual(wanted);
  // each part is shown as it was written
  for (const { at, text: own } of readings) expect(text.slice(...at)).toBe(own);
  expect(readings.filter(({ problem, doubt }) => problem ?? doubt)).toEqual([]);
});

test.each([
  'Co. Antrim linen cloth',
  'St. Elmo lamp',
  'lamp, 12-light, oak-framed',
  'No. 4 hand plane',
  'approx. 5 lb',
  'shelf, 6 - 8 in wide',
  'Mr. Blue, 3.5 x 4.5 x 2',
])('%s is as it was typed', (text) => expect(asTyped(text)).toBe(text));

test('letters keep their places, whatever parts them', () => {
  const text = 'Item: jug\t4 lb | 9 x 8 x 7 - $40. Shipping: 12';
  expect(asTyped(text)).toHaveLength(text.length);
});

test('six cents more or less: a price has both, a side has not, and a sale has one', () => {
  expect(read('vase, 6 in x 4 in, 38.00').soldMinor).toBe(3800);
  expect(read('vase, 6 in x 4 in, 38.5').soldMinor).toBeUndefined();
  expect(read('vase, 6 in x 4 in, sold 40, 38.00').soldMinor).toBe(4000);
});

test('what is of the sale and of no piece is no piece: shipping after a plus', () => {
  const [one, ...others] = readSaleLines('two lamps, 7 x 7 x 20, sold 180 + $30 shipping', setting);
  expect(one).toMatchObject({ title: 'lamps', count: 2, soldMinor: 18_000, shippingCollectedMinor: 3000 });
  expect(others).toEqual([]);
  expect(readSaleLines('lamp, 7 lb + shade, 2 lb, to 40217', setting)).toHaveLength(2);
});

test('a price in another currency than the shop’s is taken as it stands, and asked about', () => {
  const asked = (text: string, currency: string) => readSaleLine(text, { ...setting, currency }).readings.flatMap(({ asks }) => asks ?? []);
  expect(readSaleLine('jug, €85', setting).soldMinor).toBe(8500);
  expect(asked('jug, €85', 'EUR')).toEqual([]);
  expect(asked('jug, $85, 12 $ shipping', 'USD')).toEqual([]);
  expect(asked('jug, sold £85', 'USD')).toEqual(['money is in $ here: is that what it comes to?']);
  expect(asked('jug, 85 €, 2 lb', 'GBP')).toEqual(['money is in £ here: is that what it comes to?']);
});

// ways in which lists tell of several, and of the whole of one thing. Common practice, no source
test.each([
  ['wine glasses set of 6, 8" tall', 'wine glasses', 6, [null, null, 8]],
  ['steins x3, 7" tall', 'steins', 3, [null, null, 7]],
  ['goblets s/6, 8 in tall', 'goblets', 6, [null, null, 8]],
  ['set/4 wine goblets 7.5"h', 'wine goblets', 4, [null, null, 7.5]],
  ['s/6 dessert plates, 7 in across', 'dessert plates', 6, [7, 7]],
  ['set-of-4 mugs', 'mugs', 4, undefined],
  ['LP record lot of 15', 'LP record', 15, undefined],
  ['LP lot of 15 records', 'LP records', 15, undefined],
  ['chess set of 32', 'chess set of 32', undefined, undefined],
  ['globe 12" dia, 16" overall height', 'globe 12" dia', undefined, [12, 12, 16]],
  ['lamp 28" total height', 'lamp', undefined, [null, null, 28]],
  ['vase, overall height 14 in', 'vase', undefined, [null, null, 14]],
  ['vase, 14 in overall', 'vase', undefined, [null, null, 14]],
  ['coffee pot, enamel, 9" to top of handle', 'coffee pot, enamel', undefined, [null, null, 9]],
  ['lamp base, 14" high to the socket', 'lamp base', undefined, [null, null, 14]],
  ['fan, 12 in closed', 'fan', undefined, [12, null, null]],
  ['set of eight dinner plates 10½"', 'dinner plates 10½"', 8, [10.5, 10.5, null]],
  ['bowl 9-1/2 in', 'bowl 9-1/2 in', undefined, [9.5, 9.5, null]],
  ['oil painting 24 by 30 inches framed', 'oil painting 24 by 30 inches framed', undefined, [24, 30, null]],
  // sides that are parted by commas are sides still, behind a fraction too
  ['jar, H 8 1/2, W 4, D 4', 'jar', undefined, [4, 4, 8.5]],
  ['jug 9 wide, 8 deep, 6 high', 'jug', undefined, [9, 8, 6]],
])('%s', (text, title, count, sizeIn) => {
  const found = read(text);
  expect([found.title, found.count, found.sizeIn]).toEqual([title, count, sizeIn]);
});

// an amount among words is a price, unless a name begins with it or it is the word of a sign. Common practice, no source
test.each([
  ['clock 14h x 9w x 5d 8.5 lb $240 oval', 'clock, oval', 24_000],
  ['teapot $45 blue, 2 lb', 'teapot, blue', 4500],
  ['clock 14x9x5, 8.5 lb, $240 sold to Mara', 'clock, sold to Mara', 24_000],
  ['$20 gold piece, 1 x 1 x 0.1', '$20 gold piece', undefined],
  ['$20 gold piece 1 x 1 x 0.1 $450', '$20 gold piece', 45_000],
  ['cigar sign 5¢ tin 10 x 20, $40', 'cigar sign 5¢ tin', 4000],
])('%s: what it was sold for', (text, title, soldMinor) => {
  const { readings, ...found } = read(text);
  expect([found.title, found.soldMinor]).toEqual([title, soldMinor]);
  const price = readings.find(({ field }) => field === 'soldMinor');
  expect(price?.asks !== undefined).toBe(/blue|oval|to Mara/.test(text));
});

// what stands at the end of a notice: an amount that may be bettered, what is of each or of all, what it costs to send. Common practice, no source
test.each<[string, Partial<SaleLine>]>([
  ['bell 8 inches tall weighs about 12 pounds $180 plus $22 shipping', { soldMinor: 18_000, shippingCollectedMinor: 2200, weightLb: 12 }],
  ['cookie jar - 11" x 8" x 7" - 5 lb 3 oz - $65.00 + 18.50 s&h', { soldMinor: 6500, shippingCollectedMinor: 1850 }],
  ['pr. of brass candlesticks, 10"H, 3.5 lbs/pr, $85/pr', { count: 2, soldMinor: 8500, weightLb: 1.75, sizeIn: [null, null, 10] }],
  ['4 mugs, 3 x 3 x 4, 12 oz/ea, $8/ea', { count: 4, soldMinor: 3200, weightLb: 0.75 }],
  ['crock, 13"T x 12"D, 25#, 120 obo', { soldMinor: 12_000, weightLb: 25, sizeIn: [12, 12, 13] }],
  ['vase, 10"H x 5"D, 2 lb, price $70 firm', { soldMinor: 7000, sizeIn: [5, 5, 10] }],
  ['clock, 10"H x 6"W x 5"D, 2 lb, $70 or best offer', { soldMinor: 7000, sizeIn: [6, 5, 10] }],
  ['bowl, 9 1/2 in., 2 lb., $45.', { soldMinor: 4500, weightLb: 2 }],
  ['rotary telephone 9 x 8 x 5, 6 pounds, $40 shipped', { soldMinor: 4000, title: 'rotary telephone' }],
  ['pair brass lamps 24in 7lb each 120 the pair', { count: 2, soldMinor: 12_000, weightLb: 7, sizeIn: [null, null, 24] }],
  ['(2) brass sconces 12x5x6 3lbs ea $45 ea', { count: 2, soldMinor: 9000, weightLb: 3 }],
  ['carved elephant 8Hx10Lx4W 3lbs', { sizeIn: [10, 4, 8], weightLb: 3 }],
  ['3 ft tall floor vase, 18 lb', { sizeIn: [null, null, 36], soldMinor: undefined }],
  ['Oil on board 9x12 unframed 1lb $90', { sizeIn: [9, 12, null], soldMinor: 9000 }],
  // a number by itself where all is measured
  ['platter 16x12, 4 lb, 40', { soldMinor: 4000, weightLb: 4 }],
  ['wall clock 24" tall 12" wide 6" deep 11 lb 220', { soldMinor: 22_000, weightLb: 11 }],
  ['pocket watch 2in 5oz 120', { soldMinor: 12_000, weightLb: 0.3125 }],
  ['six glasses 3 x 3 x 8, 7 oz each, 60', { count: 6, soldMinor: 6000 }],
  ['silver-plate tea pot; 8 lb, 75', { soldMinor: 7500, sizeIn: undefined }],
  ['VCR tape rewinder 8x4x3 1.5lb 15', { soldMinor: 1500, weightLb: 1.5 }],
  ['sewing table 24x16x28 22lb local', { weightLb: 22, title: 'sewing table, local' }],
  ['lamp - brass - 22 in. - 6 lb. - $65', { weightLb: 6, soldMinor: 6500, sizeIn: [null, null, 22] }],
  ['Teapot; 9in x 6in x 6in; ship to 40217 by Friday', { title: 'Teapot', destinationPostcode: '40217' }],
  // and where it is not
  ['book 5 lb 3', { weightLb: 5.1875, soldMinor: undefined }],
  ['silver $1 coin sold 30', { title: 'silver $1 coin', soldMinor: 3000 }],
])('%s', (text, wanted) => {
  const [line] = readSaleLines(text, setting);
  expect(line).toMatchObject(Object.fromEntries(Object.entries(wanted).filter(([, value]) => value !== undefined)));
  for (const [field, value] of Object.entries(wanted)) if (value === undefined) expect(line).not.toHaveProperty(field);
});

test('the number of a lot may be how many there are: it is asked', () => {
  const asks = (text: string) => read(text).readings.flatMap(({ asks: asked }) => asked ?? []);
  expect(asks('lot 4 milk glass vases, 5 lb')).toEqual(['taken for one; if that is how many, lead with it: 4 x milk glass vases']);
  expect(asks('lot 12 brass lamp, 5 lb')).toEqual([]);
  expect(read('jar, 6-8 in').readings[1]!.doubt).toBe('one measure, not from one to another');
});

test.each([
  ['1) teapot 9x6x6 2lb 2) jug 8x5x5 3lb', ['teapot', 'jug']],
  ['teapot 9x6x6 2lb / jug 8x5x5 3lb', ['teapot', 'jug']],
  ['clock, weights, pendulum: 20x10x6 9 lb', ['clock, weights, pendulum']],
  ['- brass bell, 3 lb', ['brass bell']],
])('%s: what parts a list is no name', (text, titles) => expect(readSaleLines(text, setting).map(({ title }) => title)).toEqual(titles));

test('a weight behind the last of several may be of all: it is asked', () => {
  const asks = (text: string) => readSaleLines(text, setting).flatMap(({ readings }) => readings.flatMap(({ asks: asked }) => asked ?? []));
  expect(asks('six cups + six saucers, 4 lb')).toEqual(['of this one alone? each piece has its own weight']);
  expect(asks('lamp, 5 lb + shade, 1 lb')).toEqual([]);
  expect(asks('lamp, 5 lb')).toEqual([]);
});

// notices whose pieces have parts, pictures in frames, and words behind an amount. Common practice, no source
test.each<[string, Partial<SaleLine>]>([
  ['Royal-blue glass lamp shade 14" bottom diameter 8" tall 3 lb $45', { sizeIn: [14, 14, 8], weightLb: 3, soldMinor: 4500 }],
  ['lamp shade 14 in bottom diameter, 8 in top diameter, 10 in tall, 2 lb', { sizeIn: [14, 14, 10], weightLb: 2 }],
  ['Pair stereo speakers 24x14x11 each 38lb each $400 pr', { title: 'stereo speakers', count: 2, weightLb: 38, soldMinor: 40_000 }],
  ['crystal chandelier, 22in dia 26in drop, 15lb $380', { title: 'crystal chandelier', sizeIn: [22, 22, 26], weightLb: 15 }],
  ['glass dome 12 in high over base 8 in dia, 5 lb $70', { sizeIn: [8, 8, 12], weightLb: 5 }],
  ['Framed botanical print 18 x 24 framed, 12 x 16 image, 5 lb $90', { sizeIn: [18, 24, null], archetype: 'glazedFlat' }],
  ['watercolour, 12 x 16 in image, 20 x 16 framed', { sizeIn: [20, 16, null], archetype: 'glazedFlat' }],
  ['oil on board, 9x12, framed 14x17, 4 lb, $200', { title: 'oil on board, framed, 9x12', sizeIn: [14, 17], soldMinor: 20_000 }],
  ['print, image size 10 x 8, framed 14 x 12', { sizeIn: [14, 12], archetype: 'glazedFlat' }],
  ['print, framed 14 x 12, image size 10 x 8', { sizeIn: [14, 12], archetype: 'glazedFlat' }],
  ['dinner plates (8) 10 in, 12 lb, $80', { title: 'dinner plates', count: 8, sizeIn: [10, 10, null], weightLb: 1.5 }],
  ['vase 12-1/4" high, 6" widest, 4 lbs', { title: 'vase', sizeIn: [6, null, 12.25] }],
  ['vase 12 in high 6 in at its widest 3 lb', { title: 'vase', sizeIn: [6, null, 12], weightLb: 3 }],
  ['urn, 14 in high, 9 in wide (at widest), 8 lb', { title: 'urn', sizeIn: [9, null, 14], weightLb: 8 }],
  ['tray 22" handle to handle x 14" 5 lb', { title: 'tray', sizeIn: [22, 14], weightLb: 5 }],
  ['pitcher 9 1/2 in tall x 8 in spout to handle, 4 lb', { title: 'pitcher', sizeIn: [8, null, 9.5] }],
  ['tray 12 x 8 in, overall 14 x 9 x 2', { sizeIn: [14, 9, 2] }],
  ['mug, holds 12 oz, 14oz $22', { title: 'mug, holds 12 oz', weightLb: 0.875, soldMinor: 2200 }],
  ['snow globe 6in musical 3lb $35', { sizeIn: [6, null, null], weightLb: 3 }],
  ['12 crystal flutes 9" tall each 4 oz each', { count: 12, weightLb: 0.25, archetype: 'blownGlass' }],
  ['porcelain tureen w underplate and ladle, 13x9x9, 8lb $120', { archetype: 'handledWare', sizeIn: [13, 9, 9] }],
])('%s', (text, wanted) => {
  const line = read(text);
  expect(line).toMatchObject(wanted);
  for (const { at, text: own } of line.readings) expect(text.slice(...at)).toBe(own);
});

test('several and one more are two kinds, and a plus is asked for', () => {
  const { readings } = read('Set of four dining plates 10.5" plus gravy boat 8" x 4", 9 lbs, $64');
  expect(readings[0]!.asks).toMatch(/two kinds\?.* \+ gravy boat/);
});
