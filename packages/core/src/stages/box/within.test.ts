import fc from 'fast-check';
import { box, CHOICE, FACTS, finish, request, STOCK } from '../../../tests/sampleRequest.ts';
import { orient, orientationsAllowed } from '../../engineering/geometry/orientations.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { Stand } from '../../engineering/stowage/Stand.ts';
import { breaksWithin } from '../../engineering/journey/dropHeights.ts';
import { planParcel, planSpace } from '../../planParcel.ts';
import { writeBenchSteps } from '../bench/writeBenchSteps.ts';
import { wayOut } from '../fill/faceLayers.ts';
import { UNFILLED_HOLLOW_SHARE } from '../item/inspectItem.ts';
import { anyOf } from '../frontier/causes.ts';
import { knockChance } from '../frontier/touching.ts';
import { traceFrontier } from '../frontier/traceFrontier.ts';
import type { PlanChoice, PlanOption } from '../frontier/PlanOption.ts';
import { derivePlan } from '../plan/derivePlan.ts';
import { findFaults } from '../plan/findFaults.ts';
import { neighboursOfPlan } from '../plan/neighboursOfPlan.ts';
import { planOfBundle } from '../plan/ofBundle.ts';
import { planBundles } from '../plan/PlanDocument.ts';
import { changesOfBundle } from '../plan/bundleChanges.ts';
import { piecesOf, type PlanRequest } from '../plan/PlanRequest.ts';
import { movedAs, standingIn, standsOfPlan } from '../plan/standsOfPlan.ts';
import { verifyPlan } from '../plan/verifyPlan.ts';
import { writePlanDocument } from '../plan/writePlanDocument.ts';
import type { PieceFacts } from '../sale/Order.ts';
import { leastGap } from './gapsAround.ts';
import { takenByBundle } from './metWithin.ts';
import { outlinesWithin, placedWithin } from './within.ts';

// Pieces that go into one another: against sums by hand, counted cubes, and what is known of those that are alike. Each wrapped by
// itself and set in without force is common practice, no source.

const idOf = (at: number) => `00000000-0000-4000-8000-0000000000${10 + at}`;
const into = (at: number, standsOutIn = 0.5): Partial<PieceFacts> => ({ within: { pieceId: idOf(at), standsOutIn } });
const bowl = (sideIn: number, weightLb: number, more: Partial<PieceFacts> = {}): Partial<PieceFacts> => ({
  title: `bowl of ${sideIn}`,
  archetype: 'compactCeramic',
  lengthIn: sideIn,
  widthIn: sideIn,
  heightIn: sideIn / 2,
  weightLb,
  keepUpright: true,
  ...more,
});
const [LARGE, MIDDLE, SMALL] = [bowl(12, 3), bowl(10, 2, into(0)), bowl(8, 1.25, into(1))];
const IRON: Partial<PieceFacts> = { title: 'iron', archetype: 'rigidMetal', lengthIn: 6, widthIn: 4, heightIn: 3, weightLb: 8 };
const BOXES = [box([14, 14, 10]), box([16, 16, 12]), box([16, 16, 16]), box([20, 16, 14]), box([24, 18, 16]), box([36, 24, 20])];

function asked(pieces: readonly Partial<PieceFacts>[], more: Parameters<typeof request>[1] = {}): PlanRequest {
  const one = request({}, { ...more, stock: { ...STOCK, boxes: BOXES, ...more.stock }, soldMinor: 9000 });
  const all = pieces.map((facts, at) => ({ ...FACTS, ...facts, id: idOf(at) }));
  return { ...one, order: { ...one.order, pieces: all }, pieceIds: all.map(({ id }) => id) };
}
const LIES: { layers: { material: string; turns: number }[]; orientation: PlanChoice['orientation'] } = {
  layers: [{ material: 'smallBubble', turns: 2 }],
  orientation: [0, 1, 2],
};
/** Two turns of small bubble as they lie, on both sides, inches. */
const WRAPS_IN = 0.68;
const NEST: PlanChoice = { ...CHOICE, ...LIES, box: '36x24x20' };
function derive(of: PlanRequest, choice: Partial<PlanChoice> = {}): PlanOption {
  const others = of.order.pieces.slice(1).map(() => LIES);
  const derived = derivePlan(of, { ...NEST, ...(others.length > 0 ? { others } : {}), ...choice });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  return derived.option;
}
const stowedOf = (option: PlanOption) => option.rated.weighed.filled.stowed;
const close = (sides: Triple, wanted: Triple) => sides.forEach((side, at) => expect(side).toBeCloseTo(wanted[at]!, 9));
const columnOf = (stowed: ReturnType<typeof stowedOf>, at: number) => stowed.bundles[at]!.layout.columns.bottom[0]!;

describe('where they stand', () => {
  test('three graded bowls, by hand: each in the middle, as high as it stands out and both its wraps', () => {
    const { blockIn, bundles, emptyIn3 } = stowedOf(derive(asked([LARGE, MIDDLE, SMALL])));
    const outIn = 0.5 + WRAPS_IN;
    close(blockIn, [12 + WRAPS_IN, 12 + WRAPS_IN, 6 + WRAPS_IN + 2 * outIn]);
    close(bundles[0].atIn, [0, 0, 0]);
    close(bundles[1]!.atIn, [1, 1, 6 + WRAPS_IN + outIn - (5 + WRAPS_IN)]);
    close(bundles[2]!.atIn, [2, 2, 6 + WRAPS_IN + 2 * outIn - (4 + WRAPS_IN)]);
    expect(bundles.map(({ within }) => within?.at)).toEqual([undefined, 0, 1]);
    // beside what stands out of it nothing stands, and that is filled
    expect(emptyIn3).toBeCloseTo(outIn * ((12 + WRAPS_IN) ** 2 * 2 - (10 + WRAPS_IN) ** 2 - (8 + WRAPS_IN) ** 2), 6);
  });
  test('where the walls are near each other the wraps between them raise it more than those below, by hand', () => {
    const { bundles } = stowedOf(derive(asked([LARGE, { ...MIDDLE, lengthIn: 11.5, widthIn: 11.5 }])));
    // foot 0.45 of the rim: a wall that leans 3.3 in out on 6 in; bare there is a quarter of an inch across between the two
    const leans = Math.atan(3.3 / 6);
    const raisedIn = (WRAPS_IN - 0.25 * Math.cos(leans)) / Math.sin(leans);
    expect(raisedIn).toBeGreaterThan(WRAPS_IN);
    expect(bundles[1]!.within!.standsOutIn).toBeCloseTo(0.5 + raisedIn, 9);
  });
  test('lying, what is in it lies the same way', () => {
    const lying = [LARGE, MIDDLE].map((one) => ({ ...one, keepUpright: false }));
    const { blockIn, bundles } = stowedOf(derive(asked(lying), { orientation: [2, 1, 0] }));
    close(blockIn, [6 + 2 * WRAPS_IN + 0.5, 12 + WRAPS_IN, 12 + WRAPS_IN]);
    expect(bundles[1]!.orientation).toEqual([2, 1, 0]);
    // its longer side along the longer one
    const oblong = stowedOf(
      derive(
        asked([
          { ...LARGE, widthIn: 8 },
          { ...SMALL, lengthIn: 5, widthIn: 9, within: into(0).within! },
        ]),
      ),
    );
    expect(oblong.bundles[1]!.orientation).toEqual([1, 0, 2]);
  });
  test('the whole is as large as its outermost corners, and takes what a count of cubes finds', () => {
    const sides = fc.integer({ min: 1, max: 5 });
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.tuple(sides, sides, sides), fc.integer({ min: 0, max: 4 })), { minLength: 2, maxLength: 4 }),
        fc.constantFrom(...orientationsAllowed(false)),
        (each, orientation) => {
          const axis = orientation.indexOf(2) as 0 | 1 | 2;
          // each goes in across, in the middle of whole cubes, and no deeper than the foot of what it stands in
          let outer: Triple | null = null;
          const lying = each.map(([told, out]) => {
            const sizeIn = (
              outer ? [outer[0] - 2 * (told[0] % 2), outer[1] - 2 * (told[1] % 2), Math.min(told[2], outer[2] + out)] : [9, 11, 5]
            ) as Triple;
            outer = sizeIn;
            const bundleIn = orient(sizeIn, orientation);
            const piece = { sizeIn, facts: { within: { pieceId: '', standsOutIn: out } } };
            return { wrapped: { piece }, orientation, bundleIn, sizeIn: bundleIn, pitchIn: bundleIn, layout: { count: 1 } };
          }) as unknown as Parameters<typeof placedWithin>[0] & { bundleIn: Triple }[];
          const hosts = each.map((_, at) => (at === 0 ? null : at - 1));
          const outlines = outlinesWithin(lying, hosts);
          const placed = placedWithin(
            lying,
            hosts,
            outlines,
            lying.map(() => [0, 0, 0] as const),
          );
          const far = [0, 1, 2].map((side) => Math.max(...placed.map(({ atIn, sizeIn }) => atIn[side]! + sizeIn[side]!)));
          expect(outlines[0]).toEqual(far);
          const taken = new Set<number>();
          let [out, cubes] = [0, 0];
          placed.forEach(({ atIn, sizeIn, within }) => {
            expect(Math.min(...atIn)).toBeGreaterThanOrEqual(0);
            const from = [...atIn];
            if (within) from[axis] = atIn[axis] + sizeIn[axis] - within.standsOutIn;
            for (let x = from[0]!; x < atIn[0] + sizeIn[0]; x++)
              for (let y = from[1]!; y < atIn[1] + sizeIn[1]; y++)
                for (let z = from[2]!; z < atIn[2] + sizeIn[2]; z++) {
                  cubes++;
                  taken.add(64 * (64 * x + y) + z);
                }
            out += takenByBundle({ ...placed[0]!, sizeIn, bundleIn: sizeIn, pitchIn: sizeIn, within } as unknown as Parameters<
              typeof takenByBundle
            >[0]);
          });
          // what stands out of one stands in no other
          expect(taken.size).toBe(cubes);
          expect(taken.size).toBe(out);
        },
      ),
    );
  });
  test.each<[string, Partial<PieceFacts>, Partial<PieceFacts>, string, number]>([
    ['wider', {}, { lengthIn: 14 }, 'wide', 2],
    ['higher than it may stand out', {}, { heightIn: 7 }, 'high', 0.5],
    ['several alike', {}, { count: 2 }, 'several', 0],
    ['several to hold it', { count: 2 }, {}, 'several', 0],
    ['each into the other', into(1), {}, 'round', 0],
  ])('%s: it stands beside it, and that is said', (_, large, small, why, byIn) => {
    const of = asked([
      { ...LARGE, ...large },
      { ...MIDDLE, ...small },
    ]);
    const option = derive(of);
    expect(stowedOf(option).bundles.every(({ within }) => within === null)).toBe(true);
    const said = findFaults(option.rated.weighed, of.house).filter(({ kind }) => kind === 'notWithin');
    expect(said).toContainEqual(expect.objectContaining({ blocks: false, why, byIn: expect.closeTo(byIn, 9) as unknown }));
  });
  test('one holds one: the other stands beside', () => {
    const of = asked([LARGE, MIDDLE, bowl(8, 1, into(0))]);
    const option = derive(of);
    expect(stowedOf(option).bundles.map(({ within }) => within?.at ?? null)).toEqual([null, 0, null]);
    expect(findFaults(option.rated.weighed, of.house)).toContainEqual(
      expect.objectContaining({ kind: 'notWithin', why: 'taken', of: 'bowl of 8', other: 'bowl of 12' }),
    );
  });
  test('one whose other is in another box stands by itself, and nothing is said', () => {
    const of = asked([LARGE, { ...MIDDLE, ...into(7) }]);
    expect(findFaults(derive(of).rated.weighed, of.house).some(({ kind }) => kind === 'notWithin')).toBe(false);
  });
  test('in a box that both share they stay so; where one of them is in it, beside it', () => {
    const of = asked([LARGE, MIDDLE, IRON]);
    const fill = STOCK.fills[1]!.key;
    const both = derive(of, { shared: { of: [0, 1], box: '14x14x10', fill } });
    expect(stowedOf(both).shared!.withinIn[2]).toBeCloseTo(6 + 2 * WRAPS_IN + 0.5, 9);
    expect(stowedOf(both).bundles[1]!.within?.at).toBe(0);
    expect(verifyPlan(writePlanDocument(both, of.house), of)).toEqual([]);
    const beside = { stand: { along: 0, parts: [0, 1, 2] } } as const;
    const parted = derive(of, { ...beside, shared: { of: [1, 2], box: '20x16x14', fill } });
    expect(stowedOf(parted).bundles[1]!.within).toBeNull();
    expect(findFaults(parted.rated.weighed, of.house)).toContainEqual(expect.objectContaining({ kind: 'notWithin', why: 'parted' }));
  });
  test('neither board nor a fold goes between them', () => {
    const apart = (pieces: Partial<PieceFacts>[], choice: Partial<PlanChoice>) => stowedOf(derive(asked(pieces), choice));
    const between = [{ pair: [0, 1] as const, material: 'largeBubble', folds: 4 }];
    expect(apart([LARGE, MIDDLE], { between }).folds).toEqual([]);
    expect(apart([LARGE, MIDDLE], { cells: true }).boards).toEqual([]);
    expect(apart([LARGE, { ...MIDDLE, within: null }], { between }).folds).toHaveLength(1);
    expect(apart([LARGE, MIDDLE, IRON], { cells: true }).boards).toHaveLength(1);
  });
});

describe('how they fare', () => {
  test('two that are alike, told as two, lie as two of a column: outline, fill, and what bears on foot and rim', () => {
    const told = stowedOf(derive(asked([LARGE, { ...LARGE, ...into(0, 1) }])));
    const option = derive(asked([{ ...LARGE, count: 2, nestStepIn: 1 }]), { grid: [1, 1, 2] });
    const counted = stowedOf(option);
    close(told.blockIn, counted.blockIn);
    expect(told.emptyIn3).toBeCloseTo(counted.emptyIn3, 9);
    for (const face of ['bottom', 'top'] as const) {
      const columns = counted.bundles[0].layout.columns[face];
      const outer = face === 'bottom' ? 0 : 1;
      for (const beyond of [0, 1]) {
        const [one, other] = [
          wayOut(told, beyond === 0 ? outer : 1 - outer, face, columnOf(told, 0)),
          wayOut(
            counted,
            0,
            face,
            columns.find((column) => column.beyond === beyond)!,
          ),
        ];
        expect(one.carried).toBeCloseTo(other.carried, 12);
        expect(one.layers).toEqual(other.layers.map((layer) => ({ ...layer, areaIn2: expect.closeTo(layer.areaIn2, 9) as unknown })));
      }
    }
  });
  test('they knock whichever way the box falls: bare, a fifth of the times, and once', () => {
    const bare = { layers: [], orientation: LIES.orientation };
    const nested = stowedOf(derive(asked([LARGE, MIDDLE]), { layers: [], others: [bare] }));
    // either of the two breaks
    expect(knockChance(nested, 1)).toBeCloseTo(1 - (1 - 0.2 * breaksWithin(1, 1)) ** 2, 9);
  });
  test('sideways and downward the outer one carries both; upside down the inner one does', () => {
    const stowed = stowedOf(derive(asked([LARGE, MIDDLE])));
    const carried = (at: number, face: 'bottom' | 'top' | 'left') => wayOut(stowed, at, face, columnOf(stowed, at)).carried;
    expect(carried(0, 'bottom')).toBeCloseTo(5 / 3, 12);
    expect(carried(0, 'left')).toBeCloseTo(5 / 3, 12);
    expect(carried(1, 'top')).toBeCloseTo(5 / 2, 12);
  });
  test('what stands on them rests on the inner one, and falls on the outer one’s foot', () => {
    const { resting } = stowedOf(derive(asked([LARGE, MIDDLE, IRON]), { stand: { along: 2, parts: [0, 1, 2] } }));
    expect(resting.bottom.on[2]).toEqual([{ at: 1, share: 1 }]);
    expect(resting.bottom.on[1]).toEqual([{ at: 0, share: 1 }]);
    expect(resting.top.on[1]).toEqual([{ at: 2, share: 1 }]);
    const beneath = stowedOf(derive(asked([LARGE, MIDDLE, IRON]), { stand: { along: 2, parts: [2, 0, 1] } })).resting;
    expect(beneath.top.on[2]).toEqual([{ at: 0, share: 1 }]);
    expect(beneath.bottom.on[0]).toEqual([{ at: 2, share: 1 }]);
  });
  test('a heavy thing in a light one breaks it more often than beside it', () => {
    const heavy = { ...IRON, lengthIn: 5, ...into(0, 0) };
    const chance = (iron: Partial<PieceFacts>) => {
      const option = derive(asked([LARGE, iron]), { stand: { along: 0, parts: [0, 1] } });
      return anyOf(option.bundleCauses[0]!.map((cause) => cause.chance));
    };
    expect(chance(heavy)).toBeGreaterThan(chance({ ...heavy, within: null }));
  });
});

describe('planned', () => {
  const plan = (pieces: readonly Partial<PieceFacts>[]) => {
    const of = asked(pieces);
    const chosen = finish(planParcel(of));
    if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join());
    return { of, option: chosen.recommended };
  };
  test('graded bowls in one another go in a smaller box for less than beside one another; the plan verifies', () => {
    const [nested, beside] = [plan([LARGE, MIDDLE, SMALL]), plan([LARGE, bowl(10, 2), bowl(8, 1.25)])];
    const inside = ({ option }: typeof nested) => stowedOf(option).shell.insideIn.reduce((volume, side) => volume * side, 1);
    expect(inside(nested)).toBeLessThan(inside(beside));
    expect(nested.option.expectedMinor).toBeLessThan(beside.option.expectedMinor);
    const document = writePlanDocument(nested.option, nested.of.house);
    expect(verifyPlan(document, nested.of)).toEqual([]);
    expect(findFaults(nested.option.rated.weighed, nested.of.house).filter(({ kind }) => kind !== 'gap')).toEqual([]);
    // one that is set deeper than its wraps let it stands in what is in it
    const [second, third] = document.others!;
    const deeper = { ...second!.block, at: second!.block.at.map(([x, y, z]): Triple => [x, y, z + 1]) };
    const moved = { ...document, others: [{ ...second!, block: deeper }, third!] };
    expect(verifyPlan(moved, nested.of).some((fault) => fault.startsWith('block: '))).toBe(true);
  });
  test('the bench puts each into the one before it, and not before that is in', () => {
    const { of, option } = plan([LARGE, bowl(10, 2, into(2)), bowl(11, 2, into(0))]);
    const steps = writeBenchSteps(option, of.house);
    const says = (text: string) => steps.findIndex((step) => step.says.includes(text));
    expect(says('Into A as it stands there, without force')).toBeGreaterThan(-1);
    expect(says('Into C as it stands there, without force')).toBeGreaterThan(says('Into A as it stands there'));
  });
  test('the search finds what the exhaustive one does', () => {
    const stock = { ...STOCK, boxes: BOXES.slice(1, 4), wraps: STOCK.wraps.slice(1, 3), fills: STOCK.fills.slice(0, 2) };
    const space = planSpace({ ...asked([LARGE, MIDDLE, IRON]), stock });
    const points = (every: boolean) =>
      finish(traceFrontier(space, every)).frontier.map(({ nestCostMinor, chance }) => [nestCostMinor, chance]);
    expect(points(false)).toEqual(points(true));
    expect(points(true).length).toBeGreaterThan(3);
  });
});

test('whatever somebody says goes into what, and stands or is boxed together: it adds up, told again it is the same, and nothing rests on itself', () => {
  const side = (least: number, most: number) => fc.integer({ min: least, max: most });
  const piece = fc.record({
    archetype: fc.constantFrom('compactCeramic', 'rigidMetal', 'blownGlass', 'resinWood'),
    lengthIn: side(1, 5),
    widthIn: side(1, 5),
    heightIn: side(2, 4),
    weightLb: side(1, 6),
    keepUpright: fc.boolean(),
    count: fc.constantFrom(1, 1, 1, 1, 1, 1, 1, 2),
    into: fc.oneof({ weight: 5, arbitrary: side(0, 3) }, { weight: 1, arbitrary: fc.constant(null) }),
    standsOutIn: fc.constantFrom(0, 1, 2, 3),
  });
  const lies = fc.record({
    layers: fc.constantFrom(...['smallBubble', 'largeBubble', 'tissue'].map((material) => [{ material, turns: 2 }])),
    orientation: fc.constantFrom(...orientationsAllowed(false)),
  });
  const told = fc.array(fc.tuple(piece, lies, side(0, 2), fc.boolean()), { minLength: 2, maxLength: 5, size: 'max' });
  const fill = STOCK.fills[1]!.key;
  const stock = { boxes: [box([60, 50, 50]), box([40, 30, 30]), box([20, 16, 14])] };
  let nested = 0;
  fc.assert(
    fc.property(told, fc.constantFrom('nothing', 'shared', 'around', 'board', 'fold'), (all, more) => {
      const pieces = all.map(([{ into: host, standsOutIn, ...facts }], at): Partial<PieceFacts> => {
        // mostly into one before it, now and then into whatever there is
        const into = host === null || at === 0 ? host : host === 3 ? host : host % at;
        const within = into === null || into >= all.length ? null : { pieceId: idOf(into), standsOutIn };
        // each a little smaller than the one before it, so that many go in
        const smaller = (sideIn: number) => Math.max(2, sideIn + 8 - 3 * at);
        return { ...facts, lengthIn: smaller(facts.lengthIn), widthIn: smaller(facts.widthIn), title: `piece ${at}`, within };
      });
      const of = asked(pieces, { stock });
      const some = all.flatMap(([, , , isIn], at) => (isIn ? [at] : []));
      const isSome = some.length > 1 && some.length < all.length;
      const [first, ...others] = all.map(([, one]) => one);
      const stand = all.reduce<Stand | null>(
        (before, [, , along], at) => (before === null ? at : { along: along as 0 | 1 | 2, parts: [before, at] }),
        null,
      );
      const choice: PlanChoice = {
        ...CHOICE,
        ...first!,
        others,
        stand: stand!,
        box: '60x50x50',
        ...(more === 'shared' && isSome ? { shared: { of: some, box: '40x30x30', fill } } : {}),
        ...(more === 'around' ? { around: { material: 'largeBubble', turns: 1, ...(isSome ? { of: some } : {}) } } : {}),
        ...(more === 'board' ? { cells: true } : {}),
        ...(more === 'fold' ? { between: [{ pair: [0, 1] as const, material: 'largeBubble', folds: 2 }] } : {}),
      };
      const derived = derivePlan(of, choice);
      if (derived.kind === 'noPlan') return;
      const { option } = derived;
      const { resting, bundles, shared } = stowedOf(option);
      if (bundles.some(({ within }) => within)) nested++;
      for (const { on } of Object.values(resting))
        on.forEach((supports, at) => {
          let steps = 0;
          for (let next = supports[0]; next && steps <= all.length; next = on[next.at]![0]) steps++;
          expect([at, steps]).toEqual([at, Math.min(steps, all.length)]);
        });
      const again = derivePlan(of, option.choice);
      expect(again.kind === 'plan' && [again.option.chance, again.option.choice.stand]).toEqual([option.chance, option.choice.stand]);
      // a box that some do not go into is a fault of the nest, not of its sums
      if (!shared || leastGap(shared.gaps) >= 0) expect(verifyPlan(writePlanDocument(option, of.house), of)).toEqual([]);
    }),
    { numRuns: 100 },
  );
  expect(nested).toBeGreaterThan(10);
});

describe('a nest on the screen', () => {
  const of = asked([LARGE, MIDDLE, IRON]);
  const plan = writePlanDocument(derive(of), of.house);
  test('ways to stand are of what stands in nothing, and each is one that may be taken', () => {
    const ways = standsOfPlan(plan, 8);
    expect(ways.length).toBeGreaterThan(1);
    for (const stand of ways) {
      const taken = derive(of, { stand });
      expect(taken.choice.stand).toEqual(stand);
      expect(stowedOf(taken).bundles[1]!.within?.at).toBe(0);
    }
  });
  test('one told by itself stands in none of those that are left out', () => {
    expect(planBundles(plan)[1]!.block.within?.at).toBe(0);
    expect(planOfBundle(plan, 1).block.within).toBeUndefined();
  });
  test('what is drawn in another moves with it, and only the outermost are neighbours', () => {
    expect(planBundles(plan).map((_, at) => movedAs(plan, at))).toEqual([0, 0, 2]);
    expect(standingIn(plan, 0)).toEqual([1]);
    expect(neighboursOfPlan(plan)).toEqual([[0, 2]]);
  });
});

// what stands in a hollow fills it. Common practice, no source
describe('a hollow in which another piece stands', () => {
  const hollow = (id: string, volumeIn3: number, filled: boolean) => ({ id, name: id, volumeIn3, filled, material: null });
  const hollowed = (filled: boolean) => ({ ...LARGE, hollows: [hollow('foot', 10, filled), hollow('bowl', 200, filled)] });
  const steps = (of: PlanRequest) => writeBenchSteps(derive(of), of.house).filter(({ key }) => key.includes('hollow:'));
  test('is not filled with anything else', () => {
    expect(steps(asked([hollowed(true), bowl(10, 2)])).map(({ title }) => title)).toEqual(['A, fill the foot', 'A, fill the bowl']);
    expect(steps(asked([hollowed(true), MIDDLE])).map(({ title }) => title)).toEqual(['A, fill the foot']);
  });
  test('costs no strength, and is filled by no change', () => {
    const beside = asked([{ ...LARGE, hollows: [hollow('bowl', 200, false)] }, bowl(10, 2)]);
    const inside = asked([{ ...LARGE, hollows: [hollow('bowl', 200, false)] }, MIDDLE]);
    const [alone, taken] = [beside, inside].map((of) => derive(of).rated.weighed.filled.stowed.bundles[0].wrapped.piece.criticalG!);
    expect(taken! / alone!).toBeCloseTo(1 / UNFILLED_HOLLOW_SHARE, 9);
    const changes = (of: PlanRequest) => {
      const { choice, rated } = derive(of);
      const { piece } = rated.weighed.filled.stowed.bundles[0].wrapped;
      const all = changesOfBundle(of, choice, piecesOf(of)[0], 0, { isTooSmall: false, piece });
      return [...all].filter(({ change }) => change.kind === 'hollow').length;
    };
    expect([changes(beside), changes(inside)]).toEqual([1, 0]);
  });
  test('is one again where what was to stand in it is too wide, or goes in another box', () => {
    const of = asked([hollowed(false), { ...MIDDLE, lengthIn: 13 }]);
    expect(piecesOf(of)[0].hollows).toHaveLength(2);
    const apart = asked([hollowed(false), MIDDLE]);
    expect(piecesOf(apart)[0].hollows).toHaveLength(1);
    expect(piecesOf({ ...apart, pieceIds: [idOf(0)] })[0].hollows).toHaveLength(2);
  });
});
