'use client';
import { Select } from 'antd';
import type { PartOf } from '@inch-nest/core';
import { PickedClash } from '../../parcel/fields/PickedClash.tsx';
import { usePickedField } from '../../parcel/fields/usePickedField.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { KeptText } from '../../parts/KeptText.tsx';
import { meantElsewhere, othersByLetter } from './othersByLetter.ts';

const ITSELF = 'itself';

/** Whether a piece is a part of another that comes off: of which, after what, and what loosens with it. */
export function ComesOff({ parcel, whole }: { parcel: ParcelUse; whole: ParcelUse }) {
  const field = usePickedField(parcel, 'piece', 'partOf');
  const others = othersByLetter(parcel, whole);
  if (others.length === 0) return null;
  const now = field.value;
  const change = (part: Partial<PartOf>) => now && field.pick({ ...now, ...part });
  const afterOf = (pieceId: string) => others.find((one) => one.pieceId === pieceId)?.piece.partOf.value?.after ?? null;
  const waitsForThis = (pieceId: string): boolean => {
    for (let next: string | null = pieceId, steps = 0; next && steps <= others.length; next = afterOf(next), steps++)
      if (next === parcel.view.pieceId) return true;
    return false;
  };
  // nothing waits for what waits for it
  const siblings = others.filter(
    ({ piece, pieceId }) => now !== null && piece.partOf.value?.pieceId === now.pieceId && !waitsForThis(pieceId),
  );
  return (
    <>
      <div className="field">
        <label htmlFor="comes-off">Comes off</label>
        <Select
          id="comes-off"
          aria-label="Comes off"
          value={now?.pieceId ?? ITSELF}
          options={[
            { value: ITSELF, label: 'nothing: a piece of its own' },
            ...others.map((one) => ({ value: one.pieceId, label: one.name })),
            ...meantElsewhere(now?.pieceId, others),
          ]}
          onChange={(pieceId: string) => field.pick(pieceId === ITSELF ? null : { pieceId, after: null, loosens: now?.loosens ?? '' })}
        />
        <div className="meaning">{now ? 'taken off first at the bench, and wrapped by itself' : ''}</div>
        <PickedClash {...field} />
      </div>
      {now && siblings.length > 0 && (
        <div className="field">
          <label htmlFor="off-after">Only after</label>
          <Select
            id="off-after"
            aria-label="Only after"
            value={now.after ?? ITSELF}
            options={[{ value: ITSELF, label: 'nothing else' }, ...siblings.map((one) => ({ value: one.pieceId, label: one.name }))]}
            onChange={(after: string) => change({ after: after === ITSELF ? null : after })}
          />
        </div>
      )}
      {now && (
        <div className="field">
          <span className="label">Loosens with it</span>
          <KeptText
            label="What loosens with it"
            shown={now.loosens}
            read={(text) => text.trim()}
            wanted=""
            placeholder="two screws"
            onKeep={(loosens) => change({ loosens })}
          />
          <div className="meaning">goes into the bag</div>
        </div>
      )}
    </>
  );
}
