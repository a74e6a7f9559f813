'use client';
import { useBench } from '../../../../screens/bench/BenchContext.tsx';
import { BenchStation } from '../../../../screens/packing/BenchStation.tsx';

export default function Page() {
  return <BenchStation {...useBench()} />;
}
