'use client';
import { ForRight } from '../../../../frame/ForRight.tsx';
import { useBench } from '../../../../parcel/BenchContext.tsx';
import { NestStation } from '../../../../stations/nest/NestStation.tsx';

export default function Page() {
  const bench = useBench();
  return (
    <ForRight page="/parcels/[id]/nest">
      <NestStation {...bench} />
    </ForRight>
  );
}
