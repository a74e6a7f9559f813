'use client';
import { useBench } from '../../../../parcel/BenchContext.tsx';
import { SendStation } from '../../../../stations/send/SendStation.tsx';

export default function Page() {
  return <SendStation {...useBench()} />;
}
