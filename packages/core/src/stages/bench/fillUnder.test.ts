import { box, CHOICE, FACTS, request, STOCK } from '../../../tests/sampleRequest.ts';
import { IN3_PER_FT3 } from '../../units/index.ts';
import type { PlanChoice } from '../frontier/PlanOption.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import { derivePlan } from '../plan/derivePlan.ts';
import type { PlanRequest } from '../plan/PlanRequest.ts';
import { writeBenchSteps } from './writeBenchSteps.ts';

// What stands wide upon what is narrow stands over room that nobody reaches afterwards. Common practice, no source: fill level first.

const WRAP = [{ material: 'largeBubble', turns: 2 }];
const sized = ([lengthIn, widthIn, heightIn]: Triple) => ({ lengthIn, widthIn, heightIn });

/** The second upon the first, or beside it. */
function packed(sizes: readonly [Triple, Triple], along: 0 | 2 = 2, more: Partial<PlanChoice> = {}) {
  const one = request({}, { stock: { ...STOCK, boxes: [box([24, 20, 20])] } });
  const pieces = sizes.map((size, at) => ({ ...FACTS, ...sized(size), id: `00000000-0000-4000-8000-00000000001${at}` }));
  const asked: PlanRequest = { ...one, order: { ...one.order, pieces }, pieceIds: pieces.map(({ id }) => id) };
  const choice: PlanChoice = {
    ...CHOICE,
    layers: WRAP,
    box: '24x20x20',
    others: [{ layers: WRAP, orientation: [0, 1, 2] }],
    stand: { along, parts: [0, 1] },
    ...more,
  };
  const derived = derivePlan(asked, choice);
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  const { filled } = derived.option.rated.weighed;
  return { option: derived.option, filled, house: asked.house, steps: writeBenchSteps(derived.option, asked.house) };
}
const NARROW: Triple = [10, 4, 6];
const WIDE: Triple = [10, 10, 5];

test('beside what stands low the room is filled, level, before what goes over it', () => {
  const { steps, filled, house } = packed([NARROW, WIDE]);
  const titles = steps.map(({ title }) => title);
  const at = titles.indexOf('Fill under B');
  expect([titles[at - 1], titles[at + 1]]).toEqual(['Put A in', 'Put B in']);
  expect(steps[at]!.says).toMatch(/^\d.* of moulded loose fill, beside A, level: B is to stand on both\.$/);
  expect(steps[at]!.picture).toMatchObject({ inBox: 'in', put: [0] });
  // by hand: as long as the wide one, as deep as it stands over the narrow one, as high as that
  const [low, over] = filled.stowed.bundles;
  const roomFt3 = (over!.sizeIn[0] * (over!.sizeIn[1] - low.sizeIn[1]) * low.sizeIn[2]) / IN3_PER_FT3;
  const told = steps[at]!.amounts[0]!;
  // with what is pressed in beside, to what a hand takes
  expect(Math.abs(told.amount - (roomFt3 * (1 + house.overfillShare)) / STOCK.fills[0]!.unitFt3)).toBeLessThanOrEqual(0.5);
});

test('several alike are told as several', () => {
  const one = request({}, { stock: { ...STOCK, boxes: [box([24, 20, 20])] } });
  const pieces = [sized(NARROW), { ...sized([5, 10, 5]), count: 2 }].map((more, at) => ({
    ...FACTS,
    ...more,
    id: `00000000-0000-4000-8000-00000000001${at}`,
  }));
  const asked: PlanRequest = { ...one, order: { ...one.order, pieces }, pieceIds: pieces.map(({ id }) => id) };
  const derived = derivePlan(asked, {
    ...CHOICE,
    layers: WRAP,
    box: '24x20x20',
    others: [{ layers: WRAP, orientation: [0, 1, 2], grid: [2, 1, 1] }],
    stand: { along: 2, parts: [0, 1] },
  });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  const under = writeBenchSteps(derived.option, asked.house).find(({ title }) => title.startsWith('Fill under'))!;
  expect(under.says).toMatch(/beside A, level: B and C are to stand on both\.$/);
});

test('all places together are what is bought, and the minutes the plan’s own', () => {
  for (const { steps, filled, option } of [packed([NARROW, WIDE]), packed([WIDE, NARROW]), packed([NARROW, WIDE], 0)]) {
    const fills = steps.flatMap(({ amounts }) => amounts.filter(({ stock }) => stock?.kind === 'fill'));
    expect(fills.reduce((sum, { amount }) => sum + amount, 0)).toBeCloseTo(
      filled.amounts.reduce((sum, { units }) => sum + units, 0),
      9,
    );
    expect(steps.reduce((sum, { minutes }) => sum + minutes, 0)).toBeCloseTo(option.minutes, 6);
  }
});

test('nothing is told where nothing stands over room: narrow upon wide, side by side, or less than a hand takes', () => {
  const SCARCELY: Triple = [10, 4.1, 5];
  for (const { steps } of [packed([WIDE, NARROW]), packed([NARROW, WIDE], 0), packed([NARROW, SCARCELY])])
    expect(steps.map(({ title }) => title)).not.toContain('Fill under B');
});

test('where the top has a fill of its own, what it would be is told by the same fill as it is reckoned with', () => {
  const { steps } = packed([NARROW, WIDE], 2, { fillApart: { top: 'crumpledPaper' } });
  const step = steps.find(({ title }) => title === 'Fill under B')!;
  expect(step.amounts[0]!.stock).toEqual({ kind: 'fill', key: 'crumpledPaper' });
});
