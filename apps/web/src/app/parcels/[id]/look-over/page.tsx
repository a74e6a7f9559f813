'use client';
import { ForRight } from '../../../../frame/ForRight.tsx';
import { useBench } from '../../../../parcel/BenchContext.tsx';
import { LookOverStation } from '../../../../stations/look-over/LookOverStation.tsx';

export default function Page() {
  const bench = useBench();
  return (
    <ForRight page="/parcels/[id]/look-over">
      <LookOverStation {...bench} />
    </ForRight>
  );
}
