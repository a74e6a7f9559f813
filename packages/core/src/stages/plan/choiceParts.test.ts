import { box, CHOICE, point, request, SERVICE, STOCK } from '../../../tests/sampleRequest.ts';
import { writeBenchSteps } from '../bench/writeBenchSteps.ts';
import { stockUsed } from './stockUsed.ts';
import type { PlanChoice } from '../frontier/PlanOption.ts';
import { CHOICE_PARTS, MOVED, type Moved } from './choiceParts.ts';
import { derivePlan } from './derivePlan.ts';

// Each part of a choice is moved by itself; weight, cost, minutes, stock, steps and chance move with it, or the part
// says why not. (A board under the bundle once promised 110 times less breakage and was never weighed, charged or packed.)

const FACTS = {
  lengthIn: 7,
  widthIn: 5,
  heightIn: 4,
  weightLb: 6,
  replacementMinor: 60_000,
  hardPoints: [point('handle', 'right')],
  hollows: [{ id: 'inside', name: 'inside', volumeIn3: 30, filled: false, material: null }],
};
const MORE = {
  stock: {
    ...STOCK,
    boxes: [...STOCK.boxes, box([16, 16, 16]), box([10, 10, 10]), box([20, 18, 16]), box([24, 18, 16]), box([14, 12, 12])],
  },
};
const asked = request(FACTS, MORE);
const OTHER_ID = '00000000-0000-4000-8000-000000000002';
const THIRD_ID = '00000000-0000-4000-8000-000000000003';
/** Only several can stand otherwise. */
const pair = request({ ...FACTS, lengthIn: 4, weightLb: 3, count: 2 }, MORE);
/** Only different ones. */
const two = {
  ...request(FACTS, MORE),
  order: { ...asked.order, pieces: [...asked.order.pieces, { ...asked.order.pieces[0]!, id: OTHER_ID, lengthIn: 4, weightLb: 1 }] },
  pieceIds: [...asked.pieceIds, OTHER_ID],
};
/** Only some of several share a box. */
const three = {
  ...two,
  order: { ...two.order, pieces: [...two.order.pieces, { ...two.order.pieces[1]!, id: THIRD_ID }] },
  pieceIds: [...two.pieceIds, THIRD_ID],
};
const BASE: PlanChoice = { ...CHOICE, box: '16x16x16', layers: [{ material: 'largeBubble', turns: 2 }] };

/** Another value of each part; a part without one does not compile. */
const OTHER: { readonly [Part in keyof Required<PlanChoice>]: PlanChoice[Part] } = {
  guards: { 'handle-right': 'foamTube' },
  filledHollows: ['inside'],
  layers: [{ material: 'largeBubble', turns: 4 }],
  orientation: [2, 0, 1],
  grid: [1, 2, 1],
  others: [{ layers: [{ material: 'largeBubble', turns: 3 }], orientation: [0, 1, 2] }],
  stand: { along: 1, parts: [0, 1] },
  boxed: { box: '10x10x10', fill: 'mouldedFill' },
  inner: { box: '10x10x10', fill: 'mouldedFill' },
  box: '20x18x16',
  newDepthIn: 11,
  shortened: { side: 'length', newIn: 13 },
  crossIn: 3,
  liner: true,
  fill: STOCK.fills.find((fill) => fill.key !== CHOICE.fill)!.key,
  fillApart: { base: STOCK.fills.find((fill) => fill.key !== CHOICE.fill)!.key },
  baseGapIn: 2,
  extraFill: 0.5,
  board: true,
  cells: true,
  around: { material: 'largeBubble', turns: 1 },
  shared: { of: [0, 1], box: '16x16x16', fill: 'mouldedFill' },
  tubes: true,
  between: [{ pair: [0, 1], material: 'largeBubble', folds: 2 }],
  service: SERVICE.key,
  coverAdded: true,
  signature: true,
};

const BESIDE: PlanChoice = {
  ...BASE,
  box: '20x18x16',
  others: [{ layers: [{ material: 'largeBubble', turns: 2 }], orientation: [0, 1, 2] }],
  stand: { along: 0, parts: [0, 1] },
};
/** What only several have is moved among several. */
const SEVERAL: Partial<Record<keyof PlanChoice, [typeof asked, PlanChoice]>> = {
  grid: [pair, { ...BASE, grid: [2, 1, 1] }],
  cells: [pair, { ...BASE, grid: [2, 1, 1] }],
  others: [two, BESIDE],
  stand: [two, BESIDE],
  between: [two, BESIDE],
  around: [two, BESIDE],
  boxed: [two, { ...BESIDE, box: '24x18x16' }],
  shared: [three, { ...BESIDE, box: '24x18x16', others: [...BESIDE.others!, ...BESIDE.others!], stand: { along: 0, parts: [0, 1, 2] } }],
  // and tubes only hold what has much the same room at both walls of a corner
  tubes: [asked, { ...BASE, box: '14x12x12' }],
};

function figures(choice: PlanChoice, of = asked): Record<Moved, unknown> {
  const derived = derivePlan(of, choice);
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  const { option } = derived;
  const { weighed } = option.rated;
  return {
    weight: weighed.grossLb,
    cost: option.costMinor,
    minutes: option.minutes,
    stock: JSON.stringify(stockUsed(option)),
    steps: JSON.stringify(writeBenchSteps(option, asked.house).map(({ key, says }) => [key, says])),
    chance: option.chance,
  };
}

const parts = (Object.keys(CHOICE_PARTS) as (keyof PlanChoice)[]).filter((part) => part !== 'service');

test.each(parts)('%s moves what it must, and says what it leaves alone', (part) => {
  const [of, base] = SEVERAL[part] ?? [asked, BASE];
  const before = figures(base, of);
  const after = figures({ ...base, [part]: OTHER[part] }, of);
  const { still } = CHOICE_PARTS[part];
  const stayed = MOVED.filter((figure) => after[figure] === before[figure]);
  expect(stayed).toEqual(MOVED.filter((figure) => figure in still));
});

test('a board under it is weighed, charged, timed, counted and packed: two square feet of it', () => {
  const derived = derivePlan(asked, { ...BASE, board: true });
  const plain = derivePlan(asked, BASE);
  if (derived.kind === 'noPlan' || plain.kind === 'noPlan') throw new Error('no plan');
  // a pad of 15 3/4 in square of ordinary board, 0.120 lb and 14 cents a square foot, a tenth lost to offcuts
  const areaFt2 = 15.75 ** 2 / 144;
  expect(derived.option.rated.weighed.grossLb - plain.option.rated.weighed.grossLb).toBeCloseTo(areaFt2 * 0.12, 9);
  expect(derived.option.minutes - plain.option.minutes).toBeCloseTo(1, 9);
  const boxLine = (option: typeof plain.option) => option.costLines.find((line) => line.key === 'box')!.amountMinor;
  expect(boxLine(derived.option) - boxLine(plain.option)).toBeCloseTo(areaFt2 * 1.1 * 14, 9);
  expect(stockUsed(derived.option).find((use) => use.kind === 'board')!.amount).toBeCloseTo(areaFt2 * 1.1, 9);
  const steps = writeBenchSteps(derived.option, asked.house).map((step) => step.key);
  expect(steps.indexOf('box:board')).toBe(steps.indexOf('box:in') - 1);
  expect(steps.indexOf('box:base')).toBe(steps.indexOf('box:board') - 1);
});
