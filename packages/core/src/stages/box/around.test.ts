import fc from 'fast-check';
import { box, CHOICE, finish, request, STOCK } from '../../../tests/sampleRequest.ts';
import { stoodTogether } from '../../engineering/stowage/standsFor.ts';
import { isPartOf, standsAll, type Stand } from '../../engineering/stowage/Stand.ts';
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

describe('round some of them: A and B of three in a row, the third beside them', () => {
  const idOf = (at: number) => `00000000-0000-4000-8000-00000000001${at}`;
  const SIDES: readonly (readonly [number, number, number])[] = [
    [3, 3, 8],
    [3, 4, 5],
    [4, 3, 6],
  ];
  const pieces = SIDES.map(([lengthIn, widthIn, heightIn], at) => ({
    ...asked.order.pieces[0]!,
    id: idOf(at),
    title: `piece ${at}`,
    count: 1,
    lengthIn,
    widthIn,
    heightIn,
    weightLb: 1 + at,
  }));
  const three = { ...asked, order: { ...asked.order, pieces }, pieceIds: pieces.map(({ id }) => id) };
  const { grid: _, ...bare } = NEST;
  const others = [1, 2].map(() => ({ layers: NEST.layers, orientation: [0, 1, 2] as const }));
  const nest = { ...bare, box: '16x14x16', others, stand: { along: 0, parts: [0, 1, 2] } as Stand };
  const made = (choice: Partial<PlanChoice>): PlanOption => {
    const derived = derivePlan(three, { ...nest, ...choice });
    if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
    return derived.option;
  };
  const [plain, some] = [made({}), made({ around: { ...ROUND, of: [0, 1] } })];
  const sizes = stowed(plain).bundles.map(({ sizeIn }) => sizeIn);

  test('those two stand as far in as its turns, the third outside of it, all of it by hand', () => {
    const { bundles, blockIn, around, emptyIn3 } = stowed(some);
    const pair = [sizes[0]![0] + sizes[1]![0], Math.max(sizes[0]![1], sizes[1]![1]), Math.max(sizes[0]![2], sizes[1]![2])];
    const outside = pair.map((side) => side + 2 * THICK_IN);
    const near = (all: readonly number[]) => all.map((side) => expect.closeTo(side, 9) as number);
    expect(around!.some).toMatchObject({ of: [0, 1], atIn: near([0, 0, 0]), sizeIn: near(outside) });
    expect(bundles[0].atIn).toEqual(near([THICK_IN, THICK_IN, THICK_IN]));
    expect(bundles[1]!.atIn).toEqual(near([THICK_IN + sizes[0]![0], THICK_IN, THICK_IN]));
    expect(bundles[2]!.atIn).toEqual(near([outside[0]!, 0, 0]));
    const whole = [outside[0]! + sizes[2]![0], Math.max(outside[1]!, sizes[2]![1]), Math.max(outside[2]!, sizes[2]![2])];
    expect(blockIn).toEqual(near(whole));
    // what is empty within it is filled by nobody
    const volume = (all: readonly number[]) => all[0]! * all[1]! * all[2]!;
    expect(emptyIn3).toBeCloseTo(volume(whole) - volume(outside) - volume(sizes[2]!), 9);
    expect(verifyPlan(writePlanDocument(some, asked.house), three)).toEqual([]);
  });

  test('a landing meets it on the way out of it and on the way in, and not between those two', () => {
    const on = (face: 'front' | 'left' | 'right', at: number) => shockOnFaces(some.rated.weighed.filled, at)!.faces[face].layers;
    const meets = (face: 'front' | 'left' | 'right', at: number) =>
      on(face, at).filter(({ thicknessIn }) => Math.abs(thicknessIn - THICK_IN) < 1e-9).length;
    expect([meets('front', 0), meets('front', 1), meets('front', 2)]).toEqual([1, 1, 0]);
    // B to the right has the third there and the wall beyond it; the third to the left has B, A and the wall
    expect([meets('right', 1), meets('left', 2)]).toEqual([1, 2]);
    expect(on('right', 1).length).toBe(shockOnFaces(plain.rated.weighed.filled, 1)!.faces.right.layers.length + 1);
  });

  test('they are wrapped together by their letters, go in as one and come out as one', () => {
    const steps = writeBenchSteps(some, asked.house);
    const wind = steps.find(({ key }) => key === 'bundle:around')!;
    expect([wind.title, wind.says]).toEqual(['Wrap A and B together', expect.stringMatching(/2 turns round A and B/)]);
    const put = steps.filter(({ key }) => key.startsWith('box:in'));
    expect(put.map(({ title, says }) => `${title} ${says}`)).toEqual([
      expect.stringMatching(/A and B/),
      expect.stringMatching(/Put C in To the right of B/),
    ]);
    expect(steps.reduce((sum, { minutes }) => sum + minutes, 0)).toBeCloseTo(some.minutes, 9);
  });

  test('those that do not stand together are stood together; all of them said one by one are all of them', () => {
    const apart = stowed(made({ around: { ...ROUND, of: [0, 2] } }));
    expect(apart.around!.some!.of).toEqual([0, 2]);
    const [atIn, sizeIn] = [apart.around!.some!.atIn, apart.around!.some!.sizeIn];
    apart.bundles.forEach((bundle, at) => {
      const within = bundle.atIn.every((side, axis) => side > atIn[axis]! && side < atIn[axis]! + sizeIn[axis]!);
      expect(within).toBe(at !== 1);
    });
    expect(stowed(made({ around: { ...ROUND, of: [0, 1, 2] } })).around!.some).toBeNull();
    expect(made({ around: { ...ROUND, of: [1] } }).choice.around).toBeUndefined();
  });
});

const anyStand = (count: number): fc.Arbitrary<Stand> =>
  fc
    .shuffledSubarray(
      Array.from({ length: count }, (_, i) => i),
      { minLength: count },
    )
    .chain((order) => grown(order));
/** Some in an order, cut apart somewhere, along some side. */
const grown = (order: readonly number[]): fc.Arbitrary<Stand> =>
  order.length === 1
    ? fc.constant(order[0]!)
    : fc
        .tuple(fc.constantFrom(0 as const, 1 as const, 2 as const), fc.integer({ min: 1, max: order.length - 1 }))
        .chain(([along, cut]) => fc.tuple(grown(order.slice(0, cut)), grown(order.slice(cut))).map((parts): Stand => ({ along, parts })));
const partsOf = (stand: Stand): Stand[] => (typeof stand === 'number' ? [stand] : [stand, ...stand.parts.flatMap(partsOf)]);

test('however they stand, some stood together are one part, and each stands once', () => {
  fc.assert(
    fc.property(anyStand(6), fc.subarray([0, 1, 2, 3, 4, 5], { minLength: 1 }), (stand, of) => {
      const after = stoodTogether(
        stand,
        of,
        [0, 1, 2, 3, 4, 5].map((i) => [1 + i, 2, 3] as const),
      );
      expect(standsAll(after, 6)).toBe(true);
      expect(partsOf(after).some((part) => isPartOf(part, of))).toBe(true);
      if (partsOf(stand).some((part) => isPartOf(part, of))) expect(after).toEqual(stand);
    }),
  );
});
