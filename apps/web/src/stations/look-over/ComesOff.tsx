'use client';
import type { PartOf } from '@inch-nest/core';
import { PickedClash } from '../../parcel/fields/PickedClash.tsx';
import { usePickedField } from '../../parcel/fields/usePickedField.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { KeptText } from '../../parts/KeptText.tsx';
import { leadsTo, othersByLetter } from './othersByLetter.ts';
import { PickOther } from './PickOther.tsx';
import { WeighedWithIt } from './WeighedWithIt.tsx';

/** Whether a piece is a part of another that comes off: of which, after what, and what loosens with it. */
export function ComesOff({ parcel, whole }: { parcel: ParcelUse; whole: ParcelUse }) {
  const field = usePickedField(parcel, 'piece', 'partOf');
  const others = othersByLetter(parcel, whole);
  if (others.length === 0) return null;
  const now = field.value;
  const change = (part: Partial<PartOf>) => now && field.pick({ ...now, ...part });
  const waitsForThis = (pieceId: string) => leadsTo(pieceId, parcel.view.pieceId, others, ({ partOf }) => partOf.value?.after ?? null);
  // nothing waits for what waits for it
  const siblings = others.filter(
    ({ piece, pieceId }) => now !== null && piece.partOf.value?.pieceId === now.pieceId && !waitsForThis(pieceId),
  );
  return (
    <>
      <div className="field">
        <PickOther
          id="comes-off"
          label="Comes off"
          none="nothing: a piece of its own"
          offered={others}
          value={now?.pieceId ?? null}
          onPick={(pieceId) => field.pick(pieceId === null ? null : { pieceId, after: null, loosens: now?.loosens ?? '' })}
        />
        <div className="meaning">{now ? 'taken off first at the bench, and wrapped by itself' : ''}</div>
        {now && <WeighedWithIt key={now.pieceId} parcel={parcel} whole={whole} pieceId={now.pieceId} />}
        <PickedClash {...field} />
      </div>
      {now && siblings.length > 0 && (
        <div className="field">
          <PickOther
            id="off-after"
            label="Only after"
            none="nothing else"
            offered={siblings}
            others={others}
            value={now.after}
            onPick={(after) => change({ after })}
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
