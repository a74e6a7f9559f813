'use client';
import { useBench } from '../../../../screens/bench/BenchContext.tsx';
import { NestStation } from '../../../../screens/nest/NestStation.tsx';

export default function Page() {
  return <NestStation {...useBench()} />;
}
