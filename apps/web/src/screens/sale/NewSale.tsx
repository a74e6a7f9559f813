'use client';
import type { ShelfTag } from '@inch-nest/contracts';
import { Brand } from '../bench/Brand.tsx';
import { Shelf } from '../bench/Shelf.tsx';
import { StatusEdge } from '../bench/StatusEdge.tsx';
import { StartLine } from './StartLine.tsx';

/** The bench before a parcel is open: one line to type. */
export function NewSale({ shelf }: { shelf: ShelfTag[] }) {
  return (
    <div className="bench no-slip">
      <header className="top-edge">
        <Brand />
        <div className="rule blank" aria-hidden>
          <span className="ticks" />
        </div>
      </header>
      <Shelf initial={shelf} openId={null} station="nest" />
      <main className="sheet">
        <h1>New sale</h1>
        <StartLine />
      </main>
      <StatusEdge parcel={null} code={null} />
    </div>
  );
}
