'use client';
import type { PlanDocument } from '@inch-nest/core';
import { nestView, nestViews, type Rect } from './nestGeometry.ts';

const SIDE = 92;

/** A tiny nest from the front; several of them share one scale. */
export function NestGlyph({ plan, widestIn }: { plan: PlanDocument; widestIn: number }) {
  const view = nestView(plan, 'front');
  const k = (SIDE - 6) / widestIn;
  const rect = ({ x, y, w, h }: Rect) => ({ x: x * k, y: y * k, width: Math.max(0, w * k), height: Math.max(0, h * k) });
  return (
    <svg width={SIDE} height={view.inside.h * k + 6} className="nest-glyph" aria-hidden>
      <g transform="translate(3 3)">
        <rect width={view.inside.w * k} height={view.inside.h * k} className="wall" />
        {view.inner && <rect {...rect(view.inner.outside)} className="wall" />}
        {nestViews(plan, 'front').flatMap(({ view: own }) =>
          own.seen.map(({ letter, dx, dy }) => (
            <g key={letter} transform={`translate(${dx * k} ${dy * k})`}>
              <rect {...rect(own.bundle)} className="bundle" rx={3} />
              <rect {...rect(own.piece)} className="piece" />
            </g>
          )),
        )}
      </g>
    </svg>
  );
}
