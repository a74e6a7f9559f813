import { curveCatmullRomClosed, curveLinearClosed, line } from 'd3-shape';
import { ARCHETYPES, type ArchetypeKey, type PlanDocument } from '@inch-nest/core';
import { isInnerTurned, VIEW_AXES, type NestView, type PointMark } from './nestGeometry.ts';
import { outlineSeen, PIECE_OUTLINES, type Outline, type Share } from './pieceOutlines.ts';

/** Outline of the piece as what it is, to scale, from the side that is drawn and the way it lies, with its hard points in the danger ink. */
export function PieceShape({ view, plan, k, hatch }: { view: NestView; plan: PlanDocument; k: number; hatch: string }) {
  const reach = (edge: PointMark['edge']) =>
    Math.max(0, ...view.points.filter((mark) => mark.edge === edge).map((mark) => mark.point.reachIn));
  const body = {
    x: (view.piece.x + reach('left')) * k,
    y: (view.piece.y + reach('top')) * k,
    w: Math.max(4, (view.piece.w - reach('left') - reach('right')) * k),
    h: Math.max(4, (view.piece.h - reach('top') - reach('bottom')) * k),
  };
  const outline = outlineOf(plan, view.name);
  const at = ([along, up]: Share): [number, number] => [body.x + along * body.w, body.y + (1 - up) * body.h];
  const closedLine = line().curve(outline.smooth ? curveCatmullRomClosed : curveLinearClosed);
  const stroke = line();
  return (
    <g className="piece">
      <path
        d={closedLine(outline.body.map(at)) ?? ''}
        style={{ fill: `url(#${hatch})`, stroke: 'var(--ink)', strokeWidth: 1.4, strokeLinejoin: 'round' }}
      />
      {outline.strokes.map((one, i) => (
        <path
          key={i}
          d={stroke(one.map(at)) ?? ''}
          style={{ fill: 'none', stroke: 'var(--ink)', strokeWidth: 0.9, strokeLinejoin: 'round' }}
        />
      ))}
      {view.points.map((mark) => (
        <PointGlyph key={mark.point.id} mark={mark} k={k} />
      ))}
    </g>
  );
}

/** The kind's own outline; a piece whose form was told to be another is drawn as that form. */
function outlineOf(plan: PlanDocument, name: NestView['name']): Outline {
  const [across, up] = VIEW_AXES[name];
  const { orientation } = plan.choice;
  const lies = isInnerTurned(plan) ? [orientation[1], orientation[0], orientation[2]] : orientation;
  const kind = plan.piece.archetype as ArchetypeKey;
  if (plan.piece.form === ARCHETYPES[kind].form) return outlineSeen(kind, lies[across], lies[up]);
  const { form, sizeIn } = plan.piece;
  if (form === 'ovoid') return ROUND;
  if (form === 'framed') return outlineSeen('glazedFlat', lies[across], lies[up]);
  if (form === 'irregular') return outlineSeen('resinWood', lies[across], lies[up]);
  if (form !== 'cylinder' && form !== 'tube') return SQUARE;
  // a rod or a tube shows its round end only where its two like sides are drawn
  const apart = [Math.abs(sizeIn[1] - sizeIn[2]), Math.abs(sizeIn[0] - sizeIn[2]), Math.abs(sizeIn[0] - sizeIn[1])];
  return apart.lastIndexOf(Math.min(...apart)) === 3 - across - up ? ROUND : SQUARE;
}

const ROUND: Outline = PIECE_OUTLINES.globeShade.above;
const SQUARE: Outline = PIECE_OUTLINES.paperGoods.front;

/** A hard point: a loop for what stands out like a handle, a nub for the rest, a ring when it faces us. */
function PointGlyph({ mark, k }: { mark: PointMark; k: number }) {
  const { point, edge } = mark;
  const [x, y] = [mark.x * k, mark.y * k];
  const reach = Math.max(5, point.reachIn * k);
  const guarded = point.guard !== null;
  const ink = {
    fill: guarded ? 'var(--pine-soft)' : 'var(--piece-paper)',
    stroke: guarded ? 'var(--pine)' : 'var(--rust)',
    strokeWidth: 2,
  };
  const label = `${point.kind}${guarded ? ', guarded' : ', bare'}`;
  if (edge === 'facing') {
    return (
      <circle cx={x} cy={y} r={Math.max(5, Math.min(12, reach / 2))} style={{ ...ink, strokeDasharray: '3 2' }}>
        <title>{label}</title>
      </circle>
    );
  }
  const inward = { left: [1, 0], right: [-1, 0], top: [0, 1], bottom: [0, -1] }[edge] as [number, number];
  const half = Math.min(26, Math.max(9, reach));
  const [dx, dy] = [inward[0] * reach, inward[1] * reach];
  const [sx, sy] = [inward[1] * half, inward[0] * half];
  const d =
    point.kind === 'handle' || point.kind === 'ear' || point.kind === 'wire'
      ? `M${x + dx + sx} ${y + dy + sy} C${x + sx * 1.1} ${y + sy * 1.1} ${x - sx * 1.1} ${y - sy * 1.1} ${x + dx - sx} ${y + dy - sy}`
      : `M${x + dx + sx * 0.55} ${y + dy + sy * 0.55} L${x + sx * 0.3} ${y + sy * 0.3} L${x - sx * 0.3} ${y - sy * 0.3} L${x + dx - sx * 0.55} ${y + dy - sy * 0.55} Z`;
  return (
    <path d={d} style={point.kind === 'handle' ? { ...ink, fill: 'none', strokeWidth: 5 } : ink}>
      <title>{label}</title>
    </path>
  );
}
