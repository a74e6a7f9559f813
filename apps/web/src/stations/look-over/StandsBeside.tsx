'use client';
import { PickedClash } from '../../parcel/fields/PickedClash.tsx';
import { usePickedField } from '../../parcel/fields/usePickedField.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { othersByLetter } from './othersByLetter.ts';
import { PickOther } from './PickOther.tsx';

/** Which of the others a piece is to stand next to, as a wheel to its frame. */
export function StandsBeside({ parcel, whole }: { parcel: ParcelUse; whole: ParcelUse }) {
  const field = usePickedField(parcel, 'piece', 'beside');
  const others = othersByLetter(parcel, whole);
  if (others.length === 0) return null;
  return (
    <div className="field">
      <PickOther id="stands-beside" label="Stands next to" none="any of them" offered={others} value={field.value} onPick={field.pick} />
      <div className="meaning">{field.value ? 'side by side, not one upon the other' : 'like a wheel next to its frame'}</div>
      <PickedClash {...field} />
    </div>
  );
}
