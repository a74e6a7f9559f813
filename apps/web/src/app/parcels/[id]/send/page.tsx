'use client';
import { useBench } from '../../../../screens/bench/BenchContext.tsx';
import { SendStation } from '../../../../screens/send/SendStation.tsx';

export default function Page() {
  return <SendStation {...useBench()} />;
}
