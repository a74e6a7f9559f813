import type { CutWork } from '@inch-nest/core';

const NAMES: Readonly<Record<string, string>> = {
  diagonalIn: 'whole diagonal',
  slotAtIn: 'middle of the slot, from the end',
  slotWidthIn: 'slot, wide',
  slotDepthIn: 'slot, deep',
  cellIn: 'each cell',
  slitIn: 'slit each corner by',
  flapIn: 'flaps',
  trimIn: 'trim off each flap',
  sliceIn: 'slice out of each wall',
  flapsApartIn: 'inner flaps stay apart by',
  jointIn: 'each joint, to be closed with a strip',
  heightIn: 'together high',
  eachIn: 'each tube',
  pressedToIn: 'pressed to',
  pressedShare: 'pressed away',
  boreIn: 'room in the tube',
  gapsIn: 'left beside the tube',
  blankIn: 'whole sheet',
  endFlapIn: 'flaps of the ends',
  tabIn: 'corners folded round, wide',
  turns: 'turns round the part',
  ropeIn: 'of rope in all',
  sheets: 'sheets of tissue',
  runIn: 'along the part',
  wedges: 'wedges to cut out',
  wedgeDegrees: 'each wedge, degrees',
  wedgeIn: 'each wedge, wide at the bore',
};

/** The figures that only one kind of work has, named, in the order it gives them. */
export function ownFigures(
  work: CutWork,
  length: (inches: number) => string,
  size: (inches: readonly number[]) => string,
): [string, string][] {
  return Object.entries(work).flatMap(([key, value]): [string, string][] => {
    const name = NAMES[key];
    if (!name) return [];
    if (Array.isArray(value)) return [[name, size(value as number[])]];
    if (typeof value !== 'number') return [];
    if (/In$/.test(key)) return [[name, length(value)]];
    return [[name, key.endsWith('Share') ? `${Math.round(value * 100)}%` : String(Math.round(value * 10) / 10)]];
  });
}
