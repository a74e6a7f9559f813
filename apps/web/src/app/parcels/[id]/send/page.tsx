'use client';
import { ForRight } from '../../../../frame/ForRight.tsx';
import { useBench } from '../../../../parcel/BenchContext.tsx';
import { SendStation } from '../../../../stations/send/SendStation.tsx';

export default function Page() {
  const bench = useBench();
  return (
    <ForRight page="/parcels/[id]/send">
      <SendStation {...bench} />
    </ForRight>
  );
}
