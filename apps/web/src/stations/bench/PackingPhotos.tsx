'use client';
import { useEffect, useMemo } from 'react';
import { shotWords } from '@inch-nest/contracts';
import { PhotoPicker } from '../../parcel/fields/PhotoPicker.tsx';
import type { PackingPhotosUse } from './usePackingPhotos.ts';

/** Photographs of the packing, each wanted one by its step: taken here, kept at once, sent when there is somebody to send them to. */
export function PackingPhotos({ photos }: { photos: PackingPhotosUse }) {
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
      <Refused problems={photos.problems} />
    </div>
  );
}

/** The photograph of one step, at the step: wanted ones first of all, since the next step hides what they show. */
export function StepShot({ photos, step, title, wanted }: { photos: PackingPhotosUse; step: string; title: string; wanted: boolean }) {
  const { kept, waiting, add } = photos;
  const taken = [...kept, ...waiting].filter((one) => one.step === step).length;
  return (
    <div className="step-shot">
      <PhotoPicker label={`Photograph of ${title}`} size="large" onPick={(files) => void add(files, step)}>
        {taken > 0 ? 'One more' : 'Photograph it'}
      </PhotoPicker>
      <span role="status">{taken > 0 ? `✓ ${taken} taken` : wanted ? 'wanted: the next step hides it' : ''}</span>
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
  // eslint-disable-next-line @next/next/no-img-element -- from the browser's own store
  return <img src={address} alt="Photograph that waits to be sent" height={72} />;
}
