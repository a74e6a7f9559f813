import 'server-only';
import { listCopies } from '@inch-nest/backup';
import { backupAccess } from '../environment.ts';
import { now } from '../now.ts';
import { isBackupDue, makeBackup } from './backups.ts';
import { keepStoreInStep } from './backupStore.ts';

const FIRST_MS = 60_000;
const EVERY_MS = 10 * 60_000;

/** Why the last one that was to make itself did not; on globalThis so that a reload in development keeps it. */
const kept = globalThis as { inchNestBackupTrouble?: string | null };
export const backupTrouble = (): string | null => kept.inchNestBackupTrouble ?? null;

/** Has a backup make itself once a night, or when the machine is next on, and the store elsewhere hold what the folder holds. */
export function backupAtNight(): void {
  const access = backupAccess();
  if (!access) return;
  const look = async () => {
    try {
      if (isBackupDue(await listCopies(access.folder), now())) await makeBackup(now(), false);
      kept.inchNestBackupTrouble = null;
    } catch (error) {
      kept.inchNestBackupTrouble = (error as Error).message;
      console.error(`the backup of this night was not made: ${(error as Error).message}`);
    }
    await keepStoreInStep();
  };
  setTimeout(() => void look(), FIRST_MS).unref();
  setInterval(() => void look(), EVERY_MS).unref();
}
