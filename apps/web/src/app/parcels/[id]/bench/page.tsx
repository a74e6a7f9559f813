'use client';
import { useBench } from '../../../../parcel/BenchContext.tsx';
import { BenchStation } from '../../../../stations/bench/BenchStation.tsx';

export default function Page() {
  return <BenchStation {...useBench()} />;
}
