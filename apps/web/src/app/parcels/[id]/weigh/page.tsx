'use client';
import { ForRight } from '../../../../frame/ForRight.tsx';
import { useBench } from '../../../../parcel/BenchContext.tsx';
import { WeighStation } from '../../../../stations/weigh/WeighStation.tsx';

export default function Page() {
  const bench = useBench();
  return (
    <ForRight page="/parcels/[id]/weigh">
      <WeighStation {...bench} />
    </ForRight>
  );
}
