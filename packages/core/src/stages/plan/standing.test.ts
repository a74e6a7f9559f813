import fc from 'fast-check';
import { box, CHOICE, FACTS, finish, request, STOCK } from '../../../tests/sampleRequest.ts';
import { restingOf } from '../../engineering/stowage/resting.ts';
import { membersOf, standIn, type Stand } from '../../engineering/stowage/Stand.ts';
import { asWish, STANDING_RULES, ticked, wishesOf, type StandingRule, type StandingWish } from '../../engineering/stowage/standingRules.ts';
import type { Orientation } from '../../engineering/geometry/orientations.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { House } from '../../house/House.ts';
import { planParcel } from '../../planParcel.ts';
import { orientationsOf } from '../box/orientationsOf.ts';
import { asRuled } from '../box/standsAsRuled.ts';
import { writeBenchSteps } from '../bench/writeBenchSteps.ts';
import type { PieceFacts } from '../sale/Order.ts';
import { derivePlan } from './derivePlan.ts';
import { faultsOf } from './findFaults.ts';
import type { PlanOption } from '../frontier/PlanOption.ts';
import { piecesOf, type PlanRequest } from './PlanRequest.ts';
import { verifyPlan } from './verifyPlan.ts';
import { writePlanDocument } from './writePlanDocument.ts';
import { wishedPieces } from './wishedPieces.ts';

// Where a piece stands among others. Common practice, no source: heavy ones on the floor, nothing on what is weak above.

const SIZES: readonly Triple[] = [
  [6, 6, 4],
  [4, 4, 4],
  [5, 3, 2],
];
const holds = (rule: StandingRule, stand: Stand, at: number): boolean => {
  const stood = standIn(stand, SIZES);
  const resting = restingOf(
    stood.at.map((atIn, i) => ({ atIn, sizeIn: SIZES[i]! })),
    stood.sizeIn,
  );
  return STANDING_RULES[rule].holds(resting, at);
};

test.each<[StandingRule, Stand, readonly boolean[]]>([
  // upon one another, the first lowest
  ['onFloor', { along: 2, parts: [0, 1, 2] }, [true, false, false]],
  ['nothingOnIt', { along: 2, parts: [0, 1, 2] }, [false, false, true]],
  ['between', { along: 0, parts: [1, 0, 2] }, [true, false, false]],
  ['atWall', { along: 0, parts: [1, 0, 2] }, [true, true, true]],
  ['onFloor', { along: 0, parts: [0, 1, 2] }, [true, true, true]],
])('%s by what rests on what, told by hand', (rule, stand, told) => {
  expect([0, 1, 2].map((at) => holds(rule, stand, at))).toEqual(told);
});

const anyRule = fc.constantFrom(...(Object.keys(STANDING_RULES) as StandingRule[]));
test('of the ways there are those are kept that hold, with every bundle once and the outline as it was; none is made up', () => {
  const ways: { stand: Stand; turnOf: number[] }[] = [
    { stand: { along: 2, parts: [0, { along: 0, parts: [1, 2] }] }, turnOf: [0, 0, 0] },
    { stand: { along: 0, parts: [0, 1, 2] }, turnOf: [0, 0, 0] },
    { stand: { along: 2, parts: [0, 1, 2] }, turnOf: [0, 0, 0] },
  ];
  fc.assert(
    fc.property(fc.tuple(anyRule, anyRule, anyRule), (rules) => {
      const found = asRuled(
        rules,
        rules.map(() => null),
        SIZES.map((size) => [size]),
        2,
        (many) => ways.slice(0, many),
      );
      expect(found.length).toBeGreaterThan(0);
      const kept = found.filter(({ stand }) => rules.every((rule, at) => holds(rule, stand, at)));
      // all of them hold, or none does and they are as they were
      expect(kept.length === found.length || (kept.length === 0 && found.every((way, i) => way === ways[i]))).toBe(true);
      for (const { stand } of found) {
        expect([...membersOf(stand)].sort()).toEqual([0, 1, 2]);
        const outline = standIn(stand, SIZES).sizeIn;
        expect(ways.some((way) => standIn(way.stand, SIZES).sizeIn.join() === outline.join())).toBe(true);
      }
    }),
  );
});

const sidesOf = ({ lengthIn, widthIn, heightIn }: Partial<PieceFacts>) => [lengthIn!, widthIn!, heightIn!] as const;
const idOf = (at: number) => `00000000-0000-4000-8000-0000000000${10 + at}`;
const PIECES: readonly Partial<PieceFacts>[] = [
  { title: 'iron', archetype: 'rigidMetal', lengthIn: 6, widthIn: 5, heightIn: 4, weightLb: 7 },
  { title: 'bowl', archetype: 'compactCeramic', lengthIn: 5, widthIn: 5, heightIn: 3, weightLb: 1.5 },
  { title: 'tray', archetype: 'resinWood', lengthIn: 7, widthIn: 5, heightIn: 1, weightLb: 1 },
];
function asked(standing: Readonly<Record<string, StandingWish>>): PlanRequest {
  const fills = STOCK.fills.slice(0, 1);
  const one = request({}, { stock: { ...STOCK, fills, boxes: [box([12, 12, 12]), box([16, 14, 12]), box([20, 16, 14])] } });
  const all = PIECES.map((facts, at) => ({
    ...FACTS,
    hardPoints: [],
    ...facts,
    standing: standing[facts.title!] ?? 'anywhere',
    id: idOf(at),
  }));
  return { ...one, order: { ...one.order, pieces: all }, pieceIds: all.map(({ id }) => id) };
}
const planned = (of: PlanRequest) => {
  const chosen = finish(planParcel(of));
  if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join());
  return chosen;
};
const misplaced = (of: PlanRequest, option = planned(of).recommended) =>
  faultsOf(option.rated, of.house).filter(({ kind }) => kind === 'misplaced');

test.each<Readonly<Record<string, StandingWish>>>([
  { bowl: ['onFloor', 'nothingOnIt'] },
  { iron: ['lying', 'onFloor', 'atWall'] },
  { bowl: 'onFloor' },
  { bowl: 'nothingOnIt' },
  { iron: 'nothingOnIt', tray: 'onFloor' },
  { bowl: 'between' },
  { tray: 'onEnd', iron: 'lying' },
])('every nest on the frontier stands as it is wanted: %j', (rules) => {
  const of = asked(rules);
  const chosen = planned(of);
  for (const option of [...chosen.frontier, chosen.recommended]) {
    const { resting } = option.rated.weighed.filled.stowed;
    PIECES.forEach(({ title }, at) =>
      expect(wishesOf(rules[title!] ?? 'anywhere').filter((rule) => !STANDING_RULES[rule].holds(resting, at))).toEqual([]),
    );
    const upIn = (at: number) => sidesOf(PIECES[at]!)[option.rated.weighed.filled.stowed.bundles[at]!.orientation[2]];
    if (rules['tray'] === 'onEnd') expect([upIn(2) > 1, upIn(0)]).toEqual([true, 4]);
  }
  expect(misplaced(of, chosen.recommended)).toEqual([]);
  expect(verifyPlan(writePlanDocument(chosen.recommended, of.house), of)).toEqual([]);
  // the bench says so where it is put in
  const says = writeBenchSteps(chosen.recommended, of.house).map((step) => step.says);
  for (const rule of Object.values(rules).flatMap(wishesOf))
    expect(says.filter((text) => text.includes(STANDING_RULES[rule].said))).not.toEqual([]);
});

describe('next to one that is named', () => {
  const besides = (of: Readonly<Record<string, string>>, more: Readonly<Record<string, StandingWish>> = {}): PlanRequest => {
    const one = asked(more);
    const idCalled = (title: string) => one.order.pieces.find((piece) => piece.title === title)!.id;
    const pieces = one.order.pieces.map((piece) => ({ ...piece, beside: of[piece.title] ? idCalled(of[piece.title]!) : null }));
    return { ...one, order: { ...one.order, pieces } };
  };
  const notBeside = (of: PlanRequest, option: PlanOption) => faultsOf(option.rated, of.house).filter(({ kind }) => kind === 'notBeside');
  /** By their places and sides: they share a face that is upright. */
  const touch = ({ rated }: PlanOption, one: number, other: number): boolean => {
    const { bundles } = rated.weighed.filled.stowed;
    const [a, b] = [bundles[one]!, bundles[other]!];
    const common = (side: number) =>
      Math.min(a.atIn[side]! + a.sizeIn[side]!, b.atIn[side]! + b.sizeIn[side]!) - Math.max(a.atIn[side]!, b.atIn[side]!);
    return common(2) > 1e-6 && ((common(0) > 1e-6 && common(1) <= 1e-6) || (common(1) > 1e-6 && common(0) <= 1e-6));
  };

  test.each<[Readonly<Record<string, string>>, number, number]>([
    [{ bowl: 'iron' }, 1, 0],
    [{ tray: 'bowl' }, 2, 1],
    [{ iron: 'tray' }, 0, 2],
  ])('every nest on the frontier has them side by side: %j', (wanted, one, other) => {
    const of = besides(wanted);
    const chosen = planned(of);
    for (const option of [...chosen.frontier, chosen.recommended]) expect(touch(option, one, other)).toBe(true);
    expect(notBeside(of, chosen.recommended)).toEqual([]);
  });
  test('with another rule at once; and what a hand stands otherwise is said', () => {
    const of = besides({ bowl: 'iron' }, { tray: 'onFloor' });
    const chosen = planned(of);
    expect([touch(chosen.recommended, 1, 0), misplaced(of, chosen.recommended)]).toEqual([true, []]);
    const lies = { layers: [{ material: 'largeBubble', turns: 1 }], orientation: [0, 1, 2] as const };
    const upon = derivePlan(of, { ...CHOICE, ...lies, box: '20x16x14', others: [lies, lies], stand: { along: 2, parts: [0, 1, 2] } });
    if (upon.kind === 'noPlan') throw new Error(upon.reasons.join());
    expect(notBeside(of, upon.option)).toEqual([{ kind: 'notBeside', blocks: false, of: 'bowl', other: 'iron' }]);
  });
  test('one that goes in another box, and itself, bind nothing', () => {
    const plain = planned(asked({}));
    for (const beside of ['00000000-0000-4000-8000-0000000000ff', idOf(1)]) {
      const one = asked({});
      const pieces = one.order.pieces.map((piece, at) => (at === 1 ? { ...piece, beside } : piece));
      const of = { ...one, order: { ...one.order, pieces } };
      const chosen = planned(of);
      expect(chosen.recommended.choice).toEqual(plain.recommended.choice);
      expect(notBeside(of, chosen.recommended)).toEqual([]);
    }
  });
  test.each<Readonly<Record<string, string>>>([{ tray: 'bowl' }, { bowl: 'tray' }])(
    'next to what another stands in is next to both: %j',
    (wanted) => {
      const one = besides(wanted);
      const pieces = one.order.pieces.map((piece, at) =>
        at === 0 ? { ...piece, lengthIn: 9, widthIn: 9 } : at === 1 ? { ...piece, within: { pieceId: idOf(0), standsOutIn: 1 } } : piece,
      );
      const of = { ...one, order: { ...one.order, pieces } };
      const chosen = planned(of);
      for (const option of chosen.frontier) expect(touch(option, 2, 0)).toBe(true);
      expect(notBeside(of, chosen.recommended)).toEqual([]);
    },
  );
});

describe('the dearest between the others, where the house has it so', () => {
  const worth = (minor: Readonly<Record<string, number>>, more: Readonly<Record<string, StandingWish>> = {}) => {
    const of = asked(more);
    const pieces = of.order.pieces.map((piece) => ({ ...piece, replacementMinor: minor[piece.title] ?? 1000 }));
    return { ...of, order: { ...of.order, pieces }, house: { ...of.house, dearestBetween: true } };
  };
  const wanted = (of: PlanRequest) => wishedPieces(of).map(({ standing }) => wishesOf(standing));

  test('it stands there in every nest of the frontier, and the bench says so', () => {
    const of = worth({ bowl: 9000 });
    const { frontier, recommended } = planned(of);
    for (const option of [...frontier, recommended])
      expect(STANDING_RULES.between.holds(option.rated.weighed.filled.stowed.resting, 1)).toBe(true);
    expect(misplaced(of, recommended)).toEqual([]);
    const says = writeBenchSteps(recommended, of.house).map((step) => step.says);
    expect(says.filter((text) => text.includes(STANDING_RULES.between.said))).toHaveLength(1);
  });

  test('what lies as somebody wants it still does; one that is wanted elsewhere, two as dear, and two alone are left', () => {
    expect(wanted(worth({ tray: 9000 }, { tray: 'onEnd' }))).toEqual([[], [], ['onEnd', 'between']]);
    expect(wanted(worth({ tray: 9000 }, { tray: 'atWall' }))).toEqual([[], [], ['atWall']]);
    expect(wanted(worth({ tray: 9000, bowl: 9000 }))).toEqual([[], [], []]);
    const of = worth({ bowl: 9000 });
    expect(wanted({ ...of, pieceIds: of.pieceIds.slice(0, 2) })).toEqual([[], []]);
    expect(wanted({ ...of, house: { ...of.house, dearestBetween: false } })).toEqual([[], [], []]);
  });

  // six at 60 are dearer together than one at 90, and none of them by itself
  test('the dearest is so by the piece', () => {
    const of = worth({ bowl: 9000, tray: 6000 });
    const pieces = of.order.pieces.map((piece) => (piece.title === 'tray' ? { ...piece, count: 6 } : piece));
    expect(wanted({ ...of, order: { ...of.order, pieces } })).toEqual([[], ['between'], []]);
  });
});

test('of several ticked the last decides between lying and on end; one is kept as one, none as anywhere', () => {
  expect(ticked(['lying', 'onFloor'], ['lying', 'onFloor', 'onEnd'])).toEqual(['onFloor', 'onEnd']);
  expect(ticked(['lying', 'onFloor'], ['lying'])).toEqual(['lying']);
  expect([asWish([]), asWish(['onFloor']), asWish(['onFloor', 'lying'])]).toEqual(['anywhere', 'onFloor', ['onFloor', 'lying']]);
  expect(wishesOf(['anywhere'])).toEqual([]);
});

test('what cannot be is planned all the same, and says what is not as it was wanted; so does a hand that stands them otherwise', () => {
  const all = asked({ iron: 'between', bowl: 'between', tray: 'between' });
  expect(misplaced(all).length).toBeGreaterThan(0);
  const of = asked({ bowl: 'nothingOnIt' });
  const lies = { layers: [{ material: 'largeBubble', turns: 1 }], orientation: [0, 1, 2] as const };
  const derived = derivePlan(of, { ...CHOICE, ...lies, box: '20x16x14', others: [lies, lies], stand: { along: 2, parts: [1, 0, 2] } });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  expect(misplaced(of, derived.option)).toEqual([{ kind: 'misplaced', blocks: false, rule: 'nothingOnIt', of: 'bowl' }]);
});

// common practice, no source: what is tall and slender lies, plates stand on edge
test.each<[what: string, sides: Triple, upOf: Partial<Record<StandingRule, number[]>>]>([
  ['a candlestick', [3, 3, 11], { lying: [0, 1], onEnd: [2], anywhere: [0, 1, 2] }],
  ['a plate', [10, 10, 1], { lying: [2], onEnd: [0, 1], anywhere: [0, 1, 2] }],
  ['a framed picture', [16, 12, 1], { lying: [2], onEnd: [0, 1] }],
  ['a cube, a hair out of true', [5, 5.05, 5], { lying: [0, 1, 2], onEnd: [0, 1, 2] }],
])('%s lies, or stands on end or edge, with the sides up that a packer means', (_, [lengthIn, widthIn, heightIn], upOf) => {
  for (const [standing, ups] of Object.entries(upOf)) {
    const facts = { standing: standing as StandingRule, lengthIn, widthIn, heightIn, keepUpright: false };
    expect([...new Set(orientationsOf(facts).map((orientation) => orientation[2]))].sort()).toEqual(ups);
  }
});

describe('a candlestick by itself', () => {
  const alone = (facts: Partial<PieceFacts>) =>
    request(
      { archetype: 'compactCeramic', lengthIn: 3, widthIn: 3, heightIn: 11, weightLb: 1.5, hardPoints: [], ...facts },
      { stock: { ...STOCK, boxes: [box([8, 8, 16]), box([16, 8, 8]), box([12, 12, 16])] } },
    );
  const upright = (option: { readonly choice: { readonly orientation: Orientation } }) => option.choice.orientation[2] === 2;

  test.each([
    ['lying', false],
    ['onEnd', true],
  ] as const)('%s in every nest of the frontier, and the bench says so', (standing, stands) => {
    const of = alone({ standing });
    const chosen = planned(of);
    expect([...chosen.frontier, chosen.recommended].map(upright)).not.toContain(!stands);
    expect(misplaced(of, chosen.recommended)).toEqual([]);
    const put = writeBenchSteps(chosen.recommended, of.house).filter(({ says }) => says.includes(STANDING_RULES[standing].said));
    expect(put).toHaveLength(1);
  });

  test('what keeps its way up and is to lie all the same stands, and the plan says that it is not as wanted', () => {
    const of = alone({ standing: 'lying', keepUpright: true });
    const { recommended } = planned(of);
    expect([upright(recommended), misplaced(of, recommended)]).toEqual([
      true,
      [{ kind: 'misplaced', blocks: false, rule: 'lying', of: FACTS.title }],
    ]);
  });

  test('what is wanted among others binds nothing that travels alone', () => {
    const plain = planned(alone({}));
    const said = planned(alone({ standing: 'between' }));
    expect(said.recommended.choice).toEqual(plain.recommended.choice);
    expect(misplaced(alone({ standing: 'between' }), said.recommended)).toEqual([]);
  });
});

// none of several plates lies on another, as several books do. Common practice, no source
describe('several plates', () => {
  const BOXES = [box([12, 12, 6]), box([14, 14, 14]), box([20, 16, 14])];
  const plates = (facts: Partial<PieceFacts> = {}, more: Partial<House> = {}, boxes = BOXES) => {
    const of = request(
      { archetype: 'compactCeramic', lengthIn: 8, widthIn: 8, heightIn: 0.75, weightLb: 0.75, count: 4, hardPoints: [], ...facts },
      { stock: { ...STOCK, boxes } },
    );
    return { ...of, house: { ...of.house, ...more } };
  };
  const layFlat = ({ frontier, recommended }: ReturnType<typeof planned>) =>
    [...frontier, recommended].filter(({ choice }) => choice.orientation[2] === 2).length;

  test('stand on edge in every nest, and the bench says so', () => {
    const of = plates();
    const chosen = planned(of);
    expect(layFlat(chosen)).toBe(0);
    expect(misplaced(of, chosen.recommended)).toEqual([]);
    const says = writeBenchSteps(chosen.recommended, of.house).map((step) => step.says);
    expect(says.filter((text) => text.includes(STANDING_RULES.onEnd.said))).toHaveLength(1);
  });

  test.each<[string, Partial<PieceFacts>, Partial<House>]>([
    ['where the house does not mind', {}, { platesOnEdge: false }],
    ['where somebody wants it so', { standing: 'lying' }, {}],
    ['where it goes alone', { count: 1 }, {}],
    ['where they go into one another', { nestStepIn: 0.5 }, {}],
    ['what does not break so', { archetype: 'paperStack' }, {}],
    ['what is not flat', { heightIn: 3 }, {}],
    ['what hangs in a frame', { archetype: 'glazedFlat' }, {}],
  ])('lie as they fit %s', (_, facts, house) => {
    const of = plates(facts, house);
    expect(wishedPieces(of)).toEqual(piecesOf(of));
  });

  test('lie where no box takes them on edge, and it is said; what is ticked among others stays', () => {
    const of = plates({ count: 2 }, {}, [box([12, 12, 6])]);
    const { recommended } = planned(of);
    expect(recommended.choice.orientation[2]).toBe(2);
    expect(misplaced(of, recommended)).toMatchObject([{ kind: 'misplaced', rule: 'onEnd' }]);
    expect(verifyPlan(writePlanDocument(recommended, of.house), of)).toEqual([]);
    expect(wishesOf(wishedPieces(plates({ standing: 'onFloor' }))[0].standing)).toEqual(['onFloor', 'onEnd']);
    // where none takes them at all, why is told as ever
    expect(finish(planParcel(plates({}, {}, [box([4, 4, 4])]))).kind).toBe('noPlan');
  });
});
