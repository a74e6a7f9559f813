import 'server-only';
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { makeCopy, type KeptCopy, type MadeCopy } from '@inch-nest/backup';
import { lockBackups, Refused } from '@inch-nest/data';
import { database } from '../database.ts';
import { backupAccess, filesFolder } from '../environment.ts';

/** Hour of this machine's clock at which a backup makes itself. */
const AT_HOUR = 2;

/** Where backups lie. @throws Refused where no folder is named for them */
export function backupFolder(): string {
  const access = backupAccess();
  if (!access)
    throw new Refused([{ path: 'backup', message: 'no folder is named for backups: start with npm run demo, or name one with --backups' }]);
  return access.folder;
}

export const photoFolder = (): string => join(filesFolder(), 'photos');

/** What backups are sealed with, where anything. @throws Refused where its file cannot be read */
export async function passphrase(): Promise<string | undefined> {
  const file = backupAccess()?.passphraseFile;
  if (!file) return undefined;
  const read = await readFile(file, 'utf8').catch(() => '');
  if (!read.trim())
    throw new Refused([
      { path: 'backup', message: `the file with the passphrase (${file}) is empty or cannot be read by the application` },
    ]);
  return read.trim();
}

/**
 * Makes a backup, one at a time however many processes there are.
 *
 * @returns null where another process makes one just now
 */
export const makeBackup = (now: Date, byHand: boolean): Promise<MadeCopy | null> =>
  lockBackups(database(), async () =>
    makeCopy({ database: database(), photos: photoFolder(), passphrase: await passphrase(), now }, backupFolder(), byHand),
  );

/** The last moment at which one was due, and the next. */
export function dueTimes(now: Date): { last: Date; next: Date } {
  const at = (days: number) => new Date(now.getFullYear(), now.getMonth(), now.getDate() + days, AT_HOUR);
  return now.getTime() >= at(0).getTime() ? { last: at(0), next: at(1) } : { last: at(-1), next: at(0) };
}

/** True where none of some copies, newest first, has made itself since one was due: also after a night in which the machine was off. */
export function isBackupDue(copies: readonly KeptCopy[], now: Date): boolean {
  const last = copies.find(({ byHand }) => !byHand);
  return !last || last.at.getTime() < dueTimes(now).last.getTime();
}
