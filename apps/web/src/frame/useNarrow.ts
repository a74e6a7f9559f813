import { useSyncExternalStore } from 'react';

/** Where shelf and slip make room for the work: as in the sheets beside. */
const NARROW = '(max-width: 1080px)';

/** True on a tablet or phone. Drawn on the server as wide: what depends on it is shown by the sheets first. */
export const useNarrow = (): boolean =>
  useSyncExternalStore(
    (heard) => {
      const media = window.matchMedia(NARROW);
      media.addEventListener('change', heard);
      return () => media.removeEventListener('change', heard);
    },
    () => window.matchMedia(NARROW).matches,
    () => false,
  );
