'use client';
import { useId } from 'react';
import { CM_PER_IN, laidOf, planBundles, type PlanDocument } from '@inch-nest/core';
import { hatchFor, Hatches } from './Hatches.tsx';
import type { MoveBundle } from './MoveBundles.tsx';
import { aboveIn, extentOf, nestView, type ViewName } from './nestGeometry.ts';
import { sharersWords } from '../words/wrapWords.ts';
import { NestSection } from './NestSection.tsx';
import type { PullUse } from './Pulls.tsx';

const EDGE = { left: 34, top: 46, between: 46, bottom: 12 };
const LEGEND_W = 158;
const NARROW = 560;
const MOST_SCALE = 26;
const MOST_HEIGHT = 300;

interface Props {
  /** Which two sections stand side by side. */
  shows: readonly [ViewName, ViewName];
  plan: PlanDocument;
  /** Room on the page, px. */
  width: number;
  /** Writes a length for the person, with the unit or without. */
  write: (inches: number, unit: boolean) => string;
  /** The bar to measure by is in centimetres. */
  metric?: boolean;
  /** Thinnest gap the house wants; thinner ones are drawn in the danger ink. */
  leastGapIn: number;
  /** Null where nothing may be pulled. */
  pull: PullUse | null;
  /** Puts one of several different bundles next to another; left out where none may be moved. */
  onMove?: MoveBundle | null;
}

/** The nest in two sections to one scale, with dimension lines and each material's hatch. */
export function NestDrawing({ shows, plan, width, write, metric = false, leastGapIn, pull, onMove = null }: Props) {
  const prefix = useId().replaceAll(':', '');
  const views = [nestView(plan, shows[0]), nestView(plan, shows[1])] as const;
  const [one, other] = [extentOf(views[0]), extentOf(views[1])];
  const narrow = width < NARROW;
  const room = narrow ? width - EDGE.left - 16 : width - LEGEND_W - EDGE.left * 2 - EDGE.between - 12;
  const acrossIn = narrow ? Math.max(one.w, other.w) + 0.6 : one.w + other.w + 1.2;
  const k = Math.min(MOST_SCALE, room / acrossIn, MOST_HEIGHT / (Math.max(one.h, other.h) + 0.6));
  const tallest = Math.max(one.h, other.h) * k;
  const first = { x: EDGE.left + 6 + views[0].over.left * k, y: EDGE.top + aboveIn(views[0]) * k };
  const right = first.x + (views[0].inside.w + views[0].over.right) * k;
  const second = narrow
    ? {
        x: EDGE.left + 6 + views[1].over.left * k,
        y: first.y + (views[0].inside.h + views[0].over.bottom + aboveIn(views[1])) * k + EDGE.top + 16,
      }
    : { x: right + EDGE.between + EDGE.left + views[1].over.left * k, y: EDGE.top + aboveIn(views[1]) * k };
  const entries = legendOf(plan);
  const legend = narrow
    ? { x: 8, y: second.y + (views[1].inside.h + views[1].over.bottom) * k + 24 }
    : { x: second.x + (views[1].inside.w + views[1].over.right) * k + 30, y: EDGE.top };
  const height = narrow
    ? legend.y + entries.length * 28 + 46
    : Math.max(EDGE.top + tallest + EDGE.bottom + 12, legend.y + entries.length * 28 + 56);
  return (
    <svg
      className="nest-drawing"
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="group"
      aria-label={describe(plan, write)}
      data-scale={k}
    >
      <Hatches prefix={prefix} />
      {views.map((view, i) => (
        <NestSection
          key={view.name}
          view={view}
          at={i === 0 ? first : second}
          k={k}
          prefix={prefix}
          plan={plan}
          write={write}
          leastGapIn={leastGapIn}
          pull={pull}
          onMove={onMove}
        />
      ))}
      <g transform={`translate(${legend.x} ${legend.y})`}>
        {entries.map(({ key, name }, i) => (
          <g key={key} transform={`translate(0 ${i * 28})`}>
            <rect width={24} height={18} style={{ fill: `url(#${prefix}-${hatchFor(key)})`, stroke: 'var(--ink)', strokeWidth: 0.7 }} />
            <text x={32} y={14} fontSize={15}>
              {name}
            </text>
          </g>
        ))}
        <ScaleBar y={entries.length * 28 + 10} k={k} metric={metric} />
      </g>
    </svg>
  );
}

/** A bar to measure by, in whole inches or centimetres. */
function ScaleBar({ y, k, metric }: { y: number; k: number; metric: boolean }) {
  const step = (metric ? 1 / CM_PER_IN : 1) * k;
  const count = (k > 14 ? 4 : 8) * (metric ? 2.5 : 1);
  return (
    <g transform={`translate(0 ${y})`} style={{ stroke: 'var(--ink)' }}>
      <line x1={0} x2={count * step} y1={8} y2={8} strokeWidth={1.2} />
      {Array.from({ length: count + 1 }, (_, i) => (
        <line key={i} x1={i * step} x2={i * step} y1={i % count === 0 ? 0 : 4} y2={8} />
      ))}
      <text y={25} fontSize={14} style={{ stroke: 'none' }}>
        {count} {metric ? 'cm' : 'in'} to scale
      </text>
    </g>
  );
}

/** Materials in the drawing, from the piece outward, each once. */
function legendOf(plan: PlanDocument): { key: string; name: string }[] {
  const wraps = planBundles(plan).flatMap(({ layers }) => layers);
  const isAlsoWrapped = (fill: string) => wraps.some(({ name }) => name === fill.split(',')[0]);
  const all = [
    { key: 'piece', name: 'Piece' },
    ...wraps.map(({ key, name, sleeve }) => ({ key, name: sleeve ? 'Envelope' : name })),
    ...(plan.around ? [{ key: plan.around.material, name: plan.around.name }] : []),
    ...(plan.folds ?? []).map(({ material, name }) => ({ key: material, name })),
    // folded bubble in the gaps is not the bubble round the piece
    ...plan.fills.map(({ key, name }) => ({ key, name: isAlsoWrapped(name) ? name : name.split(',')[0]! })),
    ...(plan.tubes ? [{ key: 'foamSheet', name: 'Foam tube' }] : []),
    { key: 'board', name: plan.box.wall === 'double' ? 'Double wall' : 'Single wall' },
  ];
  return all.filter((one, i) => all.findIndex((other) => other.key === one.key) === i);
}

/** The drawing in words, for those who do not see it. */
function describe(plan: PlanDocument, write: Props['write']): string {
  const bundles = planBundles(plan).map(({ piece, layers }) => `${piece.title}: ${layers.map(laidOf).join(', ') || 'no wrap'}`);
  const { bottom, top, left, front } = plan.gaps;
  return `${bundles.join('; ')}; ${plan.inner ? `inner box ${plan.inner.name}, ` : ''}${plan.shared ? `${sharersWords(plan)} in ${plan.shared.core ? 'a core' : 'one box'}, ${plan.shared.name}, ` : ''}box ${plan.box.name}; ${plan.tubes ? `${plan.tubes.count} foam tubes in its corners; ` : ''}bedding ${write(bottom, true)} below, ${write(top, true)} above, ${write(left, true)} at the ends, ${write(front, true)} at the sides.`;
}
