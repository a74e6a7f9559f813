'use client';
import type { ReactNode } from 'react';
import type { ShelfTag } from '@inch-nest/contracts';
import { Brand } from './Brand.tsx';
import { Shelf } from './Shelf.tsx';
import { StatusEdge } from './StatusEdge.tsx';

/** A page beside the parcel's way: shelf left, one wide sheet. */
export function SidePage({ shelf, children }: { shelf: ShelfTag[]; children: ReactNode }) {
  return (
    <div className="bench no-slip">
      <header className="top-edge">
        <Brand />
        <div className="rule blank" aria-hidden>
          <span className="ticks" />
        </div>
      </header>
      <Shelf initial={shelf} openId={null} station="nest" />
      <main className="sheet">{children}</main>
      <StatusEdge parcel={null} code={null} />
    </div>
  );
}
