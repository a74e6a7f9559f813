/** Minutes of the steps every parcel has, whatever is in it; judgement. */
export const STANDING_MINUTES = { formBox: 1.5, closeBox: 1.5, nestInner: 1, tests: 1, weigh: 1, papers: 2, photograph: 0.3 };

/** Photographs that are reckoned with: the piece all round, and the packing at its steps. */
export const PHOTOGRAPHS = 8;
