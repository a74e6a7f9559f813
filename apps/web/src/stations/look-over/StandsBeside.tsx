'use client';
import { Select } from 'antd';
import { PickedClash } from '../../parcel/fields/PickedClash.tsx';
import { usePickedField } from '../../parcel/fields/usePickedField.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { meantElsewhere, othersByLetter } from './othersByLetter.ts';

const ANYWHERE = 'anywhere';

/** Which of the others a piece is to stand next to, as a wheel to its frame. */
export function StandsBeside({ parcel, whole }: { parcel: ParcelUse; whole: ParcelUse }) {
  const field = usePickedField(parcel, 'piece', 'beside');
  const others = othersByLetter(parcel, whole);
  if (others.length === 0) return null;
  return (
    <div className="field">
      <label htmlFor="stands-beside">Stands next to</label>
      <Select
        id="stands-beside"
        aria-label="Stands next to"
        value={field.value ?? ANYWHERE}
        options={[
          { value: ANYWHERE, label: 'any of them' },
          ...others.map(({ pieceId, name }) => ({ value: pieceId, label: name })),
          ...meantElsewhere(field.value ?? undefined, others),
        ]}
        onChange={(pieceId: string) => field.pick(pieceId === ANYWHERE ? null : pieceId)}
      />
      <div className="meaning">{field.value ? 'side by side, not one upon the other' : 'like a wheel next to its frame'}</div>
      <PickedClash {...field} />
    </div>
  );
}
