'use client';
import { useBench } from '../../../../parcel/BenchContext.tsx';
import { SaleStation } from '../../../../stations/sale/SaleStation.tsx';

export default function Page() {
  return <SaleStation {...useBench()} />;
}
