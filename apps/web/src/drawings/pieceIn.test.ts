import type { PlanDocument } from '@inch-nest/core';
import type { NestView } from './nestGeometry.ts';
import { pieceIn } from './pieceIn.ts';

/** A picture as it lies in the box: its sides there, and which of its own axes each of them is. */
const picture = (sizeIn: [number, number, number], orientation: [number, number, number]) =>
  ({
    choice: { orientation },
    inner: null,
    block: {},
    piece: { archetype: 'glazedFlat', form: 'framed', sizeIn },
  }) as unknown as PlanDocument;
const view = (name: NestView['name']) => ({ name, points: [], piece: { x: 0, y: 0, w: 20, h: 16 } }) as unknown as NestView;
/** The frame within the frame, and two glints: drawn where the pane is seen, and one line where its edge is. */
const strokes = (name: NestView['name'], plan: PlanDocument) => pieceIn(view(name), plan, 1).strokes.length;

test.each<[string, PlanDocument, NestView['name'], NestView['name']]>([
  ['hanging, as it stands', picture([20, 1, 16], [0, 1, 2]), 'front', 'above'],
  ['told lying, as it lies', picture([20, 16, 1], [0, 1, 2]), 'above', 'front'],
  ['told hanging, laid on its back', picture([20, 16, 1], [0, 2, 1]), 'above', 'front'],
  ['told lying, stood up', picture([20, 1, 16], [0, 2, 1]), 'front', 'above'],
])('the pane of a picture %s', (_, plan, pane, edge) => expect([strokes(pane, plan), strokes(edge, plan)]).toEqual([3, 1]));

test('a stack shows one line between each two where its edges are seen, and one of it face on', () => {
  const stack = {
    choice: { orientation: [2, 1, 0] },
    inner: null,
    block: { stacks: [5, 4], stackedAlong: 0 },
    piece: { archetype: 'compactCeramic', form: 'cylinder', title: 'tiles', hardPoints: [], sizeIn: [3, 6, 6] },
  } as unknown as PlanDocument;
  // along the box: seen from the front and from above, not from its end
  for (const name of ['front', 'above'] as const) {
    const { strokes: lines } = pieceIn(view(name), stack, 1);
    expect(lines).toHaveLength(4);
    // upright lines a fifth of twenty apart
    expect(lines[0]).toBe('M4,16L4,0');
  }
  expect(strokes('side', stack)).toBe(1);
});
