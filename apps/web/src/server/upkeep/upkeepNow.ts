import 'server-only';
import { stat, statfs } from 'node:fs/promises';
import { listCopies } from '@inch-nest/backup';
import type { UpkeepView } from '@inch-nest/contracts';
import { pendingPurchases, pendingVoids, serverOf } from '@inch-nest/data';
import { database } from '../database.ts';
import { healthNow } from '../doors/health.ts';
import { backupAccess, filesFolder } from '../environment.ts';
import { now } from '../now.ts';
import { backupTrouble } from './backupAtNight.ts';
import { backupStore } from './backupStore.ts';
import { dueTimes, isBackupDue } from './backups.ts';

const SOON_MS = 10 * 60_000;

/** What runs, what waits, the backups there are and the room that is left. */
export async function upkeepNow(): Promise<UpkeepView> {
  const access = backupAccess();
  const [health, server, bought, returned, disk] = await Promise.all([
    healthNow(),
    serverOf(database()),
    pendingPurchases(database(), now()),
    pendingVoids(database()),
    statfs(filesFolder()),
  ]);
  const copies = access ? await listCopies(access.folder) : null;
  const due = copies !== null && isBackupDue(copies, now());
  return {
    backups: copies && copies.map(({ at, ...copy }) => ({ ...copy, at: at.toISOString() })),
    folder: access && access.folder,
    onSameDisk: access ? await isSameDisk(access.folder, filesFolder()) : false,
    sealed: Boolean(access?.passphraseFile),
    nextAt: access && (due ? new Date(now().getTime() + SOON_MS) : dueTimes(now()).next).toISOString(),
    trouble: backupTrouble(),
    store: backupStore(),
    runs: { ...health, ...server, since: new Date(now().getTime() - process.uptime() * 1000).toISOString() },
    waits: { purchases: bought.length, returns: returned.length },
    disk: { freeBytes: disk.bavail * disk.bsize, ofBytes: disk.blocks * disk.bsize },
  };
}

/** True where two folders lie on one disk, or it cannot be told. */
async function isSameDisk(one: string, other: string): Promise<boolean> {
  const disks = await Promise.all(
    [one, other].map((folder) =>
      stat(folder).then(
        ({ dev }) => dev,
        () => null,
      ),
    ),
  );
  return disks[0] === disks[1];
}
