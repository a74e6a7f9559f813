import { box, CHOICE, finish, request, STOCK } from '../../../tests/sampleRequest.ts';
import { planParcel } from '../../planParcel.ts';
import { derivePlan } from '../plan/derivePlan.ts';
import { stockUsed } from '../plan/stockUsed.ts';
import { verifyPlan } from '../plan/verifyPlan.ts';
import { writePlanDocument } from '../plan/writePlanDocument.ts';
import { writeBenchSteps } from '../bench/writeBenchSteps.ts';
import type { PlanChoice } from '../frontier/PlanOption.ts';
import { tubesFor } from './cornered.ts';

const FACTS = { lengthIn: 6, widthIn: 6, heightIn: 6, weightLb: 4 };
const asked = request(FACTS, { stock: { boxes: [box([12, 12, 12])] } });
const WEDGED: PlanChoice = { ...CHOICE, box: '12x12x12', layers: [{ material: 'largeBubble', turns: 1 }] };

const plan = (choice: Partial<PlanChoice>, of = asked) => {
  const derived = derivePlan(of, { ...WEDGED, ...choice });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  return derived.option;
};

// exact: a tube of radius r leaves g·√2 − r·(√2 − 1) before the corner of what stands g from both walls
test.each([
  [2, 2, 3],
  [1, 1, 1.5],
  [0.5, 0.5, 1],
  [2, 3, 4],
])('gaps of %s and %s take a tube of %s in: the thinnest that is pressed by a tenth, and by no more than half', (left, front, acrossIn) => {
  const found = tubesFor({ insideIn: [14, 14, 10], gaps: { left, front } })!;
  expect(found.acrossIn).toBe(acrossIn);
  expect(1 - found.pressedToIn / acrossIn).toBeGreaterThanOrEqual(0.1);
  expect(1 - found.pressedToIn / acrossIn).toBeLessThanOrEqual(0.5);
});

test('no tube stands in gaps too wide, too narrow, or too far from alike', () => {
  for (const [left, front] of [
    [5, 5],
    [0.1, 0.1],
    [1, 3],
    [0, 0],
    [-1, 2],
  ])
    expect(tubesFor({ insideIn: [14, 14, 10], gaps: { left: left!, front: front! } })).toBeNull();
});

test('four tubes as deep as the box: their feet weigh and cost what foam tube does, and the fill makes room for them', () => {
  const [plain, wedged] = [plan({}), plan({ tubes: true })];
  const { tubes } = wedged.rated.weighed.filled.stowed;
  // 12 in deep, four of them: 4 ft at 30 cents and 0.02 lb a foot
  const part = wedged.rated.weighed.filled.stowed.shell.made.find(({ key }) => key === 'tubes')!;
  expect(part).toMatchObject({ costMinor: 120, weightLb: 0.08, minutes: 2.5 });
  expect(tubes).toMatchObject({ count: 4, eachIn: 12 });
  const fill = (option: typeof plain) => stockUsed(option).find(({ kind }) => kind === 'fill')!.amount;
  const room = ((tubes!.floorIn2 * 12) / 1728) * (1 + asked.house.overfillShare);
  expect(fill(plain) - fill(wedged)).toBeCloseTo(room, 9);
  expect(wedged.rated.weighed.filled.driftChance).toBeCloseTo(plain.rated.weighed.filled.driftChance / 2, 12);
  expect(wedged.chance).toBeLessThan(plain.chance);
  expect(verifyPlan(writePlanDocument(wedged, asked.house), asked)).toEqual([]);
});

test('they are stood in before the sides are filled, as the cutting table cuts them', () => {
  const steps = writeBenchSteps(plan({ tubes: true }), asked.house);
  const at = steps.findIndex(({ key }) => key === 'box:tubes');
  expect(steps[at - 1]!.key).toBe('box:in');
  expect(steps[at + 1]!.key).toBe('box:sides');
  expect(steps[at]!.says).toMatch(/^4 of foam tube 4 in across, cut 12 in long: one upright in each corner/);
  expect(steps[at]!.cuts![0]!.order).toMatchObject({ kind: 'tubes', inside: [12, 12, 12] });
});

test('where none goes in they are left out, and the choice says so', () => {
  const tight = request(FACTS, { stock: { boxes: [box([20, 12, 12])] } });
  const without = plan({ tubes: true, box: '20x12x12' }, tight);
  expect(without.choice.tubes).toBeUndefined();
  expect(without.costMinor).toBe(plan({ box: '20x12x12' }, tight).costMinor);
});

// common practice, no source: what drifts into its fill is wedged; who wraps little and is worth much gains by it
test('the search stands tubes in the corners where the house has them and they pay, and where somebody pinned them', () => {
  const loose = { boxes: [box([12, 12, 12])], fills: STOCK.fills.filter(({ key }) => key === 'mouldedFill') };
  const dear = request(
    { ...FACTS, weightLb: 5, archetype: 'handledWare', replacementMinor: 500_000 },
    { stock: loose, locks: { layers: [{ material: 'largeBubble', turns: 1 }] } },
  );
  const best = (of: typeof dear) => {
    const result = finish(planParcel(of));
    if (result.kind === 'noPlan') throw new Error(result.reasons.join());
    return result.recommended;
  };
  const plain = best(dear);
  expect(plain.choice.tubes).toBeUndefined();
  const having = best({ ...dear, house: { ...dear.house, cornerTubes: true } });
  expect(having.choice.tubes).toBe(true);
  expect(having.expectedMinor).toBeLessThan(plain.expectedMinor);
  // a cheap tin would never pay for them, but whoever pins them has them
  const cheap = request({ ...FACTS, archetype: 'rigidMetal', weightLb: 1 }, { stock: { boxes: [box([12, 12, 12])] } });
  expect(best({ ...cheap, house: { ...cheap.house, cornerTubes: true } }).choice.tubes).toBeUndefined();
  expect(best({ ...cheap, locks: { ...cheap.locks, tubes: true } }).choice.tubes).toBe(true);
});
