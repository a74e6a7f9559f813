import { localTime } from '@inch-nest/core';
import type { BackupStoreView, BackupView, UpkeepAnswer } from '@inch-nest/contracts';
import type { Writers } from './writers.ts';

const SIZES = ['B', 'kB', 'MB', 'GB', 'TB'];

/** Bytes as people read them: three figures at most. */
export function bytesWords(bytes: number): string {
  const step = bytes < 1 ? 0 : Math.min(SIZES.length - 1, Math.floor(Math.log10(bytes) / 3));
  const amount = bytes / 1000 ** step;
  return `${step === 0 || amount >= 99.95 ? Math.round(amount) : amount.toFixed(1)} ${SIZES[step]}`;
}

/** An instant as the shop's clock shows it. */
export function momentWords(at: string, zone: string, write: Pick<Writers, 'day'>): string {
  const { day, time } = localTime(new Date(at), zone);
  return `${write.day(day)}, ${time}`;
}

const counted = (count: number, one: string, many = `${one}s`): string => `${count.toLocaleString('en')} ${count === 1 ? one : many}`;

/** What a backup that was just made holds. */
export const madeWords = ({ rows, pictures, missing }: NonNullable<UpkeepAnswer['made']>): string =>
  `Made and read back: ${counted(rows, 'row')} and ${counted(pictures, 'picture')}.${
    missing > 0 ? ` ${counted(missing, 'picture')} ${missing === 1 ? 'is' : 'are'} named and lie nowhere.` : ''
  }`;

/** What is known of the store elsewhere that backups go to besides. */
export function storeWords({ where, there, lookedAt, busy }: BackupStoreView, moment: (at: string) => string): string {
  const named = where ?? 'the store elsewhere';
  if (busy) return `What ${named} lacks is being put there.`;
  if (!lookedAt) return `They go to ${named} as well; it was not asked yet since the start.`;
  return `They go to ${named} as well: ${counted(there.length, 'backup')} ${there.length === 1 ? 'lies' : 'lie'} there, as of ${moment(lookedAt)}.`;
}

/** How a backup came about, and where it lies besides. */
export const madeHow = ({ name, byHand, sealed }: Pick<BackupView, 'name' | 'byHand' | 'sealed'>, store: BackupStoreView | null): string =>
  [byHand ? 'by hand, stays' : 'by itself', ...(sealed ? ['sealed'] : []), ...(store?.there.includes(name) ? ['elsewhere too'] : [])].join(
    ', ',
  );

/** What waits to become certain at the carriers' counter. */
export function waitsWords({ purchases, returns }: { readonly purchases: number; readonly returns: number }): string {
  const waits = [
    ...(purchases > 0 ? [`${counted(purchases, 'label')} being bought`] : []),
    ...(returns > 0 ? [`${counted(returns, 'label')} being given back`] : []),
  ];
  return waits.length === 0 ? 'nothing waits' : waits.join(', ');
}
