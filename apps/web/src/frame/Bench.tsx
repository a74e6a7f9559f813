'use client';
import { useSelectedLayoutSegment } from 'next/navigation';
import { useEffect, type ReactNode } from 'react';
import type { ParcelView, ShelfTag } from '@inch-nest/contracts';
import { Slip } from './slip/Slip.tsx';
import { BenchProvider } from '../parcel/BenchContext.tsx';
import { Brand } from './Brand.tsx';
import { PageTitle } from './PageTitle.tsx';
import { Shelf } from './Shelf.tsx';
import { SkipLink } from './SkipLink.tsx';
import { STATIONS, type StationPath } from './stations.ts';
import { StatusEdge } from './StatusEdge.tsx';
import { TapeRule } from './TapeRule.tsx';
import { leaveInHand } from '../parcel/inHand.ts';
import { useNest } from '../parcel/useNest.ts';
import { useParcel } from '../parcel/useParcel.ts';
import { titleOf } from '../words/titleOf.ts';
import { useHeadingFocus } from './useHeadingFocus.ts';

/** First the page, then its keeper. */
const KEEPER_AFTER_MS = 1500;

/** The bench: rule on top, shelf left, the station's sheet, the slip right, the status edge below. */
export function Bench({ initial, shelf, children }: { initial: ParcelView; shelf: ShelfTag[]; children: ReactNode }) {
  const station = useSelectedLayoutSegment() as StationPath;
  const parcel = useParcel(initial);
  const nest = useNest(parcel);
  const use = { parcel, nest };
  useEffect(() => {
    const anchor = window.location.hash.slice(1);
    if (anchor) document.getElementById(anchor)?.scrollIntoView({ block: 'nearest' });
  }, [station]);
  useEffect(() => {
    // what is opened stays to be worked on while the server is away
    const timer = setTimeout(() => void navigator.serviceWorker?.register('/bench-worker.js').catch(() => undefined), KEEPER_AFTER_MS);
    return () => clearTimeout(timer);
  }, []);
  useHeadingFocus(station);
  const title = titleOf(parcel.view);
  useEffect(() => leaveInHand({ id: initial.id, title, href: `/parcels/${initial.id}/${station}` }), [initial.id, title, station]);
  const { name } = STATIONS.find(({ path }) => path === station) ?? STATIONS[0]!;
  return (
    <div className="bench">
      <PageTitle of={[station === 'nest' ? 'Nest' : name, title]} />
      <SkipLink />
      <header className="top-edge">
        <Brand />
        <TapeRule view={parcel.view} plan={nest.plan} here={station} />
      </header>
      <Shelf initial={shelf} openId={initial.id} station={station} />
      <main className="sheet" id="work" tabIndex={-1}>
        <BenchProvider value={use}>{children}</BenchProvider>
      </main>
      <Slip parcel={parcel} nest={nest} />
      <StatusEdge parcel={parcel} code={parcel.view.code} />
    </div>
  );
}
