import type { ParcelLife, ParcelState } from './ParcelLife.ts';

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

/** True for a parcel that would stay behind when the others of its set are fetched: not gone, and without a label to go by. */
export const staysBehind = (state: ParcelState): boolean => STANDING[state] === 'open' && state !== 'labelled';

/**
 * True of what nothing of its packing changes any more: sealed, or out of the house, whether anybody ticked a seal or not. One that
 * was joined to another may come out of it again.
 */
export const isPacked = ({ state, sealed }: Pick<ParcelLife, 'state' | 'sealed'>): boolean =>
  sealed || (STANDING[state] !== 'open' && state !== 'joined');

/** The states of one standing. */
export const statesThat = (...standings: Standing[]): ParcelState[] =>
  (Object.keys(STANDING) as ParcelState[]).filter((state) => standings.includes(STANDING[state]));
