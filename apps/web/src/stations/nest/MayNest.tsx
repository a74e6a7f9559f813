import Link from 'next/link';
import { mayNest, piecesOf } from '@inch-nest/core';
import type { NestUse } from '../../parcel/useNest.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { listed } from '../../words/titleOf.ts';

/** Bowls, buckets, shades that stand side by side: nobody said whether they go into one another. */
export function MayNest({ parcel, nest }: { parcel: ParcelUse; nest: NestUse }) {
  const beside = piecesOf(nest.request).filter(mayNest);
  if (beside.length === 0 || nest.found?.kind !== 'planned') return null;
  return (
    <p className="soft may-nest">
      Do the {listed(beside.map(({ title }) => title))} go into one another?{' '}
      <Link href={`/parcels/${parcel.view.id}/look-over`}>Say what each further one adds</Link>, and they want less room.
    </p>
  );
}
