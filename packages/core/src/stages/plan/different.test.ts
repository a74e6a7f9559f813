import { box, CHOICE, finish, FACTS, request, STOCK } from '../../../tests/sampleRequest.ts';
import { ORDINARY_LINER_BOARD } from '../../engineering/materials/ordinaryStock.ts';
import { planParcel } from '../../planParcel.ts';
import { writeBenchSteps } from '../bench/writeBenchSteps.ts';
import { stockUsed } from './stockUsed.ts';
import { shockOnFaces } from '../frontier/shockJourney.ts';
import type { PlanChoice, PlanOption } from '../frontier/PlanOption.ts';
import type { PieceFacts } from '../sale/Order.ts';
import { derivePlan } from './derivePlan.ts';
import { faultsOf } from './findFaults.ts';
import { nextBestChanges } from './nextBestChanges.ts';
import { planBundles } from './PlanDocument.ts';
import type { PlanRequest } from './PlanRequest.ts';
import { sendMany } from './sendMany.ts';
import { verifyPlan } from './verifyPlan.ts';
import { writePlanDocument } from './writePlanDocument.ts';

// Different pieces in one parcel: against the same things said otherwise, against parcels of one, and rules of the trade.

const JAR: Partial<PieceFacts> = {
  archetype: 'blownGlass',
  lengthIn: 3.5,
  widthIn: 3.5,
  heightIn: 6,
  weightLb: 11 / 16,
  keepUpright: true,
};
const BOWL: Partial<PieceFacts> = { title: 'bowl', lengthIn: 6, widthIn: 6, heightIn: 4, weightLb: 2 };
const BOXES = [box([16, 14, 12]), box([20, 16, 12]), box([24, 18, 16])];
const idOf = (at: number) => `00000000-0000-4000-8000-0000000000${10 + at}`;

function asked(pieces: readonly Partial<PieceFacts>[], more: Parameters<typeof request>[1] = {}): PlanRequest {
  const one = request({}, { ...more, stock: { ...STOCK, boxes: BOXES, ...more.stock } });
  const all = pieces.map((facts, at) => ({ ...FACTS, ...facts, id: idOf(at) }));
  return { ...one, order: { ...one.order, pieces: all }, pieceIds: all.map(({ id }) => id) };
}
const WRAP = [{ material: 'largeBubble', turns: 2 }];
const NEST: PlanChoice = { ...CHOICE, layers: WRAP, orientation: [0, 1, 2], box: '24x18x16' };
const derive = (of: PlanRequest, choice: Partial<PlanChoice> = {}): PlanOption => {
  const derived = derivePlan(of, { ...NEST, ...choice });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  return derived.option;
};
const other = (layers = WRAP): PlanChoice['others'] => [{ layers, orientation: [0, 1, 2] }];

describe('parts equal the whole: two that are alike, told as two pieces, are two of one', () => {
  const told = derive(asked([JAR, JAR], { soldMinor: 2400 }), { others: other(), stand: { along: 0, parts: [0, 1] } });
  const counted = derive(asked([{ ...JAR, count: 2 }], { soldMinor: 2400 }), { grid: [2, 1, 1] });

  test('weight, cost, minutes, stock and room', () => {
    expect(told.rated.weighed.grossLb).toBeCloseTo(counted.rated.weighed.grossLb, 12);
    expect(told.costMinor).toBeCloseTo(counted.costMinor, 9);
    expect(told.minutes).toBeCloseTo(counted.minutes, 9);
    expect(told.rated.weighed.filled.stowed.gaps).toEqual(counted.rated.weighed.filled.stowed.gaps);
    const used = (option: PlanOption) => new Map(stockUsed(option).map(({ kind, key, amount }) => [`${kind} ${key}`, amount]));
    for (const [what, amount] of used(counted)) expect([what, used(told).get(what)]).toEqual([what, expect.closeTo(amount, 9)]);
  });

  test('what lies on each face of each, and the chance of breaking within a twentieth', () => {
    const { filled } = told.rated.weighed;
    const [one, two] = [shockOnFaces(filled, 0)!, shockOnFaces(filled, 1)!];
    const areas = ({ faces }: typeof one) => Object.values(faces).map(({ layers }) => layers.map(({ areaIn2 }) => areaIn2));
    // the first has the second beyond it to the right, as the second has the first to the left
    expect(areas(one)[5]).toEqual(areas(two)[4]);
    expect(areas(one)[4]).toEqual(areas(two)[5]);
    expect(told.chance / counted.chance).toBeCloseTo(1, 1);
    expect(told.riskMinor / counted.riskMinor).toBeCloseTo(1, 1);
    expect(told.causes.map(({ key }) => key)).toEqual(counted.causes.map(({ key }) => key));
  });

  test('each by itself as likely as the other, and less than both', () => {
    const document = writePlanDocument(told, asked([]).house);
    const [one, two] = document.risks!;
    expect(one!.chance).toBeCloseTo(two!.chance, 12);
    expect(document.chance).toBeGreaterThan(one!.chance);
    expect(document.chance).toBeLessThan(one!.chance + two!.chance);
  });
});

test('what is found of several is bettered step by step, and can be left between two of them', () => {
  const steps = planParcel(asked([JAR, BOWL, { ...BOWL, title: 'other', heightIn: 3 }]));
  const expected: number[] = [];
  let pauses = 0;
  let evaluated = -1;
  let step = steps.next();
  for (; !step.done; step = steps.next()) {
    const { soFar } = step.value;
    pauses = step.value.evaluated === evaluated ? pauses + 1 : 0;
    evaluated = step.value.evaluated;
    if (pauses % 16 !== 1) continue;
    const chosen = soFar();
    if (chosen.kind === 'planned') expected.push(chosen.recommended.expectedMinor);
  }
  // no plan is worked out by the search any more: it is polished, searched again and changed
  expect(pauses).toBeGreaterThan(50);
  if (step.value.kind === 'noPlan') throw new Error(step.value.reasons.join());
  expect(expected.at(-1)).toBeGreaterThanOrEqual(step.value.recommended.expectedMinor);
});

test('beside what is recommended of several no single change is better still', () => {
  const plate: Partial<PieceFacts> = { title: 'plate', archetype: 'handledWare', lengthIn: 9, widthIn: 9, heightIn: 2, weightLb: 1.5 };
  for (const pieces of [
    [JAR, BOWL, plate],
    [BOWL, JAR, { ...JAR, title: 'other', heightIn: 9 }, plate],
  ]) {
    const of = asked(pieces, { stock: { boxes: [...BOXES, box([14, 12, 10]), box([18, 12, 8]), box([12, 10, 10])] } });
    const steps = planParcel(of);
    let step = steps.next();
    while (!step.done) step = steps.next();
    if (step.value.kind === 'noPlan') throw new Error(step.value.reasons.join());
    const better = nextBestChanges(of, step.value.recommended.choice).filter((one) => one.better && !one.blocks);
    // what is put on a piece changes the piece, and is told
    expect(better.map(({ change }) => change.kind).filter((kind) => kind !== 'guard' && kind !== 'hollow')).toEqual([]);
  }
});

describe('columns of different bundles', () => {
  const upon = asked([JAR, BOWL]);
  const stacked = derive(upon, { others: other(), stand: { along: 2, parts: [1, 0] } });
  const beside = derive(upon, { others: other(), stand: { along: 0, parts: [1, 0] } });
  const layersOf = (option: PlanOption, at: number, face: 'bottom' | 'top') =>
    shockOnFaces(option.rated.weighed.filled, at)!.faces[face].layers;

  test('what lies below carries what lies above by its weight, and cushions it in series', () => {
    const [alone, below] = [layersOf(beside, 1, 'bottom')[0]!, layersOf(stacked, 1, 'bottom')[0]!];
    expect(below.areaIn2).toBeCloseTo(alone.areaIn2 / ((2 + 11 / 16) / 2), 9);
    // the jar’s wrap, the bowl’s above and beneath, and the base
    expect(layersOf(stacked, 0, 'bottom').map(({ thicknessIn }) => thicknessIn)).toEqual([
      expect.closeTo(0.9, 9),
      expect.closeTo(0.9, 9),
      expect.closeTo(0.9, 9),
      expect.closeTo(stacked.rated.weighed.filled.effectiveGaps.bottom, 9),
    ]);
    expect(layersOf(stacked, 0, 'top')).toHaveLength(2);
  });

  test('nothing lies on what stands beside: each goes its own way to the ground', () => {
    expect([layersOf(beside, 0, 'bottom').length, layersOf(beside, 1, 'bottom').length]).toEqual([2, 2]);
  });
});

describe('worth and loss', () => {
  const dear = { ...JAR, replacementMinor: 20_000 };
  const cheap = { ...BOWL, archetype: 'rigidMetal' as const, replacementMinor: 500 };
  test('where the delicate one breaks its own worth goes, and the postage and the trouble of the whole parcel', () => {
    const option = derive(asked([dear, cheap]), { others: other(), stand: { along: 0, parts: [0, 1] } });
    const shock = option.causes.find(({ key }) => key === 'shock')!;
    expect(shock.shareLost).toBeGreaterThan(20_000 / 20_500 - 0.05);
    expect(shock.shareLost).toBeLessThanOrEqual(1);
    expect(option.lossMinor).toBeGreaterThan(20_500);
    const swapped = derive(
      asked([
        { ...dear, replacementMinor: 500 },
        { ...cheap, replacementMinor: 20_000 },
      ]),
      {
        others: other(),
        stand: { along: 0, parts: [0, 1] },
      },
    );
    expect(swapped.chance).toBeCloseTo(option.chance, 12);
    expect(swapped.riskMinor).toBeLessThan(option.riskMinor / 2);
  });

  test('a second piece makes a parcel no safer, and no riskier than two parcels', () => {
    const [jar, bowl] = [asked([JAR]), asked([BOWL])].map((of) => derive(of).chance) as [number, number];
    const both = derive(asked([JAR, BOWL]), { others: other(), stand: { along: 0, parts: [0, 1] } }).chance;
    expect(both).toBeGreaterThan(Math.max(jar, bowl));
    expect(both).toBeLessThan((jar + bowl) * 1.5);
  });
});

describe('the search', () => {
  const narrow = { stock: { ...STOCK, boxes: BOXES, fills: STOCK.fills.slice(0, 1), wraps: STOCK.wraps.slice(0, 3) }, soldMinor: 9000 };
  test.each([
    ['a jar and a bowl', [JAR, BOWL]],
    [
      'three of three kinds',
      [JAR, BOWL, { ...BOWL, archetype: 'thinFigure' as const, lengthIn: 3, widthIn: 3, heightIn: 7, weightLb: 0.75 }],
    ],
    ['six alike and another', [{ ...JAR, count: 6 }, BOWL]],
  ])('%s: the same frontier as working every plan out, and the plan holds', (_, pieces) => {
    const wanted = asked(pieces, narrow);
    const [pruned, every] = [finish(planParcel(wanted)), finish(planParcel(wanted, true))];
    if (pruned.kind === 'noPlan' || every.kind === 'noPlan') throw new Error(JSON.stringify(pruned));
    expect(pruned.frontier.map(({ choice }) => choice)).toEqual(every.frontier.map(({ choice }) => choice));
    expect(pruned.recommended.choice).toEqual(every.recommended.choice);
    const document = writePlanDocument(pruned.recommended, wanted.house);
    expect(verifyPlan(document, wanted)).toEqual([]);
    const heap = {
      ...document,
      others: document.others!.map((one) => ({ ...one, block: { ...one.block, at: one.block.at.map(() => document.block.at[0]!) } })),
    };
    expect(verifyPlan(heap, wanted).length).toBeGreaterThan(0);
  });

  test('what is pinned of one bundle stays, whatever is found for the other', () => {
    const pinned = asked([JAR, BOWL], {
      ...narrow,
      locks: { others: [{ layers: [{ material: 'largeBubble', turns: 4 }] }], stand: { along: 0, parts: [1, 0] } },
    });
    const found = finish(planParcel(pinned));
    if (found.kind === 'noPlan') throw new Error(found.reasons.join());
    for (const { choice } of found.frontier) {
      expect(choice.others![0]!.layers).toEqual([{ material: 'largeBubble', turns: 4 }]);
      expect(choice.stand).toEqual({ along: 0, parts: [1, 0] });
    }
  });

  test('changes of each bundle are offered, and say which', () => {
    const of = asked([JAR, BOWL]);
    const nest = { ...NEST, others: other(), stand: { along: 0 as const, parts: [0, 1] } };
    const turns = nextBestChanges(of, nest).flatMap(({ change, choice }) => (change.kind === 'turns' ? [{ change, choice }] : []));
    const second = turns.filter(({ change }) => change.bundle === 1);
    expect(second.length).toBeGreaterThan(0);
    for (const { choice } of second)
      expect([choice.layers, JSON.stringify(choice.others) === JSON.stringify(nest.others)]).toEqual([WRAP, false]);
  });

  test('as many choices as pieces, or a sentence', () => {
    const derived = derivePlan(asked([JAR, BOWL]), NEST);
    expect(derived).toEqual({ kind: 'noPlan', reasons: ['one bundle is chosen for 2 pieces'] });
    expect(() => finish(planParcel({ ...asked([JAR]), pieceIds: [] }))).toThrow(/at least one piece/);
    expect(() => finish(planParcel({ ...asked([JAR]), pieceIds: [idOf(7)] }))).toThrow(/not 0000/);
  });
});

describe('at the bench', () => {
  const of = asked([{ ...JAR, title: 'jar' }, BOWL]);
  const option = derive(of, { others: other(), stand: { along: 2, parts: [1, 0] } });
  const steps = writeBenchSteps(option, of.house, 'imperial', { bundleIds: ['one', 'two'] });

  test('each bundle by its letter, the lowest first; its keys are its own', () => {
    const layers = steps.filter(({ key }) => key.includes('layer:'));
    expect(layers.map(({ title, key, bundle }) => [title.slice(0, 2), key.split(':')[0], bundle])).toEqual([
      ['B,', 'two', 1],
      ['A,', 'one', 0],
    ]);
    expect(steps.filter(({ records }) => records === 'bundle').map(({ bundle }) => bundle)).toEqual([1, 0]);
    expect(new Set(steps.map(({ key }) => key)).size).toBe(steps.length);
  });

  test('one after the other goes in, where it is said, drawn as it stands so far', () => {
    const put = steps.filter(({ key }) => key.startsWith('box:in'));
    expect(put.map(({ title, says }) => [title, says.split(',')[0]])).toEqual([
      ['Put B in', 'On the base'],
      ['Put A in', 'Upon B'],
    ]);
    expect(put.map(({ picture }) => picture.put)).toEqual([[1], [1, 0]]);
  });

  test('its minutes are the plan’s', () => expect(steps.reduce((sum, { minutes }) => sum + minutes, 0)).toBeCloseTo(option.minutes, 9));

  test('parts come off first, each after the one before it; what loosens goes in a bag', () => {
    const lamp = { title: 'lamp', archetype: 'fineMetal' as const, lengthIn: 5, widthIn: 5, heightIn: 8, weightLb: 3 };
    const part = (title: string, after: string | null, loosens = '') => ({ ...BOWL, title, partOf: { pieceId: idOf(0), after, loosens } });
    const apart = asked([lamp, part('gallery', idOf(2)), part('chimney', null, 'three screws')]);
    const nest = derive(apart, { others: [...other()!, ...other()!], stand: { along: 0, parts: [0, 1, 2] } });
    const all = writeBenchSteps(nest, apart.house);
    expect(all.slice(0, 2).map(({ title }) => title)).toEqual(['Take off: chimney', 'Take off: gallery']);
    expect(all[0]!.says).toMatch(/^From lamp; .*Three screws: into the bag/);
    expect(all.findIndex(({ title }) => title === 'Put in: the bag')).toBeGreaterThan(all.findIndex(({ key }) => key.startsWith('box:in')));
    const round = asked([lamp, part('gallery', idOf(2)), part('chimney', idOf(1))]);
    expect(() => finish(planParcel(round))).toThrow('gallery and chimney would each have to come off before the other');
  });

  test('a part that goes in another box than its whole came off there; none comes off itself', () => {
    const alone = asked([{ ...BOWL, title: 'gallery', partOf: { pieceId: idOf(9), after: null, loosens: 'a screw' } }]);
    expect(writeBenchSteps(derive(alone), alone.house).some(({ key }) => key.includes('off:'))).toBe(false);
    const itself = asked([{ ...BOWL, title: 'ring', partOf: { pieceId: idOf(0), after: null, loosens: '' } }, JAR]);
    expect(() => finish(planParcel(itself))).toThrow('ring cannot come off itself');
  });

  test('a fault says of which piece', () => {
    const bare = derive(of, { layers: [], others: other(), stand: { along: 0, parts: [0, 1] } });
    const feel = faultsOf(bare.rated, of.house).filter(({ kind }) => kind === 'feel');
    expect(feel.length).toBeGreaterThan(0);
    for (const fault of feel) expect(fault.of).toBe('jar');
  });

  test('sent many times it breaks as often as reckoned, each piece by name', () => {
    const document = writePlanDocument(option, of.house);
    expect(planBundles(document).map(({ piece }) => piece.title)).toEqual(['jar', 'bowl']);
    const sent = finish(sendMany(option, [], 4000, 5));
    expect(Math.abs(sent.breakages.length / 4000 - sent.chance)).toBeLessThan(4 * sent.standardError + sent.chance / 10);
    expect(new Set(sent.breakages.flatMap(({ of: which }) => which ?? []))).toContain('jar');
  });
});

test('wrapped and measured a little thicker, the search still finds what one change by hand would bring', () => {
  const goblets: Partial<PieceFacts> = {
    title: 'goblets',
    archetype: 'pressedGlass',
    lengthIn: 3.15,
    widthIn: 3.15,
    heightIn: 7.5,
    weightLb: 0.7,
    count: 4,
  };
  const jug: Partial<PieceFacts> = { title: 'jug', archetype: 'rigidMetal', lengthIn: 5.5, widthIn: 4.3, heightIn: 7.9, weightLb: 2 };
  const of = asked([goblets, jug], { stock: { ...STOCK, boxes: [...BOXES, box([14, 14, 20])] }, soldMinor: 13_600 });
  const first = finish(planParcel(of));
  if (first.kind === 'noPlan') throw new Error(first.reasons.join());
  const { choice } = first.recommended;
  const [l, w, h] = first.recommended.rated.weighed.filled.stowed.bundles[0].wrapped.bundleIn;
  // no two sides alike any more, so that many ways of lying are nearly one
  const locks = {
    layers: choice.layers,
    ...(choice.guards ? { guards: choice.guards } : {}),
    bundle: { sizeIn: [l + 0.15, w + 0.05, h + 0.1], weightLb: null },
  } as const;
  const measured = { ...of, locks };
  const anew = finish(planParcel(measured));
  if (anew.kind === 'noPlan') throw new Error(anew.reasons.join());
  const byHand = nextBestChanges(measured, choice).filter(
    ({ blocks, change }) => !blocks && ['box', 'fill', 'turned'].includes(change.kind),
  );
  expect(byHand.length).toBeGreaterThan(2);
  for (const change of byHand) expect(anew.recommended.expectedMinor).toBeLessThan(change.expectedMinor + 50);
});

describe('board between different bundles', () => {
  const sheet = { stock: { ...STOCK, boxes: BOXES, linerBoard: ORDINARY_LINER_BOARD } };
  const stand = { along: 0, parts: [0, 1] } as const;
  const two = asked([JAR, BOWL], { ...sheet, soldMinor: 9000 });
  const apart = derive(two, { others: other(), stand, cells: true });
  const close = derive(two, { others: other(), stand });
  const { caliperIn } = ORDINARY_LINER_BOARD.board;

  test('they stand so much farther apart, it weighs, costs, takes time and sheet, and they knock together less', () => {
    const block = ({ rated }: PlanOption) => rated.weighed.filled.stowed;
    expect(block(apart).blockIn[0] - block(close).blockIn[0]).toBeCloseTo(caliperIn, 12);
    expect(apart.rated.weighed.grossLb).toBeGreaterThan(close.rated.weighed.grossLb);
    // less the fill that goes where the board is
    expect(apart.minutes - close.minutes).toBeCloseTo(0.75, 1);
    const board = (option: PlanOption) => stockUsed(option).find(({ kind }) => kind === 'board')?.amount ?? 0;
    expect([board(close), board(apart) > 0]).toEqual([0, true]);
    const knock = ({ causes }: PlanOption) => causes.find(({ key }) => key === 'knock')!.chance;
    // board takes a knock as the wall of an inner box does
    expect(knock(apart) / knock(close)).toBeCloseTo(0.2, 2);
  });

  test('two jars told as two and parted are two of one in cells', () => {
    const told = derive(asked([JAR, JAR], { ...sheet, soldMinor: 2400 }), { others: other(), stand, cells: true });
    const counted = derive(asked([{ ...JAR, count: 2 }], { ...sheet, soldMinor: 2400 }), { grid: [2, 1, 1], cells: true });
    expect(told.rated.weighed.grossLb).toBeCloseTo(counted.rated.weighed.grossLb, 9);
    expect(told.costMinor).toBeCloseTo(counted.costMinor, 6);
    expect(told.minutes).toBeCloseTo(counted.minutes, 9);
    expect(told.rated.weighed.filled.stowed.gaps.left).toBeCloseTo(counted.rated.weighed.filled.stowed.gaps.left, 12);
    expect(told.chance / counted.chance).toBeCloseTo(1, 1);
  });

  test('its document checks, has the board where it stands, and the bench cuts it and says where it goes', () => {
    const document = writePlanDocument(apart, two.house);
    expect(document.boards).toHaveLength(1);
    expect(verifyPlan(document, two)).toEqual([]);
    expect(writePlanDocument(close, two.house).boards).toBeUndefined();
    const steps = writeBenchSteps(apart, two.house);
    expect(steps.find(({ key }) => key === 'box:cells')).toMatchObject({ title: 'Cut the boards between' });
    expect(steps.filter(({ says }) => says.includes('a board between'))).toHaveLength(1);
    expect(steps.every(({ says }) => !says.includes('wraps touching'))).toBe(true);
  });

  test('a house that has cells where they pay parts them where that pays; pinned, it is done', () => {
    const bare = asked([{ ...JAR, hardPoints: [] }, BOWL], { ...sheet, soldMinor: 90_000, house: { cells: true } });
    const best = (of: PlanRequest) => {
      const chosen = finish(planParcel(of));
      if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join());
      return chosen.recommended;
    };
    const with_ = best(bare);
    const without = best({ ...bare, house: { ...bare.house, cells: false } });
    expect(without.choice.cells).toBeUndefined();
    expect(with_.expectedMinor).toBeLessThanOrEqual(without.expectedMinor + 1e-6);
    expect(best({ ...bare, locks: { cells: true } }).choice.cells).toBe(true);
    expect(best({ ...bare, locks: { cells: false } }).choice.cells).toBeUndefined();
  });

  test('it is offered as one change, and taken back as one', () => {
    const cells = (choice: Partial<PlanChoice>) =>
      nextBestChanges(two, { ...NEST, others: other(), stand, ...choice }).find(({ change }) => change.kind === 'cells')?.change;
    expect(cells({})).toEqual({ kind: 'cells', cells: true });
    expect(cells({ cells: true })).toEqual({ kind: 'cells', cells: false });
  });
});
