const SMALL = ['no boxes', 'one box', 'two boxes', 'three boxes', 'four boxes', 'five boxes', 'six boxes'];

/** So many boxes, in words as far as one counts at a glance. */
export const boxesWords = (count: number): string => SMALL[count] ?? `${count} boxes`;
