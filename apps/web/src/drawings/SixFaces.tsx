'use client';
import { useId, type KeyboardEvent, type MouseEvent } from 'react';
import type { Face, HardPoint, Triple } from '@inch-nest/core';
import { Hatches } from './Hatches.tsx';
import { sixFacesLayout, type FacePanel } from './sixFacesLayout.ts';

/** What lies before a face once it is packed, inches. */
export interface FaceRoom {
  readonly coverIn: number;
  readonly gapIn: number;
}

interface Props {
  /** Room on the page, px. */
  width: number;
  /** As it stands. */
  sizeIn: Triple;
  points: readonly HardPoint[];
  selected: string | null;
  /** Cover and gap by face; null while there is no plan. */
  rooms: Readonly<Record<Face, FaceRoom>> | null;
  write: (inches: number) => string;
  nameOf: (point: HardPoint) => string;
  onPin: (face: Face, across: number, up: number) => void;
  onSelect: (id: string) => void;
  onMove: (id: string, across: number, up: number) => void;
  onRemove: (id: string) => void;
}

const NUDGE = 0.05;
const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-NUDGE, 0],
  ArrowRight: [NUDGE, 0],
  ArrowUp: [0, NUDGE],
  ArrowDown: [0, -NUDGE],
};
const MARK = 22;
const within = (share: number): number => Math.min(1, Math.max(0, share));
const hundredths = (share: number): number => Math.round(within(share) * 100) / 100;

/** The piece unfolded: a touch on a face pins a hard point there; arrows move the one chosen. */
export function SixFaces({ width, sizeIn, points, selected, rooms, write, nameOf, onPin, onSelect, onMove, onRemove }: Props) {
  const prefix = useId().replaceAll(':', '');
  const layout = sixFacesLayout(sizeIn, width);
  const panelOf = (face: Face): FacePanel => layout.panels.find((one) => one.face === face)!;
  const pinAt = (event: MouseEvent<SVGGElement>, { face, x, y, w, h }: FacePanel) => {
    const page = event.currentTarget.ownerSVGElement!.getBoundingClientRect();
    const share = layout.width / page.width;
    onPin(face, hundredths(((event.clientX - page.left) * share - x) / w), hundredths(1 - ((event.clientY - page.top) * share - y) / h));
  };
  const press = (event: KeyboardEvent, act: () => void) => {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    act();
  };
  return (
    <svg
      className="six-faces"
      width={layout.width}
      height={layout.height}
      viewBox={`0 0 ${layout.width} ${layout.height}`}
      role="group"
      aria-label="The six faces of the piece, unfolded"
      data-scale={layout.k}
    >
      <Hatches prefix={prefix} />
      {layout.panels.map((panel) => {
        const room = rooms?.[panel.face];
        const said = room ? `cover ${write(room.coverIn)}, gap ${write(room.gapIn)}` : 'no nest yet';
        return (
          <g
            key={panel.face}
            role="button"
            tabIndex={0}
            className="face"
            data-face={panel.face}
            aria-label={`Pin a hard point on the ${panel.face}: ${said}`}
            onClick={(event) => pinAt(event, panel)}
            onKeyDown={(event) => press(event, () => onPin(panel.face, 0.5, 0.5))}
          >
            <rect {...{ x: panel.touch.x, y: panel.touch.y, width: panel.touch.w, height: panel.touch.h }} className="touch" />
            <rect
              x={panel.x}
              y={panel.y}
              width={panel.w}
              height={panel.h}
              rx={2}
              style={{ fill: `url(#${prefix}-piece)` }}
              className="panel"
            />
            <FaceWords panel={panel} lines={[panel.face, ...(room ? [`${write(room.coverIn)} cover`, `${write(room.gapIn)} gap`] : [])]} />
          </g>
        );
      })}
      {points.map((point) => {
        const { x, y, w, h } = panelOf(point.face);
        const at = { x: x + point.across * w, y: y + (1 - point.up) * h };
        const guarded = point.guard !== null;
        const on = point.id === selected;
        return (
          <g
            key={point.id}
            role="button"
            tabIndex={0}
            className={`pin${on ? ' on' : ''}${guarded ? ' guarded' : ''}`}
            data-pin={point.id}
            aria-pressed={on}
            aria-label={`${nameOf(point)} on the ${point.face}, ${guarded ? 'guarded' : 'bare'}; arrows move it, Delete takes it off`}
            transform={`translate(${at.x} ${at.y})`}
            onClick={() => onSelect(point.id)}
            onKeyDown={(event) => {
              const arrow = ARROWS[event.key];
              if (arrow) {
                event.preventDefault();
                onMove(point.id, hundredths(point.across + arrow[0]), hundredths(point.up + arrow[1]));
              } else if (event.key === 'Delete' || event.key === 'Backspace') {
                event.preventDefault();
                onRemove(point.id);
              } else press(event, () => onSelect(point.id));
            }}
          >
            <circle r={MARK} className="touch" />
            <circle r={9} className="dot" />
            {guarded ? <circle r={13} className="ring" /> : <path d="M-4 -4 L4 4 M4 -4 L-4 4" className="cross" />}
          </g>
        );
      })}
    </svg>
  );
}

function FaceWords({ panel, lines }: { panel: FacePanel; lines: readonly string[] }) {
  const [x, y] = [panel.touch.x + panel.touch.w / 2, panel.touch.y + panel.touch.h - 9 - (lines.length - 1) * 18];
  return (
    <text x={x} y={y} textAnchor="middle" fontSize={15} className="face-words">
      {lines.map((line, i) => (
        <tspan key={line} x={x} dy={i === 0 ? 0 : 18} fontWeight={i === 0 ? 700 : 500}>
          {line}
        </tspan>
      ))}
    </text>
  );
}
