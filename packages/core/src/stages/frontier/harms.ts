import type { Pieces } from '../rate/rateParcel.ts';
import { anyOf, either } from './causes.ts';

/** Something that may happen to the pieces: the least chance that any of them goes, and the least worth expected to, κ left out. */
export interface Harm {
  readonly any: number;
  readonly worthMinor: number;
}

export const NO_HARM: Harm = { any: 0, worthMinor: 0 };
export const NO_SHOCK = (): Harm => NO_HARM;

/** What a harm done to each of some pieces does to all of them. */
export function harmsTo(pieces: Pieces): (chanceOf: (piece: Pieces[0], at: number) => number) => Harm {
  const [one] = pieces;
  if (pieces.length === 1)
    return (chanceOf) => {
      const any = chanceOf(one, 0);
      return { any, worthMinor: one.replacementMinor * any };
    };
  return (chanceOf) => {
    const chances = pieces.map(chanceOf);
    return { any: anyOf(chances), worthMinor: pieces.reduce((sum, { replacementMinor }, at) => sum + replacementMinor * chances[at]!, 0) };
  };
}

/** A harm that comes to pass only so often. */
export const times = (share: number, { any, worthMinor }: Harm): Harm => ({ any: share * any, worthMinor: share * worthMinor });

/** Several harms that are no more than one: where two come to pass at once, nothing goes twice. */
export function eitherHarm(...all: readonly Harm[]): Harm {
  const any = either(...all.map((one) => one.any));
  const sum = all.reduce((most, one) => most + one.any, 0);
  return sum > 0 ? { any, worthMinor: (all.reduce((most, one) => most + one.worthMinor, 0) * any) / sum } : NO_HARM;
}
