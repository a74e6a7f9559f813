import { capital, HARD_POINTS, type HardPoint } from '@inch-nest/core';

/** Where on a face something is, from 0 to 1: the words for it and up to where they hold. */
type Scale = readonly (readonly [upTo: number, words: string])[];
const ACROSS: Scale = [
  [0.15, 'at the left edge'],
  [0.4, 'left of the middle'],
  [0.6, 'in the middle'],
  [0.85, 'right of the middle'],
  [1, 'at the right edge'],
];
const UP: Scale = [
  [0.15, 'at the bottom'],
  [0.4, 'low'],
  [0.6, 'halfway up'],
  [0.85, 'high'],
  [1, 'at the top'],
];
/** A face that lies flat has no height. */
const DEEP: Scale = [
  [0.15, 'at the near edge'],
  [0.4, 'nearer'],
  [0.6, 'halfway back'],
  [0.85, 'farther back'],
  [1, 'at the far edge'],
];
const said = (scale: Scale, share: number): string => scale.find(([upTo]) => share <= upTo)![1];

/** Where a hard point sits, as one would say it: "Handle on the right: in the middle, high". */
export function pinWords({ kind, face, across, up }: Pick<HardPoint, 'kind' | 'face' | 'across' | 'up'>): string {
  const depth = face === 'top' || face === 'bottom' ? DEEP : UP;
  return `${capital(HARD_POINTS[kind].name)} on the ${face}: ${said(ACROSS, across)}, ${said(depth, up)}`;
}
