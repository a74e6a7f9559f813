import { line } from 'd3-shape';
import type { NestView, PointMark } from './nestGeometry.ts';

/** Outline of the piece by its form, with its hard points in the danger ink. */
export function PieceShape({ view, form, k, hatch }: { view: NestView; form: string; k: number; hatch: string }) {
  const reach = (edge: PointMark['edge']) =>
    Math.max(0, ...view.points.filter((mark) => mark.edge === edge).map((mark) => mark.point.reachIn));
  const body = {
    x: (view.piece.x + reach('left')) * k,
    y: (view.piece.y + reach('top')) * k,
    w: Math.max(4, (view.piece.w - reach('left') - reach('right')) * k),
    h: Math.max(4, (view.piece.h - reach('top') - reach('bottom')) * k),
  };
  const look = { fill: `url(#${hatch})`, stroke: 'var(--ink)', strokeWidth: 1.4 };
  const end =
    form === 'cylinder' || form === 'tube'
      ? Math.abs(view.piece.w - view.piece.h) < 0.2 * Math.max(view.piece.w, view.piece.h) && view.name === 'above'
      : false;
  return (
    <g className="piece">
      {form === 'ovoid' || end ? (
        <ellipse cx={body.x + body.w / 2} cy={body.y + body.h / 2} rx={body.w / 2} ry={body.h / 2} style={look} />
      ) : form === 'irregular' ? (
        <path d={wavy(body)} style={look} />
      ) : (
        <rect x={body.x} y={body.y} width={body.w} height={body.h} rx={form === 'cylinder' ? 6 : 2} style={look} />
      )}
      {form === 'framed' && view.name === 'front' && (
        <rect
          x={body.x + 8}
          y={body.y + 8}
          width={Math.max(1, body.w - 16)}
          height={Math.max(1, body.h - 16)}
          style={{ fill: 'var(--film)', stroke: 'var(--ink)' }}
        />
      )}
      {view.points.map((mark) => (
        <PointGlyph key={mark.point.id} mark={mark} k={k} />
      ))}
    </g>
  );
}

/** A body with waists, for what is neither round nor square. */
function wavy({ x, y, w, h }: { x: number; y: number; w: number; h: number }): string {
  const corners: [number, number][] = [
    [0.2, 0],
    [0.8, 0],
    [0.72, 0.3],
    [1, 0.6],
    [0.85, 1],
    [0.15, 1],
    [0, 0.6],
    [0.28, 0.3],
  ];
  return `${line<[number, number]>()(corners.map(([u, v]) => [x + u * w, y + v * h])) ?? ''}Z`;
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
