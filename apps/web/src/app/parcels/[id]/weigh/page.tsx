'use client';
import { useBench } from '../../../../parcel/BenchContext.tsx';
import { WeighStation } from '../../../../stations/weigh/WeighStation.tsx';

export default function Page() {
  return <WeighStation {...useBench()} />;
}
