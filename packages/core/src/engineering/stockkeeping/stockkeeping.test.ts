import fc from 'fast-check';
import { addDays } from '../../units/index.ts';
import { ORDINARY_FILLS, ORDINARY_LINER_BOARD, ORDINARY_TAPES, ORDINARY_WRAPS } from '../materials/ordinaryStock.ts';
import type { Stockroom } from '../materials/stock.ts';
import { box } from '../../../tests/sampleRequest.ts';
import { averagePrice } from './averagePrice.ts';
import { countedStock } from './countedStock.ts';
import { movedStock } from './movedStock.ts';
import { orderPoint, stockAhead, stockValue, USUAL_LEAD_DAYS } from './reorder.ts';
import type { StockMove } from './StockMove.ts';
import { usedByWeek, weeklyUse } from './weeklyUse.ts';

const TODAY = '2026-11-27';
const STOCK: Stockroom = {
  boxes: [box([12, 10, 8], { key: 'a', onHand: 10, priceMinor: 100 }), box([8, 8, 8], { key: 'free', onHand: 5, container: 'carrier' })],
  wraps: [{ ...ORDINARY_WRAPS.smallBubble, onHandFt2: 300 }],
  fills: [{ ...ORDINARY_FILLS.mouldedFill, onHandFt3: 9 }],
  innerTape: ORDINARY_TAPES.paper,
  outerTape: ORDINARY_TAPES.clear,
  linerBoard: { ...ORDINARY_LINER_BOARD, onHandFt2: 40 },
};
const move = (amount: number, daysAgo: number, part: Partial<StockMove> = {}): StockMove => ({
  kind: 'box',
  key: 'a',
  amount,
  why: amount < 0 ? 'used' : 'received',
  day: addDays(TODAY, -daysAgo),
  paidMinor: null,
  leadDays: null,
  ...part,
});

describe('average price', () => {
  // the worked example every bookkeeping text has: 100 at 10, then 50 at 13, are 150 at 11
  test('a hundred at ten and fifty at thirteen are worth eleven each', () => {
    expect(averagePrice(100, 10, 50, 650)).toBeCloseTo(11, 12);
  });

  test('nothing there, or less than nothing: what was paid now', () => {
    expect(averagePrice(0, 10, 20, 300)).toBe(15);
    expect(averagePrice(-5, 10, 20, 300)).toBe(15);
  });

  test('money is kept: what was there and what was paid are what is there now', () => {
    const amount = fc.double({ min: 0.1, max: 1e4, noNaN: true });
    fc.assert(
      fc.property(amount, amount, amount, amount, (had, each, came, paid) => {
        const after = averagePrice(had, each, came, paid);
        expect(after * (had + came)).toBeCloseTo(had * each + paid, 3);
        // and a delivery that is taken back leaves the price as it was
        expect(averagePrice(had + came, after, -came, -paid)).toBeCloseTo(each, 3);
      }),
    );
  });
});

describe('moves', () => {
  test.each([
    ['box', 'a', 4, 14],
    ['wrap', ORDINARY_WRAPS.smallBubble.key, -20.5, 279.5],
    ['fill', ORDINARY_FILLS.mouldedFill.key, 3, 12],
    ['board', 'sheetBoard', -8, 32],
  ] as const)('%s %s by %d', (kind, key, amount, onHand) => {
    const after = movedStock(STOCK, { kind, key, amount, paidMinor: null })!;
    const of = (stock: Stockroom) => countedStock(stock).find((one) => one.kind === kind && one.key === key)!;
    expect(of(after).onHand).toBeCloseTo(onHand, 9);
    expect(of(after).eachMinor).toBe(of(STOCK).eachMinor);
    // and nothing else moved
    const others = (stock: Stockroom) => countedStock(stock).filter((one) => one.kind !== kind || one.key !== key);
    expect(others(after)).toEqual(others(STOCK));
  });

  test('a delivery brings the price of a roll along, whatever a roll holds', () => {
    const roll = STOCK.wraps[0]!;
    const rollFt2 = (roll.rollWidthIn * roll.rollLengthIn) / 144;
    // as much again for twice the price of what is there: half as dear again
    const after = movedStock(STOCK, { kind: 'wrap', key: roll.key, amount: 300, paidMinor: (2 * 300 * roll.priceMinor) / rollFt2 })!;
    expect(after.wraps[0]!.priceMinor).toBe(Math.round(1.5 * roll.priceMinor));
  });

  test('what the stockroom does not hold does not move', () => {
    for (const kind of ['box', 'wrap', 'fill'] as const)
      expect(movedStock(STOCK, { kind, key: 'nothing', amount: 1, paidMinor: null })).toBeNull();
    expect(movedStock({ ...STOCK, linerBoard: null }, { kind: 'board', key: 'sheetBoard', amount: 1, paidMinor: null })).toBeNull();
  });

  test('carriers’ own boxes are not counted', () => {
    expect(countedStock(STOCK).map(({ key }) => key)).not.toContain('free');
  });

  test('stock is worth what was paid, and what is below nothing is worth nothing', () => {
    const bare = { ...STOCK, wraps: [], fills: [], linerBoard: null };
    expect(stockValue(countedStock(bare))).toBe(1000);
    expect(stockValue(countedStock(movedStock(bare, { kind: 'box', key: 'a', amount: -30, paidMinor: null })!))).toBe(0);
  });
});

describe('what goes in a week', () => {
  test('weeks are counted back from today; a week that is not whole is left out', () => {
    const moves = [move(-7, 23), move(-3, 15), move(-2, 14), move(-4, 8), move(-1, 7), move(-5, 0), move(40, 6)];
    expect(usedByWeek(moves, TODAY)).toEqual([5, 5, 5]);
  });

  test('of the first days the week so far is all there is', () => {
    expect(usedByWeek([move(-3, 2)], TODAY)).toEqual([3]);
    expect(usedByWeek([], TODAY)).toEqual([]);
    expect(weeklyUse([])).toEqual({ perWeek: 0, spread: 0, weeks: 0 });
  });

  test('the same every week is that much, without spread', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 12 }), fc.double({ min: 0, max: 100, noNaN: true }), (weeks, each) => {
        const { perWeek, spread } = weeklyUse(Array.from({ length: weeks }, () => each));
        expect(perWeek).toBeCloseTo(each, 9);
        expect(spread).toBeCloseTo(0, 6);
      }),
    );
  });

  test('within what went at least and at most, and nearer to what went last', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0, max: 100, noNaN: true }), { minLength: 2, maxLength: 12 }), (used) => {
        const { perWeek } = weeklyUse(used);
        expect(perWeek).toBeGreaterThanOrEqual(Math.min(...used) - 1e-9);
        expect(perWeek).toBeLessThanOrEqual(Math.max(...used) + 1e-9);
        const more = weeklyUse([...used.slice(0, -1), used.at(-1)! + 10]).perWeek - perWeek;
        const earlier = weeklyUse([used[0]! + 10, ...used.slice(1)]).perWeek - perWeek;
        expect(more).toBeGreaterThan(earlier);
      }),
    );
  });
});

describe('when to order, and how much', () => {
  // 100 a week, deviation 20, four weeks' wait, 95%: 400 + 1.645 × 20 × 2, the textbook's example of this kind
  test('a hundred a week, give or take twenty, four weeks to wait: below 466', () => {
    expect(orderPoint(100, 20, 28)).toBeCloseTo(465.8, 6);
  });

  test('what is ordered at that point lasts in about nineteen waits of twenty', () => {
    let seed = 7;
    const uniform = () => (seed = (seed * 16807) % 2147483647) / 2147483647;
    const normal = () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
    const waits = 20_000;
    let lasted = 0;
    for (let i = 0; i < waits; i++) {
      const gone = [1, 2, 3].reduce((sum) => sum + 50 + 15 * normal(), 0);
      if (gone <= orderPoint(50, 15, 21)) lasted++;
    }
    expect(lasted / waits).toBeGreaterThan(0.94);
    expect(lasted / waits).toBeLessThan(0.96);
  });

  const boxAhead = (moves: readonly StockMove[], reserved = 0, onHand = 10) =>
    stockAhead(
      { ...STOCK, boxes: [{ ...STOCK.boxes[0]!, onHand }] },
      moves,
      reserved > 0 ? [{ kind: 'box', key: 'a', amount: reserved }] : [],
      TODAY,
    ).find(({ kind }) => kind === 'box')!;
  const everyWeek = [move(-7, 25), move(-7, 18), move(-7, 11), move(-7, 4)];

  test('one a day and ten left: ten days, and ordered in time for a week’s wait', () => {
    const ahead = boxAhead(everyWeek);
    expect(ahead).toMatchObject({ leadDays: USUAL_LEAD_DAYS, timed: false, toBuy: 0 });
    expect([ahead.perWeek, ahead.daysLeft, ahead.orderAt].map((figure) => Number(figure!.toFixed(9)))).toEqual([7, 10, 7]);
    expect(ahead.orderBy).toBe(addDays(TODAY, 3));
  });

  test('with four kept by nests six are left: it is time, for the wait and four weeks', () => {
    expect(boxAhead(everyWeek, 4)).toMatchObject({ available: 6, orderBy: TODAY, toBuy: 7 + 28 - 6, costMinor: 2900 });
  });

  test('a delivery that was timed tells how long one waits', () => {
    const ahead = boxAhead([...everyWeek, move(20, 20, { leadDays: 12 })]);
    expect(ahead).toMatchObject({ leadDays: 12, timed: true });
    expect(ahead.orderAt).toBeCloseTo(12, 9);
    expect(ahead.toBuy).toBe(12 + 28 - 10);
  });

  test('a delivery taken back never came', () => {
    const came = move(20, 20, { leadDays: 12 });
    expect(boxAhead([...everyWeek, came, move(-20, 20, { why: 'takenBack' })])).toEqual(boxAhead(everyWeek));
  });

  test('what nobody uses is not bought, unless nests want more than there is', () => {
    expect(boxAhead([])).toMatchObject({ perWeek: 0, daysLeft: null, orderBy: null, toBuy: 0 });
    expect(boxAhead([], 13)).toMatchObject({ available: -3, toBuy: 3 });
  });

  test('a used box is not bought, however many are wanted', () => {
    const boxes = [{ ...STOCK.boxes[0]!, earlierUses: 1 }];
    const [ahead] = stockAhead({ ...STOCK, boxes, wraps: [], fills: [] }, [], [{ kind: 'box', key: 'a', amount: 40 }], TODAY);
    expect(ahead).toMatchObject({ available: -30, toBuy: 0 });
  });

  test('sheets are bought by the roll', () => {
    const roll = (STOCK.wraps[0]!.rollWidthIn * STOCK.wraps[0]!.rollLengthIn) / 144;
    const used = [4, 11, 18].map((ago) => move(-400, ago, { kind: 'wrap', key: 'smallBubble' }));
    const ahead = stockAhead(STOCK, used, [], TODAY).find(({ key }) => key === 'smallBubble')!;
    expect(ahead.toBuy % roll).toBeCloseTo(0, 6);
    expect(ahead.toBuy).toBeGreaterThanOrEqual(ahead.orderAt + 4 * ahead.perWeek - ahead.available - 1e-9);
    expect(ahead.toBuy - roll).toBeLessThan(ahead.orderAt + 4 * ahead.perWeek - ahead.available);
  });
});
