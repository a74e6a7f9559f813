'use client';
import { Checkbox } from 'antd';
import { heldIn } from '@inch-nest/contracts';
import type { BenchLog } from '../../parcel/useBenchLog.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { titleOfPiece } from '../../words/titleOf.ts';

/** Everything that must be in: the piece and whatever goes with it. */
export const contentsOf = ({ view }: Pick<ParcelUse, 'view'>): { id: string; name: string }[] => [
  ...heldIn(view).map((one, at) => ({ id: at === 0 ? 'piece' : one.pieceId, name: titleOfPiece(one) })),
  ...heldIn(view).flatMap(({ piece }) => piece.accessories.value.map((one) => ({ id: one.id, name: `${one.count} × ${one.name}` }))),
];

/** Contents and accessories, ticked off one by one before the box is closed. */
export function ContentsRecord({ parcel, log }: { parcel: ParcelUse; log: BenchLog }) {
  const { ticked } = log.life;
  return (
    <div className="contents" role="group" aria-label="What is in">
      {contentsOf(parcel).map(({ id, name }) => (
        <Checkbox
          key={id}
          checked={ticked.includes(id)}
          onChange={(event) => {
            // the big key goes back to meaning done
            (document.activeElement as HTMLElement | null)?.blur();
            void log.log({ kind: 'contentsTicked', items: event.target.checked ? [...ticked, id] : ticked.filter((one) => one !== id) });
          }}
        >
          {name}
        </Checkbox>
      ))}
    </div>
  );
}
