import { gridsFor, type Grid, type PlanDocument } from '@inch-nest/core';
import { NestStepField } from '../../parcel/fields/NestStepField.tsx';
import type { NestUse } from '../../parcel/useNest.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { Tile, TileSelect } from './Tile.tsx';

/** Grids on offer at most. */
const MOST = 12;
const nameOf = (grid: Grid): string => grid.join('x');

/**
 * How several alike bundles stand: so many along the box, across it, and upon one another.
 *
 * @param among there are others beside them
 */
export function TogetherTile({
  plan: { block, bundleIn },
  parcel,
  nest,
  among = false,
}: {
  plan: PlanDocument;
  parcel: ParcelUse;
  nest: NestUse;
  among?: boolean;
}) {
  const { write } = useShop();
  const count = block.stacks.length;
  const grids = gridsFor(count, bundleIn, MOST, block.pitchIn);
  const all = grids.some((one) => nameOf(one) === nameOf(block.grid)) ? grids : [block.grid, ...grids];
  return (
    <Tile name={among ? 'These among themselves' : 'How they stand'} nest={nest} pin={({ grid }) => (grid ? { grid } : {})}>
      <TileSelect
        label={among ? 'How these stand among themselves' : 'How they stand'}
        value={nameOf(block.grid)}
        options={all.map((grid) => ({ value: nameOf(grid), label: gridWords(grid) }))}
        onChange={(name) => nest.change(() => ({ grid: all.find((grid) => nameOf(grid) === name)!, baseGapIn: null }))}
      />
      <span className="detail">
        <b className="numeral">{count} bundles</b>
        {block.pieces > count && ` of ${block.stacks.join(', ')}`}, {block.pitchIn ? 'one in another' : 'wraps touching'}
        {among ? '' : `; together ${write.size(block.sizeIn)}`}
      </span>
      {block.pieces === count && <NestStepField parcel={parcel} />}
    </Tile>
  );
}

const gridWords = ([along, across, up]: Grid): string => `${along} × ${across}${up === 1 ? ', one layer' : ` × ${up} layers`}`;
