'use client';
import { useBench } from '../../../../parcel/BenchContext.tsx';
import { RateStation } from '../../../../stations/rate/RateStation.tsx';

export default function Page() {
  return <RateStation {...useBench()} />;
}
