'use client';
import { Button } from 'antd';
import { Pencil } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import type { PhotoView } from '@inch-nest/contracts';
import { PictureMarks } from './PictureMarks.tsx';
import { useShop } from '../../session/ShopContext.tsx';
import type { ParcelUse } from '../useParcel.ts';
import { MarkPicture } from './MarkPicture.tsx';

/**
 * Photographs in small, each with what is drawn upon it; a press shows it whole, another draws upon it.
 *
 * @param of what they are of, as their names say it
 * @param beside what else is done with each
 */
export function PhotoList({
  parcel,
  photos,
  of,
  high = 120,
  beside,
  children,
}: {
  parcel: Pick<ParcelUse, 'report'>;
  photos: readonly PhotoView[];
  of: string;
  high?: number;
  beside?: (photo: PhotoView, name: string) => ReactNode;
  children?: ReactNode;
}) {
  const { can } = useShop();
  const [marked, setMarked] = useState<string | null>(null);
  const open = photos.findIndex(({ id }) => id === marked);
  return (
    <>
      <ul className="photos">
        {photos.map((photo, i) => (
          <li key={photo.id}>
            <a href={`/api/photos/${photo.id}`} target="_blank" rel="noreferrer" className="marked-picture">
              {/* oxlint-disable-next-line nextjs/no-img-element -- already small, and kept by the browser */}
              <img src={`/api/photos/${photo.id}?small`} alt={nameOf(photo, i, of)} height={high} />
              {photo.marks.length > 0 && <PictureMarks {...photo} />}
            </a>
            {can('pack') && (
              <Button
                className="mark-it"
                icon={<Pencil size={20} aria-hidden />}
                aria-label={`Mark photograph ${i + 1} of ${of}`}
                onClick={() => setMarked(photo.id)}
              />
            )}
            {beside?.(photo, `photograph ${i + 1}`)}
          </li>
        ))}
        {children}
      </ul>
      {open >= 0 && (
        <MarkPicture photo={photos[open]!} name={nameOf(photos[open]!, open, of)} parcel={parcel} onClose={() => setMarked(null)} />
      )}
    </>
  );
}

const nameOf = ({ marks }: PhotoView, at: number, of: string): string =>
  `Photograph ${at + 1} of ${of}${marks.length > 0 ? ', marked' : ''}`;
