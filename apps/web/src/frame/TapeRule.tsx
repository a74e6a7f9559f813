'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useRef } from 'react';
import type { PlanDocument } from '@inch-nest/core';
import type { ParcelView } from '@inch-nest/contracts';
import { useKeys } from '../session/keys.ts';
import { pageNeeds } from '../session/pageRights.ts';
import { useShop } from '../session/ShopContext.tsx';
import { STATIONS, type StationPath } from './stations.ts';

/** The parcel's way as a tape rule; number keys jump. */
export function TapeRule({ view, plan, here }: { view: ParcelView; plan: PlanDocument | null; here: StationPath }) {
  const { write, keysOn, can } = useShop();
  // no stop leads where she may not go
  const stops = STATIONS.filter(({ path }) => can(pageNeeds(`/parcels/${view.id}/${path}`)));
  const router = useRouter();
  const address = (path: string, anchor?: string) => `/parcels/${view.id}/${path}${anchor ? `#${anchor}` : ''}`;
  useKeys(
    stops.map((station) => station.key),
    (event) => {
      const station = stops.find((one) => one.key === event.key);
      if (station) router.push(address(station.path, station.anchor));
    },
    { reach: 'single', on: keysOn },
  );
  const rule = useRef<HTMLElement>(null);
  // where the rule is longer than the screen, the present station is in view
  useEffect(() => {
    const [frame, stop] = [rule.current, rule.current?.querySelector<HTMLElement>('[aria-current]')];
    if (frame && stop) frame.scrollLeft = stop.offsetLeft - (frame.clientWidth - stop.offsetWidth) / 2;
  }, [here]);
  return (
    <nav ref={rule} className="rule" aria-label="The parcel’s way">
      {stops.map((station) => {
        const state = station.path === here ? 'here' : station.isDone(view) ? 'done' : 'ahead';
        return (
          <Link
            prefetch={false}
            key={station.name}
            href={address(station.path, station.anchor)}
            className={`stop ${state}`}
            aria-current={station.path === here ? 'page' : undefined}
          >
            <span className="ticks" aria-hidden />
            <span className="mark" aria-hidden>
              {station.key}
            </span>
            <span className="name">{station.name}</span>
            <span className="numeral figure">{station.figure(view, plan, write)}</span>
          </Link>
        );
      })}
    </nav>
  );
}
