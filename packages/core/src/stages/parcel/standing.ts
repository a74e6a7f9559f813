import type { ParcelState } from './ParcelLife.ts';

/** Where a parcel stands for whoever works: still to be done, out of the house, or over. */
export type Standing = 'open' | 'gone' | 'finished';

/** Every state by what is left to do; a new state says here where it belongs, or does not compile. */
export const STANDING: Readonly<Record<ParcelState, Standing>> = {
  draft: 'open',
  planned: 'open',
  packing: 'open',
  sealed: 'open',
  weighed: 'open',
  rated: 'open',
  labelled: 'open',
  brokenAtBench: 'open',
  handedOver: 'gone',
  damaged: 'gone',
  delivered: 'finished',
  lost: 'finished',
  returned: 'finished',
  joined: 'finished',
  closed: 'finished',
};

/** The states of one standing. */
export const statesThat = (...standings: Standing[]): ParcelState[] =>
  (Object.keys(STANDING) as ParcelState[]).filter((state) => standings.includes(STANDING[state]));
