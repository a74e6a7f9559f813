import 'server-only';
import { keepInStep, openStore, readStoreSettings } from '@inch-nest/backup';
import type { BackupStoreView } from '@inch-nest/contracts';
import { backupAccess } from '../environment.ts';
import { now } from '../now.ts';
import { log } from '../watch/log.ts';

const UNASKED: BackupStoreView = { where: null, there: [], lookedAt: null, busy: false, trouble: null };

/** On globalThis so that a reload in development keeps it. */
const kept = globalThis as { inchNestBackupStore?: BackupStoreView };

/** What is known of the store that backups go to besides, as it was when last asked; null where none is named. */
export const backupStore = (): BackupStoreView | null => (backupAccess()?.storeFile ? (kept.inchNestBackupStore ?? UNASKED) : null);

/** Brings the store level with the folder of backups. Never throws: what went wrong is kept for the page, and the next time goes on. */
export async function keepStoreInStep(): Promise<void> {
  const access = backupAccess();
  if (!access?.storeFile || backupStore()?.busy) return;
  const known = (more: Partial<BackupStoreView>) => (kept.inchNestBackupStore = { ...UNASKED, ...kept.inchNestBackupStore, ...more });
  known({ busy: true });
  try {
    const store = await openStore(await readStoreSettings(access.storeFile));
    try {
      known({ where: store.says });
      const { there, put, gone } = await keepInStep(store, access.folder);
      known({ there, lookedAt: now().toISOString(), trouble: null });
      if (put.length + gone.length > 0) log().info({ put, gone }, 'the store of backups is in step');
    } finally {
      store.close();
    }
  } catch (error) {
    known({ trouble: (error as Error).message });
    log().warn({ reason: (error as Error).message }, 'the store of backups is not in step');
  } finally {
    known({ busy: false });
  }
}
