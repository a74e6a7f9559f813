import { renderToStaticMarkup } from 'react-dom/server';
import type { StepPicture } from '@inch-nest/core';
import { samplePlan } from '../../../../packages/core/tests/samplePlan.ts';
import { benchView, StepDrawing } from './StepDrawing.tsx';

const plan = samplePlan({
  layers: [
    { material: 'smallBubble', turns: 1 },
    { material: 'largeBubble', turns: 2 },
  ],
});

const drawn = (picture: StepPicture) => {
  const svg = renderToStaticMarkup(<StepDrawing plan={plan} picture={picture} width={480} write={(inches) => inches.toFixed(3)} />);
  const k = Number(/data-scale="([\d.]+)"/.exec(svg)![1]);
  const rect = (part: string) => {
    const found = new RegExp(`<rect data-part="${part}"[^>]*>`).exec(svg)?.[0];
    return found ? (name: string) => Number(new RegExp(`\\b${name}="([\\d.]+)"`).exec(found)![1]) / k : null;
  };
  return { svg, rect };
};

test('the bundle as wrapped so far, to scale, with its own dimensions', () => {
  const bare = drawn({ layers: 0, inBox: 'no' });
  expect(bare.rect('layer-smallBubble')).toBeNull();
  for (const side of [plan.piece.sizeIn[0], plan.piece.sizeIn[2]]) expect(bare.svg).toContain(side.toFixed(3));
  plan.layers.forEach((layer, i) => {
    const { svg, rect } = drawn({ layers: i + 1, inBox: 'no' });
    expect(rect(`layer-${layer.key}`)!('width')).toBeCloseTo(layer.bundleIn[0], 6);
    expect(rect(`layer-${layer.key}`)!('height')).toBeCloseTo(layer.bundleIn[2], 6);
    expect(svg).toContain(layer.bundleIn[0].toFixed(3));
  });
  expect(drawn({ layers: 1, inBox: 'no' }).rect('layer-largeBubble')).toBeNull();
});

test('the box fills from its base; the bundle is in it from the step that puts it in', () => {
  const base = drawn({ layers: 2, inBox: 'base' });
  expect(base.rect('fill')!('height')).toBeCloseTo(plan.gaps.bottom, 6);
  expect(base.rect('layer-largeBubble')).toBeNull();
  const put = drawn({ layers: 2, inBox: 'in' });
  expect(put.rect('layer-largeBubble')!('width')).toBeCloseTo(plan.bundleIn[0], 6);
  expect(put.rect('layer-largeBubble')!('x')).toBeCloseTo(plan.gaps.left, 6);
  const top = drawn({ layers: 2, inBox: 'top' });
  expect(top.rect('fill')!('height')).toBeCloseTo(plan.box.insideIn[2], 6);
  expect(top.svg).toContain(plan.box.insideIn[0].toFixed(3));
});

test('it says in words what it shows', () => {
  expect(drawn({ layers: 0, inBox: 'no' }).svg).toContain('the piece, bare');
  expect(drawn({ layers: 1, inBox: 'no' }).svg).toContain('the piece in Small bubble');
  expect(drawn({ layers: 2, inBox: 'sides' }).svg).toContain('filled to the top of the bundle');
});

describe('a bundle on the bench is seen from where there is something to see', () => {
  const tall = { ...samplePlan({ layers: [] }), bundleIn: [3, 5, 8] as const };
  const lying = { ...tall, bundleIn: [3, 8, 5] as const, choice: { ...tall.choice, orientation: [0, 2, 1] as const } };
  test('its longest outline, from the front where two are alike', () => {
    expect(benchView(tall, { layers: 0, inBox: 'no' })).toBe('side');
    expect(benchView({ ...tall, bundleIn: [5, 5, 5] }, { layers: 0, inBox: 'no' })).toBe('front');
    expect(benchView({ ...tall, bundleIn: [9, 8, 1] }, { layers: 0, inBox: 'no' })).toBe('above');
  });
  test('the part the step is about, on an edge of the drawing, however the piece lies', () => {
    expect(benchView(tall, { layers: 0, inBox: 'no', about: 'right' })).toBe('front');
    expect(benchView(tall, { layers: 0, inBox: 'no', about: 'back' })).toBe('side');
    // on its back what was its top looks to the back of the box
    expect(benchView(lying, { layers: 0, inBox: 'no', about: 'top' })).toBe('side');
  });
});
