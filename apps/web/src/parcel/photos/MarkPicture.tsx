'use client';
import { Button, Input, Modal, Segmented } from 'antd';
import { X } from 'lucide-react';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import {
  markBetween,
  MARK_KINDS,
  markMoved,
  markSized,
  MOST_MARK_TEXT,
  MOST_MARKS,
  type MarkKind,
  type PictureMark,
  type Spot,
} from '@inch-nest/core';
import type { PhotoView } from '@inch-nest/contracts';
import { PictureMarks } from './PictureMarks.tsx';
import { Trouble } from '../../parts/Trouble.tsx';
import type { ParcelUse } from '../useParcel.ts';

/** How far a key moves a mark, share of the picture. */
const STEP = 0.02;
const MOVES: Readonly<Record<string, Spot>> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, -STEP],
  ArrowDown: [0, STEP],
};
/** What Shift does with them. */
const SIZED: Readonly<Record<MarkKind, string>> = { ring: ', size with Shift', arrow: ', its tip with Shift', word: '' };
/** Where a mark begins that no hand has pulled. */
const MIDDLE: readonly [Spot, Spot] = [
  [0.35, 0.35],
  [0.65, 0.65],
];

/** Rings, arrows and words upon a photograph: pulled with a finger or a mouse, or put in the middle and moved by keys. The picture stays as it is. */
export function MarkPicture({
  photo,
  name,
  parcel,
  onClose,
}: {
  photo: PhotoView;
  name: string;
  parcel: Pick<ParcelUse, 'report'>;
  onClose: () => void;
}) {
  const [marks, setMarks] = useState<readonly PictureMark[]>(photo.marks);
  const [kind, setKind] = useState<MarkKind>('ring');
  const [pull, setPull] = useState<{ from: Spot; to: Spot } | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const frame = useRef<HTMLDivElement>(null);
  const full = marks.length >= MOST_MARKS;
  const wordless = marks.some((mark) => mark.kind === 'word' && mark.text.trim() === '');

  const spotOf = ({ clientX, clientY }: PointerEvent): Spot => {
    const { left, top, width, height } = frame.current!.getBoundingClientRect();
    const share = (at: number) => Math.min(1, Math.max(0, at));
    return [share((clientX - left) / (width || 1)), share((clientY - top) / (height || 1))];
  };
  const add = (from: Spot, to: Spot) => setMarks((now) => (now.length < MOST_MARKS ? [...now, markBetween(kind, from, to)] : now));
  const change = (at: number, next: PictureMark | null) =>
    setMarks((now) => now.flatMap((mark, i) => (i !== at ? [mark] : next ? [next] : [])));
  const keep = async () => {
    setBusy(true);
    setProblem(null);
    try {
      await parcel.report({ kind: 'photoMarked', photoId: photo.id, marks });
      onClose();
    } catch (error) {
      setProblem(error instanceof Error ? error.message : 'that did not work');
    } finally {
      setBusy(false);
    }
  };
  const nudge = (at: number) => (event: KeyboardEvent) => {
    const by = MOVES[event.key];
    if (!by) return;
    event.preventDefault();
    event.stopPropagation();
    // up and to the right is larger
    change(at, event.shiftKey ? markSized(marks[at]!, [by[0], marks[at]!.kind === 'ring' ? -by[1] : by[1]]) : markMoved(marks[at]!, by));
  };
  return (
    <Modal
      open
      title={name}
      width={760}
      onCancel={onClose}
      okText="Keep the marks"
      okButtonProps={{ disabled: wordless, loading: busy }}
      cancelText="Leave it as it was"
      onOk={() => void keep()}
    >
      <div className="mark-tools">
        <Segmented<MarkKind> aria-label="What is drawn" value={kind} options={[...MARK_KINDS]} onChange={setKind} />
        <Button disabled={full} onClick={() => add(...MIDDLE)}>
          Put one in the middle
        </Button>
        <span className="soft">{full ? `${MOST_MARKS} marks are enough` : 'or pull one over the picture'}</span>
      </div>
      <div
        ref={frame}
        className="marked-picture whole"
        onPointerDown={(event) => {
          if (full) return;
          event.preventDefault();
          event.currentTarget.setPointerCapture?.(event.pointerId);
          const from = spotOf(event);
          setPull({ from, to: from });
        }}
        onPointerMove={(event) => pull && setPull({ ...pull, to: spotOf(event) })}
        onPointerUp={(event) => {
          if (pull) add(pull.from, spotOf(event));
          setPull(null);
        }}
        onPointerCancel={() => setPull(null)}
      >
        {/* oxlint-disable-next-line nextjs/no-img-element -- whole, as it was taken */}
        <img src={`/api/photos/${photo.id}`} alt={name} width={photo.width} height={photo.height} draggable={false} />
        <PictureMarks marks={pull ? [...marks, markBetween(kind, pull.from, pull.to)] : marks} width={photo.width} height={photo.height} />
      </div>
      <ul className="mark-list">
        {marks.map((mark, i) => (
          <li key={i}>
            {mark.kind === 'word' && (
              <Input
                autoFocus={mark.text === ''}
                aria-label={`Word ${i + 1}`}
                value={mark.text}
                maxLength={MOST_MARK_TEXT}
                placeholder="crack"
                onChange={({ target }) => change(i, { ...mark, text: target.value })}
              />
            )}
            <Button onKeyDown={nudge(i)}>
              {mark.kind} {i + 1}: move by the arrow keys{SIZED[mark.kind]}
            </Button>
            <Button icon={<X size={20} aria-hidden />} aria-label={`Take ${mark.kind} ${i + 1} off`} onClick={() => change(i, null)} />
          </li>
        ))}
      </ul>
      <Trouble says={problem} />
    </Modal>
  );
}
