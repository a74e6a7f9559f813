'use client';
import { nameAmong } from '@inch-nest/contracts';
import { useOthersAt } from '../session/LiveProvider.tsx';
import { useShop } from '../session/ShopContext.tsx';
import { STATIONS } from './stations.ts';

/** Who else has this parcel open, and where in it. */
export function OthersHere({ parcelId }: { parcelId: string }) {
  const { shop } = useShop();
  const others = useOthersAt(parcelId);
  if (others.length === 0) return null;
  const where = (path: string | null) => (path === 'nest' ? 'Nest' : (STATIONS.find((one) => one.path === path)?.name ?? 'here'));
  return (
    <span className="others-here" role="status">
      {others.map((one) => `${nameAmong(shop.people, one.personId)}: ${where(one.station)}`).join(', ')}
    </span>
  );
}
