import { scaleLinear } from 'd3-scale';
import type { PlanDocument } from '@inch-nest/core';
import { Dimension } from './Dimension.tsx';
import { hatchFor } from './Hatches.tsx';
import type { NestView, ViewName } from './nestGeometry.ts';
import { SeenBundles } from './SeenBundles.tsx';
import { Pulls, type PullUse } from './Pulls.tsx';

const TITLES: Readonly<Record<ViewName, string>> = { above: 'From above', front: 'From the front', side: 'From the side' };
/** A gap narrower than this on the page has no room for its figure, px. */
const LEAST_FIGURE = 14;

interface Props {
  view: NestView;
  at: { x: number; y: number };
  /** Pixels an inch. */
  k: number;
  prefix: string;
  plan: PlanDocument;
  write: (inches: number, unit: boolean) => string;
  leastGapIn: number;
  pull: PullUse | null;
}

/** One section of the nest, to scale: walls, fill, inner box, layers, piece, and the figures round them. */
export function NestSection({ view, at, k, prefix, plan, write, leastGapIn, pull }: Props) {
  const scale = scaleLinear([0, 1], [0, k]);
  const wall = Math.max(3, scale(view.wallIn));
  const [w, h] = [scale(view.inside.w), scale(view.inside.h)];
  const box = (rect: { x: number; y: number; w: number; h: number }) => ({
    x: scale(rect.x),
    y: scale(rect.y),
    width: Math.max(0, scale(rect.w)),
    height: Math.max(0, scale(rect.h)),
  });
  const fill = (key: string) => `url(#${prefix}-${hatchFor(key)})`;
  const outerFill = plan.fills.find((one) => one.where === 'outer');
  const innerFill = plan.fills.find((one) => one.where === 'inner');
  const gapTone = (gap: number) => (gap < leastGapIn - 1e-9 ? 'rust' : 'pine');
  const held = view.inner?.outside ?? view.block;
  const heldBox = box(held);
  return (
    <g transform={`translate(${at.x} ${at.y})`} className="nest-view" data-view={view.name}>
      <text x={-wall} y={-30 - scale(view.over.top)} fontSize={15} style={{ fill: 'var(--soft)' }}>
        {TITLES[view.name]}
      </text>
      <rect
        x={-wall}
        y={-wall}
        width={w + 2 * wall}
        height={h + 2 * wall}
        style={{ fill: fill('board'), stroke: 'var(--ink)', strokeWidth: 1.2 }}
      />
      <rect
        data-part="inside"
        width={w}
        height={h}
        style={{ fill: outerFill ? fill(outerFill.key) : 'var(--sheet)', stroke: 'var(--ink)', strokeWidth: 0.8 }}
      />
      {view.inner && (
        <rect data-part="inner-box" {...box(view.inner.outside)} style={{ fill: fill('board'), stroke: 'var(--ink)', strokeWidth: 1 }} />
      )}
      {view.inner && (
        <rect
          {...box(view.inner.inside)}
          style={{ fill: innerFill ? fill(innerFill.key) : 'var(--sheet)', stroke: 'var(--ink)', strokeWidth: 0.7 }}
        />
      )}
      <SeenBundles plan={plan} name={view.name} k={k} prefix={prefix} />
      {(plan.piece.guessedSides || plan.piece.guessedWeight) && (
        <rect {...box(view.piece)} style={{ fill: 'none', stroke: 'var(--ochre)', strokeWidth: 1.6, strokeDasharray: '6 4' }} />
      )}
      <Dimension
        x1={0}
        y1={-wall - 10}
        x2={w}
        y2={-wall - 10}
        text={`${write(view.inside.w, true)}${view.name === 'above' ? ' inside' : ''}`}
      />
      <Dimension x1={-wall - 11} y1={0} x2={-wall - 11} y2={h} text={write(view.inside.h, false)} />
      {scale(view.gaps.left) > LEAST_FIGURE && (
        <Dimension
          x1={0}
          y1={h * 0.86}
          x2={heldBox.x}
          y2={h * 0.86}
          text={write(view.gaps.left, false)}
          tone={gapTone(view.gaps.left)}
          size={18}
        />
      )}
      {scale(view.gaps.top) > LEAST_FIGURE && (
        <Dimension x1={w / 2} y1={0} x2={w / 2} y2={heldBox.y} text={write(view.gaps.top, false)} tone={gapTone(view.gaps.top)} size={18} />
      )}
      {view.name !== 'above' && scale(view.gaps.bottom) > LEAST_FIGURE && (
        <Dimension
          x1={w * 0.62}
          y1={heldBox.y + heldBox.height}
          x2={w * 0.62}
          y2={h}
          text={write(view.gaps.bottom, false)}
          tone={gapTone(view.gaps.bottom)}
          size={18}
        />
      )}
      {pull && <Pulls view={view} k={k} wall={wall} held={heldBox} nowIn={plan.box.insideIn} pull={pull} write={write} />}
    </g>
  );
}
