import { useId } from 'react';
import { fillsInner, type DropFace, type PlanDocument } from '@inch-nest/core';
import { FillPlaces } from './FillPlaces.tsx';
import { mainFill } from './fillPlacesIn.ts';
import { hatchFor, Hatches } from './Hatches.tsx';
import { landedView } from './landingGeometry.ts';
import { nestViews, type Rect } from './nestGeometry.ts';
import { AlikeBundles } from './SeenBundles.tsx';

const MOST_SCALE = 22;
const GROUND = 12;
/** Room above the parcel for the fall to be seen, as a share of the height. */
const FALL_SHARE = 0.16;

interface Props {
  /** The nest as it is for the bundle that is followed. */
  plan: PlanDocument;
  /** All of it: what stands beside that bundle is drawn fainter. */
  whole: PlanDocument;
  face: DropFace;
  /** How far each cushion gives, inches; empty while it falls. */
  squeezeIn: readonly number[];
  /** 1 where the fall begins, 0 on the ground. */
  lift: number;
  width: number;
  height: number;
  /** What is to be seen, in words. */
  label: string;
}

/** The nest in section, turned so that what strikes is below, as it falls and lands; squeezed true to scale. */
export function LandingSection({ plan, whole, face, squeezeIn, lift, width, height, label }: Props) {
  const prefix = useId().replaceAll(':', '');
  const { view, turnDeg, name, besideIn } = landedView(plan, face, squeezeIn, whole);
  const others = whole.others ? nestViews(whole, name).filter((one) => one.plan.piece.id !== plan.piece.id) : [];
  const wallIn = view.wallIn;
  const [outW, outH] = [view.inside.w + 2 * wallIn, view.inside.h + 2 * wallIn];
  const turn = (Math.abs(turnDeg) * Math.PI) / 180;
  const tallIn = outW * Math.abs(Math.sin(turn)) + outH * Math.abs(Math.cos(turn));
  const wideIn = outW * Math.abs(Math.cos(turn)) + outH * Math.abs(Math.sin(turn));
  const fall = height * FALL_SHARE;
  const k = Math.min(MOST_SCALE, (width - 24) / wideIn, (height - GROUND - fall) / tallIn);
  const ground = height - GROUND;
  const middleY = ground - (tallIn * k) / 2 - lift * fall;
  const fill = (key: string) => `url(#${prefix}-${hatchFor(key)})`;
  const box = (rect: Rect) => ({ x: rect.x * k, y: rect.y * k, width: Math.max(0, rect.w * k), height: Math.max(0, rect.h * k) });
  const outerFill = mainFill(plan);
  const innerFill = plan.fills.find(fillsInner);
  const line = { stroke: 'var(--ink)', strokeWidth: 0.8 };
  return (
    <svg className="nest-drawing landing" width={width} height={height} viewBox={`0 0 ${width} ${height}`} role="img" aria-label={label}>
      <Hatches prefix={prefix} />
      <g
        transform={`translate(${width / 2} ${middleY}) rotate(${turnDeg}) translate(${(-view.inside.w / 2) * k} ${(-view.inside.h / 2) * k})`}
      >
        <rect
          x={-wallIn * k}
          y={-wallIn * k}
          width={outW * k}
          height={outH * k}
          style={{ fill: fill('board'), stroke: 'var(--ink)', strokeWidth: 1.2 }}
        />
        <rect
          width={view.inside.w * k}
          height={view.inside.h * k}
          style={{ fill: outerFill ? fill(outerFill.key) : 'var(--sheet)', ...line }}
        />
        <FillPlaces plan={plan} view={view} k={k} prefix={prefix} />
        {view.inner && <rect {...box(view.inner.outside)} style={{ fill: fill('board'), ...line }} />}
        {view.inner && <rect {...box(view.inner.inside)} style={{ fill: innerFill ? fill(innerFill.key) : 'var(--sheet)', ...line }} />}
        {view.shared && <rect {...box(view.shared.outside)} style={{ fill: fill('board'), ...line }} />}
        {view.shared && <rect {...box(view.shared.inside)} style={{ fill: fill(view.shared.fill), ...line }} />}
        <g data-part="beside" opacity={0.45} transform={`translate(${besideIn.dx * k} ${besideIn.dy * k})`}>
          {others.map((one) => (
            <AlikeBundles key={one.plan.piece.id} {...one} k={k} prefix={prefix} several />
          ))}
        </g>
        <AlikeBundles view={view} plan={plan} k={k} prefix={prefix} several={view.seen.length > 1 || others.length > 0} />
      </g>
      <line x1={4} x2={width - 4} y1={ground} y2={ground} style={{ stroke: 'var(--ink)', strokeWidth: 2 }} />
      {Array.from({ length: Math.floor(width / 14) }, (_, i) => (
        <line key={i} x1={8 + i * 14} x2={2 + i * 14} y1={ground + 1} y2={ground + 9} style={{ stroke: 'var(--soft)', strokeWidth: 0.8 }} />
      ))}
    </svg>
  );
}
