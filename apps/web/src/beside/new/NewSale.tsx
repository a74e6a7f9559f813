'use client';
import type { ShelfTag } from '@inch-nest/contracts';
import { SidePage } from '../../frame/SidePage.tsx';
import { OpenFile } from './OpenFile.tsx';
import { StartLine } from './StartLine.tsx';

/** The bench before a parcel is open: one line to type. */
export function NewSale({ shelf }: { shelf: ShelfTag[] }) {
  return (
    <SidePage shelf={shelf} title="New sale">
      <h1>New sale</h1>
      <StartLine />
      <OpenFile />
    </SidePage>
  );
}
