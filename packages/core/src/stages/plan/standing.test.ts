import fc from 'fast-check';
import { box, CHOICE, FACTS, finish, request, STOCK } from '../../../tests/sampleRequest.ts';
import { restingOf } from '../../engineering/stowage/resting.ts';
import { membersOf, standIn, type Stand } from '../../engineering/stowage/Stand.ts';
import { STANDING_RULES, type StandingRule } from '../../engineering/stowage/standingRules.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import { planParcel } from '../../planParcel.ts';
import { asRuled } from '../box/standsAsRuled.ts';
import { writeBenchSteps } from '../bench/writeBenchSteps.ts';
import type { PieceFacts } from '../sale/Order.ts';
import { derivePlan } from './derivePlan.ts';
import { faultsOf } from './findFaults.ts';
import type { PlanRequest } from './PlanRequest.ts';
import { verifyPlan } from './verifyPlan.ts';
import { writePlanDocument } from './writePlanDocument.ts';

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

const anyRule = fc.constantFrom<StandingRule>('anywhere', 'onFloor', 'nothingOnIt', 'atWall', 'between');
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

const idOf = (at: number) => `00000000-0000-4000-8000-0000000000${10 + at}`;
const PIECES: readonly Partial<PieceFacts>[] = [
  { title: 'iron', archetype: 'rigidMetal', lengthIn: 6, widthIn: 5, heightIn: 4, weightLb: 7 },
  { title: 'bowl', archetype: 'compactCeramic', lengthIn: 5, widthIn: 5, heightIn: 3, weightLb: 1.5 },
  { title: 'tray', archetype: 'resinWood', lengthIn: 7, widthIn: 5, heightIn: 1, weightLb: 1 },
];
function asked(standing: Readonly<Record<string, StandingRule>>): PlanRequest {
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

test.each<Readonly<Record<string, StandingRule>>>([
  { bowl: 'onFloor' },
  { bowl: 'nothingOnIt' },
  { iron: 'nothingOnIt', tray: 'onFloor' },
  { bowl: 'between' },
])('every nest on the frontier stands as it is wanted: %j', (rules) => {
  const of = asked(rules);
  const chosen = planned(of);
  for (const option of [...chosen.frontier, chosen.recommended]) {
    const { resting } = option.rated.weighed.filled.stowed;
    PIECES.forEach(({ title }, at) => expect(STANDING_RULES[rules[title!] ?? 'anywhere'].holds(resting, at)).toBe(true));
  }
  expect(misplaced(of, chosen.recommended)).toEqual([]);
  expect(verifyPlan(writePlanDocument(chosen.recommended, of.house), of)).toEqual([]);
  // the bench says so where it is put in
  const says = writeBenchSteps(chosen.recommended, of.house).map((step) => step.says);
  for (const rule of Object.values(rules)) expect(says.filter((text) => text.includes(STANDING_RULES[rule].said))).not.toEqual([]);
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
