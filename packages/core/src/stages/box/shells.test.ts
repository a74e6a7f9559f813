import { box, CHOICE, finish, request, STOCK, told } from '../../../tests/sampleRequest.ts';
import { BEDDED_HOUSE } from '../../house/House.ts';
import { planParcel } from '../../planParcel.ts';
import { fillVoids } from '../fill/fillVoids.ts';
import { overloadChance } from '../frontier/crushChance.ts';
import { inspectItem } from '../item/inspectItem.ts';
import { derivePlan } from '../plan/derivePlan.ts';
import { verifyPlan } from '../plan/verifyPlan.ts';
import { writePlanDocument } from '../plan/writePlanDocument.ts';
import { shellSundries, weighParcel } from '../weight/weighParcel.ts';
import { wrapItem } from '../wrap/wrapItem.ts';
import { crossed, cutDown, hasBoard, lined, shortened, wholeShell } from './makeShell.ts';
import { packingWay } from './packingWay.ts';
import { shellMaker, shellsFor } from './shellsFor.ts';
import { stowAsTold } from './stowAsTold.ts';
import { heldBare, shellsRound } from './stowInBox.ts';

const LINER = STOCK.linerBoard!;
const room = { boxes: [], linerBoard: LINER };

describe('a box made ready, worked by hand', () => {
  // blank 2(12 + 12) + 1.5 = 49.5 by 12 + 12 = 24 in; cut to 9: by 21
  test('cut down: depth, outside and tare go down with it', () => {
    const whole = wholeShell(box([12, 12, 12]));
    const low = cutDown(whole, 9);
    expect(low.insideIn).toEqual([12, 12, 9]);
    expect(low.outsideIn[2]).toBeCloseTo(whole.outsideIn[2] - 3, 12);
    expect(whole.tareLb).toBeCloseTo(((49.5 * 24) / 144) * 0.12, 12);
    expect(low.tareLb).toBeCloseTo(((49.5 * 21) / 144) * 0.12, 12);
  });

  // nobody folds a wall of a quarter of an inch. Judgement
  test('no side is shortened below three inches and no depth cut below one, however thin what it holds; a cross goes only where there is room', () => {
    const house = { ...BEDDED_HOUSE, shortens: true, cutsDown: true, crosses: true };
    const made = shellsFor(box([30, 8, 6]), [9, 0.2, 0.2], 0, room, house, shellMaker(room));
    expect(made.map(({ insideIn }) => insideIn)).toEqual(
      expect.arrayContaining([
        [30, 3, 6],
        [9, 8, 1],
      ]),
    );
    for (const { insideIn } of made) expect(insideIn[0] >= 3 && insideIn[1] >= 3 && insideIn[2] > 0).toBe(true);
    for (const { newDepthIn } of made) expect(newDepthIn ?? 6).toBeGreaterThanOrEqual(1);
    expect(crossed(wholeShell(box([40, 0.25, 6])), 2, LINER)).toBeNull();
    const derived = derivePlan(request({}, { stock: { boxes: [box([40, 0.25, 6], { key: 'slit' })] } }), {
      ...CHOICE,
      box: 'slit',
      crossIn: 2,
    });
    expect(derived.kind === 'plan' && derived.option.rated.weighed.filled.stowed.shell.crossIn).toBeNull();
  });

  // blank 2(10 + 12) + 1.5 = 45.5 by 10 + 10 = 20 in, the shorter side being the length now; two joints of 10 + 2 × 5 in
  test('shortened: length, outside and tare go down with it, and both joints take tape', () => {
    const whole = wholeShell(box([16, 12, 10]));
    const short = shortened(whole, { side: 'length', newIn: 10 });
    expect(short.insideIn).toEqual([10, 12, 10]);
    expect(short.outsideIn).toEqual([whole.outsideIn[0] - 6, whole.outsideIn[1], whole.outsideIn[2]]);
    expect(short.tareLb).toBeCloseTo(((45.5 * 20) / 144) * 0.12, 12);
    expect(short.made[0]).toMatchObject({ key: 'shortened', minutes: 4, tapeIn: 40, boardFt2: 0 });
    const feet = (shell: typeof short) =>
      (shellSundries(shell, STOCK, BEDDED_HOUSE).costMinor - shellSundries({ ...shell, made: [] }, STOCK, BEDDED_HOUSE).costMinor) /
      STOCK.outerTape.minorPerFt;
    expect([feet(short), feet(whole)]).toEqual([expect.closeTo(40 / 12, 9), 0]);
    // and cut down after that, from what is left
    const both = cutDown(short, 7);
    expect(both.insideIn).toEqual([10, 12, 7]);
    expect(both.tareLb).toBeCloseTo(((45.5 * 17) / 144) * 0.12, 12);
    expect(both.made.map(({ orders }) => orders[0]!.order)).toEqual([
      { kind: 'shorten', box: [16, 12, 10], side: 'length', new: 10, caliper: 0.156 },
      { kind: 'lower', box: [10, 12, 10], newDepth: 7, caliper: 0.156 },
    ]);
  });

  test('shortened only where the house has it and two inches come off, either side, never a carrier’s box', () => {
    const ways = (outer: ReturnType<typeof box>, house: Partial<typeof BEDDED_HOUSE>, locks = {}) =>
      shellsFor(outer, [6.1, 6.1, 8], 2, room, { ...BEDDED_HOUSE, ...house }, shellMaker(room), locks).map((shell) =>
        shell.shortened ? `${shell.shortened.side} ${shell.shortened.newIn}` : 'whole',
      );
    expect(ways(box([16, 13, 12]), {})).toEqual(['whole']);
    expect(ways(box([16, 13, 12]), { shortens: true })).toEqual(['whole', 'length 10.25', 'width 10.25']);
    expect(ways(box([16, 12, 12]), { shortens: true })).toEqual(['whole', 'length 10.25']);
    expect(ways(box([16, 13, 12], { container: 'free' }), { shortens: true })).toEqual(['whole']);
    expect(ways(box([16, 13, 12]), { shortens: true }, { shortened: null })).toEqual(['whole']);
    expect(ways(box([16, 13, 12]), {}, { shortened: { side: 'length', newIn: 14 } })).toEqual(['length 14']);
    // each with the depth cut down, where that pays too
    expect(ways(box([16, 12, 14]), { shortens: true, cutsDown: true })).toEqual(['whole', 'whole', 'length 10.25', 'length 10.25']);
  });

  // common practice, no source: what is far too long for its piece goes for less once it is made shorter
  test('the search shortens a box where postage by size is saved, and the nest holds what it says', () => {
    const long = { boxes: [box([30, 10, 10])] };
    const best = (house: Partial<typeof BEDDED_HOUSE>) => {
      const asked = request({ lengthIn: 6, widthIn: 6, heightIn: 6, weightLb: 3 }, { stock: long, house });
      const result = finish(planParcel(asked));
      if (result.kind === 'noPlan') throw new Error(result.reasons.join());
      const document = writePlanDocument(result.recommended, asked.house);
      expect(verifyPlan(document, asked)).toEqual([]);
      // worked out anew from its choice it is the same, and a box that is lengthened is not one
      const again = derivePlan(asked, document.choice);
      expect(again.kind === 'plan' && again.option.expectedMinor).toBe(result.recommended.expectedMinor);
      return document;
    };
    const plain = best({});
    const short = best({ shortens: true });
    expect(plain.box.shortened).toBeUndefined();
    expect(short.box.shortened).toMatchObject({ side: 'length' });
    expect(short.box.insideIn[0]).toBeLessThan(14);
    expect(short.expectedMinor).toBeLessThan(plain.expectedMinor);
  });

  // two panels 12 × 12 and four 11.688 × 11.688 or 12 × 11.688, by 0.12 lb a square foot
  test('lined: two calipers off every side, half as strong again', () => {
    const whole = wholeShell(box([12, 12, 12]));
    const liner = lined(whole, LINER)!;
    const inside = 12 - 2 * 0.156;
    expect(liner.insideIn).toEqual([inside, inside, inside].map((side) => expect.closeTo(side, 12) as number));
    expect(liner.outsideIn).toEqual(whole.outsideIn);
    const areaFt2 = (2 * 144 + 2 * 12 * inside + 2 * inside * inside) / 144;
    expect(liner.tareLb - whole.tareLb).toBeCloseTo(areaFt2 * 0.12, 10);
    expect(liner.costMinor - whole.costMinor).toBeCloseTo(areaFt2 * 1.1 * 14, 8);
    expect(overloadChance(liner, null, 1, true)).toBeLessThan(overloadChance(whole, null, 1, true));
    expect(lined(wholeShell(box([0.3, 5, 5])), LINER)).toBeNull();
  });

  test('cut down only where it takes three quarters of an inch off, to quarters, never a carrier’s box', () => {
    const house = { ...BEDDED_HOUSE, cutsDown: true };
    const depths = (outer: ReturnType<typeof box>, high: number) =>
      shellsFor(outer, [6, 6, high], 2, room, house, shellMaker(room)).map((shell) => shell.newDepthIn);
    expect(depths(box([12, 12, 12]), 6.1)).toEqual([null, 10.25]);
    expect(depths(box([12, 12, 12]), 7.3)).toEqual([null]);
    expect(depths(box([12, 12, 12], { container: 'free' }), 4)).toEqual([null]);
  });

  // two strips of √(12² + 12²) − 0.156 = 16.815 in by 3, ordinary board of 0.12 lb a square foot, a tenth lost to offcuts
  test('crossed: what is left under it, its board weighed and charged, the box as deep outside as it was', () => {
    const whole = wholeShell(box([12, 12, 12]));
    const cross = crossed(whole, 3, LINER)!;
    expect(cross.insideIn).toEqual([12, 12, 9]);
    expect(cross.outsideIn).toEqual(whole.outsideIn);
    const areaFt2 = (2 * (Math.hypot(12, 12) - 0.156) * 3) / 144;
    expect(cross.tareLb - whole.tareLb).toBeCloseTo(areaFt2 * 0.12, 10);
    expect(cross.costMinor - whole.costMinor).toBeCloseTo(areaFt2 * 1.1 * 14, 8);
    expect(crossed(whole, 12, LINER)).toBeNull();
  });

  test('a cross leaves just the bedding wanted, to quarters, where the house has it and there is board', () => {
    const house = { ...BEDDED_HOUSE, crosses: true };
    const crosses = (high: number, among = room, locks = {}) =>
      shellsFor(box([12, 12, 12]), [6, 6, high], 2, among, house, shellMaker(among), locks).map((shell) => [
        shell.crossIn,
        shell.insideIn[2],
      ]);
    expect(crosses(6.1)).toEqual([
      [null, 12],
      [1.75, 10.25],
    ]);
    expect(crosses(7.3)).toEqual([[null, 12]]);
    expect(crosses(6.1, { boxes: [], linerBoard: null as unknown as typeof LINER })).toEqual([[null, 12]]);
    expect(crosses(6.1, room, { crossIn: 0 })).toEqual([[null, 12]]);
    expect(crosses(6.1, room, { crossIn: 1 })).toEqual([[1, 11]]);
  });

  // common practice, no source: a cross saves fill where the box is wide and too deep; its board and minutes count too
  test('the search takes a cross where board is cheaper than the fill it saves, and the nest holds what it says', () => {
    const deep = { boxes: [box([18, 14, 20])] };
    const facts = { lengthIn: 6, widthIn: 6, heightIn: 6, weightLb: 3 };
    const best = (house: Partial<typeof BEDDED_HOUSE>) => {
      const asked = request(facts, { stock: deep, house });
      const result = finish(planParcel(asked));
      if (result.kind === 'noPlan') throw new Error(result.reasons.join());
      const document = writePlanDocument(result.recommended, asked.house);
      expect(verifyPlan(document, asked)).toEqual([]);
      return document;
    };
    const plain = best({});
    const withCross = best({ crosses: true });
    expect(plain.box.crossIn).toBeUndefined();
    expect(withCross.box.crossIn).toBeGreaterThanOrEqual(4);
    expect(withCross.expectedMinor).toBeLessThan(plain.expectedMinor);
    const ft3 = (plan: typeof plain) => plan.fills.reduce((sum, fill) => sum + fill.boughtFt3, 0);
    expect(ft3(withCross)).toBeLessThan(ft3(plain));
  });

  test('each way of packing has its name', () => {
    const whole = wholeShell(box([12, 12, 12]));
    expect([
      packingWay(whole, null),
      packingWay(whole, {}),
      packingWay(cutDown(whole, 8), null),
      packingWay(lined(whole, LINER)!, null),
      packingWay(wholeShell(box([12, 9, 1], { style: 'padded' })), null),
      packingWay(wholeShell(box([9, 9, 9], { container: 'free' })), null),
    ]).toEqual(['bedded', 'boxInBox', 'cutDown', 'lined', 'envelope', 'carrierBox']);
  });
});

describe('envelopes', () => {
  const chart = { archetype: 'paperGoods' as const, lengthIn: 11, widthIn: 8, heightIn: 0.5, weightLb: 0.6 };
  const stiff = box([14, 11, 2], { key: 'stiff', style: 'stiffened', priceMinor: 70 });
  const padded = box([14, 11, 2], { key: 'padded', style: 'padded', priceMinor: 40 });

  test('as thick as what it holds; two sheets of its face; no fill, no bedding wanted', () => {
    const { order } = request(chart);
    const wrapped = wrapItem(inspectItem(order, order.pieces[0]!), [{ material: 'tissue', turns: 1 }], STOCK, BEDDED_HOUSE);
    const stowed = stowAsTold([wrapped], told(stiff))!;
    expect(stowed.shell.outsideIn[2]).toBeCloseTo(0.5 + 0.06 + 2 * 0.156, 12);
    expect(stowed.shell.tareLb).toBeCloseTo(((2 * 14 * 11) / 144) * 0.12, 12);
    const weighed = weighParcel(fillVoids(stowed, null, null, BEDDED_HOUSE), STOCK, BEDDED_HOUSE);
    expect(weighed.filled.amounts).toEqual([]);
    // one that opens less is too small by what is missing
    const { gaps } = stowAsTold([wrapped], told(box([14, 11, 0.4], { style: 'padded' })))!;
    expect(gaps.bottom + gaps.top).toBeCloseTo(0.4 - 0.56, 12);
  });

  test('a stiff one does not bend, a soft one may; neither is crushed', () => {
    const asked = request(chart, { stock: { boxes: [stiff, padded] } });
    const causes = (name: string) => {
      const derived = derivePlan(asked, { ...CHOICE, layers: [{ material: 'tissue', turns: 1 }], box: name, fill: null });
      if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
      const { causes: found, faults } = writePlanDocument(derived.option, asked.house);
      expect(faults).toEqual([]);
      return Object.fromEntries(found.map((cause) => [cause.key, cause.chance]));
    };
    expect(causes('stiff')).toEqual({ mishap: expect.closeTo(0.0003, 12) as number });
    expect(causes('padded')).toEqual({ mishap: expect.closeTo(0.0003, 12) as number, crease: expect.closeTo(0.05, 12) as number });
  });

  test('chosen for flat goods, never for others', () => {
    const stock = { boxes: [...STOCK.boxes, stiff] };
    const flat = finish(planParcel(request(chart, { stock })));
    expect(flat.kind === 'planned' && flat.recommended.choice).toMatchObject({
      box: 'stiff',
      fill: null,
      orientation: expect.any(Array) as unknown,
    });
    const round = finish(planParcel(request({}, { stock })));
    expect(round.kind === 'planned' && round.frontier.some((option) => option.choice.box === 'stiff')).toBe(false);
  });

  // common practice, no source: gloves go in a mailer, and a coat that is thicker than it opens does not
  test('chosen for what is soft, as thick as it opens', () => {
    const mailer = { ...stiff, key: 'mailer', name: 'padded envelope', insideIn: [12, 9, 1], style: 'padded' } as const;
    const soft = (heightIn: number, locks: { box?: string } = {}) => {
      const facts = {
        archetype: 'textile',
        lengthIn: 9,
        widthIn: 6,
        heightIn,
        weightLb: 0.4,
        dampSensitive: false,
        finish: 'plain',
      } as const;
      const chosen = finish(planParcel(request(facts, { stock: { boxes: [...STOCK.boxes, mailer] }, locks })));
      return chosen.kind === 'planned' ? chosen.recommended.choice.box : chosen.reasons[0];
    };
    expect(soft(0.75)).toBe('mailer');
    // pressed together as much as such things give
    expect(soft(1.1, { box: 'mailer' })).toBe('mailer');
    expect(soft(1.6, { box: 'mailer' })).toMatch(/does not hold it/);
  });
});

test('a doubled face: one sheet more on that side only, felt and cushioned there', () => {
  const { order } = request({ archetype: 'handledWare' });
  const wrap = (doubled?: 'left') =>
    wrapItem(
      inspectItem(order, order.pieces[0]!),
      [{ material: 'largeBubble', turns: 1, ...(doubled ? { doubled } : {}) }],
      STOCK,
      BEDDED_HOUSE,
    );
  const [plain, more] = [wrap(), wrap('left')];
  expect(more.bundleIn[0] - plain.bundleIn[0]).toBeCloseTo(0.45, 12);
  expect(more.bundleIn.slice(1)).toEqual(plain.bundleIn.slice(1));
  expect(more.coverOnFaceIn).toMatchObject({ left: expect.closeTo(0.9, 12) as number, right: expect.closeTo(0.45, 12) as number });
  // 5.9 × 5.9 in more of it
  expect((more.weightLb - plain.weightLb) * 144).toBeCloseTo(5.9 * 5.9 * 0.02, 8);
});

describe('a board under it in the search', () => {
  const boards = (facts: Parameters<typeof request>[0]) => {
    const { order } = request(facts);
    const wrapped = wrapItem(inspectItem(order, order.pieces[0]!), [{ material: 'largeBubble', turns: 1 }], STOCK, BEDDED_HOUSE);
    const [held] = heldBare([wrapped]);
    return shellsRound(held!, { boxes: [box([12, 12, 12])], linerBoard: LINER }, BEDDED_HOUSE).map(hasBoard);
  };
  // common practice, no source: a board only under what sinks
  test('is looked at for what is heavy on its foot, not for what is light', () => {
    expect(boards({ weightLb: 0.5 })).toEqual([false]);
    expect(boards({ weightLb: 9 })).toEqual([false, true]);
  });

  test('weighs, costs and keeps the base: a dense piece in loose fill breaks less on it', () => {
    const asked = request({ archetype: 'denseGlass', weightLb: 8 }, { stock: { boxes: [box([12, 12, 12])] } });
    const plan = (board: boolean) => {
      const derived = derivePlan(asked, { ...CHOICE, board });
      if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
      return derived.option;
    };
    expect(plan(true).chance).toBeLessThan(plan(false).chance);
    expect(plan(true).nestCostMinor).toBeGreaterThan(plan(false).nestCostMinor);
  });
});
