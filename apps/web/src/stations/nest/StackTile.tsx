import type { PlanDocument } from '@inch-nest/core';
import { InterleafSelect } from '../../parcel/fields/InterleafSelect.tsx';
import type { NestUse } from '../../parcel/useNest.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { Tile } from './Tile.tsx';

/** What lies between the pieces of a stack, before anything is wound round it; it belongs to the piece, so changing it searches again. */
export function StackTile({ plan: { block, interleaved }, parcel, nest }: { plan: PlanDocument; parcel: ParcelUse; nest: NestUse }) {
  const { write } = useShop();
  if (block.stackedAlong === undefined) return null;
  const stacks = block.stacks.length === 1 ? `one stack of ${block.pieces}` : `stacks of ${block.stacks.join(', ')}`;
  return (
    <Tile name="Between each two" nest={nest}>
      <InterleafSelect parcel={parcel} className="big-select" />
      <span className="detail">
        {stacks}
        {interleaved &&
          `; ${interleaved.sheets} sheets, ${interleaved.sheetIn.map((side) => write.length(side)).join(' × ')}, ${write.length(interleaved.thicknessIn)} thick`}
        {interleaved?.short && <b className="warn">; not enough of it</b>}
      </span>
    </Tile>
  );
}
