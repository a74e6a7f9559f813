'use client';
import { Button, Input, Select } from 'antd';
import { X } from 'lucide-react';
import {
  FACES,
  GUARD_OVERREACH_IN,
  guardLengthAdvisedIn,
  GUARDS,
  HARD_POINTS,
  MOST_UNDER_GUARD,
  parseQuantity,
  shareLeft,
  type Face,
  type GuardKind,
  type HardPoint,
  type HardPointKind,
} from '@inch-nest/core';
import { useState } from 'react';
import { KeptText } from '../../parts/KeptText.tsx';
import { useShop } from '../../session/ShopContext.tsx';
import { LIKE_THIS } from '../../words/likeThis.ts';

const MOST_REACH_IN = 60;

const KINDS = Object.values(HARD_POINTS).map((one) => ({ value: one.kind, label: one.name }));
const FACE_OPTIONS = FACES.map((face) => ({ value: face, label: face }));
const GUARD_OPTIONS: { value: GuardKind | 'none'; label: string }[] = [
  { value: 'none', label: 'bare' },
  ...Object.values(GUARDS).map((one) => ({ value: one.kind, label: one.name })),
];

const AS_ASKED = -1;
const OVER_OPTIONS = [
  { value: AS_ASKED, label: 'where the finish asks' },
  { value: 0, label: 'on the part itself' },
  ...Array.from({ length: MOST_UNDER_GUARD }, (_, i) => ({ value: i + 1, label: `over ${i + 1} ${i === 0 ? 'layer' : 'layers'}` })),
];

/** The weak spots: what, on which face, how far it stands out, and its guard. */
export function HardPointList({
  points,
  selected,
  onSelect,
  onChange,
  onRemove,
}: {
  points: readonly HardPoint[];
  selected: string | null;
  onSelect: (id: string) => void;
  onChange: (id: string, part: Partial<HardPoint>) => void;
  onRemove: (id: string) => void;
}) {
  if (points.length === 0) return <p className="soft">None pinned: the body itself decides.</p>;
  return (
    <ul className="point-list">
      {points.map((point, i) => (
        <li key={point.id} className={point.id === selected ? 'on' : ''} onFocus={() => onSelect(point.id)}>
          <Select<HardPointKind>
            aria-label={`Hard point ${i + 1}`}
            value={point.kind}
            options={KINDS}
            onChange={(kind) => onChange(point.id, { kind })}
          />
          <Select<Face>
            aria-label={`Face of hard point ${i + 1}`}
            value={point.face}
            options={FACE_OPTIONS}
            onChange={(face) => onChange(point.id, { face })}
          />
          <Reach point={point} onChange={(reachIn) => onChange(point.id, { reachIn })} />
          <Select<GuardKind | 'none'>
            aria-label={`Guard of hard point ${i + 1}`}
            value={point.guard ?? 'none'}
            options={GUARD_OPTIONS}
            onChange={(guard) => onChange(point.id, { guard: guard === 'none' ? null : guard })}
          />
          <GuardLength point={point} label={`Length of the guard of hard point ${i + 1}`} onChange={(part) => onChange(point.id, part)} />
          {point.guard && (
            <Select<number>
              aria-label={`Under the guard of hard point ${i + 1}`}
              className="guard-over"
              value={point.guardOver ?? AS_ASKED}
              options={OVER_OPTIONS}
              onChange={(over) => onChange(point.id, { guardOver: over === AS_ASKED ? null : over })}
            />
          )}
          <span className="soft">
            {point.guard ? 'guarded' : 'bare'}: the piece keeps {Math.round(shareLeft(point) * 100)}% of its strength
          </span>
          <Button
            type="text"
            icon={<X size={20} aria-hidden />}
            aria-label={`Remove hard point ${i + 1}`}
            onClick={() => onRemove(point.id)}
          />
        </li>
      ))}
    </ul>
  );
}

/** How long a guard is cut: as long as the part runs and a little, unless somebody says otherwise. */
function GuardLength({ point, label, onChange }: { point: HardPoint; label: string; onChange: (part: Partial<HardPoint>) => void }) {
  const { person, write } = useShop();
  // a cap or a cone comes as it is
  if (!point.guard || GUARDS[point.guard].minorPerFt + GUARDS[point.guard].lbPerFt === 0) return null;
  const advisedIn = guardLengthAdvisedIn(point);
  const read = (text: string) => {
    if (text.trim() === '') return { inches: null };
    const reading = parseQuantity(text, person.system);
    return reading.kind === 'length' && reading.inches > 0 && reading.inches <= MOST_REACH_IN ? { inches: reading.inches } : null;
  };
  const short = point.guardLengthIn !== null && point.guardLengthIn < advisedIn - GUARD_OVERREACH_IN;
  return (
    <span className="guard-length">
      <KeptText
        label={label}
        shown={write.length(point.guardLengthIn ?? advisedIn)}
        placeholder={write.length(advisedIn)}
        wanted={`a length, like ${LIKE_THIS[person.system].length}, or nothing for as long as it runs`}
        read={read}
        onKeep={({ inches }) => onChange({ guardLengthIn: inches })}
      />
      <span className={short ? 'ochre' : 'soft'}>
        {short
          ? `⚠ shorter than the ${HARD_POINTS[point.kind].name} runs: ${write.length(advisedIn)} is wanted`
          : `cut to; ${write.length(GUARD_OVERREACH_IN)} past the part`}
      </span>
    </span>
  );
}

/** How far the part stands out from the body. */
function Reach({ point, onChange }: { point: HardPoint; onChange: (reachIn: number) => void }) {
  const { person, write } = useShop();
  const [text, setText] = useState<string | null>(null);
  const reading = text === null || text.trim() === '0' ? { kind: 'length' as const, inches: 0 } : parseQuantity(text, person.system);
  const wrong = text !== null && (reading.kind !== 'length' || reading.inches > MOST_REACH_IN);
  const leave = () => {
    if (text !== null && reading.kind === 'length' && !wrong) {
      onChange(reading.inches);
      setText(null);
    }
  };
  return (
    <span className="reach">
      <Input
        aria-label="Stands out by"
        status={wrong ? 'error' : ''}
        value={text ?? write.length(point.reachIn)}
        onChange={(event) => setText(event.target.value)}
        onBlur={leave}
        onPressEnter={leave}
      />
      {wrong && (
        <span className="meaning wrong">
          ✗{' '}
          {reading.kind === 'notUnderstood'
            ? reading.problem
            : `a length up to ${write.length(MOST_REACH_IN)}, like ${LIKE_THIS[person.system].length}`}
        </span>
      )}
    </span>
  );
}
