'use client';
import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Triple } from '@inch-nest/core';
import { nearestBox, nextBox, type PullBox } from './nearestBox.ts';
import { VIEW_AXES, type NestView } from './nestGeometry.ts';

/** What may be pulled in a drawing of the nest, and what comes of it. */
export interface PullUse {
  /** Boxes that take what is held as it lies. */
  readonly boxes: readonly PullBox[];
  onBox(key: string): void;
  /** Bedding below, inches. */
  onLift(baseGapIn: number): void;
}

interface Props {
  view: NestView;
  k: number;
  wall: number;
  /** What the box holds, px. */
  held: { x: number; y: number; width: number; height: number };
  nowIn: Triple;
  pull: PullUse;
  write: (inches: number, unit: boolean) => string;
}

const TOUCH = 22;
const LIFT_STEP_IN = 0.25;
const SIDE_WORDS = ['length', 'width', 'depth'] as const;
const WAYS: Readonly<Record<string, 1 | -1>> = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 };
const snap = (inches: number): number => Math.round(inches / LIFT_STEP_IN) * LIFT_STEP_IN;

/** Walls and bundle as handles: a wall pulled takes the box that comes nearest, the bundle lifted changes its bedding. */
export function Pulls({ view, k, wall, held, nowIn, pull, write }: Props) {
  const [w, h] = [view.inside.w * k, view.inside.h * k];
  const [across, up] = VIEW_AXES[view.name];
  const [pulled, setPulled] = useState<{ axis: 0 | 1 | 2; wantedIn: number } | null>(null);
  const [lift, setLift] = useState<{ fromY: number; bottom: number; last: number } | null>(null);
  const found = pulled && nearestBox(pull.boxes, nowIn, pulled.axis, pulled.wantedIn);
  const pageShare = (event: PointerEvent<SVGElement>): number => {
    const svg = event.currentTarget.ownerSVGElement!;
    return svg.viewBox.baseVal.width / svg.getBoundingClientRect().width;
  };
  const wallHandle = (axis: 0 | 1 | 2, upright: boolean) => {
    const sideIn = nowIn[axis];
    const start = (event: PointerEvent<SVGGElement>) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      setPulled({ axis, wantedIn: sideIn });
    };
    const move = (event: PointerEvent<SVGGElement>) => {
      if (!event.currentTarget.hasPointerCapture(event.pointerId)) return;
      const by = (upright ? event.movementX : -event.movementY) * pageShare(event);
      setPulled((was) => was && { axis, wantedIn: Math.max(1, was.wantedIn + by / k) });
    };
    const end = () => {
      if (found && found.insideIn !== nowIn) pull.onBox(found.key);
      setPulled(null);
    };
    const press = (event: KeyboardEvent) => {
      const way = WAYS[event.key];
      if (!way) return;
      event.preventDefault();
      const next = nextBox(pull.boxes, nowIn, axis, way);
      if (next) pull.onBox(next.key);
    };
    const room = upright
      ? { x: w + wall / 2 - TOUCH, y: 0, width: 2 * TOUCH, height: h }
      : { x: 0, y: -wall / 2 - TOUCH, width: w, height: 2 * TOUCH };
    return (
      <g
        role="slider"
        tabIndex={0}
        className={`pull ${upright ? 'upright' : 'level'}`}
        data-pull={SIDE_WORDS[axis]}
        aria-label={`Box ${SIDE_WORDS[axis]}, ${view.name}`}
        aria-orientation={upright ? 'horizontal' : 'vertical'}
        aria-valuemin={Math.floor(Math.min(sideIn, ...pull.boxes.map((box) => box.insideIn[axis])))}
        aria-valuemax={Math.ceil(Math.max(sideIn, ...pull.boxes.map((box) => box.insideIn[axis])))}
        aria-valuenow={sideIn}
        aria-valuetext={`${write(sideIn, true)} inside`}
        onPointerDown={start}
        onPointerMove={move}
        onPointerUp={end}
        onPointerCancel={() => setPulled(null)}
        onKeyDown={press}
      >
        <rect {...room} className="touch" />
        {upright ? (
          <path d={`M${w + wall / 2 - 3} ${h / 2 - 12} v24 M${w + wall / 2 + 3} ${h / 2 - 12} v24`} className="grip-lines" />
        ) : (
          <path d={`M${w * 0.8 - 12} ${-wall / 2 - 3} h24 M${w * 0.8 - 12} ${-wall / 2 + 3} h24`} className="grip-lines" />
        )}
      </g>
    );
  };
  const room = view.gaps.bottom + view.gaps.top;
  const liftTo = (inches: number) => pull.onLift(Math.max(0, Math.min(room, inches)));
  return (
    <g className="pulls">
      {view.name !== 'above' && (
        <g
          role="slider"
          tabIndex={0}
          className="pull lift"
          aria-label={`Bedding below, ${view.name}`}
          aria-orientation="vertical"
          aria-valuemin={0}
          aria-valuemax={Math.round(room * 100) / 100}
          aria-valuenow={Math.round(view.gaps.bottom * 100) / 100}
          aria-valuetext={write(view.gaps.bottom, true)}
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            setLift({ fromY: event.clientY, bottom: view.gaps.bottom, last: view.gaps.bottom });
          }}
          onPointerMove={(event) => {
            if (!lift || !event.currentTarget.hasPointerCapture(event.pointerId)) return;
            const to = snap(lift.bottom + ((lift.fromY - event.clientY) * pageShare(event)) / k);
            if (to === lift.last) return;
            setLift({ ...lift, last: to });
            liftTo(to);
          }}
          onPointerUp={() => setLift(null)}
          onPointerCancel={() => setLift(null)}
          onKeyDown={(event) => {
            const way = WAYS[event.key];
            if (!way) return;
            event.preventDefault();
            liftTo(snap(view.gaps.bottom + way * LIFT_STEP_IN));
          }}
        >
          <rect {...held} rx={6} className="touch" />
        </g>
      )}
      {wallHandle(across, true)}
      {wallHandle(up, false)}
      {pulled && found && (
        <Ghost
          box={found}
          across={across}
          up={up}
          k={k}
          h={h}
          text={`${found.name.split(',')[0]} · ${gapWords(found, view, across, up, write)}`}
        />
      )}
    </g>
  );
}

function Ghost({ box, across, up, k, h, text }: { box: PullBox; across: 0 | 1 | 2; up: 0 | 1 | 2; k: number; h: number; text: string }) {
  const [width, height] = [box.insideIn[across] * k, box.insideIn[up] * k];
  return (
    <g className="ghost" aria-hidden>
      <rect x={0} y={h - height} width={width} height={height} />
      <text x={8} y={h - height + 20} fontSize={16} fontWeight={700}>
        {text}
      </text>
    </g>
  );
}

/** The gap that a box would leave beside and above. */
function gapWords(box: PullBox, view: NestView, across: 0 | 1 | 2, up: 0 | 1 | 2, write: Props['write']): string {
  const heldW = view.inside.w - view.gaps.left - view.gaps.right;
  const heldH = view.inside.h - view.gaps.top - view.gaps.bottom;
  return `gap ${write((box.insideIn[across] - heldW) / 2, false)} · ${write((box.insideIn[up] - heldH) / 2, true)}`;
}
