'use client';
import { Button, type ButtonProps } from 'antd';
import { Camera, Images } from 'lucide-react';
import { useEffect, useRef, type ReactNode } from 'react';
import { takePictures } from './droppedPictures.ts';
import { PHOTO_ACCEPT } from './photoKinds.ts';

/** Takes photographs: with the camera, from what was taken before, dropped on the page or pasted. */
export function PhotoPicker({
  label,
  children,
  size,
  onPick,
}: {
  /** What they are photographs of, for readers of the screen. */
  label: string;
  children: ReactNode;
  size?: ButtonProps['size'];
  onPick: (files: readonly File[]) => void;
}) {
  const camera = useRef<HTMLInputElement>(null);
  const gallery = useRef<HTMLInputElement>(null);
  const pick = useRef(onPick);
  useEffect(() => {
    pick.current = onPick;
  });
  useEffect(() => takePictures({ at: () => camera.current, take: (files) => pick.current(files) }), []);
  const input = {
    type: 'file',
    accept: PHOTO_ACCEPT,
    multiple: true,
    className: 'unseen',
    tabIndex: -1,
    onChange: (event: { target: HTMLInputElement }) => {
      onPick([...(event.target.files ?? [])]);
      event.target.value = '';
    },
  } as const;
  return (
    <>
      <Button {...(size ? { size } : {})} icon={<Camera size={20} aria-hidden />} onClick={() => camera.current?.click()}>
        {children}
      </Button>
      <input ref={camera} {...input} capture="environment" aria-label={label} />
      {/* with a finger the first opens the camera alone */}
      <Button
        {...(size ? { size } : {})}
        className="from-gallery"
        icon={<Images size={20} aria-hidden />}
        aria-label="From the gallery"
        onClick={() => gallery.current?.click()}
      />
      <input ref={gallery} {...input} aria-hidden />
    </>
  );
}
