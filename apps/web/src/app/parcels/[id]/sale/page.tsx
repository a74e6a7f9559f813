'use client';
import { useBench } from '../../../../screens/bench/BenchContext.tsx';
import { SaleStation } from '../../../../screens/sale/SaleStation.tsx';

export default function Page() {
  return <SaleStation {...useBench()} />;
}
