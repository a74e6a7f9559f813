import { curveCatmullRomClosed, curveLinearClosed, line } from 'd3-shape';
import { ARCHETYPES, type ArchetypeKey, type PlanDocument } from '@inch-nest/core';
import { isInnerTurned, VIEW_AXES, type NestView, type PointMark } from './nestGeometry.ts';
import { outlineKeyOf, outlineSeen, PIECE_OUTLINES, type Outline, type Share } from './pieceOutlines.ts';

/**
 * The lines of a piece as what it is, to scale, from the side that is drawn and the way it lies: for a screen and for paper.
 *
 * @param k units of the drawing an inch
 * @returns paths as SVG and PDF both read them, from where the view begins
 */
export function pieceIn(view: NestView, plan: PlanDocument, k: number): { readonly body: string; readonly strokes: readonly string[] } {
  const reach = (edge: PointMark['edge']) =>
    Math.max(0, ...view.points.filter((mark) => mark.edge === edge).map((mark) => mark.point.reachIn));
  const body = {
    x: (view.piece.x + reach('left')) * k,
    y: (view.piece.y + reach('top')) * k,
    w: Math.max(4, (view.piece.w - reach('left') - reach('right')) * k),
    h: Math.max(4, (view.piece.h - reach('top') - reach('bottom')) * k),
  };
  const outline = stackOutline(plan, view.name) ?? outlineOf(plan, view.name);
  const at = ([along, up]: Share): [number, number] => [body.x + along * body.w, body.y + (1 - up) * body.h];
  const closedLine = line().curve(outline.smooth ? curveCatmullRomClosed : curveLinearClosed);
  const stroke = line();
  return { body: closedLine(outline.body.map(at)) ?? '', strokes: outline.strokes.map((one) => stroke(one.map(at)) ?? '') };
}

/** A stack from a side that shows its edges: one line between each two; null where it is looked at face on, or is none. */
function stackOutline(plan: PlanDocument, name: NestView['name']): Outline | null {
  const { stackedAlong, stacks } = plan.block;
  if (stackedAlong === undefined) return null;
  const [across, up] = VIEW_AXES[name];
  const along = isInnerTurned(plan) && stackedAlong < 2 ? 1 - stackedAlong : stackedAlong;
  if (along !== across && along !== up) return null;
  const between = Array.from({ length: stacks[0]! - 1 }, (_, i) => (i + 1) / stacks[0]!);
  return {
    ...SQUARE,
    strokes: between.map((at): Share[] =>
      along === across
        ? [
            [at, 0],
            [at, 1],
          ]
        : [
            [0, at],
            [1, at],
          ],
    ),
  };
}

/** The kind's own outline; a piece whose form was told to be another is drawn as that form. */
function outlineOf(plan: PlanDocument, name: NestView['name']): Outline {
  const [across, up] = VIEW_AXES[name];
  const { orientation } = plan.choice;
  const lies = isInnerTurned(plan) ? [orientation[1], orientation[0], orientation[2]] : orientation;
  const kind = plan.piece.archetype as ArchetypeKey;
  const pane = paneTurned(orientation[plan.piece.sizeIn.indexOf(Math.min(...plan.piece.sizeIn))]!);
  if (plan.piece.form === ARCHETYPES[kind].form)
    return kind === 'glazedFlat'
      ? outlineSeen(kind, pane(lies[across]), pane(lies[up]))
      : outlineSeen(outlineKeyOf(plan.piece), lies[across], lies[up]);
  const { form, sizeIn } = plan.piece;
  if (form === 'ovoid') return ROUND;
  if (form === 'framed') return outlineSeen('glazedFlat', pane(lies[across]), pane(lies[up]));
  if (form === 'irregular') return outlineSeen('resinWood', lies[across], lies[up]);
  if (form !== 'cylinder' && form !== 'tube') return SQUARE;
  // a rod or a tube shows its round end only where its two like sides are drawn
  const apart = [Math.abs(sizeIn[1] - sizeIn[2]), Math.abs(sizeIn[0] - sizeIn[2]), Math.abs(sizeIn[0] - sizeIn[1])];
  return apart.lastIndexOf(Math.min(...apart)) === 3 - across - up ? ROUND : SQUARE;
}

/** A picture is drawn as it hangs, thin from front to back; told lying or on its side, the axes of its outline change places. */
const paneTurned =
  (thin: 0 | 1 | 2) =>
  (axis: 0 | 1 | 2): 0 | 1 | 2 =>
    axis === thin ? 1 : axis === 1 ? thin : axis;

const ROUND: Outline = PIECE_OUTLINES.globeShade.above;
const SQUARE: Outline = PIECE_OUTLINES.paperGoods.front;
