import { stackedWords, type PlanDocument } from '@inch-nest/core';
import { InterleafSelect } from '../../parcel/fields/InterleafSelect.tsx';
import type { NestUse } from '../../parcel/useNest.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { Tile } from './Tile.tsx';

/** What lies between the pieces of a stack, before anything is wound round it; it belongs to the piece, so changing it searches again. */
export function StackTile({ plan, parcel, nest }: { plan: PlanDocument; parcel: ParcelUse; nest: NestUse }) {
  const { write } = useShop();
  const { block, interleaved } = plan;
  const stacked = stackedWords({ block });
  if (stacked === null) return null;
  return (
    <Tile name="Between each two" nest={nest}>
      <InterleafSelect parcel={parcel} className="big-select" />
      <span className="detail">
        {stacked}
        {interleaved &&
          `; ${interleaved.sheets} sheets, ${interleaved.sheetIn.map((side) => write.length(side)).join(' × ')}, ${write.length(interleaved.thicknessIn)} thick`}
        {interleaved?.short && <b className="warn">; not enough of it</b>}
      </span>
    </Tile>
  );
}
