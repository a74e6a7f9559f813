import type { PlanDocument } from '@inch-nest/core';
import { countOfPlan, extentOf, nestView, nestViews, type Rect, type ViewName } from '../../drawings/nestGeometry.ts';
import { pieceIn } from '../../drawings/pieceIn.ts';
import { INCH, line, type Paper } from './paper.ts';
import { readAs } from './readAs.ts';

/** Room on the sheet, inches. */
export interface Room {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** A gap so narrow has no room for its figure, inches on paper. */
const LEAST_FIGURE_IN = 0.2;

/** The same in words: the box, and the gap on each side that is seen. */
function sectionWords(plan: PlanDocument, name: ViewName, length: (inches: number) => string): string {
  const { left, right, top, bottom } = nestView(plan, name).gaps;
  return `section of the nest in ${plan.box.name}: ${length(left)} left, ${length(right)} right, ${length(top)} at the top, ${length(bottom)} at the bottom of the drawing`;
}

/**
 * A section of the nest in lines: box, what is in it with its layers and the piece's own outline, letters where there are
 * several, and each gap with its figure.
 *
 * @returns how high it came out, inches
 */
export function nestOnPaper(paper: Paper, plan: PlanDocument, name: ViewName, room: Room, length: (inches: number) => string): number {
  const main = nestView(plan, name);
  const extent = extentOf(main);
  const k = Math.min(room.width / extent.w, room.height / extent.h);
  const left = room.x + (main.over.left + (room.width / k - extent.w) / 2) * k;
  const top = room.y + Math.max(main.over.top, main.crossIn) * k;
  const points = k * INCH;
  const box = ({ x, y, w, h }: Rect, weight: number, round = 0) => {
    paper
      .roundedRect(x * points, y * points, Math.max(0, w * points), Math.max(0, h * points), round)
      .lineWidth(weight)
      .stroke('#000000');
  };
  const letters: { readonly text: string; readonly x: number; readonly y: number }[] = [];
  const shapes = () => {
    paper.save().translate(left * INCH, top * INCH);
    box({ x: 0, y: 0, ...main.inside }, 2.2);
    for (const tube of main.tubes) box(tube, 0.5, name === 'above' ? (tube.w * points) / 2 : 0);
    if (main.inner) box(main.inner.outside, 1.4, main.inner.round ? (main.inner.outside.w * points) / 2 : 0);
    if (main.around) box(main.around.outside, 0.5, 4);
    if (main.shared) box(main.shared.outside, 1.4, main.shared.round ? (main.shared.outside.w * points) / 2 : 0);
    for (const wall of main.cells) paper.rect(wall.x * points, wall.y * points, wall.w * points, wall.h * points).fill('#000000');
    for (const fold of main.folds) box(fold, 0.5, 3);
    const each = nestViews(plan, name);
    const several = countOfPlan(plan) > 1;
    for (const { view, plan: own } of each) {
      const { body, strokes } = pieceIn(view, own, points);
      for (const { letter, dx, dy } of view.seen) {
        paper.save().translate(dx * points, dy * points);
        for (const layer of view.layers) box(layer, 0.5, 4);
        paper.path(body).lineWidth(1.2).stroke('#000000');
        for (const stroke of strokes) paper.path(stroke).lineWidth(0.6).stroke('#000000');
        paper.restore();
        if (several) letters.push({ text: letter, x: (view.bundle.x + dx) * k + 0.06, y: (view.bundle.y + view.bundle.h + dy) * k - 0.26 });
      }
    }
    paper.restore();
  };
  readAs(paper, 'Figure', shapes, sectionWords(plan, name, length));
  for (const { text, x, y } of letters) line(paper, text, { x: left + x, y: top + y, width: 0.4 }, 15, 'strong');
  const middle = (from: number, over: number) => (from + over / 2) * k;
  const figures = [
    [main.gaps.left, 0.02, middle(main.block.y, main.block.h) - 0.07],
    [main.gaps.right, main.inside.w * k - main.gaps.right * k + 0.02, middle(main.block.y, main.block.h) - 0.07],
    [main.gaps.top, middle(main.block.x, main.block.w) - 0.15, (main.gaps.top * k) / 2 - 0.07],
    [main.gaps.bottom, middle(main.block.x, main.block.w) - 0.15, main.inside.h * k - (main.gaps.bottom * k) / 2 - 0.07],
  ] as const;
  for (const [gapIn, x, y] of figures)
    if (gapIn * k > LEAST_FIGURE_IN) line(paper, length(gapIn), { x: left + x, y: top + y, width: Math.max(0.4, gapIn * k) }, 9, 'strong');
  return extent.h * k;
}
