import { finish, request, STOCK, box } from '../../../tests/sampleRequest.ts';
import type { WrapStock } from '../../engineering/materials/stock.ts';
import { ORDINARY_WRAPS } from '../../engineering/materials/ordinaryStock.ts';
import { planParcel } from '../../planParcel.ts';
import { writeBenchSteps } from '../bench/writeBenchSteps.ts';
import { derivePlan } from '../plan/derivePlan.ts';
import type { PlanRequest } from '../plan/PlanRequest.ts';
import type { PieceFacts } from '../sale/Order.ts';

// Thin glass and paper go between cards. Common practice, no source.

const PICTURE: Partial<PieceFacts> = {
  title: 'picture',
  archetype: 'glazedFlat',
  lengthIn: 20,
  widthIn: 16,
  heightIn: 1,
  weightLb: 4.6,
  hardPoints: [],
};
const WRAPS = [...STOCK.wraps, { ...ORDINARY_WRAPS.backingCard, onHandFt2: 90 }];
const BOXES = [box([24, 18, 8]), box([24, 20, 8])];
const asked = (facts: Partial<PieceFacts>, wraps: readonly WrapStock[] = WRAPS): PlanRequest =>
  request(facts, { stock: { ...STOCK, wraps, boxes: BOXES }, soldMinor: 14_000 });
function plan(of: PlanRequest) {
  const chosen = finish(planParcel(of));
  if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join());
  return chosen;
}
const cardsIn = (of: PlanRequest) => plan(of).recommended.choice.layers.find(({ material }) => material === 'backingCard')?.turns ?? 0;

test('a glazed picture is put between two cards, and breaks less often than without', () => {
  expect(cardsIn(asked(PICTURE))).toBe(1);
  const [with_, without] = [plan(asked(PICTURE)).recommended, plan(asked(PICTURE, STOCK.wraps)).recommended];
  expect(with_.chance).toBeLessThan(without.chance);
  const bending = ({ causes }: typeof with_) => causes.find(({ key }) => key === 'bend')?.chance ?? 0;
  // both sides carded, in a box: 0.004 × 0.2 of the pieces (the law's own figures), against 0.2 × 0.2 bare
  expect(bending(with_)).toBeCloseTo(0.004 * 0.2, 9);
  expect(bending(without)).toBeCloseTo(0.2 * 0.2, 9);
});

test('so is each of six alike, and each of them as well as one alone: no more than six times as often does any break', () => {
  const small: Partial<PieceFacts> = { ...PICTURE, lengthIn: 9, widthIn: 6, heightIn: 0.125, weightLb: 0.31 };
  const boxes = [box([12, 10, 8]), box([14, 12, 10]), box([16, 14, 12])];
  const of = (count: number) => plan(request({ ...small, count }, { stock: { ...STOCK, wraps: WRAPS, boxes } })).recommended;
  const [one, six] = [of(1), of(6)];
  expect(six.choice.layers).toContainEqual({ material: 'backingCard', turns: 1 });
  expect(six.chance).toBeLessThan(6 * one.chance);
});

test('and the picture that goes with a jug', () => {
  const one = request({ ...PICTURE, lengthIn: 9, widthIn: 6, heightIn: 0.125, weightLb: 0.31 }, { stock: { ...STOCK, wraps: WRAPS } });
  const [picture] = one.order.pieces;
  const jug = {
    ...picture!,
    id: '00000000-0000-4000-8000-000000000002',
    title: 'jug',
    archetype: 'handledWare' as const,
    lengthIn: 6,
    widthIn: 4,
    heightIn: 5,
  };
  const pieces = [jug, picture!];
  const { choice } = plan({ ...one, order: { ...one.order, pieces }, pieceIds: pieces.map(({ id }) => id) }).recommended;
  expect(choice.others![0]!.layers).toContainEqual({ material: 'backingCard', turns: 1 });
});

test('what does not bend gets none: a bowl, and a thick block of the same glass', () => {
  expect(cardsIn(asked({}))).toBe(0);
  expect(cardsIn(asked({ archetype: 'denseGlass', lengthIn: 6, widthIn: 5, heightIn: 3, weightLb: 4 }))).toBe(0);
});

describe('cards are not wound', () => {
  const choice = plan(asked(PICTURE)).recommended.choice;
  const carded = (turns: number) => {
    const derived = derivePlan(asked(PICTURE), { ...choice, layers: [{ material: 'backingCard', turns }] });
    if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
    return derived.option;
  };
  const layerOf = (turns: number) => carded(turns).rated.weighed.filled.stowed.bundles[0].wrapped.layers[0]!;
  const { thicknessIn } = ORDINARY_WRAPS.backingCard;

  test('one on a face, or one on each: as large as the face, and no longer or wider for it', () => {
    expect(layerOf(0.5)).toMatchObject({ areaIn2: 20 * 16, sheets: 1, lengthIn: 20, bundleIn: [20, 16, 1 + thicknessIn] });
    expect(layerOf(1)).toMatchObject({ areaIn2: 2 * 20 * 16, sheets: 2, lengthIn: 20, bundleIn: [20, 16, 1 + 2 * thicknessIn] });
  });

  test('they cover the faces they lie on, and no edge', () => {
    const { coverIn, coverOnFaceIn } = carded(1).rated.weighed.filled.stowed.bundles[0].wrapped;
    expect(coverIn).toBe(0);
    expect(coverOnFaceIn).toMatchObject({ top: thicknessIn, bottom: thicknessIn, left: 0, right: 0, front: 0, back: 0 });
  });

  test('the bench says how large they are cut, and never winds them', () => {
    const says = (turns: number) => {
      const step = writeBenchSteps(carded(turns), asked(PICTURE).house).find(({ title }) => title.startsWith('Backing card'))!;
      return `${step.title}. ${step.says}`;
    };
    expect(says(1)).toMatch(/^Backing card on both faces\. Cut 2 cards 20 in × 16 in, one for each face\. .* not to the face\.$/);
    expect(says(0.5)).toMatch(/^Backing card on one face\. Cut one card 20 in × 16 in and lay it on the face/);
    expect(says(1)).not.toMatch(/turn|snug|bubble/);
  });
});
