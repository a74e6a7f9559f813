'use client';
import { parseQuantity } from '@inch-nest/core';
import { PickedClash } from '../../parcel/fields/PickedClash.tsx';
import { usePickedField } from '../../parcel/fields/usePickedField.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { KeptText } from '../../parts/KeptText.tsx';
import { useShop } from '../../session/ShopContext.tsx';
import { LIKE_THIS } from '../../words/likeThis.ts';
import { leadsTo, othersByLetter } from './othersByLetter.ts';
import { PickOther } from './PickOther.tsx';

/** Further than this it stands beside, inches. */
const MOST_IN = 60;

/** Whether a piece goes into another as that stands, as a small bowl into a large one: into which, and by how much it stands out. */
export function GoesInto({ parcel, whole }: { parcel: ParcelUse; whole: ParcelUse }) {
  const { person, write } = useShop();
  const field = usePickedField(parcel, 'piece', 'within');
  const others = othersByLetter(parcel, whole);
  const now = field.value;
  if (others.length === 0) return null;
  const goesInto = (pieceId: string) => leadsTo(pieceId, parcel.view.pieceId, others, ({ within }) => within.value?.pieceId ?? null);
  // one holds one, and nothing goes into what goes into it
  const free = others.filter(({ pieceId, piece }) => {
    const isTaken = others.some((one) => one.pieceId !== pieceId && one.piece.within.value?.pieceId === pieceId);
    return pieceId === now?.pieceId || (!isTaken && piece.count.value === 1 && !goesInto(pieceId));
  });
  if (parcel.view.piece.count.value > 1 && now === null) return null;
  return (
    <>
      <div className="field">
        <PickOther
          id="goes-into"
          label="Goes into"
          none="nothing: it stands by itself"
          offered={free}
          others={others}
          value={now?.pieceId ?? null}
          onPick={(pieceId) => field.pick(pieceId === null ? null : { pieceId, standsOutIn: now?.standsOutIn ?? 0 })}
        />
        <div className="meaning">{now ? 'each wrapped by itself, then set in without force' : 'like a small bowl into a large one'}</div>
        <PickedClash {...field} />
      </div>
      {now && (
        <div className="field">
          <span className="label">Stands out of it</span>
          <KeptText
            label="How far it stands out"
            shown={now.standsOutIn === 0 ? '' : write.length(now.standsOutIn)}
            placeholder="not at all"
            wanted={`a length, like ${LIKE_THIS[person.system].length}, or nothing`}
            read={(text): number | null => {
              if (/^0?$/.test(text.trim())) return 0;
              const reading = parseQuantity(text, person.system);
              return reading.kind === 'length' && reading.inches > 0 && reading.inches <= MOST_IN ? reading.inches : null;
            }}
            onKeep={(standsOutIn) => field.pick({ ...now, standsOutIn })}
          />
          <div className="meaning">bare, above the rim; what the wraps add is reckoned</div>
        </div>
      )}
    </>
  );
}
