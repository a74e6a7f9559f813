/** Every way a parcel may fail. */
export type CauseKey = 'shock' | 'crush' | 'contact' | 'punch' | 'bend' | 'scuff' | 'wet' | 'burst' | 'inside' | 'opening' | 'overTight';

/** One way the parcel may fail: its chance and the share of the value that goes with it. */
export interface Cause {
  readonly key: CauseKey;
  readonly chance: number;
  readonly shareLost: number;
}

/** Share of the value that goes with each; the whole where it breaks, less where it is spoilt. All judgement. */
export const SHARE_LOST: Readonly<Record<CauseKey, number>> = {
  shock: 1,
  crush: 1,
  contact: 1,
  punch: 1,
  bend: 0.3,
  scuff: 0.3,
  wet: 0.5,
  burst: 1,
  inside: 1,
  opening: 1,
  overTight: 1,
};
