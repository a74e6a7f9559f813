'use client';
import { ForRight } from '../../../../frame/ForRight.tsx';
import { useBench } from '../../../../parcel/BenchContext.tsx';
import { RateStation } from '../../../../stations/rate/RateStation.tsx';

export default function Page() {
  const bench = useBench();
  return (
    <ForRight page="/parcels/[id]/rate">
      <RateStation {...bench} />
    </ForRight>
  );
}
