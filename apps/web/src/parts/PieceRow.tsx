import { heldIn, type ParcelView } from '@inch-nest/contracts';
import { useShop } from '../session/ShopContext.tsx';
import { lettersOfPieces } from '../words/lettersOfPieces.ts';
import { titleOfPiece } from '../words/titleOf.ts';

/** The pieces of a parcel as a row of tags with their letters; one is in hand. */
export function PieceRow({
  view,
  at,
  onPick,
}: {
  view: Pick<ParcelView, 'bundleId' | 'pieceId' | 'piece' | 'others'>;
  at: number;
  onPick: (at: number) => void;
}) {
  const { write } = useShop();
  const held = heldIn(view);
  if (held.length === 1) return null;
  const letters = lettersOfPieces(held);
  return (
    <div className="piece-row" role="tablist" aria-label="Pieces of this parcel">
      {held.map((one, i) => {
        const { size } = one.piece;
        return (
          <button key={one.bundleId} type="button" role="tab" aria-selected={i === at} className="piece-tag" onClick={() => onPick(i)}>
            <b className="numeral">{letters[i]}</b>
            <span>{titleOfPiece(one)}</span>
            <small>{size.value ? write.size(size.value) : 'not measured'}</small>
          </button>
        );
      })}
    </div>
  );
}
