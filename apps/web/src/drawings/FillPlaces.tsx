import type { FillPlace, PlanDocument } from '@inch-nest/core';
import { fillPlacesIn } from './fillPlacesIn.ts';
import { hatchFor } from './Hatches.tsx';
import type { NestView } from './nestGeometry.ts';

/** The places of a section that have a fill of their own, each in its hatch. */
export function FillPlaces({
  plan,
  view,
  k,
  prefix,
  only,
}: {
  plan: Pick<PlanDocument, 'fills'>;
  view: NestView;
  /** Pixels an inch. */
  k: number;
  prefix: string;
  /** Those that are filled so far; all where left out. */
  only?: readonly FillPlace[];
}) {
  return fillPlacesIn(plan, view)
    .filter(({ place }) => only?.includes(place) ?? true)
    .flatMap(({ place, key, rects }) =>
      rects.map((rect, i) => (
        <rect
          key={`${place} ${i}`}
          data-part={`fill-${place}`}
          x={rect.x * k}
          y={rect.y * k}
          width={rect.w * k}
          height={rect.h * k}
          style={{ fill: `url(#${prefix}-${hatchFor(key)})`, stroke: 'var(--ink)', strokeWidth: 0.5 }}
        />
      )),
    );
}
