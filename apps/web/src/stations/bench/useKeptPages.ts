'use client';
import { useEffect } from 'react';
import { tellBenchKeeper } from '../../session/benchKeeper.ts';

/** Where the bench goes on without a server: here, and on the scale. */
const STATIONS = ['bench', 'weigh'];

/**
 * Has the browser keep the pages a parcel is packed and weighed on, so that they open while the server is away, and let go of
 * them once the server knows that it is sealed.
 */
export function useKeptPages(parcelId: string, sealed: boolean): void {
  useEffect(() => {
    tellBenchKeeper(sealed ? { forget: parcelId } : { keep: STATIONS.map((station) => `/parcels/${parcelId}/${station}`) });
  }, [parcelId, sealed]);
}
