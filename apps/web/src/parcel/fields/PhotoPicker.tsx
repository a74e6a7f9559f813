'use client';
import { Button, type ButtonProps } from 'antd';
import { Camera } from 'lucide-react';
import { useRef, type ReactNode } from 'react';

/** Takes photographs from a camera or from files. */
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
  const picker = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button {...(size ? { size } : {})} icon={<Camera size={20} aria-hidden />} onClick={() => picker.current?.click()}>
        {children}
      </Button>
      <input
        ref={picker}
        type="file"
        accept="image/jpeg,image/png,image/webp"
        multiple
        capture="environment"
        className="unseen"
        tabIndex={-1}
        aria-label={label}
        onChange={(event) => {
          onPick([...(event.target.files ?? [])]);
          event.target.value = '';
        }}
      />
    </>
  );
}
