import { FACTS, request } from '../../../tests/sampleRequest.ts';
import { readSale } from './readSale.ts';
import { piecesOnLine, readSaleLine, readSaleLines } from './readSaleLine.ts';

const setting = { today: '2026-11-23' };

test('a whole sale on one line', () => {
  const { readings, ...line } = readSaleLine('stoneware tea urn, 9 x 8 x 14 in, 6 lb 3 oz, sold 84, to 40217, by Friday', setting);
  expect(line).toEqual({
    title: 'stoneware tea urn',
    archetype: 'handledWare',
    sizeIn: [9, 8, 14],
    weightLb: 6.1875,
    soldMinor: 8400,
    destinationPostcode: '40217',
    shipBy: '2026-11-27',
  });
  expect(readings.every((reading) => reading.problem === null)).toBe(true);
});

test('the rest of what may be said, in any order', () => {
  expect(readSaleLine('bin b4; for EV; to 10001; puzzle jug; paid 9.50, shipping 12,50; 918 g; 16 x 13 x 17 cm', setting)).toMatchObject({
    title: 'puzzle jug',
    archetype: 'handledWare',
    bin: 'B4',
    buyer: 'EV',
    destinationPostcode: '10001',
    paidMinor: 950,
    shippingCollectedMinor: 1250,
    weightLb: 918 / 453.59237,
    sizeIn: [16 / 2.54, 13 / 2.54, 17 / 2.54],
  });
});

test('a comma between digits stays in its number', () => expect(readSaleLine('jug, 6,5 x 3 x 3', setting).sizeIn).toEqual([6.5, 3, 3]));

test.each<[string, string, RegExp | undefined]>([
  ['jug, 9 x 6 1/', '9 x 6 1/', /fraction/],
  ['jug, 9 x -3', '9 x -3', /above zero/],
  ['jug, sold cheap', 'sold cheap', /amount/],
  ['jug, to 4021', 'to 4021', /five digits/],
  ['jug, by someday', 'by someday', /which day/],
  ['jug, by 2026-11-01', 'by 2026-11-01', /gone/],
  ['jug, nice', 'nice', undefined],
  ['jug, 9 furlongs', '9 furlongs', /furlongs/],
  ['jug, bin !', 'bin !', /short/],
])('%s: joins the title, with a doubt in its place, and stops nothing', (text, part, doubt) => {
  const { title, readings } = readSaleLine(text, setting);
  expect(title).toBe(text);
  expect(readings.every(({ problem }) => problem === null)).toBe(true);
  expect(text.slice(...readings[1]!.at)).toBe(part);
  if (doubt) expect(readings[1]!.doubt).toMatch(doubt);
  else expect(readings[1]!.doubt).toBeUndefined();
});

test.each([
  ['oil lamp 4 lb with chimney and shade', 4, 'oil lamp, with chimney and shade'],
  ['8 oz bottle with stopper', undefined, '8 oz bottle with stopper'],
])('%s: what brings in something more ends a measure', (text, weightLb, title) => {
  expect(readSaleLine(text, setting)).toMatchObject({ title });
  expect(readSaleLine(text, setting).weightLb).toBe(weightLb);
});

test.each<[string, string]>([
  ['jug, 2 lb, 3 lb', '3 lb'],
  ['jug, 5 x 4 x 4, 2 lb, sold 30, 50', '50'],
  ['jug, sold 3, sold 4', 'sold 4'],
])('%s: what is said twice is asked about', (text, part) => {
  const wrong = readSaleLine(text, setting).readings.filter((reading) => reading.problem !== null);
  expect(wrong.map(({ at, problem }) => [text.slice(...at), problem])).toEqual([[part, expect.stringMatching(/^said twice/)]]);
});

test.each([
  ['brass horn, for repair, to XN-04021', 'repair'],
  ['brass horn, return', 'return'],
  ['brass horn, a exchange', 'exchange'],
])('%s: a job that is no sale', (text, job) => expect(readSaleLine(text, setting)).toMatchObject({ title: 'brass horn', job }));

test('for leads a buyer’s tag where it is no job', () =>
  expect(readSaleLine('horn, for RE–PA', setting)).toMatchObject({ buyer: 'RE–PA' }));

describe('several alike on one line', () => {
  test.each<[string, number | undefined, string]>([
    ['six apothecary jars', 6, 'apothecary jars'],
    ['31 x pilot books', 31, 'pilot books'],
    ['31x pilot books', 31, 'pilot books'],
    ['pair of net weights', 2, 'net weights'],
    ['a pair of brass bookends', 2, 'brass bookends'],
    ['a dozen tiles', 12, 'tiles'],
    ['half a dozen goblets', 6, 'goblets'],
    ['4 × wine glass', 4, 'wine glass'],
    ['two brass dividers', 2, 'brass dividers'],
    ['set of 4 cut glass goblets', 4, 'cut glass goblets'],
    ['a set of six apothecary jars', 6, 'apothecary jars'],
    ['lot of 120 postcards', undefined, 'lot of 120 postcards'],
    ['a set of hydrometers', undefined, 'a set of hydrometers'],
    ['set of 4 hydrometers in their box', undefined, 'set of 4 hydrometers in their box'],
    // said behind it, as lists of sales have it
    ['brass candlesticks, pair of', 2, 'brass candlesticks'],
    ['brass candlesticks, a pair', 2, 'brass candlesticks'],
    ['Brass Candlesticks (Pair)', 2, 'Brass Candlesticks'],
    ['cut glass goblets, set of 4, 1 lb', 4, 'cut glass goblets'],
    ['goblets (set of six), 1 lb', 6, 'goblets'],
    ['goblets, six of them', 6, 'goblets'],
    ['hydrometers in their box, set of 4', undefined, 'hydrometers in their box, set of 4'],
    ['six goblets, pair of', 6, 'goblets, pair of'],
    ['goblets x6', 6, 'goblets'],
    ['cut glass goblet × 6', 6, 'cut glass goblet'],
    ['pilot books (10)', 10, 'pilot books'],
    ['pilot books (x10)', 10, 'pilot books'],
    ['pilot book (10)', undefined, 'pilot book (10)'],
    ['tray 12 x 6', undefined, 'tray'],
    ['pilot books 20 x, 6 oz each', 20, 'pilot books'],
    ['tiles qty 6, 6 oz each', 6, 'tiles'],
    ['tiles 6 pcs', 6, 'tiles'],
    ['6pc plates', 6, 'plates'],
    ['6 piece goblets', 6, 'goblets'],
    ['5 pc tea set', undefined, '5 pc tea set'],
    ['50 piece jigsaw', undefined, '50 piece jigsaw'],
    ['dominoes 28 pieces', undefined, 'dominoes 28 pieces'],
    ['24 piece canteen of cutlery', undefined, '24 piece canteen of cutlery'],
    ['3 piece toilet service', undefined, '3 piece toilet service'],
    ['speaker pair, 14 lb each', 2, 'speaker'],
    ['candlesticks a pair', 2, 'candlesticks'],
    ['boots pair', undefined, 'boots pair'],
    ['dinner plates set of 6', 6, 'dinner plates'],
    ['mixing bowls set of 4 nesting', 4, 'mixing bowls nesting'],
    ['chess set of 32', undefined, 'chess set of 32'],
    ['carving set of three in its case', undefined, 'carving set of three in its case'],
    ['vinyl records lot of 12, 8 oz each', 12, 'vinyl records'],
    ['tea spoons, lot of 8', 8, 'tea spoons'],
    ['postcards bundle of 30', 30, 'postcards'],
    ['a bundle of letters', undefined, 'a bundle of letters'],
    ['trio of vases', 3, 'vases'],
    ['a quartet of tiles', 4, 'tiles'],
    ['both lamps', 2, 'lamps'],
    ['two dozen tiles', 24, 'tiles'],
    ['3 doz. egg cups', 36, 'egg cups'],
    ['two pairs of candlesticks', 4, 'candlesticks'],
    ['ten dozen tiles', 10, 'dozen tiles'],
    // a pair of these is one thing, measured as one
    ['pair of sea boots', undefined, 'pair of sea boots'],
    ['a pair of binoculars', undefined, 'a pair of binoculars'],
    ['pr opera glasses', undefined, 'pr opera glasses'],
    ['leather boots (pair)', undefined, 'leather boots (pair)'],
    ['brass dividers, pair of', undefined, 'brass dividers, pair of'],
    ['two pairs of boots', 2, 'pairs of boots'],
    ['pair of boots, 2 lb each', 2, 'boots'],
    ['a pair of boots, each 2 lb', 2, 'boots'],
    // a lot is as many as are told
    ['lot of 10 books', 10, 'books'],
    ['a job lot of twelve plates', 12, 'plates'],
    ['a lot of brass', undefined, 'a lot of brass'],
    // what holds several is one thing, until something is said of each
    ['box of 12 marbles', undefined, 'box of 12 marbles'],
    ['box of 12 marbles, 1 oz each', 12, 'marbles'],
    ['wooden crate of six bottles, each 1 lb', 6, 'bottles'],
    ['vintage 6 goblets, 8 oz each', 6, 'vintage goblets'],
    ['set of 4 hydrometers in their box, 4 oz each', undefined, 'set of 4 hydrometers in their box'],
    ['goblet of 1920, 8 oz each', undefined, 'goblet of 1920'],
    ['jug (repaired)', undefined, 'jug (repaired)'],
    ['jug, one of them', undefined, 'jug, one of them'],
    // a title may begin with a number
    ['3 legged stool', undefined, '3 legged stool'],
    ['1920s desk clock', undefined, '1920s desk clock'],
    ['12 inch globe', undefined, '12 inch globe'],
    ['a brass lamp', undefined, 'a brass lamp'],
    ['78 sea charts', undefined, '78 sea charts'],
    ['one jug', undefined, 'one jug'],
    ['ten', undefined, 'ten'],
  ])('%s', (text, count, title) => {
    const line = readSaleLine(text, setting);
    expect([line.count, line.title]).toEqual([count, title]);
  });

  // common practice, no source: a pile of sheets is measured, weighed and wrapped as one thing
  test.each([
    ['lot of 50 postcards, 6 x 4 x 1, 12 oz', undefined, '50 postcards', 0.75],
    ['vinyl records lot of 12, 12 1/2 x 12 1/2 x 2, 6 lb', undefined, '12 vinyl records', 6],
    ['lot of 50 postcards, 6 x 4 x 0.02, 12 oz', 50, 'postcards', 0.75 / 50],
    ['12 vinyl records, 12 1/2 x 12 1/2 x 0.2, 6 lb', 12, 'vinyl records', 0.5],
    ['30 magazines, 11 x 8 x 1 each, 30 lb', 30, 'magazines', 1],
    ['ten books, 9 x 6 x 1, 10 lb', 10, 'books', 1],
    ['lot of 50 postcards', 50, 'postcards', undefined],
  ])('%s', (text, count, title, weightLb) => {
    const line = readSaleLine(text, setting);
    expect([line.count, line.title, line.weightLb]).toEqual([count, title, weightLb]);
    // what was decided for somebody is said
    expect(line.readings.some(({ asks }) => asks?.includes('in a pile'))).toBe(count === undefined);
  });

  test('each of nobody knows how many is asked for, and stands as it was said', () => {
    const line = readSaleLine('books, 9 x 6 x 1, 1 lb each', setting);
    expect(line).toMatchObject({ title: 'books', weightLb: 1 });
    expect(line.readings.map(({ text, asks }) => [text, asks !== undefined])).toEqual([
      ['books', false],
      ['9 x 6 x 1', false],
      ['1 lb each', true],
    ]);
    expect(readSaleLine('ten books, 9 x 6 x 1, 1 lb each', setting).readings.filter(({ asks }) => asks)).toEqual([]);
  });

  test.each<[string, string | null]>([
    ['cut glass decanter and six sherry glasses, 5 x 5 x 11, 3 lb, sold 90', 'six sherry glasses'],
    ['punch bowl & 12 cups 12 x 12 x 7 9 lb', '12 cups'],
    ['teapot and two tea cups', 'two tea cups'],
    ['six cups and saucers, 5 1/2 x 5 1/2 x 3, 10 oz each', '6 x saucers'],
    ['pair of glass vases & brass candlesticks', '2 x brass candlesticks'],
    ['six cups, 6 saucers, 5 lb', '6 saucers'],
    ['decanter, 6 glasses', '6 glasses'],
    // one thing, one of it, things of which nobody knows what they are, and several told apart already
    ['salt and pepper shakers, 2 x 2 x 3', null],
    ['pestle and mortar', null],
    ['jug and basin', null],
    ['cups and saucers', null],
    ['six glass and brass lanterns', null],
    ['four dogs and cats', null],
    ['clock and two keys with six thingummies', 'two keys with six thingummies'],
    ['lamp and two thingummies', null],
    ['camera with two lenses', null],
  ])('%s: two kinds are asked for, since one size is not that of both', (text, also) => {
    const asked = readSaleLine(text, setting).readings.flatMap(({ asks }) => asks ?? []);
    expect(asked).toEqual(
      also === null ? [] : [expect.stringContaining(`two kinds? a + between them, each with its own size and weight: … + ${also},`)],
    );
  });

  test('each is of one, and what is said of all is shared out', () => {
    const each = readSaleLine('six jars, 3 1/2 x 3 1/2 x 6 in each, 11 oz each, sold 12 each, shipping 24', setting);
    expect(each).toMatchObject({ count: 6, weightLb: 11 / 16, soldMinor: 7200, shippingCollectedMinor: 2400, sizeIn: [3.5, 3.5, 6] });
    const all = readSaleLine('six jars, 3 1/2 x 3 1/2 x 6 in, 4 lb 2 oz, sold 72', setting);
    expect(all.weightLb).toBeCloseTo(66 / 16 / 6, 12);
    expect(all.soldMinor).toBe(7200);
    // as others say it: the word before the amount
    for (const text of [
      'pair of candlesticks, each 4 x 4 x 9 in, each 2 lb, each sold 44',
      'pair of candlesticks each 4 x 4 x 9 in, 2 lb each, sold 88',
      'pair of candlesticks, Each 4 x 4 x 9, each 2 lb, each sold 44',
      'pair of candlesticks, each about 4 x 4 x 9 in, about 2 lb each, sold 88',
      'pair of candlesticks about 4 x 4 x 9 in, ~2 lb each, sold 88',
    ])
      expect(readSaleLine(text, setting)).toMatchObject({
        title: 'candlesticks',
        count: 2,
        sizeIn: [4, 4, 9],
        weightLb: 2,
        soldMinor: 8800,
      });
    expect(readSaleLine('pair of jugs, each in its box', setting)).toMatchObject({ title: 'jugs, each in its box' });
    // of one alone each says nothing new
    expect(readSaleLine('jar, 11 oz each, sold 12 each', setting)).toMatchObject({ weightLb: 11 / 16, soldMinor: 1200 });
  });
});

test('a paste of two megabytes is refused at once', () =>
  expect(readSaleLine('jug, '.repeat(400_000), setting)).toMatchObject({
    readings: [{ problem: expect.stringMatching(/500/) as string }],
  }));

test('facts out of bounds are refused by name', () => {
  expect(() => readSale({ ...request().order, pieces: [{ ...FACTS, heightIn: 1001 }] })).toThrow(
    /heightIn of bowl must be above 0 and at most 1000, not 1001/,
  );
  expect(() => readSale({ ...request().order, pieces: [{ ...FACTS, weightLb: NaN }] })).toThrow(/weightLb/);
  expect(() => readSale({ ...request().order, pieces: [] })).toThrow(RangeError);
});

test.each<[string, object]>([
  ['stand 30 x 6 x 6, 7 lb', { title: 'stand', sizeIn: [30, 6, 6], weightLb: 7 }],
  ['six jars 3 1/2 x 3 1/2 x 6 each, 11 oz each', { title: 'jars', count: 6, sizeIn: [3.5, 3.5, 6], weightLb: 0.6875 }],
  ['print of a ship 8 x 10', { title: 'print of a ship', sizeIn: [8, 10] }],
  // a size of its own stands where it stands
  ['tile 6 inch, 6 x 6 x 1/2', { title: 'tile 6 inch', sizeIn: [6, 6, 0.5] }],
])('%s: a size behind a name needs no comma', (text, wanted) => expect(readSaleLine(text, setting)).toMatchObject(wanted));

test.each<[string, object]>([
  [
    'stoneware tea urn 9 x 8 x 14 in 6 lb 3 oz sold 84 to 40217 by Friday',
    {
      title: 'stoneware tea urn',
      sizeIn: [9, 8, 14],
      weightLb: 6.1875,
      soldMinor: 8400,
      destinationPostcode: '40217',
      shipBy: '2026-11-27',
    },
  ],
  [
    'six apothecary jars 3 1/2 x 3 1/2 x 6 11 oz each sold for 72 paid 14 shipping bin b4',
    {
      title: 'apothecary jars',
      count: 6,
      sizeIn: [3.5, 3.5, 6],
      weightLb: 0.6875,
      soldMinor: 7200,
      shippingCollectedMinor: 1400,
      bin: 'B4',
    },
  ],
  ['puzzle jug 16x13x17cm 918g sold 40 cost 9.50', { title: 'puzzle jug', weightLb: 918 / 453.59237, soldMinor: 4000, paidMinor: 950 }],
  ['sold 84 brass lamp to XN-04021', { title: 'brass lamp', soldMinor: 8400, destinationPostcode: 'XN-04021' }],
  ['jug weighs about 2 lb, sold 20', { title: 'jug', weightLb: 2, soldMinor: 2000 }],
  ['jug 2 lb 9 x 8 x 14', { title: 'jug', weightLb: 2, sizeIn: [9, 8, 14] }],
  // three sides are a size, whatever stands behind them
  [
    'oil lamp 14 x 6 x 6 with chimney and shade sold 60',
    { title: 'oil lamp, with chimney and shade', sizeIn: [14, 6, 6], soldMinor: 6000 },
  ],
  ['jug 6 lb 9 x 8 x 14 in with lid', { title: 'jug, with lid', weightLb: 6, sizeIn: [9, 8, 14] }],
  // what belongs to a title stays there
  ['5 x 7 frame 8 x 6 x 1 walnut', { title: '5 x 7 frame, walnut', sizeIn: [8, 6, 1] }],
  ['8 oz bottle 2 x 2 x 5 sold 12', { title: '8 oz bottle', sizeIn: [2, 2, 5], soldMinor: 1200 }],
  ['scale weight 2 lb, 3 x 3 x 3, 2 lb 1 oz', { title: 'scale weight 2 lb', weightLb: 2.0625, sizeIn: [3, 3, 3] }],
  ['8 x 10 prints of the harbour sold 12', { title: '8 x 10 prints of the harbour', soldMinor: 1200 }],
  ['a guide to birds by Marsh sold 9', { title: 'a guide to birds by Marsh', soldMinor: 900 }],
  ['paper bin blue sold 9', { title: 'paper bin blue', soldMinor: 900 }],
  ['stand for lamp sold 9', { title: 'stand for lamp', soldMinor: 900 }],
  ['clock for repair sold 9', { title: 'clock for repair', soldMinor: 900 }],
  ['vase sold cheap', { title: 'vase sold cheap' }],
])('%s: commas may be left out', (text, wanted) => {
  const { archetype: _, readings, ...line } = readSaleLine(text, setting);
  expect(line).toMatchObject(wanted);
  expect(readings.filter(({ problem }) => problem !== null)).toEqual([]);
  // every word stands in one reading, in order; a measure within a name in one more
  const apart = readings.filter(({ at }, i) => i === 0 || at[0] >= readings[i - 1]!.at[1]);
  expect(apart.map(({ at }) => text.slice(...at)).join(' ')).toBe(text.replaceAll(',', ''));
});

// as they are pasted from a list of sales: common practice, no source
test.each<[string, object]>([
  [
    'Vintage Stoneware Crock w/ lid 10x10x12in 14lbs $85',
    { title: 'Vintage Stoneware Crock w/ lid', sizeIn: [10, 10, 12], weightLb: 14, soldMinor: 8500 },
  ],
  ['figurine 8.5"H x 4"W x 3"D, 1lb 2oz, sold $45.00', { title: 'figurine', sizeIn: [4, 3, 8.5], weightLb: 1.125, soldMinor: 4500 }],
  ['brass lamp H22 x W8 x D7 6 lb', { title: 'brass lamp', sizeIn: [8, 7, 22], weightLb: 6 }],
  ['vase 12 in high, 6 in wide, 3 lb', { title: 'vase', sizeIn: [6, null, 12], weightLb: 3 }],
  ['brass vase, Height 12 in, width 6 in, depth 5 in, 45 $', { title: 'brass vase', sizeIn: [6, 5, 12], soldMinor: 4500 }],
  ['plate 10 1/2 inch diameter, 1 lb', { title: 'plate', sizeIn: [10.5, 10.5], weightLb: 1 }],
  ['2 lamps 20 x 8 x 8 5 lb ea sold 60 ea', { title: 'lamps', count: 2, sizeIn: [20, 8, 8], weightLb: 5, soldMinor: 12_000 }],
  ['pr brass candlesticks 4x4x9 2lb ea.', { title: 'brass candlesticks', count: 2, sizeIn: [4, 4, 9], weightLb: 2 }],
  ['doz. egg cups 2 x 2 x 3 2 oz each', { title: 'egg cups', count: 12, sizeIn: [2, 2, 3], weightLb: 0.125 }],
  // what belongs to a title stays there
  ['silver $1 coin sold 30', { title: 'silver $1 coin', soldMinor: 3000 }],
  ['vase, 12 in tall, 3 lb, 5 in wide', { title: 'vase', sizeIn: [5, null, 12], weightLb: 3 }],
  ['jewellery box 6 in square x 3 in, 1 lb', { title: 'jewellery box', sizeIn: [6, 6, 3], weightLb: 1 }],
  ['2 round boxes, 4 x 4 x 2', { title: 'round boxes', count: 2, sizeIn: [4, 4, 2] }],
  ['drops, 24, 3 x 1 x 1, 0.1 lb each', { title: 'drops', count: 24, sizeIn: [3, 1, 1], weightLb: 0.1 }],
  ['drops, 3 x 1 x 1, 0.1 lb each, 24, sold 48', { title: 'drops', count: 24, sizeIn: [3, 1, 1], weightLb: 0.1, soldMinor: 4800 }],
  // one side is better than none: the others are guessed in its measure
  ['brass lamp 22 in tall, 6 lb', { title: 'brass lamp', sizeIn: [null, null, 22], weightLb: 6 }],
  ['rug 5 ft long 9 lb', { title: 'rug', sizeIn: [60, null, null], weightLb: 9 }],
  ['doll 18 in tall blue dress, 2 lb', { title: 'doll 18 in tall blue dress', sizeIn: [null, null, 18], weightLb: 2 }],
  ['skillet 12 in diameter x 2 in, 18 in long, 8 lb', { title: 'skillet', sizeIn: [18, 12, 2], weightLb: 8 }],
  ['8 dinner plates 10.5 in diameter x 1 in, 1.4 lb each', { title: 'dinner plates', count: 8, sizeIn: [10.5, 10.5, 1], weightLb: 1.4 }],
  ['jar with lid, h, 3 lb', { title: 'jar with lid, h', weightLb: 3 }],
])('%s', (text, wanted) => {
  const { archetype: _, readings, ...line } = readSaleLine(text, setting);
  expect(line).toEqual(wanted);
  expect(readings.filter(({ problem }) => problem !== null)).toEqual([]);
});

test('with and without commas a line says the same', () => {
  const parts = ['tea urn', '9 x 8 x 14 in', '6 lb 3 oz', 'sold 84', 'shipping 12', 'to 40217', 'bin B4'];
  const facts = (line: ReturnType<typeof readSaleLine>) => ({ ...line, readings: line.readings.map(({ field }) => field) });
  expect(facts(readSaleLine(parts.join(' '), setting))).toEqual(facts(readSaleLine(parts.join(', '), setting)));
});

test.each([
  ['stoneware crock 10 x 10 x 10 + lid 10 x 10 x 2', ['compactCeramic', 'compactCeramic']],
  ['glass decanter + stopper + cut glass lid + six goblets', ['blownGlass', 'blownGlass', 'pressedGlass', 'blownGlass']],
  ['brass urn + glass lid', ['rigidMetal', 'blownGlass']],
  ['brass urn + stand', ['rigidMetal', undefined]],
  ['lid + brass urn', [undefined, 'rigidMetal']],
])('%s: a lid is of what it lies on, unless it says of what', (text, kinds) =>
  expect(readSaleLines(text, setting).map(({ archetype }) => archetype)).toEqual(kinds),
);

test('several pieces on one line are told apart by a plus with room on both sides', () => {
  expect(piecesOnLine('binnacle glass 9 x 9 x 11, 2 lb + stand 30 x 6 x 6, 7 lb')).toEqual([
    'binnacle glass 9 x 9 x 11, 2 lb',
    'stand 30 x 6 x 6, 7 lb',
  ]);
  expect(piecesOnLine('A+B radio, 9 x 9 x 9')).toHaveLength(1);
});

// three of one size are not graduated. Common practice, no source
test.each([
  ['set of three graduated copper pans, 8 x 8 x 4, 2 lb each', 'taken for each of the 3: are they of several sizes?'],
  ['12 assorted marbles, 1 x 1 x 1', 'taken for each of the 12: are they of several sizes?'],
  ['set of three graduated copper pans, 8 x 8 x 4 each', null],
  ['three copper pans, 8 x 8 x 4', null],
  ['graduated cylinder, 3 x 3 x 12', null],
])('%s: one size for several that are not alike is asked about', (text, asked) => {
  const size = readSaleLine(text, setting).readings.find(({ field }) => field === 'sizeIn')!;
  expect(size.asks ?? null).toEqual(asked === null ? null : expect.stringContaining(asked));
});

test('a side of a part that has a name is none of the piece, and stops nothing', () => {
  const { sizeIn, title, readings } = readSaleLine('lamp 22 in tall, base 6 in wide, 5 lb', setting);
  expect([sizeIn, title]).toEqual([[null, null, 22], 'lamp, base, 6 in wide']);
  expect(readings.filter(({ problem }) => problem !== null)).toEqual([]);
  expect(readings.find(({ text }) => text === '6 in wide')?.doubt).toMatch(/told before/);
});

test('a number by itself behind the size may be how many or a price, and is asked about', () => {
  const { count, soldMinor, readings } = readSaleLine('drops, 3 x 1 x 1, 0.1 lb each, 48', setting);
  expect([count, soldMinor]).toEqual([undefined, undefined]);
  expect(readings.find(({ text }) => text === '48')).toMatchObject({ field: null, problem: expect.stringMatching(/sold/) as string });
});
