import type { ReactNode } from 'react';
import type { NestView } from './nestGeometry.ts';

/** Letters want so much room on the page, px. */
const LEAST_LETTER = 18;

/** What one bundle looks like, drawn once for each that is seen, with its letter where there are several. */
export function SeenBundles({ view: { seen, bundle }, k, children }: { view: NestView; k: number; children: ReactNode }) {
  const size = Math.min(20, Math.min(bundle.w, bundle.h) * k * 0.34);
  return seen.map(({ letter, dx, dy }) => (
    <g key={letter} data-bundle={letter} transform={`translate(${dx * k} ${dy * k})`}>
      {children}
      {seen.length > 1 && Math.min(bundle.w, bundle.h) * k > LEAST_LETTER && (
        <text
          x={bundle.x * k + size * 0.35}
          y={(bundle.y + bundle.h) * k - size * 0.3}
          fontSize={size}
          style={{ fill: 'var(--ink)', fontWeight: 650, paintOrder: 'stroke', stroke: 'var(--sheet)', strokeWidth: 4 }}
        >
          {letter}
        </text>
      )}
    </g>
  ));
}
