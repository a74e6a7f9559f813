import { cutName } from '../words/cutNames.ts';
import type { CutPart, SheetLine } from '@inch-nest/core';

const EDGE = { x: 8, top: 26, between: 30, bottom: 6 };
const MOST_SCALE = 26;
const MOST_HEIGHT = 210;

/** Parts to cut, each to the same scale: knife lines whole, folds dashed, its size over it. */
export function CutSheet({
  parts,
  times = 1,
  width,
  write,
}: {
  parts: readonly CutPart[];
  /** All of it so many times. */
  times?: number;
  width: number;
  write: (inches: number) => string;
}) {
  const longest = Math.max(...parts.map((part) => part.lengthIn));
  const highest = Math.max(...parts.map((part) => part.heightIn));
  const k = Math.min(MOST_SCALE, (width - 2 * EDGE.x) / longest, MOST_HEIGHT / highest);
  const rows: { part: CutPart; y: number }[] = [];
  let y = EDGE.top;
  for (const part of parts) {
    rows.push({ part, y });
    y += part.heightIn * k + EDGE.between;
  }
  const height = y - EDGE.between + EDGE.bottom;
  return (
    <svg
      className="cut-sheet"
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={`to cut: ${parts.map((part) => `${cutName(part, times)}, ${write(part.lengthIn)} by ${write(part.heightIn)}`).join('; ')}`}
      data-scale={k}
    >
      {rows.map(({ part, y: top }) => {
        const up = (inches: number) => top + (part.heightIn - inches) * k;
        const line = ({ from, to }: SheetLine, kind: 'knife' | 'score', i: number) => (
          <line
            key={`${kind}${i}`}
            data-line={kind}
            x1={EDGE.x + from[0] * k}
            y1={up(from[1])}
            x2={EDGE.x + to[0] * k}
            y2={up(to[1])}
            style={{ stroke: 'var(--ink)', strokeWidth: kind === 'knife' ? 1.6 : 1, strokeDasharray: kind === 'knife' ? undefined : '7 4' }}
          />
        );
        return (
          <g key={part.name}>
            <text x={EDGE.x} y={top - 8} className="numeral" style={{ fill: 'var(--ink)', fontSize: 15 }}>
              {cutName(part, times)}: {write(part.lengthIn)} × {write(part.heightIn)}
            </text>
            <rect
              data-part="outline"
              x={EDGE.x}
              y={top}
              width={part.lengthIn * k}
              height={part.heightIn * k}
              style={{ fill: 'var(--board)', stroke: 'var(--ink)', strokeWidth: 1.6 }}
            />
            {part.score.map((one, i) => line(one, 'score', i))}
            {part.knife.map((one, i) => line(one, 'knife', i))}
          </g>
        );
      })}
    </svg>
  );
}
