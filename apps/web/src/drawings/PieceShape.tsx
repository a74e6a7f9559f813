import type { PlanDocument } from '@inch-nest/core';
import type { NestView, PointMark } from './nestGeometry.ts';
import { pieceIn } from './pieceIn.ts';

/** Outline of the piece as what it is, to scale, from the side that is drawn and the way it lies, with its hard points in the danger ink. */
export function PieceShape({ view, plan, k, hatch }: { view: NestView; plan: PlanDocument; k: number; hatch: string }) {
  const { body, strokes } = pieceIn(view, plan, k);
  return (
    <g className="piece">
      <path d={body} style={{ fill: `url(#${hatch})`, stroke: 'var(--ink)', strokeWidth: 1.4, strokeLinejoin: 'round' }} />
      {strokes.map((one, i) => (
        <path key={i} d={one} style={{ fill: 'none', stroke: 'var(--ink)', strokeWidth: 0.9, strokeLinejoin: 'round' }} />
      ))}
      {view.points.map((mark) => (
        <PointGlyph key={mark.point.id} mark={mark} k={k} />
      ))}
    </g>
  );
}

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
