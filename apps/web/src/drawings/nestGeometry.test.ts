import { derivePlan, planOfBundle, writePlanDocument, type PlanChoice, type PlanDocument } from '@inch-nest/core';
import { box, point, request } from '../../../../packages/core/tests/sampleRequest.ts';
import { samplePlan } from '../../../../packages/core/tests/samplePlan.ts';
import { extentOf, nestView, nestViews, VIEW_AXES, type Rect } from './nestGeometry.ts';

const asked = request(
  { archetype: 'handledWare', lengthIn: 9, widthIn: 6, heightIn: 7, hardPoints: [point('handle', 'right'), point('spout', 'front')] },
  { stock: { boxes: [box([18, 16, 14]), box([12, 10, 10]), box([10, 12, 10], { key: 'turned' })] } },
);
const CHOICE: PlanChoice = {
  layers: [
    { material: 'tissue', turns: 1 },
    { material: 'largeBubble', turns: 2 },
  ],
  orientation: [0, 1, 2],
  inner: null,
  box: '18x16x14',
  fill: 'mouldedFill',
  newDepthIn: null,
  liner: false,
  board: false,
  baseGapIn: 3,
  service: 'ground',
  coverAdded: false,
  signature: false,
};
const plan = (more: Partial<PlanChoice>): PlanDocument => {
  const derived = derivePlan(asked, { ...CHOICE, ...more });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  return writePlanDocument(derived.option, asked.house);
};
const within = (inner: Rect, outer: Rect) => {
  expect(inner.x).toBeGreaterThanOrEqual(outer.x - 1e-9);
  expect(inner.y).toBeGreaterThanOrEqual(outer.y - 1e-9);
  expect(inner.x + inner.w).toBeLessThanOrEqual(outer.x + outer.w + 1e-9);
  expect(inner.y + inner.h).toBeLessThanOrEqual(outer.y + outer.h + 1e-9);
};

test.each(['above', 'front', 'side'] as const)('from %s: piece in layers in box, sizes as the plan says', (name) => {
  const document = plan({});
  const view = nestView(document, name);
  const [across, up] = VIEW_AXES[name];
  expect(view.inside).toEqual({ w: [18, 16, 14][across], h: [18, 16, 14][up] });
  expect([view.bundle.w, view.bundle.h]).toEqual([expect.closeTo(document.bundleIn[across], 9), expect.closeTo(document.bundleIn[up], 9)]);
  expect([view.piece.w, view.piece.h]).toEqual([[9, 6, 7][across], [9, 6, 7][up]]);
  expect(view.layers.map((layer) => layer.key)).toEqual(['largeBubble', 'tissue']);
  [{ x: 0, y: 0, ...view.inside }, ...view.layers, view.piece].reduce((outer, inner) => (within(inner, outer), inner));
});

test('bedding set by hand is drawn where it is: below in the front view', () => {
  const view = nestView(plan({}), 'front');
  expect(view.inside.h - view.bundle.y - view.bundle.h).toBeCloseTo(3, 9);
});

test('an inner box stands between, turned on the floor when that leaves more room', () => {
  for (const key of ['12x10x10', 'turned']) {
    const orientation = key === 'turned' ? ([1, 0, 2] as const) : ([0, 1, 2] as const);
    const view = nestView(
      plan({ inner: { box: key, fill: 'mouldedFill' }, baseGapIn: null, layers: [{ material: 'largeBubble', turns: 1 }], orientation }),
      'above',
    );
    within(view.inner!.outside, { x: 0, y: 0, ...view.inside });
    within(view.inner!.inside, view.inner!.outside);
    within(view.bundle, view.inner!.inside);
    within(view.piece, view.bundle);
    expect(view.inner!.outside.w).toBeCloseTo(12.312, 9);
  }
});

test('hard points stand on the edge they face, or face us', () => {
  const edges = (name: 'above' | 'front' | 'side', orientation: PlanChoice['orientation'] = [0, 1, 2]) =>
    nestView(plan({ orientation, baseGapIn: null }), name).points.map((mark) => `${mark.point.kind} ${mark.edge}`);
  expect(edges('above')).toEqual(['handle right', 'spout bottom']);
  expect(edges('front')).toEqual(['handle right', 'spout facing']);
  expect(edges('side')).toEqual(['handle facing', 'spout left']);
  expect(edges('front', [2, 1, 0])).toEqual(['handle top', 'spout facing']);
});

test('what does not go in stands out beyond its box, and the drawing leaves room for it', () => {
  expect(extentOf({ inside: { w: 6, h: 5 }, over: { left: 2, right: 2, top: 0, bottom: 1 } })).toEqual({ w: 10, h: 6 });
});

describe('several alike', () => {
  const set = request({ count: 5, lengthIn: 3, widthIn: 3, heightIn: 4 }, { stock: { boxes: [box([18, 16, 14]), box([14, 14, 12])] } });
  const drawn = (grid: PlanChoice['grid'], more: Partial<PlanChoice> = {}): PlanDocument => {
    const derived = derivePlan(set, {
      ...CHOICE,
      baseGapIn: null,
      layers: [{ material: 'largeBubble', turns: 1 }],
      ...(grid ? { grid } : {}),
      ...more,
    });
    if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
    return writePlanDocument(derived.option, set.house);
  };
  const letters = (plan: PlanDocument, name: 'above' | 'front' | 'side') =>
    nestView(plan, name)
      .seen.map(({ letter }) => letter)
      .sort()
      .join('');

  test('each view shows those that nothing stands before', () => {
    // A B / C D on the floor, E on A
    const plan = drawn([2, 2, 2]);
    expect(letters(plan, 'above')).toBe('BCDE');
    expect(letters(plan, 'front')).toBe('ABE');
    expect(letters(plan, 'side')).toBe('BDE');
  });

  test('all of them inside their block, the block inside the box, none upon another', () => {
    for (const name of ['above', 'front', 'side'] as const)
      for (const plan of [drawn([3, 2, 1]), drawn([1, 1, 5]), drawn([2, 2, 2], { inner: { box: '14x14x12', fill: 'mouldedFill' } })]) {
        const view = nestView(plan, name);
        const places = view.seen.map(({ dx, dy }) => ({ ...view.bundle, x: view.bundle.x + dx, y: view.bundle.y + dy }));
        for (const place of places) within(place, view.block);
        for (const [i, one] of places.entries())
          for (const other of places.slice(i + 1)) {
            const apart = Math.abs(one.x - other.x) > one.w - 1e-6 || Math.abs(one.y - other.y) > one.h - 1e-6;
            expect(apart).toBe(true);
          }
        if (name !== 'above' || plan.choice.inner) within(view.piece, view.bundle);
      }
  });

  test('one alone is its own block and has no letter to tell it by but A', () => {
    const view = nestView(plan({}), 'front');
    expect(view.seen).toEqual([{ letter: 'A', dx: 0, dy: 0 }]);
    expect(view.block).toEqual(view.bundle);
  });
});

describe('several different bundles', () => {
  const bowl = asked.order.pieces[0]!;
  const two = {
    ...asked,
    order: { ...asked.order, pieces: [bowl, { ...bowl, id: 'flask', hardPoints: [], lengthIn: 4, widthIn: 4, heightIn: 4 }] },
    pieceIds: [bowl.id, 'flask'],
  };
  const both = (stand: PlanChoice['stand']): PlanDocument => {
    const derived = derivePlan(two, {
      ...CHOICE,
      box: '18x16x14',
      baseGapIn: null,
      others: [{ layers: [{ material: 'largeBubble', turns: 1 }], orientation: [0, 1, 2] }],
      ...(stand === undefined ? {} : { stand }),
    });
    if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
    return writePlanDocument(derived.option, two.house);
  };

  test.each(['above', 'front', 'side'] as const)('from %s: each by its letter, at its place, within the block', (name) => {
    const document = both({ along: 0, parts: [0, 1] });
    const views = document.others!.length + 1;
    expect(views).toBe(2);
    const [a, b] = [nestView(document, name, 0), nestView(document, name, 1)];
    expect([a.seen[0]!.letter, b.seen[0]!.letter]).toEqual(['A', 'B']);
    for (const view of [a, b]) {
      within(view.bundle, view.block);
      within(view.piece, view.bundle);
    }
    if (name !== 'side') expect(b.bundle.x).toBeCloseTo(a.bundle.x + a.bundle.w, 9);
    expect(b.bundle.y + b.bundle.h).toBeCloseTo(b.block.y + b.block.h, 9);
  });

  test('what stands in another is drawn within it, and bears its letter where the other does not hide it', () => {
    const held = { ...bowl, id: 'flask', hardPoints: [], lengthIn: 4, widthIn: 4, within: { pieceId: bowl.id, standsOutIn: 1 } };
    const lid = { ...held, id: 'lid', lengthIn: 3, widthIn: 3, heightIn: 3, within: { pieceId: 'flask', standsOutIn: 0 } };
    const of = { ...asked, order: { ...asked.order, pieces: [bowl, held, lid] }, pieceIds: [bowl.id, 'flask', 'lid'] };
    const lies = { layers: [{ material: 'largeBubble', turns: 1 }], orientation: [0, 1, 2] as const };
    const nested = (choice: Partial<PlanChoice>) => {
      const derived = derivePlan(of, { ...CHOICE, box: '18x16x14', baseGapIn: null, others: [lies, lies], ...choice });
      if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
      return writePlanDocument(derived.option, of.house);
    };
    const document = nested({});
    const corners = (name: 'above' | 'front' | 'side', shown = document) => [0, 1, 2].map((at) => nestView(shown, name, at).letterAt);
    const [outer, inner] = [nestView(document, 'above', 0), nestView(document, 'above', 1)];
    within(inner.bundle, outer.bundle);
    // three corners of concentric outlines, seen down into them
    expect(new Set(corners('above').map((one) => JSON.stringify(one))).size).toBe(3);
    // from the side what stands out is above the rim
    expect(corners('front').map(({ high }) => high)).toEqual([false, true, true]);
    expect(nestViews(document, 'front').at(-1)!.plan.piece.id).toBe(bowl.id);
    // on the bench it is drawn by itself
    for (const at of [1, 2]) expect(nestView(planOfBundle(document, at), 'front').seen).toHaveLength(1);
    // lying along the box it stands out to the right
    const lying = nested({ orientation: [2, 1, 0], layers: CHOICE.layers });
    expect(lying.others![0]!.block.within!.axis).toBe(0);
    expect(corners('front', lying).map(({ right }) => right)).toEqual([false, true, true]);
  });

  test('what is nearer the eye is drawn over what is farther', () => {
    const upon = both({ along: 2, parts: [0, 1] });
    expect(nestViews(upon, 'above').map(({ plan: own }) => own.piece.id)).toEqual([bowl.id, 'flask']);
    const before = both({ along: 1, parts: [1, 0] });
    expect(nestViews(before, 'front').map(({ plan: own }) => own.piece.id)).toEqual([bowl.id, 'flask']);
    expect(nestViews(both({ along: 1, parts: [0, 1] }), 'front').map(({ plan: own }) => own.piece.id)).toEqual(['flask', bowl.id]);
  });
});

test('board between different bundles is drawn where it is seen edge on, and in no view it looks out of', () => {
  const plain = samplePlan({});
  const other = { ...plain, piece: { ...plain.piece, id: 'second' } };
  const [l, w, h] = plain.bundleIn;
  const block = { ...plain.block, sizeIn: [2 * l + 0.2, w, h] as const };
  const whole = {
    ...plain,
    block,
    others: [{ ...other, block: { ...block, at: [[l + 0.2, 0, 0]] as const } }],
    boards: [{ atIn: [l, 0, 0] as const, sizeIn: [0.2, w, h] as const }],
  };
  const walls = (name: 'front' | 'above' | 'side') => nestView(whole, name).cells.map(({ w: wide, h: high }) => [wide, high]);
  expect(walls('front')).toEqual([[0.2, h]]);
  expect(walls('above')).toEqual([[0.2, w]]);
  expect(walls('side')).toEqual([]);
  const [board] = nestView(whole, 'front').cells;
  expect(board!.x - nestView(whole, 'front').block.x).toBeCloseTo(l, 9);
});
