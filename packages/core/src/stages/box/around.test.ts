import { box, CHOICE, finish, request, STOCK } from '../../../tests/sampleRequest.ts';
import { planParcel } from '../../planParcel.ts';
import { writeBenchSteps } from '../bench/writeBenchSteps.ts';
import type { PlanChoice, PlanOption } from '../frontier/PlanOption.ts';
import { derivePlan } from '../plan/derivePlan.ts';
import { nextBestChanges } from '../plan/nextBestChanges.ts';
import { shockOnFaces } from '../frontier/shockJourney.ts';
import { stockUsed } from '../plan/stockUsed.ts';
import { verifyPlan } from '../plan/verifyPlan.ts';
import { writePlanDocument } from '../plan/writePlanDocument.ts';

// Several bundles, each in its own wrap, wound together once more: Steiner’s length round a block, exact geometry.

const PAIR = { archetype: 'fineMetal', lengthIn: 3, widthIn: 3, heightIn: 8, weightLb: 2, count: 2 } as const;
const ROOM = { stock: { boxes: [box([12, 10, 12]), box([14, 12, 14]), box([16, 14, 16])] } };
const asked = request(PAIR, ROOM);
const NEST: PlanChoice = { ...CHOICE, layers: [{ material: 'smallBubble', turns: 1 }], box: '14x12x14', grid: [2, 1, 1] };
const ROUND = { material: 'largeBubble', turns: 2 } as const;
const derive = (choice: Partial<PlanChoice>, of = asked): PlanOption => {
  const derived = derivePlan(of, { ...NEST, ...choice });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  return derived.option;
};
const [apart, wound] = [derive({}), derive({ around: ROUND })];
const stowed = ({ rated }: PlanOption) => rated.weighed.filled.stowed;
const LARGE = STOCK.wraps.find(({ key }) => key === 'largeBubble')!;
const THICK_IN = 2 * LARGE.thicknessIn;

test('the block grows by its turns on every side, and its bundles stand as far in as that', () => {
  expect(stowed(wound).blockIn).toEqual(stowed(apart).blockIn.map((side) => expect.closeTo(side + 2 * THICK_IN, 9) as number));
  expect(stowed(wound).bundles[0].atIn).toEqual([THICK_IN, THICK_IN, THICK_IN].map((side) => expect.closeTo(side, 9) as number));
  expect(stowed(wound).gaps.left).toBeCloseTo(stowed(apart).gaps.left - THICK_IN, 9);
});

// n turns of a sheet t thick round a girth g are n·g + π·t·n² long (Steiner); as wide as the block, its ends folded in
test('its sheet is as long as turns round a block are, and is weighed, charged, timed and taken from the roll', () => {
  const [long, wide, high] = [...stowed(apart).blockIn].sort((a, b) => b - a) as [number, number, number];
  const lengthIn = 2 * 2 * (wide + high) + Math.PI * LARGE.thicknessIn * 4;
  const sheets = Math.ceil((long + high + 2 * THICK_IN) / LARGE.rollWidthIn);
  const areaFt2 = (lengthIn * sheets * LARGE.rollWidthIn) / 144;
  expect(stowed(wound).around).toMatchObject({ lengthIn: expect.closeTo(lengthIn, 9) as number, sheets });
  const part = stowed(wound).shell.made.find(({ key }) => key === 'around')!;
  expect(part.weightLb).toBeCloseTo(areaFt2 * LARGE.lbPerFt2, 9);
  expect(part.minutes).toBeCloseTo(2 * LARGE.minutesPerTurn, 9);
  const perFt2 = LARGE.priceMinor / ((LARGE.rollWidthIn * LARGE.rollLengthIn) / 144);
  expect(part.costMinor).toBeCloseTo(areaFt2 * perFt2 * (1 + asked.house.scrapShare), 6);
  const large = (option: PlanOption) => stockUsed(option).find(({ kind, key }) => kind === 'wrap' && key === 'largeBubble')?.amount ?? 0;
  expect(large(wound) - large(apart)).toBeCloseTo(areaFt2, 9);
  expect(verifyPlan(writePlanDocument(wound, asked.house), asked)).toEqual([]);
});

test('a landing meets it after the wraps of each; a parcel wound together breaks no more often', () => {
  const layers = (option: PlanOption) =>
    shockOnFaces(option.rated.weighed.filled, 0)!.faces.front.layers.map(({ thicknessIn }) => thicknessIn);
  const [one, two] = [layers(apart), layers(wound)];
  expect(two).toHaveLength(one.length + 1);
  expect(two.slice(0, one.length - 1)).toEqual(one.slice(0, -1));
  expect(two.at(-2)).toBeCloseTo(THICK_IN, 9);
  expect(wound.chance).toBeLessThanOrEqual(apart.chance);
});

test('at the bench they are wrapped together before the box is formed, and go in as one', () => {
  const steps = writeBenchSteps(wound, asked.house);
  const keys = steps.map(({ key }) => key);
  expect(keys.indexOf('bundle:around')).toBeGreaterThan(0);
  expect(keys.indexOf('bundle:around')).toBeLessThan(keys.indexOf('box:form'));
  expect(steps.find(({ key }) => key === 'bundle:around')!.says).toMatch(/2 turns round them all/);
  expect(steps.reduce((sum, { minutes }) => sum + minutes, 0)).toBeCloseTo(wound.minutes, 9);
  expect(steps.filter(({ key }) => key.startsWith('box:in'))).toHaveLength(1);
});

test('one bundle has nothing to be wrapped together with; card goes round nothing', () => {
  const single = request({ ...PAIR, count: 1 }, ROOM);
  expect(derive({ around: ROUND, grid: [1, 1, 1] }, single).choice.around).toBeUndefined();
  const card = { ...LARGE, key: 'card', name: 'Backing card', stiff: true };
  const stiff = request(PAIR, { stock: { ...ROOM.stock, wraps: [...STOCK.wraps, card] } });
  expect(derivePlan(stiff, { ...NEST, around: { material: 'card', turns: 1 } })).toMatchObject({
    kind: 'noPlan',
    reasons: [expect.stringMatching(/^card is nothing/)],
  });
});

test('different ones too: each stands as far in, in the same order', () => {
  const other = '00000000-0000-4000-8000-000000000009';
  const two = {
    ...request({ ...PAIR, count: 1 }, ROOM),
    order: {
      ...asked.order,
      pieces: [
        { ...asked.order.pieces[0]!, count: 1 },
        { ...asked.order.pieces[0]!, id: other, count: 1, heightIn: 5, weightLb: 1 },
      ],
    },
    pieceIds: [...asked.pieceIds, other],
  };
  const stand = { along: 0, parts: [0, 1] } as const;
  const others = [{ layers: NEST.layers, orientation: [0, 1, 2] as const }];
  const { grid: _, ...bare } = NEST;
  const derived = [{}, { around: ROUND }].map((more) => derivePlan(two, { ...bare, others, stand, ...more }));
  const [plain, round] = derived.map((one) => {
    if (one.kind === 'noPlan') throw new Error(one.reasons.join());
    return stowed(one.option).bundles.map(({ atIn }) => atIn);
  });
  expect(round).toEqual(plain!.map((at) => at.map((side) => expect.closeTo(side + THICK_IN, 9) as number)));
});

test('pinned it is there whatever the search finds, in a box that takes it; without it is one change', () => {
  const result = finish(planParcel({ ...asked, locks: { around: ROUND } }));
  if (result.kind === 'noPlan') throw new Error(result.reasons.join());
  expect(result.recommended.choice.around).toEqual(ROUND);
  expect(verifyPlan(writePlanDocument(result.recommended, asked.house), asked)).toEqual([]);
  const kinds = nextBestChanges(asked, wound.choice).map(({ change }) => change.kind);
  const plain = nextBestChanges(asked, apart.choice).map(({ change }) => change.kind);
  expect([kinds.includes('unwound'), plain.includes('unwound')]).toEqual([true, false]);
});
