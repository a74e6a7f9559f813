'use client';
import { ARCHETYPES, guessMissing } from '@inch-nest/core';
import { pieceFactsOf } from '@inch-nest/contracts';
import { useShop } from '../../session/ShopContext.tsx';
import type { ParcelUse } from '../useParcel.ts';
import { TypedField } from './TypedField.tsx';

/** Whether alike pieces go into one another, as bowls do: what each further one adds to the height, and how high they then stand. */
export function NestStepField({ parcel }: { parcel: ParcelUse }) {
  const { write } = useShop();
  const { pieceId, piece } = parcel.view;
  const facts = pieceFactsOf(pieceId, piece);
  const means = (stepIn: number | null): string => {
    if (stepIn === null) return 'like bowls in one another: how much higher one more makes them';
    const heightIn = guessMissing(facts, ARCHETYPES[facts.archetype]).sizeIn[2];
    if (stepIn >= heightIn) return 'no less than its height: they do not go into one another';
    return `${facts.count} in one another stand ${write.length(heightIn + (facts.count - 1) * stepIn)} high, bare`;
  };
  return (
    <TypedField
      parcel={parcel}
      entity="piece"
      path="nestStepIn"
      label="One in another: each further adds"
      placeholder="they do not"
      meaning={means}
    />
  );
}
