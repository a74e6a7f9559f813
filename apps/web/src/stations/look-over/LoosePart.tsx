'use client';
import { Button } from 'antd';
import { heldIn, type Accessory } from '@inch-nest/contracts';
import { looseUntold, type LoosePart as Part, type PartFate } from '@inch-nest/core';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { usePickedField } from '../../parcel/fields/usePickedField.ts';
import { titleOfPiece } from '../../words/titleOf.ts';

/** What becomes of a part that is no piece of its own, as it is asked. */
const FATES: Readonly<Record<Exclude<PartFate, 'off'>, string>> = { on: 'On, and held fast', packer: 'Whoever packs it sees' };

/** A lid or a stopper that the name tells of and nobody has seen to yet: it comes off, stays on, or is seen at the bench. */
export function LoosePart({ parcel, whole, onPiece }: { parcel: ParcelUse; whole: ParcelUse; onPiece: (part: Part) => void }) {
  const field = usePickedField(parcel, 'piece', 'accessories');
  const { view } = parcel;
  const others = heldIn(whole.view).filter(({ pieceId }) => pieceId !== view.pieceId);
  const told = [...others.map(titleOfPiece), ...field.value.map(({ name }) => name)];
  const part = looseUntold(titleOfPiece(view), told);
  if (!part) return null;
  const count = view.piece.count.value;
  const keep = (fate: Accessory['part']) =>
    field.pick([...field.value, { id: crypto.randomUUID().slice(0, 8), name: part, count, part: fate }]);
  return (
    <div className="loose-part" role="group" aria-label={`Its ${part}`}>
      <span>
        {count > 1
          ? `Are the ${part}s loose? Wrapped in as they sit, they knock all the way.`
          : `Is the ${part} loose? Wrapped in as it sits, it knocks all the way.`}
      </span>
      <Button onClick={() => onPiece(part)}>{count > 1 ? 'They come off: pieces of their own' : 'It comes off: a piece of its own'}</Button>
      {(['on', 'packer'] as const).map((fate) => (
        <Button key={fate} onClick={() => keep(fate)}>
          {FATES[fate]}
        </Button>
      ))}
    </div>
  );
}
