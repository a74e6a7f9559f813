'use client';
import { ForRight } from '../../../../frame/ForRight.tsx';
import { useBench } from '../../../../parcel/BenchContext.tsx';
import { SaleStation } from '../../../../stations/sale/SaleStation.tsx';

export default function Page() {
  const bench = useBench();
  return (
    <ForRight page="/parcels/[id]/sale">
      <SaleStation {...bench} />
    </ForRight>
  );
}
