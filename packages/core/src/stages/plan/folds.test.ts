import { box, CHOICE, FACTS, finish, request, STOCK } from '../../../tests/sampleRequest.ts';
import { ORDINARY_LINER_BOARD, ORDINARY_WRAPS } from '../../engineering/materials/ordinaryStock.ts';
import { planParcel } from '../../planParcel.ts';
import { foldWanted, isDenseBeside, neighboursIn } from '../box/apartWanted.ts';
import { tearList } from '../bench/tearList.ts';
import { writeBenchSteps } from '../bench/writeBenchSteps.ts';
import { shockOnFaces } from '../frontier/shockJourney.ts';
import { knockOfOne } from '../frontier/touching.ts';
import type { PlanChoice, PlanOption } from '../frontier/PlanOption.ts';
import type { PieceFacts } from '../sale/Order.ts';
import { derivePlan } from './derivePlan.ts';
import { faultsOf } from './findFaults.ts';
import { neighboursOfPlan } from './neighboursOfPlan.ts';
import { nextBestChanges } from './nextBestChanges.ts';
import type { PlanRequest } from './PlanRequest.ts';
import { stockUsed } from './stockUsed.ts';
import { verifyPlan } from './verifyPlan.ts';
import { writePlanDocument } from './writePlanDocument.ts';

// What is folded between different bundles: exact geometry, the same nest without it, rules of the trade.

const { largeBubble, smallBubble } = ORDINARY_WRAPS;
const IRON: Partial<PieceFacts> = { title: 'flat iron', archetype: 'rigidMetal', lengthIn: 6, widthIn: 4, heightIn: 5, weightLb: 7 };
const FLOAT: Partial<PieceFacts> = {
  title: 'float',
  archetype: 'blownGlass',
  lengthIn: 4,
  widthIn: 4,
  heightIn: 4,
  weightLb: 0.5,
};
const BOWL: Partial<PieceFacts> = { title: 'bowl', archetype: 'compactCeramic', lengthIn: 5, widthIn: 5, heightIn: 3, weightLb: 1.5 };
const BOXES = [box([14, 10, 10]), box([16, 12, 12]), box([20, 16, 12]), box([24, 18, 16])];
const idOf = (at: number) => `00000000-0000-4000-8000-0000000000${10 + at}`;
function asked(pieces: readonly Partial<PieceFacts>[] = [IRON, FLOAT], more: Parameters<typeof request>[1] = {}): PlanRequest {
  const one = request({}, { ...more, stock: { ...STOCK, boxes: BOXES, linerBoard: ORDINARY_LINER_BOARD, ...more.stock } });
  const all = pieces.map((facts, at) => ({ ...FACTS, ...facts, hardPoints: [], id: idOf(at) }));
  return { ...one, order: { ...one.order, pieces: all }, pieceIds: all.map(({ id }) => id) };
}
const WRAP = [{ material: 'largeBubble', turns: 1 }];
const LIES = { layers: WRAP, orientation: [0, 1, 2] as const };
const NEST: PlanChoice = { ...CHOICE, ...LIES, box: '24x18x16', others: [LIES], stand: { along: 0, parts: [0, 1] } };
const derive = (choice: Partial<PlanChoice> = {}, of = asked()): PlanOption => {
  const derived = derivePlan(of, { ...NEST, ...choice });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  return derived.option;
};
const stowed = (option: PlanOption) => option.rated.weighed.filled.stowed;
const FOLD = { pair: [0, 1], material: 'largeBubble', folds: 4 } as const;
const THICK_IN = 4 * largeBubble.thicknessIn;

describe('where it stands', () => {
  const [without, within] = [derive(), derive({ between: [FOLD] })];

  test('they stand so much farther apart, along the joint alone, and nothing else moves', () => {
    const [before, after] = [stowed(without), stowed(within)];
    expect(after.blockIn[0] - before.blockIn[0]).toBeCloseTo(THICK_IN, 12);
    expect(after.blockIn.slice(1)).toEqual(before.blockIn.slice(1));
    expect(after.bundles[1]!.atIn[0] - before.bundles[1]!.atIn[0]).toBeCloseTo(THICK_IN, 12);
    expect(after.bundles[0].atIn).toEqual(before.bundles[0].atIn);
    // as large as the smaller of the two is there
    const [, float] = after.bundles;
    expect(after.folds).toHaveLength(1);
    expect(after.folds[0]!.sizeIn).toEqual([expect.closeTo(THICK_IN, 12), float!.sizeIn[1], float!.sizeIn[2]]);
    expect(verifyPlan(writePlanDocument(within, asked().house), asked())).toEqual([]);
  });

  test('weighed, charged with its scraps, timed, and taken from the roll: four times its face', () => {
    const [, float] = stowed(within).bundles;
    const ft2 = (4 * float!.sizeIn[1] * float!.sizeIn[2]) / 144;
    const amount = (option: PlanOption) => stockUsed(option).find(({ key }) => key === 'largeBubble')!.amount;
    expect(amount(within) - amount(without)).toBeCloseTo(ft2, 9);
    const part = stowed(within).shell.made.find(({ key }) => key === 'folds')!;
    expect(part.weightLb).toBeCloseTo(ft2 * largeBubble.lbPerFt2, 12);
    const rollFt2 = (largeBubble.rollWidthIn * largeBubble.rollLengthIn) / 144;
    expect(part.costMinor).toBeCloseTo((ft2 * (1 + asked().house.scrapShare) * largeBubble.priceMinor) / rollFt2, 9);
    const steps = writeBenchSteps(within, asked().house);
    expect(steps.reduce((sum, { minutes }) => sum + minutes, 0)).toBeCloseTo(within.minutes, 9);
  });

  test('beside board it comes after it: both are as thick as they are', () => {
    const both = stowed(derive({ between: [FOLD], cells: true }));
    const caliperIn = ORDINARY_LINER_BOARD.board.caliperIn;
    expect(both.blockIn[0] - stowed(without).blockIn[0]).toBeCloseTo(THICK_IN + caliperIn, 12);
    expect(both.folds[0]!.atIn[0] - both.boards[0]!.atIn[0]).toBeCloseTo(caliperIn, 12);
    expect(both.boards[0]!.sizeIn[0]).toBeCloseTo(caliperIn, 12);
  });

  test('it belongs to the two, however they stand; to two that do not meet it brings nothing', () => {
    const of = asked([IRON, FLOAT, BOWL]);
    const stand = (parts: readonly [number, number, number]) =>
      stowed(derive({ others: [LIES, LIES], stand: { along: 0, parts }, between: [FOLD] }, of));
    expect(stand([2, 0, 1]).folds[0]!.sides).toEqual([[0], [1]]);
    expect(stand([1, 0, 2]).folds[0]!.sides).toEqual([[1], [0]]);
    expect(stand([0, 2, 1]).folds).toEqual([]);
    expect(
      neighboursOfPlan(writePlanDocument(derive({ others: [LIES, LIES], stand: { along: 0, parts: [0, 2, 1] } }, of), of.house)),
    ).toEqual([
      [0, 2],
      [1, 2],
    ]);
  });

  test.each([
    ['a wrap nobody has', { ...FOLD, material: 'felt' }],
    ['tissue, which cushions nothing', { ...FOLD, material: 'tissue' }],
  ])('%s is refused in words', (_, fold) => {
    expect(derivePlan(asked(), { ...NEST, between: [fold] })).toMatchObject({
      reasons: [expect.stringMatching(/folded between/) as string],
    });
  });
});

describe('what it does', () => {
  const [without, within] = [derive(), derive({ between: [FOLD] })];

  test('what lies toward the other is the same with the fold in series; the other faces are as they were', () => {
    const layersOf = (option: PlanOption, face: 'left' | 'right' | 'bottom') =>
      shockOnFaces(option.rated.weighed.filled, 1)!.faces[face].layers.map(({ thicknessIn }) => thicknessIn);
    const [before, after] = [layersOf(without, 'left'), layersOf(within, 'left')];
    expect(after).toHaveLength(before.length + 1);
    expect(after.filter((thick) => Math.abs(thick - THICK_IN) < 1e-9)).toHaveLength(1);
    // the floor they stand on is their own: what is folded between them carries nothing
    expect(layersOf(within, 'bottom')).toEqual(layersOf(without, 'bottom').map((thick) => expect.closeTo(thick, 9) as number));
  });

  test('thicker is never worse: they knock less, and the float breaks less often', () => {
    const chances = [1, 2, 4, 6].map((folds) => derive({ between: [{ ...FOLD, folds }] }));
    const of = (option: PlanOption) =>
      [knockOfOne(stowed(option), 1, 7), writePlanDocument(option, asked().house).risks![1]!.chance] as const;
    const all = [without, ...chances].map(of);
    for (const [i, [knock, breaks]] of all.entries())
      if (i > 0) expect([knock <= all[i - 1]![0] + 1e-15, breaks <= all[i - 1]![1] + 1e-12]).toEqual([true, true]);
    expect(all.at(-1)![0]).toBeLessThan(all[0]![0]);
  });
});

describe('dense beside delicate (common practice, no source: two inches between)', () => {
  const wrapped = (option: PlanOption) => stowed(option).bundles.map((one) => one.wrapped);
  const apart = (option: PlanOption, house = asked().house) => faultsOf(option.rated, house).filter(({ kind }) => kind === 'apart');

  test('an iron beside a glass float is; the float beside the iron, a bowl beside a float, two irons are not', () => {
    const [iron, float] = wrapped(derive());
    const [bowl] = wrapped(derive({}, asked([BOWL, FLOAT])));
    expect([isDenseBeside(iron!, float!), isDenseBeside(float!, iron!), isDenseBeside(bowl!, float!), isDenseBeside(iron!, iron!)]).toEqual(
      [true, false, false, false],
    );
  });

  test('it is a caution that names both, and a fold mends it; a house that wishes nothing says nothing', () => {
    expect(apart(derive())).toEqual([{ kind: 'apart', blocks: false, one: 'flat iron', other: 'float', apartIn: 0, wantedIn: 2 }]);
    const [neighbours] = neighboursIn(stowed(derive()), asked().house);
    const fold = foldWanted(neighbours!, asked().stock.wraps)!;
    const thickIn = fold.folds * asked().stock.wraps.find(({ key }) => key === fold.material)!.thicknessIn;
    expect(thickIn).toBeGreaterThanOrEqual(2 - 1e-9);
    expect(apart(derive({ between: [fold] }))).toEqual([]);
    expect(apart(derive(), { ...asked().house, betweenDenseIn: 0 })).toEqual([]);
    // a house may wish so much between any two
    expect(apart(derive({}, asked([BOWL, FLOAT])), { ...asked().house, betweenIn: 1 })).toMatchObject([{ wantedIn: 1 }]);
  });

  test('offered as a change with its price, and taking it out again once it is there', () => {
    const changes = nextBestChanges(asked(), NEST).flatMap((one) => (one.change.kind === 'between' ? [one] : []));
    expect(changes).toHaveLength(1);
    expect(changes[0]!.chance).toBeLessThan(derive().chance);
    expect(changes[0]!.choice.between).toHaveLength(1);
    const back = nextBestChanges(asked(), { ...NEST, between: [FOLD] }).flatMap(({ change }) =>
      change.kind === 'between' ? [change] : [],
    );
    expect(back).toContainEqual({ kind: 'between', ...FOLD, folds: 0 });
  });

  test('recommended where it is better by the house’s own judgement, and never where it is worse', () => {
    const best = (house: object) => {
      const of = { ...asked(), house: { ...asked().house, ...house } };
      const chosen = finish(planParcel(of));
      if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join());
      expect(verifyPlan(writePlanDocument(chosen.recommended, of.house), of)).toEqual([]);
      return chosen.recommended;
    };
    const [wished, plain] = [best({ betweenDenseIn: 2 }), best({ betweenDenseIn: 0 })];
    expect(plain.choice.between).toBeUndefined();
    expect(wished.expectedMinor).toBeLessThanOrEqual(plain.expectedMinor + Math.max(50, 0.02 * plain.nestCostMinor));
  });

  test('pinned it is in every nest, by the pruned search as by the whole', () => {
    const stock = {
      ...asked().stock,
      fills: STOCK.fills.slice(0, 1),
      wraps: [largeBubble, smallBubble].map((wrap) => ({ ...wrap, onHandFt2: 100 })),
    };
    const of = { ...asked(), stock, locks: { between: [FOLD] } };
    const [pruned, every] = [finish(planParcel(of)), finish(planParcel(of, true))];
    if (pruned.kind === 'noPlan' || every.kind === 'noPlan') throw new Error('no plan');
    expect(pruned.frontier.map(({ choice }) => choice)).toEqual(every.frontier.map(({ choice }) => choice));
    for (const { choice } of pruned.frontier) expect(choice.between).toEqual([FOLD]);
  });
});

test('the bench makes it before they go in and says where it goes; it is torn with the rest', () => {
  const option = derive({ between: [FOLD] });
  const steps = writeBenchSteps(option, asked().house);
  const at = steps.findIndex(({ key }) => key === 'box:folds');
  expect(steps[at]!.says).toMatch(
    /^Tear large bubble .+ long and .+ wide and fold it 4 thick, .+ × .+, for between A and B\. Tape it shut; it goes in with them\.$/,
  );
  expect(steps[at + 1]!.title).toMatch(/^Put [AB] in/);
  expect(steps.find(({ key }) => key === 'box:in:2')!.says).toMatch(/the fold of large bubble between/);
  const [, float] = stowed(option).bundles;
  const long = Math.max(float!.sizeIn[1], float!.sizeIn[2]);
  const { rolls } = tearList([{ code: 'AB12', plan: writePlanDocument(option, asked().house) }]);
  expect(rolls.find(({ key }) => key === 'largeBubble')!.pieces).toContainEqual({
    code: 'AB12',
    lengthIn: expect.closeTo(4 * long, 9) as number,
    count: 1,
    turns: 4,
    folded: true,
  });
});
