import { derivePlan, writePlanDocument, type PlanChoice, type PlanDocument } from '@inch-nest/core';
import { box, CHOICE, request } from '../../../../packages/core/tests/sampleRequest.ts';
import { peeledParts, peelOffsets } from './peeledParts.ts';

const asked = request({ lengthIn: 6, widthIn: 5, heightIn: 5 }, { stock: { boxes: [box([18, 16, 14]), box([10, 9, 9])] } });
function plan(more: Partial<PlanChoice>): PlanDocument {
  const derived = derivePlan(asked, { ...CHOICE, box: '18x16x14', orientation: [0, 1, 2], baseGapIn: null, ...more });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  return writePlanDocument(derived.option, asked.house);
}
const PLANS = {
  bare: plan({
    layers: [
      { material: 'smallBubble', turns: 1 },
      { material: 'largeBubble', turns: 2 },
    ],
  }),
  boxed: plan({ layers: [{ material: 'largeBubble', turns: 1 }], inner: { box: '10x9x9', fill: 'mouldedFill' } }),
  lifted: plan({ layers: [{ material: 'largeBubble', turns: 1 }], baseGapIn: 2 }),
};

describe.each(Object.entries(PLANS))('%s', (_, document) => {
  const parts = peeledParts(document);

  test('each part is as large as the plan says', () => {
    expect(parts[0]!.sizeIn).toEqual(document.piece.sizeIn);
    expect(parts.filter((part) => part.kind === 'layer').map((part) => part.sizeIn)).toEqual(
      document.layers.map((layer) => layer.bundleIn),
    );
    expect(parts.at(-1)!.sizeIn).toEqual(document.box.insideIn);
  });

  test('nested, each lies within the next', () => {
    const parts = peeledParts(document).filter(({ kind }) => kind !== 'fill');
    for (let i = 1; i < parts.length; i++)
      for (const axis of [0, 1, 2] as const) {
        const [small, large] = [parts[i - 1]!, parts[i]!];
        const reach = Math.abs(small.middleIn[axis] - large.middleIn[axis]) + small.sizeIn[axis] / 2;
        expect(reach).toBeLessThanOrEqual(large.sizeIn[axis] / 2 + 1e-9);
      }
  });

  test('peeled apart, none touches the next; nested, none has moved', () => {
    const offsets = peelOffsets(parts, 1);
    for (let i = 1; i < parts.length; i++)
      expect(offsets[i]! - parts[i]!.sizeIn[0] / 2 - (offsets[i - 1]! + parts[i - 1]!.sizeIn[0] / 2)).toBeCloseTo(2, 9);
    expect(peelOffsets(parts, 0).every((offset) => Math.abs(offset) < 1e-12)).toBe(true);
  });
});

describe('what fills the room', () => {
  test.each(Object.entries(PLANS))('%s: as large as the box inside, open where something stands', (_, document) => {
    const parts = peeledParts(document);
    const fill = parts.find((part) => part.key === 'fill-outer')!;
    expect(fill.sizeIn).toEqual(document.box.insideIn);
    const hole = fill.hole!;
    const sides = [
      [document.gaps.left, document.gaps.right],
      [document.gaps.front, document.gaps.back],
      [document.gaps.bottom, document.gaps.top],
    ] as const;
    sides.forEach(([near, far], axis) => {
      const [half, edge] = [document.box.insideIn[axis]! / 2, hole.sizeIn[axis]! / 2];
      expect(hole.middleIn[axis]! - edge + half).toBeCloseTo(near, 9);
      expect(half - hole.middleIn[axis]! - edge).toBeCloseTo(far, 9);
    });
  });
  test('in an inner box there are two, the inner one first', () =>
    expect(
      peeledParts(PLANS.boxed)
        .filter(({ kind }) => kind === 'fill')
        .map(({ key }) => key),
    ).toEqual(['fill-inner', 'fill-outer']));
});

describe('several bundles', () => {
  const alike = (count: number) => {
    const several = request({ lengthIn: 4, widthIn: 4, heightIn: 4, count, weightLb: 1 }, { stock: { boxes: [box([24, 24, 24])] } });
    const derived = derivePlan(several, {
      ...CHOICE,
      box: '24x24x24',
      layers: [{ material: 'largeBubble', turns: 1 }],
      grid: count === 4 ? [1, 2, 2] : [2, 2, 2],
    });
    if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
    return writePlanDocument(derived.option, several.house);
  };
  test('stand for themselves by their letters, what lies lower first; the one in hand is peeled', () => {
    const document = alike(4);
    const bundles = peeledParts(document).filter(({ kind }) => kind === 'bundle');
    expect(bundles.map(({ name }) => name).sort()).toEqual(['B', 'C', 'D']);
    const up = bundles.map(({ middleIn }) => middleIn[2]);
    expect(up).toEqual([...up].sort((a, b) => a - b));
    for (const { sizeIn } of bundles) expect(sizeIn).toEqual(document.bundleIn);
  });
  test('more of them are shown as they stand together', () => {
    const document = alike(8);
    expect(peeledParts(document).filter(({ kind }) => kind === 'bundle')).toMatchObject([{ key: 'block', sizeIn: document.block.sizeIn }]);
  });
});

test('more bedding above than below lowers what is held', () => expect(peeledParts(PLANS.lifted)[0]!.middleIn[2]).toBeLessThan(0));
