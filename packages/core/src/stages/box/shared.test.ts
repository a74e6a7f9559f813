import { box, CHOICE, FACTS, request, STOCK } from '../../../tests/sampleRequest.ts';
import { stoodAmong } from '../../engineering/stowage/standsFor.ts';
import { planParcel } from '../../planParcel.ts';
import { writeBenchSteps } from '../bench/writeBenchSteps.ts';
import { faceLayers } from '../fill/faceLayers.ts';
import { amountShared, sharedMassRatio } from '../fill/sharedFill.ts';
import type { PlanChoice, PlanOption } from '../frontier/PlanOption.ts';
import { innerMassRatio, shockOnFaces } from '../frontier/shockJourney.ts';
import type { PieceFacts } from '../sale/Order.ts';
import { derivePlan } from '../plan/derivePlan.ts';
import { findFaults } from '../plan/findFaults.ts';
import { nextBestChanges } from '../plan/nextBestChanges.ts';
import type { PlanRequest } from '../plan/PlanRequest.ts';
import { stockUsed } from '../plan/stockUsed.ts';
import { boxesShared, takeShared } from '../plan/shareThem.ts';
import { verifyPlan } from '../plan/verifyPlan.ts';
import { writePlanDocument } from '../plan/writePlanDocument.ts';

// Some of several bundles in one box beside the others: against the inner box of the same alone, sums by hand, and rules of the trade.

const JAR: Partial<PieceFacts> = {
  title: 'jar',
  archetype: 'blownGlass',
  lengthIn: 4,
  widthIn: 4,
  heightIn: 6,
  weightLb: 1,
  hardPoints: [],
};
const LID: Partial<PieceFacts> = { ...JAR, title: 'lid', heightIn: 3, weightLb: 0.5 };
const WEIGHT: Partial<PieceFacts> = { ...JAR, title: 'weight', archetype: 'rigidMetal', lengthIn: 6, heightIn: 4, weightLb: 9 };
const LONG = box([12, 6, 8], { priceMinor: 70 });
const TUBE = box([36, 8, 8], { style: 'tube', priceMinor: 400 });
const BOXES = [box([6, 6, 8]), LONG, box([24, 18, 16]), TUBE, box([16, 12, 10])];
const FILL = STOCK.fills[1]!.key;
const WRAP = [{ material: 'largeBubble', turns: 1 }];
const OTHER = { layers: WRAP, orientation: [0, 1, 2] as const };
const NEST: PlanChoice = { ...CHOICE, layers: WRAP, orientation: [0, 1, 2], box: '24x18x16' };
const SHARED = { of: [0, 1], box: LONG.key, fill: FILL };
const FACES = ['bottom', 'top', 'front', 'back', 'left', 'right'] as const;

function asked(pieces: readonly Partial<PieceFacts>[]): PlanRequest {
  const one = request({}, { stock: { ...STOCK, boxes: BOXES } });
  const all = pieces.map((facts, at) => ({ ...FACTS, ...facts, id: `00000000-0000-4000-8000-0000000000${10 + at}` }));
  return { ...one, order: { ...one.order, pieces: all }, pieceIds: all.map(({ id }) => id) };
}
const derived = (of: PlanRequest, choice: Partial<PlanChoice>) => derivePlan(of, { ...NEST, ...choice });
function derive(of: PlanRequest, choice: Partial<PlanChoice> = {}): PlanOption {
  const found = derived(of, choice);
  if (found.kind === 'noPlan') throw new Error(found.reasons.join());
  return found.option;
}
const THREE = asked([JAR, LID, WEIGHT]);
const nest: PlanChoice = { ...NEST, others: [OTHER, OTHER], stand: { along: 0, parts: [0, 1, 2] } };
const BESIDE: Partial<PlanChoice> = { others: [OTHER, OTHER], stand: { along: 0, parts: [0, 1, 2] } };
const plain = derive(THREE, BESIDE);
const some = derive(THREE, { ...BESIDE, shared: SHARED });
const stowed = (option: PlanOption) => option.rated.weighed.filled.stowed;
const near = (sides: readonly number[]) => sides.map((side): unknown => expect.closeTo(side, 9));
const partOf = (option: PlanOption, at: number, key: string) => option.bundleCauses[at]!.find((cause) => cause.key === key)?.chance ?? 0;

describe('how it stands', () => {
  const { bundles, shared, blockIn, emptyIn3 } = stowed(some);
  const [wide, caliper] = [4.9, LONG.board.caliperIn];

  test('they stand in its middle against one another, the third against its outside', () => {
    const outside = [12 + 2 * caliper, 6 + 2 * caliper, 8 + 4 * caliper];
    expect(shared!.outsideIn).toEqual(near(outside));
    expect(shared!.withinIn).toEqual(near([2 * wide, wide, 6.9]));
    expect(shared!.gaps).toMatchObject({ left: near([1.1])[0], front: near([0.55])[0], bottom: near([0.55])[0] });
    const from = [(outside[0]! - 2 * wide) / 2, (outside[1]! - wide) / 2, (outside[2]! - 6.9) / 2];
    expect(bundles[0].atIn).toEqual(near(from));
    expect(bundles[1]!.atIn).toEqual(near([from[0]! + wide, from[1]!, from[2]!]));
    expect(bundles[2]!.atIn).toEqual(near([outside[0]!, 0, 0]));
    const [l, w, h] = bundles[2]!.sizeIn;
    expect(blockIn).toEqual(near([outside[0]! + l, Math.max(outside[1]!, w), Math.max(outside[2]!, h)]));
    // what is empty in it is filled by its own fill, not by that of the outer box
    const [x, y, z] = blockIn;
    expect(emptyIn3).toBeCloseTo(x * y * z - outside[0]! * outside[1]! * outside[2]! - l * w * h, 9);
    expect(shared!.emptyIn3).toBeCloseTo(wide * wide * 3, 9);
    expect(amountShared(shared!).boughtFt3).toBeCloseTo((12 * 6 * 8 - wide * wide * (6.9 + 3.9)) / 1728, 9);
  });

  test('a box that they would not fill stands the way that leaves most room where there is least, and what is beside meets it', () => {
    const wideBox = stowed(derive(THREE, { ...BESIDE, shared: { ...SHARED, box: '16x12x10' }, stand: { along: 1, parts: [0, 1, 2] } }));
    const { insideIn, gaps } = wideBox.shared!;
    expect(insideIn).toEqual([12, 16, 10]);
    expect(Math.min(...FACES.map((face) => gaps[face]))).toBeGreaterThan(1.5);
    // the third is behind the lid in line, and behind the jar's and lid's box across its whole width
    expect(wideBox.resting.front.on[2]!.map(({ at }) => at)).toEqual([1]);
    expect(wideBox.resting.back.on[1]!.map(({ at }) => at)).toEqual([2]);
    // of the two in it the upper sides are as far from the outside as the box's lid is
    const { atIn, outsideIn } = wideBox.shared!;
    expect(wideBox.resting.top.emptyIn[1]).toBeCloseTo(wideBox.blockIn[2] - atIn[2] - outsideIn[2], 9);
    expect(wideBox.shared!.emptyIn.top[1]).toBeCloseTo(3, 9);
  });

  test('bundles that do not stand together are stood together in it; a stand below another keeps its load', () => {
    const apart = stowed(derive(THREE, { ...BESIDE, shared: { ...SHARED, of: [0, 2] }, box: '24x18x16' }));
    const { atIn, outsideIn } = apart.shared!;
    apart.bundles.forEach((bundle, at) =>
      expect(bundle.atIn.every((from, axis) => from >= atIn[axis]! - 1e-9 && from < atIn[axis]! + outsideIn[axis]!)).toBe(at !== 1),
    );
  });
});

describe('the same as an inner box of the two alone', () => {
  const two = asked([JAR, LID]);
  const inner = derive(two, { others: [OTHER], stand: { along: 0, parts: [0, 1] }, inner: { box: LONG.key, fill: FILL } });
  const [a, b] = [some.rated.weighed.filled, inner.rated.weighed.filled];

  test('what lies between each and the outer fill, and how much the box pushes', () => {
    for (const at of [0, 1])
      for (const face of ['bottom', 'top', 'front', 'back'] as const) {
        const [told, alone] = [faceLayers(a, face, a.effectiveGaps, at), faceLayers(b, face, b.effectiveGaps, at)];
        const known = alone.slice(0, -1).map(({ thicknessIn, areaIn2 }) => near([thicknessIn, areaIn2]));
        expect(told.slice(0, -1).map(({ thicknessIn, areaIn2 }) => [thicknessIn, areaIn2])).toEqual(known);
        expect(told).toHaveLength(alone.length);
      }
    expect(sharedMassRatio(a.stowed, 0)).toBeCloseTo(innerMassRatio(b), 9);
    expect(sharedMassRatio(a.stowed, 2)).toBe(0);
    expect(shockOnFaces(a, 1)!.criticalG).toBeCloseTo(shockOnFaces(b, 1)!.criticalG, 9);
  });

  test('its tare, its fill, its tape and its minutes are added, and nothing else but room', () => {
    const boxes = (option: PlanOption) =>
      option.rated.weighed.parts.filter(({ part }) => /^box/.test(part)).reduce((sum, { weightLb }) => sum + weightLb, 0);
    expect(boxes(some) - boxes(plain)).toBeCloseTo(stowed(some).shared!.tareLb, 9);
    const line = (option: PlanOption) => option.costLines.find(({ key }) => key === 'box')!.amountMinor;
    expect(line(some) - line(plain)).toBeCloseTo(70, 9);
    const took = (key: string) => stockUsed(some).find((use) => use.key === key)?.amount ?? 0;
    expect([took(LONG.key), took(FILL)]).toEqual([1, expect.closeTo(amountShared(stowed(some).shared!).boughtFt3, 9)]);
    expect(some.minutes - plain.minutes).toBeGreaterThan(2);
  });
});

describe('what may happen', () => {
  test('those in it knock against the third a fifth as often, against one another as before; a blow through the wall is rarer', () => {
    const sealed = stowed(some);
    expect(sealed.resting.right.on[1]!.map(({ at }) => at)).toEqual([2]);
    expect(partOf(some, 2, 'knock')).toBeCloseTo(0.2 * partOf(plain, 2, 'knock'), 9);
    expect(partOf(some, 1, 'knock')).toBeLessThan(partOf(plain, 1, 'knock'));
    expect(partOf(some, 1, 'knock')).toBeGreaterThan(0.2 * partOf(plain, 1, 'knock'));
    expect(partOf(some, 0, 'shock')).toBeLessThan(partOf(plain, 0, 'shock'));
    expect(partOf(some, 0, 'crush')).toBeLessThanOrEqual(partOf(plain, 0, 'crush'));
  });

  test('every layer on every way has its name, with folds, wraps round all and cores too', () => {
    const between = [{ pair: [1, 2] as const, material: 'largeBubble', folds: 2 }];
    const around = { material: 'largeBubble', turns: 1 };
    const ways: Partial<PlanChoice>[] = [
      {},
      { between },
      { around },
      { around: { ...around, of: [0, 1] }, between },
      { shared: SHARED },
      { shared: SHARED, between, around },
      { shared: { ...SHARED, box: TUBE.key }, stand: { along: 1, parts: [0, 1, 2] } },
    ];
    for (const way of ways)
      for (const at of [0, 1, 2])
        for (const face of FACES) {
          const facts = shockOnFaces(derive(THREE, { ...BESIDE, ...way }).rated.weighed.filled, at);
          if (!facts) continue;
          expect([way, at, face, facts.faces[face].names.length]).toEqual([way, at, face, facts.faces[face].layers.length]);
        }
    const fill = STOCK.fills[1]!.name;
    const names = shockOnFaces(some.rated.weighed.filled, 1)!.faces.right.names;
    expect(names.slice(0, 2)).toEqual(['Large bubble', fill]);
    expect(shockOnFaces(some.rated.weighed.filled, 0)!.faces.bottom.names).toEqual(['Large bubble', fill, STOCK.fills[0]!.name]);
  });

  test('it keeps its parts when it is written down and worked out again; out of it is a change', () => {
    const document = writePlanDocument(some, THREE.house);
    expect(document.choice.shared).toEqual(SHARED);
    expect(document.shared).toMatchObject({ of: [0, 1], key: LONG.key, insideIn: [12, 6, 8], fill: FILL });
    expect(verifyPlan(document, THREE)).toEqual([]);
    const out = (of: PlanRequest) => nextBestChanges(of, some.choice).some(({ change }) => change.kind === 'shared' && change.own === null);
    expect(out({ ...THREE, house: { ...THREE.house, betweenDenseIn: 0 } })).toBe(true);
    // a house that wants what is dense away from what is delicate is not told to take the wall between them away
    expect(findFaults(some.rated.weighed, THREE.house).map(({ kind }) => kind)).not.toContain('apart');
    expect(out(THREE)).toBe(false);
  });
});

describe('what is asked for wrongly is said, and what does not go in is a fault', () => {
  test.each([
    [{ of: [0, 1, 2] }, 'one box for all of them is a box in a box'],
    [{ of: [1] }, 'one box for one bundle is a box of its own'],
    [{ of: [1, 7] }, 'there is no such bundle to put into one box with others'],
    [{ box: 'none' }, 'the box that some share is not in the stockroom'],
    [{ fill: 'none' }, 'that fill is not in the stockroom'],
  ])('%o', (wrong, reason) => {
    expect(derived(THREE, { ...BESIDE, shared: { ...SHARED, ...wrong } })).toEqual({ kind: 'noPlan', reasons: [reason] });
  });

  test('not beside a wrap round some; a core too long for its tube', () => {
    const around = { material: 'largeBubble', turns: 1, of: [0, 1] };
    expect(derived(THREE, { ...BESIDE, around, shared: SHARED })).toMatchObject({ kind: 'noPlan' });
    const short = {
      ...THREE,
      stock: { ...THREE.stock, boxes: THREE.stock.boxes.map((one) => (one === TUBE ? { ...TUBE, insideIn: [20, 8, 8] as const } : one)) },
    };
    expect(derived(short, { ...BESIDE, shared: { ...SHARED, box: TUBE.key } })).toMatchObject({
      reasons: [expect.stringMatching(/does not go into/)],
    });
  });

  test('a box that is too small for the two, by the inches; one that fits leaves nothing to blame', () => {
    const tight = findFaults(derive(THREE, { ...BESIDE, shared: { ...SHARED, box: '6x6x8' } }).rated.weighed, THREE.house);
    expect(tight[0]).toMatchObject({ kind: 'tooSmall', box: 'shared', of: 'jar and lid', shortIn: expect.closeTo(9.8 - 8, 9) as number });
    expect(findFaults(some.rated.weighed, THREE.house).filter(({ blocks }) => blocks)).toEqual([]);
    // it is kept as it is, with its fault: its sums are right
    const small = derive(THREE, { ...BESIDE, shared: { ...SHARED, box: '6x6x8' } });
    expect(verifyPlan(writePlanDocument(small, THREE.house), THREE)).toEqual([]);
  });
});

describe('at the bench', () => {
  const steps = writeBenchSteps(some, THREE.house, 'imperial', { bundleIds: ['a', 'b', 'c'] });
  const keys = steps.map(({ key }) => key);

  test('wrapped, put into their box one after the other, tried and shut before the outer box is formed; it goes in as one', () => {
    const order = ['shared:form', 'shared:in:1', 'shared:in:2', 'test:sharedShake', 'shared:close', 'box:form', 'box:in:1', 'box:in:3'];
    const at = order.map((key) => keys.indexOf(key));
    expect(at.every((one, i) => one >= 0 && (i === 0 || one > at[i - 1]!))).toBe(true);
    const said = (key: string) => steps.find((step) => step.key === key)!;
    expect(said('shared:in:2').says).toMatch(/^To the right of A/);
    expect(said('box:in:1').title).toBe('Put the box of A and B in');
    expect(said('box:in:1').picture.put).toEqual([0, 1]);
    expect(said('box:in:3').says).toMatch(/^To the right of B/);
    expect(steps.reduce((sum, { minutes }) => sum + minutes, 0)).toBeCloseTo(some.minutes, 9);
  });

  test('a core is cut to the box, they are slid in, and it is seen that it bears at both ends', () => {
    const cored = derive(THREE, {
      ...BESIDE,
      stand: { along: 1, parts: [{ along: 0, parts: [0, 1] }, 2] },
      shared: { ...SHARED, box: TUBE.key },
    });
    const { shared, gaps } = stowed(cored);
    expect(shared!.core).toMatchObject({ axis: 0, lengthIn: 24 - 1 / 16 });
    expect([gaps.left, gaps.right]).toEqual(near([1 / 32, 1 / 32]));
    const done = writeBenchSteps(cored, THREE.house);
    const titles = done.map(({ title }) => title);
    expect(titles).toEqual(expect.arrayContaining(['Cut the core for A and B', 'Slide A in', 'Slide B in', 'Put the core of A and B in']));
    expect(done.map(({ key }) => key)).toContain('shared:level');
    expect(done.reduce((sum, { minutes }) => sum + minutes, 0)).toBeCloseTo(cored.minutes, 9);
    expect(findFaults(cored.rated.weighed, THREE.house).filter(({ kind }) => kind === 'gap' || kind === 'hollowGap')).toEqual([]);
  });

  test('one of them by itself may lie in a core, and is told so', () => {
    const alone = derive(THREE, {
      ...BESIDE,
      stand: { along: 1, parts: [0, { along: 0, parts: [1, 2] }] },
      shared: { ...SHARED, of: [0], box: TUBE.key },
    });
    const titles = writeBenchSteps(alone, THREE.house).map(({ title }) => title);
    expect(titles).toEqual(expect.arrayContaining(['Cut the core for A', 'Slide A in', 'Put the core of A in']));
    expect(boxesShared(THREE, nest, [0]).map(({ key }) => key)).toEqual([TUBE.key]);
    // beside a core nothing stands against the end of the box
    const { bundles, blockIn } = stowed(alone);
    const [first, last] = [bundles[1]!, bundles[2]!];
    expect(first.atIn[0]).toBeCloseTo(blockIn[0] - last.atIn[0] - last.sizeIn[0], 9);
    expect(first.atIn[0]).toBeGreaterThan(1);
    expect(last.atIn[0]).toBeCloseTo(first.atIn[0] + first.sizeIn[0], 9);
    expect(verifyPlan(writePlanDocument(alone, THREE.house), THREE)).toEqual([]);
  });
});

describe('put in by hand, pinned, and searched', () => {
  const tall = asked([{ ...JAR, heightIn: 10, lengthIn: 3, widthIn: 3 }, LID, WEIGHT]);

  test('they stand in the box in a way in which it takes them, whatever way they stood beside the others', () => {
    // 3.9 × 3.9 × 10.9 upright goes into no box of 8 deep: it lies along it, the lid on end beside or upon it
    const lying = takeShared(tall, { ...nest, orientation: [0, 1, 2] }, { of: [0, 1], box: '16x12x10' });
    const option = derive(tall, lying);
    expect(findFaults(option.rated.weighed, tall.house).filter(({ blocks }) => blocks)).toEqual([]);
    expect(stowed(option).shared).toMatchObject({ of: [0, 1], box: { key: '16x12x10' } });
    expect(verifyPlan(writePlanDocument(option, tall.house), tall)).toEqual([]);
    const out = takeShared(tall, option.choice, null);
    expect(derive(tall, out).choice.shared).toBeUndefined();
  });

  test('the boxes that are offered take them, smallest first, then what is cut to a core; the outer one is not among them', () => {
    const offered = boxesShared(THREE, nest, [0, 1]).map(({ key }) => key);
    expect(offered).toEqual([LONG.key, '16x12x10', TUBE.key]);
    for (const key of offered.filter((one) => one !== TUBE.key)) {
      const option = derive(THREE, takeShared(THREE, nest, { of: [0, 1], box: key }));
      expect([key, findFaults(option.rated.weighed, THREE.house).some(({ kind }) => kind === 'tooSmall')]).toEqual([key, false]);
    }
  });

  test('in a core they lie end to end along it, slim side round, or they are not offered it', () => {
    const slim = { ...TUBE, key: 'slim', insideIn: [36, 6, 6] as const };
    const with6 = { ...THREE, stock: { ...THREE.stock, boxes: [...THREE.stock.boxes, slim] } };
    // a jar with its wrap is 4.9 × 4.9 across, 6.93 from corner to corner
    expect(boxesShared(with6, nest, [0, 1]).map(({ key }) => key)).not.toContain('slim');
    const lying = takeShared(THREE, nest, { of: [0, 1], box: TUBE.key });
    const { shared, bundles } = stowed(derive(THREE, lying));
    expect(shared!.core!.axis).toBe(0);
    expect([bundles[0].orientation[0], shared!.withinIn[1], shared!.withinIn[2]]).toEqual([2, ...near([4.9, 4.9])]);
    expect(Math.hypot(4.9, 4.9)).toBeLessThan(TUBE.insideIn[1]);
  });

  test('a way among themselves is a part of the stand, and the others stay where they are', () => {
    const stand = { along: 0, parts: [0, { along: 2, parts: [1, 2] }] } as const;
    const sizes = [2, 3, 4].map((side) => [side, side, side] as const);
    const group = { along: 1, parts: [2, 1] } as const;
    expect(stoodAmong(stand, group, sizes)).toEqual({ along: 0, parts: [0, group] });
  });

  test('pinned, the search ends in a nest with it; where nothing takes them it says which and what would help', () => {
    const steps = (locks: PlanRequest['locks']) => {
      const search = planParcel({ ...THREE, locks });
      let step = search.next();
      while (!step.done) step = search.next();
      return step.value;
    };
    const found = steps({ shared: SHARED });
    if (found.kind === 'noPlan') throw new Error(found.reasons.join());
    expect(found.recommended.choice.shared).toEqual(SHARED);
    expect(findFaults(found.recommended.rated.weighed, THREE.house).filter(({ blocks }) => blocks)).toEqual([]);
    expect(steps({ shared: { ...SHARED, box: '6x6x8' } })).toMatchObject({
      kind: 'noPlan',
      reasons: ['jar and lid: not in that box together, with any box on hand round it'],
    });
  });

  test('the house that puts boxes in boxes is told of it as a change, with what it does to money and chance', () => {
    const house = { ...THREE.house, innerBoxes: true };
    const heavy = asked([{ ...JAR, weightLb: 3 }, { ...LID, weightLb: 3 }, WEIGHT]);
    const changes = nextBestChanges({ ...heavy, house }, nest).filter(({ change }) => change.kind === 'shared');
    expect(changes.length).toBeGreaterThan(0);
    for (const { change, choice, deltaCostMinor } of changes) {
      expect(choice.shared).toMatchObject({ of: (change as { of: readonly number[] }).of });
      expect(derive(heavy, choice).costMinor - derive(heavy, nest).costMinor).toBeCloseTo(deltaCostMinor, 6);
    }
    // and of those that are alike, into one box beside the other
    const alike = asked([{ ...JAR, count: 2, weightLb: 3 }, WEIGHT]);
    const two: PlanChoice = { ...NEST, grid: [2, 1, 1], others: [OTHER], stand: { along: 0, parts: [0, 1] } };
    const told = nextBestChanges({ ...alike, house }, two).filter(({ change }) => change.kind === 'shared');
    expect(told.map(({ change }) => change)).toContainEqual(expect.objectContaining({ of: [0] }));
    expect(nextBestChanges({ ...heavy, house: { ...house, innerBoxes: false } }, nest).some(({ change }) => change.kind === 'shared')).toBe(
      false,
    );
  });
});
