'use client';
import { Select } from 'antd';
import { useRef, useState } from 'react';
import {
  capital,
  GUARDS,
  HARD_POINTS,
  lower,
  type Face,
  type HardPoint,
  type HardPointKind,
  type PlanDocument,
  type Triple,
} from '@inch-nest/core';
import { SixFaces } from '../../drawings/SixFaces.tsx';
import { useShop } from '../../session/ShopContext.tsx';
import { useVoice } from '../../session/Voice.tsx';
import { pinWords } from '../../words/pinWords.ts';
import { useWidth } from '../../parts/useWidth.ts';
import { writeTenths } from '../../parts/writeTenths.ts';
import { faceRooms } from './faceRooms.ts';
import { HardPointList } from './HardPointList.tsx';

const KINDS = Object.values(HARD_POINTS).map((one) => ({ value: one.kind, label: one.name }));
const MOST_POINTS = 24;
const REACH_AT_FIRST_IN = 0.5;

/** What will break first: pinned on the unfolded piece, each with its guard in the list beneath. */
export function Weaknesses({
  points,
  sizeIn,
  plan,
  onChange,
}: {
  points: readonly HardPoint[];
  sizeIn: Triple;
  plan: PlanDocument | null;
  onChange: (points: HardPoint[]) => void;
}) {
  const { person } = useShop();
  const frame = useRef<HTMLDivElement>(null);
  const width = useWidth(frame);
  const [kind, setKind] = useState<HardPointKind>('rim');
  const [selected, select] = useState<string | null>(null);
  const say = useVoice();
  const change = (id: string, part: Partial<HardPoint>) =>
    onChange(points.map((point) => (point.id === id ? { ...point, ...part } : point)));
  const remove = (id: string) => {
    const gone = points.find((point) => point.id === id);
    if (gone) say(`${capital(HARD_POINTS[gone.kind].name)} taken off the ${gone.face}`, id);
    onChange(points.filter((point) => point.id !== id));
  };
  const move = (id: string, across: number, up: number) => {
    const moved = points.find((point) => point.id === id);
    if (moved) say(pinWords({ ...moved, across, up }), id);
    change(id, { across, up });
  };
  const pin = (face: Face, across: number, up: number) => {
    if (points.length >= MOST_POINTS) return;
    const id = crypto.randomUUID().slice(0, 8);
    select(id);
    say(`Pinned: ${lower(pinWords({ kind, face, across, up }))}`, id);
    onChange([...points, { id, kind, face, across, up, reachIn: REACH_AT_FIRST_IN, guard: null, guardLengthIn: null }]);
  };
  return (
    <section className="weaknesses" aria-label="Hard points">
      <div className="section-head">
        <h2>What will break first</h2>
        <label className="pin-as">
          Pin a
          <Select<HardPointKind> aria-label="What to pin" value={kind} options={KINDS} popupMatchSelectWidth={false} onChange={setKind} />
        </label>
      </div>
      <p className="soft">
        Touch the face it stands on. ✕ is bare, a ring is guarded; arrows move the pin chosen, Delete takes it off.
        {plan ? ' On each face: what lies over it, and the gap behind.' : ''}
      </p>
      <div ref={frame} className="faces-frame">
        {width > 0 && (
          <SixFaces
            width={width}
            sizeIn={sizeIn}
            points={points}
            selected={selected}
            rooms={plan && faceRooms(plan)}
            write={(inches) => writeTenths(inches, true, person.system)}
            nameOf={(point) => `${HARD_POINTS[point.kind].name}${point.guard ? ` with ${GUARDS[point.guard].name}` : ''}`}
            onPin={pin}
            onSelect={select}
            onMove={move}
            onRemove={remove}
          />
        )}
      </div>
      <HardPointList points={points} selected={selected} onSelect={select} onChange={change} onRemove={remove} />
    </section>
  );
}
