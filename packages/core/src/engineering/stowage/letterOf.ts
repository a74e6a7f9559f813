const LETTERS = 26;

/** Bundles are told apart by letters in the order they are put in: A, B, C … Z, AA. */
export const letterOf = (at: number): string =>
  (at >= LETTERS ? letterOf(Math.floor(at / LETTERS) - 1) : '') + String.fromCharCode(65 + (at % LETTERS));
