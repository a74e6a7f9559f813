import { staysBehind, type ParcelState } from '@inch-nest/core';
import type { ParcelView, ShelfTag, WaitingParcel } from '@inch-nest/contracts';
import { stateWords } from './stateWords.ts';
import { listed } from './titleOf.ts';

/** Which other parcels of its set would stay behind if this one left now; null where none would. */
export function behindWords({ id, set }: Pick<ParcelView, 'id' | 'set'>): { title: string; says: string } | null {
  const behind = set.filter((one) => one.id !== id && staysBehind(one.state as ParcelState));
  if (behind.length === 0) return null;
  return {
    title: `${behind.length} of ${set.length} would stay behind.`,
    says: `${listed(behind.map((one) => `${one.title}, parcel ${one.code}, is ${stateWords(one.state)}`))}.`,
  };
}

/** Which of how many of its set: `1 of 2`. */
export const placeWords = ({ place, of }: NonNullable<ShelfTag['ofSet']>): string => `${place} of ${of}`;

/** The same in a list of what waits to be fetched: `1 of 2`, and who is not there yet; null where it goes alone. */
export const ofSetWords = (set: WaitingParcel['set']): { place: string; behind: string | null } | null =>
  set && {
    place: placeWords(set),
    behind: set.behind.length > 0 ? `${listed(set.behind)} would stay behind` : null,
  };
