import type { WeighedParcel } from '../weight/WeighedParcel.ts';
import { isHeld } from '../wrap/waysToWrap.ts';

/** Bundles with nothing round them that holds: what the search never takes, and nobody advises. */
export const countBare = ({ filled }: Pick<WeighedParcel, 'filled'>): number =>
  filled.stowed.bundles.filter(({ wrapped }) => !isHeld(wrapped)).length;
