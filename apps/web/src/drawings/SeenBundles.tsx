import { planBundles, type PlanDocument } from '@inch-nest/core';
import { hatchFor } from './Hatches.tsx';
import { countOfPlan, nestViews, type NestView, type Rect, type ViewName } from './nestGeometry.ts';
import { PieceShape } from './PieceShape.tsx';

/** Letters want so much room on the page, px. */
const LEAST_LETTER = 18;

/** Every bundle of a nest that is seen, its layers round its piece, with its letter where there are several. */
export function SeenBundles({
  plan,
  name,
  k,
  prefix,
  only,
}: {
  plan: PlanDocument;
  name: ViewName;
  k: number;
  prefix: string;
  only?: readonly number[] | undefined;
}) {
  const several = countOfPlan(plan) > 1;
  return nestViews(plan, name)
    .filter(({ plan: own }) => !only || only.includes(planBundles(plan).findIndex(({ piece }) => piece.id === own.piece.id)))
    .map((one) => <AlikeBundles key={one.plan.piece.id} {...one} k={k} prefix={prefix} several={several} />);
}

/** Those that are alike, or the one. */
export function AlikeBundles({
  view,
  plan,
  k,
  prefix,
  several,
}: {
  view: NestView;
  plan: PlanDocument;
  k: number;
  prefix: string;
  several: boolean;
}) {
  const { seen, bundle, own, layers, letterAt } = view;
  const box = ({ x, y, w, h }: Rect) => ({ x: x * k, y: y * k, width: Math.max(0, w * k), height: Math.max(0, h * k) });
  const size = Math.min(letterAt.small ? 14 : 20, Math.min(bundle.w, bundle.h) * k * 0.34);
  return seen.map(({ letter, dx, dy }) => (
    <g key={letter} data-bundle={letter} transform={`translate(${dx * k} ${dy * k})`}>
      {own && (
        <>
          <rect
            data-part="own-box"
            {...box(own.outside)}
            style={{ fill: `url(#${prefix}-${hatchFor('board')})`, stroke: 'var(--ink)', strokeWidth: 1 }}
          />
          <rect {...box(own.inside)} style={{ fill: `url(#${prefix}-${hatchFor(own.fill)})`, stroke: 'var(--ink)', strokeWidth: 0.7 }} />
        </>
      )}
      {layers.map((layer, i) => (
        <rect
          key={layer.key + String(i)}
          data-part={`layer-${layer.key}`}
          {...box(layer)}
          rx={Math.max(2, 14 - i * 4)}
          style={{ fill: `url(#${prefix}-${hatchFor(layer.key)})`, stroke: 'var(--ink)', strokeWidth: 0.8 }}
        />
      ))}
      <PieceShape view={view} plan={plan} k={k} hatch={`${prefix}-piece`} />
      {several && Math.min(bundle.w, bundle.h) * k > LEAST_LETTER && (
        <text
          x={letterAt.right ? (bundle.x + bundle.w) * k - size * 0.35 : bundle.x * k + size * 0.35}
          y={letterAt.high ? bundle.y * k + size : (bundle.y + bundle.h) * k - size * 0.3}
          fontSize={size}
          textAnchor={letterAt.right ? 'end' : 'start'}
          style={{ fill: 'var(--ink)', fontWeight: 650, paintOrder: 'stroke', stroke: 'var(--sheet)', strokeWidth: 4 }}
        >
          {letter}
        </text>
      )}
    </g>
  ));
}
