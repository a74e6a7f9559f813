import { useCallback, useState } from 'react';
import type { BenchStep } from '@inch-nest/core';
import { packingShots } from '@inch-nest/contracts';
import type { BenchLog } from '../../parcel/useBenchLog.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';

const MOST_BYTES = 20_000_000;

/** Photographs of the packing, kept and still waiting to be sent, against those the steps want; and how one is added. */
export function usePackingPhotos({ view }: ParcelUse, { own, photograph }: BenchLog, steps: readonly BenchStep[]) {
  const [problems, setProblems] = useState<readonly string[]>([]);
  const waiting = own.flatMap((item) => (item.kind === 'photo' && item.of === 'packing' && item.refused === null ? [item] : []));
  const kept = view.photos.filter((photo) => photo.of === 'packing');
  const shots = packingShots([...kept, ...waiting.map(({ of, step = null }) => ({ of, step }))], steps);
  const add = useCallback(
    async (files: readonly File[], step?: string) => {
      const refused: string[] = [];
      for (const file of files) {
        if (file.size > MOST_BYTES) refused.push(`${file.name}: at most 20 MB`);
        else await photograph('packing', file, step).catch((error: Error) => refused.push(`${file.name}: ${error.message}`));
      }
      setProblems(refused);
    },
    [photograph],
  );
  return { kept, waiting, shots, add, problems };
}

export type PackingPhotosUse = ReturnType<typeof usePackingPhotos>;
