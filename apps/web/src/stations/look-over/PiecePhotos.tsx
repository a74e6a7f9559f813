'use client';
import { Button } from 'antd';
import { X } from 'lucide-react';
import { useKeptPhotos } from '../../parcel/useKeptPhotos.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { PHOTO_SAYS } from '../../parcel/fields/photoKinds.ts';
import { PhotoPicker } from '../../parcel/fields/PhotoPicker.tsx';
import { PhotoList } from '../../parcel/photos/PhotoList.tsx';

/** Photographs of the piece as it was sold, from a camera or a file; what was not taken says why. */
export function PiecePhotos({ parcel }: { parcel: ParcelUse }) {
  const { photos, problems, gone, add, remove } = useKeptPhotos(parcel, 'piece');
  return (
    <section className="rows" aria-label="Photographs of the piece">
      <h3>Photographs of the piece</h3>
      <PhotoList
        parcel={parcel}
        photos={photos}
        of="the piece"
        beside={(photo, name) => (
          <Button icon={<X size={20} aria-hidden />} aria-label={`Take ${name} out`} onClick={() => void remove(photo.id, true)} />
        )}
      />
      <span className="photo-actions">
        <PhotoPicker label="Photographs" onPick={(files) => void add(files)}>
          {photos.length > 0 ? 'Another photograph' : 'Photograph it'}
        </PhotoPicker>
        {gone && <Button onClick={() => void remove(gone, false)}>Put it back</Button>}
        <span className="soft">{PHOTO_SAYS}</span>
      </span>
      {problems.map((problem) => (
        <p key={problem} role="alert" className="meaning wrong">
          ✗ {problem}
        </p>
      ))}
    </section>
  );
}
