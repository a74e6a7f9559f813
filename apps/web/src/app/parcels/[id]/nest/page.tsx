'use client';
import { useBench } from '../../../../parcel/BenchContext.tsx';
import { NestStation } from '../../../../stations/nest/NestStation.tsx';

export default function Page() {
  return <NestStation {...useBench()} />;
}
