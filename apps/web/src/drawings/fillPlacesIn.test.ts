import { derivePlan, writePlanDocument, type PlanChoice } from '@inch-nest/core';
import { box, CHOICE, request } from '../../../../packages/core/tests/sampleRequest.ts';
import { fillPlacesIn, mainFill } from './fillPlacesIn.ts';
import { nestView, type Rect } from './nestGeometry.ts';

const asked = request({ lengthIn: 6, widthIn: 4, heightIn: 5 }, { stock: { boxes: [box([14, 12, 12])] } });
const [first, second] = asked.stock.fills;
const planWith = (part: Partial<PlanChoice>) => {
  const derived = derivePlan(asked, { ...CHOICE, box: '14x12x12', fill: first!.key, ...part });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  return writePlanDocument(derived.option, asked.house);
};
const area = (rects: readonly Rect[]) => rects.reduce((sum, { w, h }) => sum + w * h, 0);

// what is drawn of the places is the section less what is held: exact geometry
test.each(['above', 'front', 'side'] as const)('the places seen from %s make up the whole of the gap, and do not overlap', (name) => {
  const plan = planWith({ fillApart: { base: second!.key } });
  const view = nestView(plan, name);
  const seen = fillPlacesIn(plan, view);
  const { w, h } = view.inside;
  expect(area(seen.flatMap(({ rects }) => rects))).toBeCloseTo(w * h - view.block.w * view.block.h, 9);
  for (const { place, key } of seen) expect(key).toBe(place === 'base' ? second!.key : first!.key);
  // the base is not seen from above, nor the ends from the side
  expect(seen.map(({ place }) => place)).toEqual(
    { above: ['frontBack', 'leftRight'], front: ['base', 'leftRight', 'top'], side: ['base', 'frontBack', 'top'] }[name],
  );
});

test.each(['above', 'front', 'side'] as const)('each side and the corners from %s: the whole of the gap too, nothing twice', (name) => {
  const plan = planWith({ fillApart: { front: second!.key, left: second!.key, corners: second!.key, base: second!.key } });
  const view = nestView(plan, name);
  const seen = fillPlacesIn(plan, view);
  const { w, h } = view.inside;
  expect(area(seen.flatMap(({ rects }) => rects))).toBeCloseTo(w * h - view.block.w * view.block.h, 9);
  const places = seen.map(({ place }) => place);
  expect(places).toEqual(
    {
      above: ['front', 'back', 'left', 'right', 'corners'],
      front: ['base', 'top', 'left', 'right'],
      side: ['base', 'top', 'front', 'back'],
    }[name],
  );
});

test('one fill throughout has no places, and is what the box is drawn with', () => {
  const plan = planWith({});
  expect(fillPlacesIn(plan, nestView(plan, 'front'))).toEqual([]);
  expect(mainFill(plan)?.key).toBe(first!.key);
  // of several the one of most room
  expect(mainFill(planWith({ fillApart: { base: second!.key, frontBack: second!.key, leftRight: second!.key } }))?.key).toBe(second!.key);
});
