'use client';
import { useEffect, useMemo, useState } from 'react';
import { PHOTOGRAPHS } from '@inch-nest/core';
import type { BenchLog } from '../../parcel/useBenchLog.ts';
import { useShop } from '../../session/ShopContext.tsx';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { PhotoPicker } from '../../parcel/fields/PhotoPicker.tsx';

const MOST_BYTES = 20_000_000;

/** How many photographs of the packing there are, with those still waiting to be sent, and how many the house wants. */
export function usePackingPhotos({ view }: ParcelUse, { own }: BenchLog) {
  const { shop } = useShop();
  const waiting = own.flatMap((item) => (item.kind === 'photo' && item.of === 'packing' && item.refused === null ? [item] : []));
  const kept = view.photos.filter((photo) => photo.of === 'packing');
  return { kept, waiting, count: kept.length + waiting.length, wanted: shop.house.photographs ? PHOTOGRAPHS : 0 };
}

/** Photographs of the packing: taken here, kept at once, sent when there is somebody to send them to. */
export function PackingPhotos({ parcel, log }: { parcel: ParcelUse; log: BenchLog }) {
  const [problems, setProblems] = useState<readonly string[]>([]);
  const { kept, waiting, count, wanted } = usePackingPhotos(parcel, log);
  const add = async (files: readonly File[]) => {
    const refused: string[] = [];
    for (const file of files) {
      if (file.size > MOST_BYTES) refused.push(`${file.name}: at most 20 MB`);
      else await log.photograph('packing', file).catch((error: Error) => refused.push(`${file.name}: ${error.message}`));
    }
    setProblems(refused);
  };
  return (
    <div className="packing-photos">
      <PhotoPicker label="Photographs of the packing" size="large" onPick={(files) => void add(files)}>
        Photograph it
      </PhotoPicker>
      <b className="numeral" role="status">
        {count} of {Math.max(wanted, count)} photographs
      </b>
      <span className="soft">JPEG, PNG or WebP up to 20 MB; where it was taken is not kept</span>
      <ul className="photos">
        {kept.map((photo, i) => (
          <li key={photo.id}>
            <a href={`/api/photos/${photo.id}`} target="_blank" rel="noreferrer">
              {/* eslint-disable-next-line @next/next/no-img-element -- already small, and kept by the browser */}
              <img src={`/api/photos/${photo.id}?small`} alt={`Photograph ${i + 1} of the packing`} height={72} />
            </a>
          </li>
        ))}
        {waiting.map((item) => (
          <li key={item.id} className="waiting">
            <Waiting picture={item.picture} />
          </li>
        ))}
      </ul>
      {problems.map((problem) => (
        <p key={problem} role="alert" className="risk">
          ✗ {problem}
        </p>
      ))}
    </div>
  );
}

/** A photograph that has not been sent yet, from the browser's own copy. */
function Waiting({ picture }: { picture: Blob }) {
  const address = useMemo(() => URL.createObjectURL(picture), [picture]);
  useEffect(() => () => URL.revokeObjectURL(address), [address]);
  // eslint-disable-next-line @next/next/no-img-element -- from the browser's own store
  return <img src={address} alt="Photograph that waits to be sent" height={72} />;
}
