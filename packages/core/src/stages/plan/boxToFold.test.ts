import { box, CHOICE, finish, request, STOCK } from '../../../tests/sampleRequest.ts';
import { wrapAround } from '../../engineering/boxshop/wrapAround.ts';
import { ORDINARY_LINER_BOARD } from '../../engineering/materials/ordinaryStock.ts';
import { planParcel } from '../../planParcel.ts';
import { boxToFold, foldedRound, toFoldOf } from '../box/boxToFold.ts';
import { writeBenchSteps } from '../bench/writeBenchSteps.ts';
import type { PlanOption } from '../frontier/PlanOption.ts';
import { derivePlan } from './derivePlan.ts';
import { takeBox } from './inBox.ts';
import { nextBestChanges } from './nextBestChanges.ts';
import { stockUsed } from './stockUsed.ts';
import { verifyPlan } from './verifyPlan.ts';
import { writePlanDocument } from './writePlanDocument.ts';

// A box folded to measure from sheet board: exact geometry of its sheet, and a box like any other.

const SHEET = { ...ORDINARY_LINER_BOARD, onHandFt2: 100 };
const FACTS = { lengthIn: 13, widthIn: 4, heightIn: 3, weightLb: 2, hardPoints: [] } as const;
const asked = (house: object = {}, more: object = {}) => {
  const one = request(FACTS, { stock: { boxes: [box([12, 12, 12]), box([18, 18, 18])], linerBoard: SHEET, ...more } });
  return { ...one, house: { ...one.house, ...house } };
};
const INSIDE = [18, 9, 8] as const;
const KEY = boxToFold(INSIDE, SHEET)!.key;
const derive = (choice: object, of = asked()): PlanOption => {
  const derived = derivePlan(of, { ...CHOICE, orientation: [0, 1, 2], box: KEY, ...choice });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  return derived.option;
};

test('its key names its inside to the sixteenth, and it is the same box again', () => {
  const made = boxToFold([18.0625, 9.25, 8], SHEET)!;
  expect(toFoldOf(made.key, SHEET)).toEqual(made);
  for (const strange of ['to-fold-', 'to-fold-1-2', 'to-fold-1-2-x', 'to-fold-0-16-16', '12x12x12'])
    expect(toFoldOf(strange, SHEET)).toBeNull();
  expect(toFoldOf(made.key, null)).toBeNull();
});

test('it comes of one sheet of eight feet by four at most, and of as much board as there is', () => {
  expect(boxToFold([60, 40, 30], SHEET)).toBeNull();
  const ft2 = (wrapAround(INSIDE, SHEET.board.caliperIn).boardUsedIn2 / 144) * 1.1;
  expect(boxToFold(INSIDE, { ...SHEET, onHandFt2: ft2 + 0.01 })!.onHand).toBe(1);
  expect(boxToFold(INSIDE, { ...SHEET, onHandFt2: ft2 - 0.01 })!.onHand).toBe(0);
});

test('round what it holds there is the bedding asked for, up to a quarter of an inch more', () => {
  const held = [13.3, 14.9, 3.1] as const;
  foldedRound(held, 2).forEach((side, axis) => {
    const spare = side - [held[1], held[0], held[2]][axis]! - 4;
    expect(spare).toBeGreaterThanOrEqual(-1e-9);
    expect(spare).toBeLessThan(0.25);
    expect(side * 4).toBe(Math.round(side * 4));
  });
});

test('weighed and charged by its sheet, timed at the cutting table, and no box is taken from the stockroom', () => {
  const work = wrapAround(INSIDE, SHEET.board.caliperIn);
  const ft2 = work.boardUsedIn2 / 144;
  const option = derive({});
  const { shell } = option.rated.weighed.filled.stowed;
  expect(shell.tareLb).toBeCloseTo(ft2 * SHEET.board.lbPerFt2, 12);
  expect(shell.costMinor).toBeCloseTo(ft2 * 1.1 * SHEET.minorPerFt2, 9);
  expect(shell.outsideIn).toEqual(work.outsideIn);
  expect(shell.minutes).toBe(6);
  const uses = stockUsed(option);
  expect(uses.filter(({ kind }) => kind === 'box')).toEqual([]);
  expect(uses.find(({ kind }) => kind === 'board')!.amount).toBeCloseTo(ft2 * 1.1, 9);
  expect(verifyPlan(writePlanDocument(option, asked().house), asked())).toEqual([]);
});

test('the bench cuts it before it is formed, with the sheet’s own size, and folds it instead of taping its foot', () => {
  const steps = writeBenchSteps(derive({}), asked().house);
  const at = steps.findIndex(({ key }) => key === 'box:fold');
  expect(steps[at + 1]!.key).toBe('box:form');
  expect(steps[at + 1]!.says).toMatch(/fold the four sides up and tape the corners/);
  expect(steps[at]!.cuts).toEqual([{ order: { kind: 'wrapAround', inside: INSIDE, caliper: SHEET.board.caliperIn }, times: 1 }]);
  expect(steps.reduce((sum, { minutes }) => sum + minutes, 0)).toBeCloseTo(derive({}).minutes, 9);
});

describe('searched where the house folds them', () => {
  const best = (house: object, more: object = {}, locks: object = {}, every = false) =>
    finish(planParcel({ ...asked(house, more), locks }, every));
  const planned = (...args: Parameters<typeof best>) => {
    const chosen = best(...args);
    if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join('; '));
    return chosen;
  };
  const isFolded = ({ choice }: PlanOption) => choice.box.startsWith('to-fold-');

  test('it is recommended where it is better, never where it is worse, and not where the house does not', () => {
    const [without, within] = [planned({}), planned({ foldsBoxes: true })];
    expect(isFolded(without.recommended)).toBe(false);
    expect(within.frontier.some(isFolded)).toBe(true);
    // a cube of eighteen inches for something long and flat costs more to send than a sheet to fold
    expect(isFolded(within.recommended)).toBe(true);
    expect(within.recommended.expectedMinor).toBeLessThan(without.recommended.expectedMinor);
  });

  test('by the pruned search as by the whole', () => {
    const more = { fills: STOCK.fills.slice(0, 1) };
    const [pruned, every] = [planned({ foldsBoxes: true }, more), planned({ foldsBoxes: true }, more, {}, true)];
    expect(pruned.frontier.map(({ choice }) => choice)).toEqual(every.frontier.map(({ choice }) => choice));
    expect(pruned.considered).toBe(every.considered);
  });

  test('with no box on hand that holds it there is a nest all the same; with no board there is none', () => {
    const small = { boxes: [box([8, 8, 8])] };
    expect(isFolded(planned({ foldsBoxes: true }, small).recommended)).toBe(true);
    expect(best({ foldsBoxes: true }, { ...small, linerBoard: { ...SHEET, onHandFt2: 1 } }).kind).toBe('noPlan');
    expect(best({}, small).kind).toBe('noPlan');
  });

  test('pinned it is in every nest, whatever the house does', () => {
    for (const { choice } of planned({}, {}, { box: KEY }).frontier) expect(choice.box).toBe(KEY);
  });
});

test('taken by hand it goes in like any box, and is offered where board is there, not in one already', () => {
  const taken = takeBox(asked(), { ...CHOICE, orientation: [0, 1, 2], box: '18x18x18' }, KEY);
  expect(taken).toMatchObject({ box: KEY, newDepthIn: null });
  const offered = (of: ReturnType<typeof asked>, name: string) =>
    nextBestChanges(of, { ...CHOICE, orientation: [0, 1, 2], box: name }).flatMap(({ change }) =>
      change.kind === 'box' && change.box.startsWith('to-fold-') ? [change.box] : [],
    );
  const [key] = offered(asked(), '18x18x18');
  expect(toFoldOf(key, SHEET)).not.toBeNull();
  expect(offered(asked(), key!)).toEqual([]);
  expect(offered(asked({}, { linerBoard: null }), '18x18x18')).toEqual([]);
});
