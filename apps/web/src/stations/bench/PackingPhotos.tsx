'use client';
import { useEffect, useMemo } from 'react';
import type { BenchStep } from '@inch-nest/core';
import { shotWords } from '@inch-nest/contracts';
import { PHOTO_SAYS } from '../../parcel/fields/photoKinds.ts';
import { PhotoPicker } from '../../parcel/fields/PhotoPicker.tsx';
import { PhotoList } from '../../parcel/photos/PhotoList.tsx';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import type { PackingPhotosUse } from './usePackingPhotos.ts';

/** Photographs of the packing, each wanted one by its step: taken here, kept at once, sent when there is somebody to send them to. */
export function PackingPhotos({ parcel, photos }: { parcel: ParcelUse; photos: PackingPhotosUse }) {
  const { kept, waiting, shots, add } = photos;
  return (
    <div className="packing-photos">
      {shots.wanted.length > 0 && (
        <ul className="shots" aria-label="Photographs that are wanted">
          {shots.wanted.map(({ step, title, taken }) => (
            <li key={step}>
              <span aria-hidden>{taken ? '✓' : '·'}</span>
              <span>
                {title}
                {taken && <span className="unseen">, taken</span>}
              </span>
              {!taken && (
                <PhotoPicker label={`Photograph of ${title}`} onPick={(files) => void add(files, step)}>
                  Take it
                </PhotoPicker>
              )}
            </li>
          ))}
        </ul>
      )}
      <PhotoPicker label="Photographs of the packing" size="large" onPick={(files) => void add(files)}>
        Another one
      </PhotoPicker>
      <b className="numeral" role="status">
        {shotWords(shots) ?? `${kept.length + waiting.length} photographs`}
      </b>
      <span className="soft">{PHOTO_SAYS}</span>
      <PhotoList parcel={parcel} photos={kept} of="the packing" high={72}>
        {waiting.map((item) => (
          <li key={item.id} className="waiting">
            <Waiting picture={item.picture} />
          </li>
        ))}
      </PhotoList>
      <Refused problems={photos.problems} />
    </div>
  );
}

/** The photograph of a step, at the step: wanted ones first of all, since the next step hides what they show. */
export function StepShot({ photos, steps }: { photos: PackingPhotosUse; steps: readonly BenchStep[] }) {
  const { kept, waiting, add } = photos;
  const wanted = steps.filter(({ shot }) => shot);
  const offered = wanted.length > 0 ? wanted : steps.slice(0, 1);
  const taken = (step: BenchStep) => [...kept, ...waiting].filter((one) => one.step === step.key).length;
  return (
    <div className="step-shot">
      {offered.map((step) => (
        <span key={step.key}>
          <PhotoPicker label={`Photograph of ${step.title}`} size="large" onPick={(files) => void add(files, step.key)}>
            {offered.length > 1 ? step.title : taken(step) > 0 ? 'One more' : 'Photograph it'}
          </PhotoPicker>{' '}
          <span role="status">
            {taken(step) > 0 ? `✓ ${taken(step)} taken` : step.shot && offered.length === 1 ? 'wanted: the next step hides it' : ''}
          </span>
        </span>
      ))}
      <Refused problems={photos.problems} />
    </div>
  );
}

const Refused = ({ problems }: { problems: readonly string[] }) =>
  problems.map((problem) => (
    <p key={problem} role="alert" className="risk">
      ✗ {problem}
    </p>
  ));

/** A photograph that has not been sent yet, from the browser's own copy. */
function Waiting({ picture }: { picture: Blob }) {
  const address = useMemo(() => URL.createObjectURL(picture), [picture]);
  useEffect(() => () => URL.revokeObjectURL(address), [address]);
  // oxlint-disable-next-line nextjs/no-img-element -- from the browser's own store
  return <img src={address} alt="Photograph that waits to be sent" height={72} />;
}
