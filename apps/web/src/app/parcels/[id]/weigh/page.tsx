'use client';
import { useBench } from '../../../../screens/bench/BenchContext.tsx';
import { WeighStation } from '../../../../screens/weigh/WeighStation.tsx';

export default function Page() {
  return <WeighStation {...useBench()} />;
}
