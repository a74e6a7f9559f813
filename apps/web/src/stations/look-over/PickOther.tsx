import { Select } from 'antd';
import type { HeldPiece } from '@inch-nest/contracts';
import { meantElsewhere } from './othersByLetter.ts';

const NONE = 'none';

type Other = Pick<HeldPiece, 'pieceId'> & { readonly name: string };

/** One of the other pieces of a parcel, by its letter, or none of them; one that is meant and went into another box is told so. */
export function PickOther({
  id,
  label,
  none,
  offered,
  others = offered,
  value,
  onPick,
}: {
  id: string;
  label: string;
  /** What it means where none is picked. */
  none: string;
  offered: readonly Other[];
  /** All there are; those on offer where nothing else is said. */
  others?: readonly Other[];
  value: string | null;
  onPick: (pieceId: string | null) => void;
}) {
  return (
    <>
      <label htmlFor={id}>{label}</label>
      <Select
        id={id}
        aria-label={label}
        value={value ?? NONE}
        options={[
          { value: NONE, label: none },
          ...offered.map(({ pieceId, name }) => ({ value: pieceId, label: name })),
          // what is picked stays named, though it would not be offered any more
          ...others
            .filter((one) => one.pieceId === value && !offered.includes(one))
            .map(({ pieceId, name }) => ({ value: pieceId, label: name, disabled: true })),
          ...meantElsewhere(value, others),
        ]}
        onChange={(pieceId: string) => onPick(pieceId === NONE ? null : pieceId)}
      />
    </>
  );
}
