'use client';
import { useRef, useState, type PointerEvent } from 'react';
import { planBundles, type PlanDocument } from '@inch-nest/core';
import { nestViews, VIEW_AXES, type Rect, type ViewName } from './nestGeometry.ts';
import { sideNear, type NextTo } from './sideNear.ts';

/** One of several bundles is put next to another: along which side of the box, before it or behind. */
export type MoveBundle = (one: number, other: number, along: 0 | 1 | 2, before: boolean) => void;

/** Bundles as handles over a section: one that is dragged onto another is stood beside, before or upon it, at the side it was let go. */
export function MoveBundles({ plan, name, k, onMove }: { plan: PlanDocument; name: ViewName; k: number; onMove: MoveBundle }) {
  const group = useRef<SVGGElement>(null);
  const [drag, setDrag] = useState<{ one: number; x: number; y: number } | null>(null);
  const bundles = planBundles(plan);
  const handles = nestViews(plan, name).flatMap(({ view, plan: own }) => {
    const at = bundles.findIndex(({ piece }) => piece.id === own.piece.id);
    return view.seen.map(({ letter, dx, dy }) => ({
      at,
      letter,
      rect: scaled({ ...view.bundle, x: view.bundle.x + dx, y: view.bundle.y + dy }, k),
    }));
  });
  const pointOf = ({ clientX, clientY }: PointerEvent) => {
    const { x, y } = new DOMPoint(clientX, clientY).matrixTransform(group.current!.getScreenCTM()!.inverse());
    return { x, y };
  };
  // the nearest to the eye is drawn last
  const over = drag && [...handles].reverse().find(({ at, rect }) => at !== drag.one && isWithin(drag, rect));
  const next = over && { at: over.at, rect: over.rect, side: sideNear(drag, over.rect) };
  const [across, up] = VIEW_AXES[name];
  const drop = () => {
    if (drag && next) onMove(drag.one, next.at, next.side.along === 'across' ? across : up, next.side.before);
    setDrag(null);
  };
  return (
    <g ref={group} className="move-bundles">
      {handles.map(({ at, letter, rect }) => (
        <rect
          key={letter}
          {...box(rect)}
          className="move-bundle"
          data-move={letter}
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            setDrag({ one: at, ...pointOf(event) });
          }}
          onPointerMove={(event) => event.currentTarget.hasPointerCapture(event.pointerId) && setDrag({ one: at, ...pointOf(event) })}
          onPointerUp={drop}
          onPointerCancel={() => setDrag(null)}
        />
      ))}
      {next && <line {...edge(next.rect, next.side)} className="move-edge" />}
      {drag && <circle cx={drag.x} cy={drag.y} r={9} className="move-finger" />}
    </g>
  );
}

const scaled = ({ x, y, w, h }: Rect, k: number): Rect => ({ x: x * k, y: y * k, w: w * k, h: h * k });
const box = ({ x, y, w, h }: Rect) => ({ x, y, width: Math.max(0, w), height: Math.max(0, h) });
const isWithin = ({ x, y }: { x: number; y: number }, rect: Rect): boolean =>
  x >= rect.x && x <= rect.x + rect.w && y >= rect.y && y <= rect.y + rect.h;

function edge({ x, y, w, h }: Rect, { along, before }: NextTo) {
  if (along === 'across') return { x1: before ? x : x + w, x2: before ? x : x + w, y1: y, y2: y + h };
  return { x1: x, x2: x + w, y1: before ? y + h : y, y2: before ? y + h : y };
}
