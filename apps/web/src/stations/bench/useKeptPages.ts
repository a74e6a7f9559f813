'use client';
import { useEffect } from 'react';

/** Where the bench goes on without a server: here, and on the scale. */
const STATIONS = ['bench', 'weigh'];

/** Has the browser keep the pages a parcel is packed and weighed on, so that they open while the server is away. */
export function useKeptPages(parcelId: string): void {
  useEffect(() => {
    void navigator.serviceWorker?.ready.then(({ active }) =>
      active?.postMessage({ keep: STATIONS.map((station) => `/parcels/${parcelId}/${station}`) }),
    );
  }, [parcelId]);
}
