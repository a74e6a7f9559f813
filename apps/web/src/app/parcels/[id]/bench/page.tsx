'use client';
import { ForRight } from '../../../../frame/ForRight.tsx';
import { useBench } from '../../../../parcel/BenchContext.tsx';
import { BenchStation } from '../../../../stations/bench/BenchStation.tsx';

export default function Page() {
  const bench = useBench();
  return (
    <ForRight page="/parcels/[id]/bench">
      <BenchStation {...bench} />
    </ForRight>
  );
}
