import { derivePlan, planBundles, planOfBundle, writePlanDocument, type DropFace } from '@inch-nest/core';
import { box, CHOICE, request } from '../../../../packages/core/tests/sampleRequest.ts';
import { samplePlan } from '../../../../packages/core/tests/samplePlan.ts';
import { landedView } from './landingGeometry.ts';
import { nestView } from './nestGeometry.ts';

const plan = samplePlan({});
const names = plan.shock!.faces.bottom.names;
const SQUEEZED = names.map((_, i) => 0.2 + 0.1 * i);
const whole = SQUEEZED.reduce((sum, one) => sum + one, 0);

test('before it touches the nest is as it was packed', () => {
  const { view } = landedView(plan, 'bottom', []);
  expect(view).toEqual(nestView(plan, 'front'));
});

test('on its base the piece sinks by all that its layers give, and each layer is thinner below by its own', () => {
  const before = nestView(plan, 'front');
  const { view, sunkIn } = landedView(plan, 'bottom', SQUEEZED);
  expect(sunkIn).toBeCloseTo(whole, 9);
  expect(view.piece.y - before.piece.y).toBeCloseTo(whole, 9);
  expect(view.piece.h).toBeCloseTo(before.piece.h, 9);
  const below = (one: typeof before) => one.inside.h - (one.bundle.y + one.bundle.h);
  expect(below(before) - below(view)).toBeCloseTo(SQUEEZED.at(-1)!, 9);
  // wound tight round the piece, what is above goes with it
  expect(view.bundle.y - before.bundle.y).toBeCloseTo(whole, 9);
});

test('what stands beside it comes toward what struck by what the fill gives, and no further than to the wall', () => {
  expect(landedView(plan, 'bottom', []).besideIn).toEqual({ dx: 0, dy: 0 });
  const { besideIn } = landedView(plan, 'bottom', SQUEEZED);
  expect(besideIn.dx).toBe(0);
  expect(besideIn.dy).toBeCloseTo(SQUEEZED.at(-1)!, 9);
  const far = landedView(
    plan,
    'left',
    SQUEEZED.map(() => 50),
  );
  expect(far.besideIn).toEqual({ dx: -nestView(plan, 'front').gaps.left, dy: 0 });
});

test('of several the one that is followed is as large as it is, whichever it is, and stands where it stands', () => {
  const one = request({}, { stock: { boxes: [box([18, 16, 14])] } });
  const [bowl] = one.order.pieces;
  const of = { ...one, order: { ...one.order, pieces: [bowl!, { ...bowl!, id: 'other', lengthIn: 4 }] }, pieceIds: [bowl!.id, 'other'] };
  const lies = { layers: CHOICE.layers, orientation: [0, 1, 2] as const };
  const derived = derivePlan(of, { ...CHOICE, ...lies, box: '18x16x14', others: [lies], stand: { along: 0, parts: [0, 1] } });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  const document = writePlanDocument(derived.option, of.house);
  for (const at of [0, 1]) {
    const { view } = landedView(planOfBundle(document, at), 'bottom', [], document);
    expect(view).toEqual(nestView(document, 'front', at));
    expect(view.bundle.w).toBeCloseTo(planBundles(document)[at]!.bundleIn[0], 9);
  }
});

test('what all gives goes no further than to the wall: a bundle in another sinks into that, and not below the ground', () => {
  const far = SQUEEZED.map(() => 2);
  for (const face of ['bottom', 'left', 'top', 'corner'] as const) {
    const { bundle, layers, inside } = landedView(plan, face, far).view;
    for (const { x, y, h } of [bundle, ...layers]) {
      if (face !== 'left') expect(face === 'top' ? -y : y + h).toBeLessThanOrEqual((face === 'top' ? 0 : inside.h) + 1e-9);
      if (face === 'left' || face === 'corner') expect(x).toBeGreaterThanOrEqual(-1e-9);
    }
  }
});

test.each<[DropFace, number]>([
  ['top', 180],
  ['left', -90],
  ['right', 90],
  ['front', -90],
  ['back', 90],
  ['corner', -45],
])('what strikes on its %s is turned downward, and the piece moves toward it', (face, turnDeg) => {
  const still = landedView(plan, face, []);
  const landed = landedView(plan, face, SQUEEZED);
  expect(landed.turnDeg).toBe(turnDeg);
  const rad = (turnDeg * Math.PI) / 180;
  const middle = ({ view: { piece } }: typeof still) => [piece.x + piece.w / 2, piece.y + piece.h / 2] as const;
  const [dx, dy] = [middle(landed)[0] - middle(still)[0], middle(landed)[1] - middle(still)[1]];
  // turned as the page shows it: no way aside, all of it down
  expect(dx * Math.cos(rad) - dy * Math.sin(rad)).toBeCloseTo(0, 9);
  expect(dx * Math.sin(rad) + dy * Math.cos(rad)).toBeCloseTo(whole, 9);
});
