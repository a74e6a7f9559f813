'use client';
import { useBench } from '../../../../screens/bench/BenchContext.tsx';
import { LookOverStation } from '../../../../screens/look-over/LookOverStation.tsx';

export default function Page() {
  return <LookOverStation {...useBench()} />;
}
