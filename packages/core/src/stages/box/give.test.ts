import { box, finish, request, STOCK } from '../../../tests/sampleRequest.ts';
import { BEDDED_HOUSE } from '../../house/House.ts';
import { planParcel } from '../../planParcel.ts';
import { writeBenchSteps } from '../bench/writeBenchSteps.ts';
import { inspectItem } from '../item/inspectItem.ts';
import { verifyPlan } from '../plan/verifyPlan.ts';
import { writePlanDocument } from '../plan/writePlanDocument.ts';
import type { PieceFacts } from '../sale/Order.ts';
import { wrapItem } from '../wrap/wrapItem.ts';
import type { Wraps } from '../wrap/WrappedItem.ts';
import { heldBare, shellsRound, stow } from './stowInBox.ts';
import { whyNot } from './whyNot.ts';

// To fit, textiles may be squeezed by half an inch, shoes by a quarter, paper by a fiftieth; judgement. Bare here, so that sizes are
// those that are told.

type Kind = PieceFacts['archetype'];
const bare = (archetype: Kind, sizeIn: readonly [number, number, number], count = 1): Wraps => {
  const [lengthIn, widthIn, heightIn] = sizeIn;
  const { order } = request({ archetype, lengthIn, widthIn, heightIn, count, keepUpright: true, hardPoints: [] });
  return [wrapItem(inspectItem(order, order.pieces[0]!), [], STOCK, BEDDED_HOUSE)];
};
const stowed = (wraps: Wraps, insideIn: [number, number, number]) =>
  heldBare(wraps).flatMap((held) =>
    shellsRound(held, { boxes: [box(insideIn)], linerBoard: null }, BEDDED_HOUSE).map((shell) => stow(held, shell)),
  );

test.each<[Kind, number, boolean]>([
  ['textile', 0.5, true],
  ['textile', 0.51, false],
  ['shoes', 0.25, true],
  ['shoes', 0.26, false],
  ['paperStack', 0.02, true],
  ['paperStack', 0.03, false],
  ['rigidMetal', 0, false],
  ['compactCeramic', 0.01, false],
])('%s, on one side %d in larger than the box: goes in %s', (kind, byIn, goes) => {
  const found = stowed(bare(kind, [12 + byIn, 10, 6]), [12, 11, 8]);
  expect(found.length > 0).toBe(goes);
  for (const { blockIn, bundles, gaps, pressedIn } of found) {
    expect(blockIn).toEqual([12, 10, 6]);
    expect(bundles[0].bundleIn).toEqual(blockIn);
    expect([gaps.left, gaps.right, gaps.front, gaps.top]).toEqual([0, 0, 0.5, 1]);
    expect(pressedIn![0]).toBeCloseTo(byIn, 12);
    expect(pressedIn!.slice(1)).toEqual([0, 0]);
  }
});

test('what has room is not pressed', () => {
  const [one] = stowed(bare('textile', [12, 10, 6]), [14, 12, 8]);
  expect([one!.blockIn, one!.pressedIn]).toEqual([[12, 10, 6], undefined]);
  // exactly as large it goes in as it is
  expect(stowed(bare('textile', [12, 10, 6]), [12, 10, 6])[0]!.pressedIn).toBeUndefined();
});

test('several alike give each its part, along each axis as many as stand there', () => {
  const inABox = stowed(bare('textile', [12, 10, 4.4], 2), [12, 10, 8]);
  const upon = inABox.find(({ bundles }) => bundles[0].layout.grid.join() === '1,1,2')!;
  expect(upon.blockIn).toEqual([12, 10, 8]);
  expect(upon.bundles[0].bundleIn[2]).toBeCloseTo(4, 12);
  expect(upon.bundles[0].sizeIn[2]).toBeCloseTo(8, 12);
  expect(stowed(bare('textile', [12, 10, 4.6], 2), [12, 10, 8])).toEqual([]);
});

test('why a box does not do is told by what is left once it is pressed', () => {
  const [refused] = whyNot(bare('textile', [13, 10, 6]), [box([12, 12, 8])], BEDDED_HOUSE);
  expect(refused!.shortIn).toBeCloseTo(0.5, 12);
  expect(whyNot(bare('textile', [12.5, 10, 6]), [box([12, 12, 8])], BEDDED_HOUSE)).toEqual([]);
});

test('a quilt is pressed into the box of its own size; its nest adds up, and the bench says so', () => {
  const facts = { archetype: 'textile', lengthIn: 16, widthIn: 12, heightIn: 8, weightLb: 6, hardPoints: [], finish: 'plain' } as const;
  const of = request(facts, { stock: { ...STOCK, boxes: [box([16, 12, 8]), box([20, 16, 14])] } });
  const chosen = finish(planParcel(of));
  if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join());
  const { recommended } = chosen;
  expect(recommended.choice.box).toBe('16x12x8');
  expect(verifyPlan(writePlanDocument(recommended, of.house), of)).toEqual([]);
  const puts = writeBenchSteps(recommended, of.house).filter(({ says }) => says.includes('press it flat as it goes in'));
  expect(puts).toHaveLength(1);
  // the same of brass goes into the other
  const brass = finish(planParcel(request({ ...facts, archetype: 'rigidMetal' }, { stock: of.stock })));
  expect(brass.kind === 'planned' && brass.recommended.choice.box).toBe('20x16x14');
});

test('what is larger by less than anybody feels is not said to be pressed', () => {
  const saysPress = (by: number) => {
    const facts = { archetype: 'textile', lengthIn: 16 + by, widthIn: 12 + by, heightIn: 8 + by, weightLb: 6, hardPoints: [] } as const;
    const of = request({ ...facts, finish: 'plain' }, { stock: { ...STOCK, boxes: [box([16, 12, 8])] } });
    const chosen = finish(planParcel(of));
    if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join());
    const { pressedIn } = chosen.recommended.rated.weighed.filled.stowed;
    return { pressedIn, says: writeBenchSteps(chosen.recommended, of.house).some(({ says }) => says.includes('press it flat')) };
  };
  // as much smaller as its wrap adds, but for a thirty-second of an inch
  const { pressedIn, says } = saysPress(0);
  expect(says).toBe(true);
  const hardly = saysPress(1 / 32 - Math.max(...pressedIn!));
  expect(Math.max(...hardly.pressedIn!)).toBeCloseTo(1 / 32, 9);
  expect(hardly.says).toBe(false);
});

test('different ones larger by a rounding alone are not pressed, and all of them stay', () => {
  const sides = (id: string, lengthIn: number) => {
    const { order } = request({ id, archetype: 'compactCeramic', lengthIn, widthIn: 3, heightIn: 3, hardPoints: [] });
    return wrapItem(inspectItem(order, order.pieces[0]!), [], STOCK, BEDDED_HOUSE);
  };
  const wraps: Wraps = [sides('00000000-0000-4000-8000-000000000001', 1.1), sides('00000000-0000-4000-8000-000000000002', 2.2)];
  const inARow = heldBare(wraps, { stand: { along: 0, parts: [0, 1] } }).find(({ heldIn }) => heldIn[0] > 3.3)!;
  expect(inARow.heldIn[0]).toBeCloseTo(3.3, 12);
  const [shell] = shellsRound(inARow, { boxes: [box([6, 6, 6])], linerBoard: null }, BEDDED_HOUSE);
  const { bundles, pressedIn } = stow(inARow, { ...shell!, insideIn: [3.3, 6, 6] });
  expect([bundles.length, pressedIn]).toEqual([2, undefined]);
});
