'use client';
import { useBench } from '../../../../parcel/BenchContext.tsx';
import { LookOverStation } from '../../../../stations/look-over/LookOverStation.tsx';

export default function Page() {
  return <LookOverStation {...useBench()} />;
}
