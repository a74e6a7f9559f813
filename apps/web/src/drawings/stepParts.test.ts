import { samplePlan } from '../../../../packages/core/tests/samplePlan.ts';
import { nestView } from './nestGeometry.ts';
import { filledTo, wrappedSoFar } from './stepParts.ts';

const plan = samplePlan({
  layers: [
    { material: 'smallBubble', turns: 1 },
    { material: 'largeBubble', turns: 2 },
  ],
});

test('each layer grows what is drawn by its thickness on every side', () => {
  const sizes = [0, 1, 2].map((count) => nestView(wrappedSoFar(plan, count), 'front').inside);
  plan.layers.forEach((layer, i) => {
    expect(sizes[i + 1]!.w - sizes[i]!.w).toBeCloseTo(2 * layer.thicknessIn, 9);
    expect(sizes[i + 1]!.h - sizes[i]!.h).toBeCloseTo(2 * layer.thicknessIn, 9);
  });
  expect(nestView(wrappedSoFar(plan, 1), 'front').layers.map((layer) => layer.key)).toEqual(['smallBubble']);
});

test('the box fills from its base to the rim, as high as the plan’s gaps', () => {
  const view = nestView(plan, 'front');
  const height = (inBox: Parameters<typeof filledTo>[1]) => filledTo(view, inBox).h;
  expect(height('no')).toBe(0);
  expect(height('base')).toBeCloseTo(plan.gaps.bottom, 9);
  expect(height('in')).toBe(height('base'));
  expect(height('sides')).toBeCloseTo(plan.box.insideIn[2] - plan.gaps.top, 9);
  expect(height('top')).toBeCloseTo(plan.box.insideIn[2], 9);
});
