import type { PlanDocument } from '@inch-nest/core';
import type { NestView } from './nestGeometry.ts';
import { pieceIn } from './pieceIn.ts';

/** A picture as it lies in the box: its sides there, and which of its own axes each of them is. */
const picture = (sizeIn: [number, number, number], orientation: [number, number, number]) =>
  ({ choice: { orientation }, inner: null, piece: { archetype: 'glazedFlat', form: 'framed', sizeIn } }) as unknown as PlanDocument;
const view = (name: NestView['name']) => ({ name, points: [], piece: { x: 0, y: 0, w: 20, h: 16 } }) as unknown as NestView;
/** The frame within the frame, and two glints: drawn where the pane is seen, and one line where its edge is. */
const strokes = (name: NestView['name'], plan: PlanDocument) => pieceIn(view(name), plan, 1).strokes.length;

test.each<[string, PlanDocument, NestView['name'], NestView['name']]>([
  ['hanging, as it stands', picture([20, 1, 16], [0, 1, 2]), 'front', 'above'],
  ['told lying, as it lies', picture([20, 16, 1], [0, 1, 2]), 'above', 'front'],
  ['told hanging, laid on its back', picture([20, 16, 1], [0, 2, 1]), 'above', 'front'],
  ['told lying, stood up', picture([20, 1, 16], [0, 2, 1]), 'front', 'above'],
])('the pane of a picture %s', (_, plan, pane, edge) => expect([strokes(pane, plan), strokes(edge, plan)]).toEqual([3, 1]));
