'use client';
import { useBench } from '../../../../screens/bench/BenchContext.tsx';
import { RateStation } from '../../../../screens/rate/RateStation.tsx';

export default function Page() {
  return <RateStation {...useBench()} />;
}
