import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import type { PlayedDrop } from '@inch-nest/core';

const EDGE = { left: 46, right: 12, top: 16, bottom: 34 };

interface Props {
  played: PlayedDrop;
  /** Which moment is shown; null before it touches. */
  at: number | null;
  width: number;
  height: number;
}

/** What the piece feels over time, in g, against what half of its kind stand. */
export function ForceTime({ played, at, width, height }: Props) {
  const { moments, peakG, stands } = played;
  const last = moments.at(-1)!.ms;
  const x = scaleLinear([0, last], [EDGE.left, width - EDGE.right]);
  const y = scaleLinear([0, Math.max(peakG, stands) * 1.18], [height - EDGE.bottom, EDGE.top]).nice(4);
  const curve = line<(typeof moments)[number]>(
    ({ ms }) => x(ms),
    ({ g }) => y(g),
  );
  const under = area<(typeof moments)[number]>(
    ({ ms }) => x(ms),
    y(0),
    ({ g }) => y(g),
  );
  const now = at === null ? null : moments[at];
  const passed = at === null ? [] : moments.slice(0, at + 1);
  return (
    <svg
      className="nest-drawing"
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={`The piece feels at most ${Math.round(peakG)} g; half of its kind stand ${Math.round(stands)} g`}
    >
      {y.ticks(4).map((tick) => (
        <g key={tick}>
          <line x1={EDGE.left} x2={width - EDGE.right} y1={y(tick)} y2={y(tick)} style={{ stroke: 'var(--line)' }} />
          <text x={EDGE.left - 6} y={y(tick) + 5} textAnchor="end" fontSize={15}>
            {tick}
          </text>
        </g>
      ))}
      {x.ticks(4).map((tick) => (
        <text key={tick} x={x(tick)} y={height - EDGE.bottom + 18} textAnchor="middle" fontSize={15}>
          {tick}
        </text>
      ))}
      <text x={4} y={12} fontSize={15} style={{ fill: 'var(--soft)' }}>
        g
      </text>
      <text x={width - EDGE.right} y={height - 2} textAnchor="end" fontSize={15} style={{ fill: 'var(--soft)' }}>
        ms after it touches
      </text>
      <path d={under(passed) ?? ''} style={{ fill: 'var(--pine-soft)' }} />
      <path d={curve(moments) ?? ''} style={{ fill: 'none', stroke: 'var(--pine)', strokeWidth: 1.8 }} />
      <line
        x1={EDGE.left}
        x2={width - EDGE.right}
        y1={y(stands)}
        y2={y(stands)}
        style={{ stroke: 'var(--rust)', strokeWidth: 1.4, strokeDasharray: '6 4' }}
      />
      <text x={width - EDGE.right} y={y(stands) - 5} textAnchor="end" fontSize={15} style={{ fill: 'var(--rust-text)' }}>
        half of its kind stand {Math.round(stands)} g
      </text>
      {now && <circle cx={x(now.ms)} cy={y(now.g)} r={5} style={{ fill: 'var(--pine)', stroke: 'var(--sheet)', strokeWidth: 1.5 }} />}
    </svg>
  );
}
