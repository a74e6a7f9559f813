'use client';
import { parseQuantity } from '@inch-nest/core';
import { Select } from 'antd';
import { PickedClash } from '../../parcel/fields/PickedClash.tsx';
import { usePickedField } from '../../parcel/fields/usePickedField.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { KeptText } from '../../parts/KeptText.tsx';
import { useShop } from '../../session/ShopContext.tsx';
import { LIKE_THIS } from '../../words/likeThis.ts';
import { meantElsewhere, othersByLetter } from './othersByLetter.ts';

const NOTHING = 'nothing';
/** Further than this it stands beside, inches. */
const MOST_IN = 60;

/** Whether a piece goes into another as that stands, as a small bowl into a large one: into which, and by how much it stands out. */
export function GoesInto({ parcel, whole }: { parcel: ParcelUse; whole: ParcelUse }) {
  const { person, write } = useShop();
  const field = usePickedField(parcel, 'piece', 'within');
  const others = othersByLetter(parcel, whole);
  const now = field.value;
  if (others.length === 0) return null;
  // one holds one, and nothing goes into what goes into it
  const free = others.filter(({ pieceId, piece }) => {
    const isTaken = others.some((one) => one.pieceId !== pieceId && one.piece.within.value?.pieceId === pieceId);
    return pieceId === now?.pieceId || (!isTaken && piece.count.value === 1 && !goesInto(pieceId));
  });
  function goesInto(pieceId: string): boolean {
    let next: string | undefined = pieceId;
    for (let steps = 0; next !== undefined && steps <= others.length; steps++) {
      if (next === parcel.view.pieceId) return true;
      next = others.find((one) => one.pieceId === next)?.piece.within.value?.pieceId;
    }
    return false;
  }
  if (parcel.view.piece.count.value > 1 && now === null) return null;
  return (
    <>
      <div className="field">
        <label htmlFor="goes-into">Goes into</label>
        <Select
          id="goes-into"
          aria-label="Goes into"
          value={now?.pieceId ?? NOTHING}
          options={[
            { value: NOTHING, label: 'nothing: it stands by itself' },
            ...free.map((one) => ({ value: one.pieceId, label: one.name })),
            ...meantElsewhere(now?.pieceId, others),
          ]}
          onChange={(pieceId: string) => field.pick(pieceId === NOTHING ? null : { pieceId, standsOutIn: now?.standsOutIn ?? 0 })}
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
