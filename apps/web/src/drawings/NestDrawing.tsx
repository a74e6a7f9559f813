'use client';
import { scaleLinear } from 'd3-scale';
import { useId } from 'react';
import type { PlanDocument } from '@inch-nest/core';
import { Dimension } from './Dimension.tsx';
import { hatchFor, Hatches } from './Hatches.tsx';
import { nestView, type NestView } from './nestGeometry.ts';
import { PieceShape } from './PieceShape.tsx';

const EDGE = { left: 34, top: 46, between: 46, bottom: 12 };
const LEGEND_W = 158;
const NARROW = 560;
const MOST_SCALE = 26;
const MOST_HEIGHT = 300;

interface Props {
  plan: PlanDocument;
  /** Room on the page, px. */
  width: number;
  /** Writes a length for the person, with the unit or without. */
  write: (inches: number, unit: boolean) => string;
  /** Thinnest gap the house wants; thinner ones are drawn in the danger ink. */
  leastGapIn: number;
}

/** The nest from above and from the front, to one scale, with dimension lines and each material's hatch. */
export function NestDrawing({ plan, width, write, leastGapIn }: Props) {
  const prefix = useId().replaceAll(':', '');
  const views = [nestView(plan, 'above'), nestView(plan, 'front')] as const;
  const narrow = width < NARROW;
  const room = narrow ? width - EDGE.left - 16 : (width - LEGEND_W - EDGE.left * 2 - EDGE.between) / 2;
  const k = Math.min(MOST_SCALE, room / (views[0].inside.w + 0.6), MOST_HEIGHT / (Math.max(views[0].inside.h, views[1].inside.h) + 0.6));
  const tallest = Math.max(...views.map((view) => view.inside.h)) * k;
  const first = { x: EDGE.left + 6, y: EDGE.top };
  const second = narrow
    ? { x: first.x, y: first.y + views[0].inside.h * k + EDGE.top + 16 }
    : { x: first.x + views[0].inside.w * k + EDGE.between + EDGE.left, y: EDGE.top };
  const entries = legendOf(plan);
  const legend = narrow ? { x: 8, y: second.y + views[1].inside.h * k + 24 } : { x: second.x + views[1].inside.w * k + 30, y: EDGE.top };
  const height = narrow
    ? legend.y + entries.length * 28 + 46
    : Math.max(EDGE.top + tallest + EDGE.bottom + 12, legend.y + entries.length * 28 + 56);
  return (
    <svg
      className="nest-drawing"
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={describe(plan, write)}
      data-scale={k}
    >
      <Hatches prefix={prefix} />
      <Section view={views[0]} at={first} k={k} prefix={prefix} plan={plan} title="From above" write={write} leastGapIn={leastGapIn} />
      <Section view={views[1]} at={second} k={k} prefix={prefix} plan={plan} title="From the front" write={write} leastGapIn={leastGapIn} />
      <g transform={`translate(${legend.x} ${legend.y})`}>
        {entries.map(({ key, name }, i) => (
          <g key={key} transform={`translate(0 ${i * 28})`}>
            <rect width={24} height={18} style={{ fill: `url(#${prefix}-${hatchFor(key)})`, stroke: 'var(--ink)', strokeWidth: 0.7 }} />
            <text x={32} y={14} fontSize={15}>
              {name}
            </text>
          </g>
        ))}
        <ScaleBar y={entries.length * 28 + 10} k={k} />
      </g>
    </svg>
  );
}

function Section({
  view,
  at,
  k,
  prefix,
  plan,
  title,
  write,
  leastGapIn,
}: { view: NestView; at: { x: number; y: number }; k: number; prefix: string; plan: PlanDocument; title: string } & Pick<
  Props,
  'write' | 'leastGapIn'
>) {
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
  const held = view.inner?.outside ?? view.bundle;
  const heldBox = box(held);
  return (
    <g transform={`translate(${at.x} ${at.y})`} className="nest-view" data-view={view.name}>
      <text x={-wall} y={-30} fontSize={15} style={{ fill: 'var(--soft)' }}>
        {title}
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
      {view.layers.map((layer, i) => (
        <rect
          key={layer.key + String(i)}
          data-part={`layer-${layer.key}`}
          {...box(layer)}
          rx={Math.max(2, 14 - i * 4)}
          style={{ fill: fill(layer.key), stroke: 'var(--ink)', strokeWidth: 0.8 }}
        />
      ))}
      <PieceShape view={view} form={plan.piece.form} k={k} hatch={`${prefix}-piece`} />
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
      {scale(view.gaps.left) > 14 && (
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
      {scale(view.gaps.top) > 14 && (
        <Dimension x1={w / 2} y1={0} x2={w / 2} y2={heldBox.y} text={write(view.gaps.top, false)} tone={gapTone(view.gaps.top)} size={18} />
      )}
      {view.name === 'front' && scale(view.gaps.bottom) > 14 && (
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
    </g>
  );
}

function ScaleBar({ y, k }: { y: number; k: number }) {
  const inches = k > 14 ? 4 : 8;
  return (
    <g transform={`translate(0 ${y})`} style={{ stroke: 'var(--ink)' }}>
      <line x1={0} x2={inches * k} y1={8} y2={8} strokeWidth={1.2} />
      {Array.from({ length: inches + 1 }, (_, i) => (
        <line key={i} x1={i * k} x2={i * k} y1={i % inches === 0 ? 0 : 4} y2={8} />
      ))}
      <text y={25} fontSize={14} style={{ stroke: 'none' }}>
        {inches} in to scale
      </text>
    </g>
  );
}

/** Materials in the drawing, from the piece outward, each once. */
function legendOf(plan: PlanDocument): { key: string; name: string }[] {
  const all = [
    { key: 'piece', name: 'Piece' },
    ...plan.layers.map(({ key, name }) => ({ key, name })),
    ...plan.fills.map(({ key, name }) => ({ key, name: name.split(',')[0]! })),
    { key: 'board', name: plan.box.wall === 'double' ? 'Double wall' : 'Single wall' },
  ];
  return all.filter((one, i) => all.findIndex((other) => other.key === one.key) === i);
}

/** The drawing in words, for those who do not see it. */
function describe(plan: PlanDocument, write: Props['write']): string {
  const layers =
    plan.layers.map((layer) => `${layer.turns} ${layer.turns === 1 ? 'turn' : 'turns'} of ${layer.name}`).join(', ') || 'no wrap';
  const { bottom, top, left, front } = plan.gaps;
  return `${plan.piece.title}: ${layers}; ${plan.inner ? `inner box ${plan.inner.name}, ` : ''}box ${plan.box.name}; bedding ${write(bottom, true)} below, ${write(top, true)} above, ${write(left, true)} at the ends, ${write(front, true)} at the sides.`;
}
