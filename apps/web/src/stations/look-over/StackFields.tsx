'use client';
import { ARCHETYPES, evenStacks } from '@inch-nest/core';
import { InterleafSelect } from '../../parcel/fields/InterleafSelect.tsx';
import { TypedField } from '../../parcel/fields/TypedField.tsx';
import type { ParcelUse } from '../../parcel/useParcel.ts';

/** How alike pieces are wrapped: one by one or in even stacks, and what lies between each two of a stack. */
export function StackFields({ parcel }: { parcel: ParcelUse }) {
  const { piece } = parcel.view;
  const { count, stackOf } = piece;
  return (
    <>
      <TypedField
        parcel={parcel}
        entity="piece"
        path="stackOf"
        label="In one wrap at most"
        placeholder="1"
        meaning={(most: number) => stackWords(count.value, most)}
      />
      {stackOf.value > 1 && <Between parcel={parcel} />}
    </>
  );
}

function Between({ parcel }: { parcel: ParcelUse }) {
  const { piece } = parcel.view;
  const { fragility, cased } = ARCHETYPES[piece.archetype.value];
  return (
    <div className="field">
      <label htmlFor="interleaf">Between each two</label>
      <InterleafSelect parcel={parcel} id="interleaf" />
      <div className="meaning">
        {piece.interleaf.value === null && fragility !== null && !cased
          ? 'bare pieces that can break never share a wrap: a sheet between them, or each by itself'
          : 'a sheet as large as they are, laid as they are stacked'}
      </div>
    </div>
  );
}

function stackWords(count: number, most: number): string {
  if (most === 1) return 'each wrapped by itself';
  const stacks = evenStacks(count, most);
  return stacks.length === 1 ? `one stack of ${count}` : `${stacks.length} stacks: ${stacks.join(', ')}`;
}
