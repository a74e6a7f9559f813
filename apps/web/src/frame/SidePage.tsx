'use client';
import type { ReactNode } from 'react';
import type { ShelfTag } from '@inch-nest/contracts';
import { usePathname } from 'next/navigation';
import { Brand } from './Brand.tsx';
import { PageTitle } from './PageTitle.tsx';
import { Shelf } from './Shelf.tsx';
import { KEEPING_PAGES, SIDE_PAGES } from './SideLinks.tsx';
import { SkipLink } from './SkipLink.tsx';
import { StatusEdge } from './StatusEdge.tsx';

/** A page beside the parcel's way: shelf left, one wide sheet. */
export function SidePage({ shelf, title, children }: { shelf: ShelfTag[]; title?: string; children: ReactNode }) {
  const here = usePathname();
  return (
    <div className="bench no-slip">
      <PageTitle of={[title ?? [...SIDE_PAGES, ...KEEPING_PAGES].find(({ path }) => path === here)?.name]} />
      <SkipLink />
      <header className="top-edge">
        <Brand />
        <div className="rule blank" aria-hidden>
          <span className="ticks" />
        </div>
      </header>
      <Shelf initial={shelf} openId={null} station="nest" />
      <main className="sheet" id="work" tabIndex={-1}>
        {children}
      </main>
      <StatusEdge parcel={null} code={null} />
    </div>
  );
}
