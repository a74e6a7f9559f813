import type { Happening } from '@inch-nest/core';
import { isAmount } from './isAmount.ts';
import { shopPart, type KeptChange, type Right, type Verdict } from '@inch-nest/contracts';

/**
 * What keeping a part of a shop asks for: her own units are anybody's own; what carries a price, alone or as a whole row, is for
 * whoever sees prices, since she to whom none is sent would keep it as nothing.
 */
export function shopChangeNeeds(path: string, personId: string): Right {
  const part = shopPart(path);
  if (!part) return 'house';
  switch (part.room) {
    case 'house':
    case 'facts':
      return 'house';
    case 'people':
      return part.key === personId && part.cell === 'system' ? 'look' : 'people';
    case 'moves':
      return 'count';
    case 'stock':
      return part.key === 'offcuts' ? 'count' : 'money';
    default:
      return part.cell === null || isAmount(part.cell) ? 'money' : 'count';
  }
}

/** What keeping a part of a parcel asks for: the nest is judged again at the bench, the sale and the piece are not. */
export const parcelChangeNeeds = (path: string): Right => (path === 'nest' ? 'pack' : 'plan');

/** What telling that something happened asks for. */
export const HAPPENING_NEEDS: Readonly<Record<Happening['kind'], Right>> = {
  opened: 'plan',
  planned: 'pack',
  overruled: 'pack',
  packingStarted: 'pack',
  testTried: 'pack',
  testSkipped: 'pack',
  remedied: 'pack',
  contentChanged: 'pack',
  stepDone: 'pack',
  contentsTicked: 'pack',
  bundleMeasured: 'pack',
  brokenAtBench: 'pack',
  sealed: 'pack',
  sealOpened: 'pack',
  weighed: 'pack',
  rated: 'money',
  labelBought: 'send',
  labelVoided: 'send',
  tagMatched: 'pack',
  printed: 'pack',
  addressShown: 'send',
  papersAsked: 'pack',
  photoRemoved: 'pack',
  photoRestored: 'pack',
  photoMarked: 'pack',
  handedOver: 'send',
  delivered: 'send',
  damaged: 'send',
  lost: 'send',
  returned: 'send',
  returnLookedAt: 'pack',
  joined: 'plan',
  parted: 'plan',
  closed: 'plan',
  takenBack: 'plan',
};

/** Keeps what somebody may change and answers for the rest, each in its place. */
export async function keepWhatMay(
  changes: readonly KeptChange[],
  problem: (change: KeptChange) => string | null,
  keep: (changes: KeptChange[]) => Promise<Verdict[]>,
): Promise<Verdict[]> {
  const allowed = changes.filter((change) => problem(change) === null);
  const kept = allowed.length > 0 ? await keep(allowed) : [];
  return changes.map((change) => {
    const says = problem(change);
    return says === null ? kept[allowed.indexOf(change)]! : { path: change.path, kind: 'refused', problem: says };
  });
}
