import type { ParcelState } from '@inch-nest/core';

/** How far a parcel has come, as it is said. */
export const STATE_WORDS: Readonly<Record<ParcelState, string>> = {
  draft: 'to plan',
  planned: 'nest kept',
  packing: 'at the bench',
  sealed: 'sealed',
  weighed: 'weighed',
  rated: 'rated',
  labelled: 'labelled',
  handedOver: 'on its way',
  delivered: 'arrived whole',
  damaged: 'arrived broken',
  lost: 'lost',
  returned: 'came back',
  brokenAtBench: 'broke at the bench',
  joined: 'in another parcel',
  closed: 'closed',
};

/** A state as it is said; one that nobody knows as it is. */
export const stateWords = (state: string): string => (Object.hasOwn(STATE_WORDS, state) ? STATE_WORDS[state as ParcelState] : state);
