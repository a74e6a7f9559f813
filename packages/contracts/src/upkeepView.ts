import { z } from 'zod';
import type { HealthView } from './healthView.ts';
import { shortText, uuid } from './numbers.ts';

/** A backup as it lies in its folder. */
export interface BackupView {
  readonly name: string;
  /** When, an ISO instant. */
  readonly at: string;
  /** Somebody made it; it stays until somebody takes it away. */
  readonly byHand: boolean;
  readonly sealed: boolean;
  readonly bytes: number;
}

/** What is known of the store elsewhere that backups go to besides their folder. */
export interface BackupStoreView {
  /** The bucket and its machine, without what opens it; null until its file could be read. */
  readonly where: string | null;
  /** Names of what lay there when it was last asked, newest first. */
  readonly there: readonly string[];
  /** When it last was as it should be, an ISO instant; null where that has not been so since the start. */
  readonly lookedAt: string | null;
  /** Something is being brought there now. */
  readonly busy: boolean;
  /** Why it is not as it should be. */
  readonly trouble: string | null;
}

/** What runs, what waits, and what there is against a dead disk. */
export interface UpkeepView {
  /** Backups, newest first; null where no folder is named for them. */
  readonly backups: readonly BackupView[] | null;
  readonly folder: string | null;
  /** They lie on the disk that they are to make up for. */
  readonly onSameDisk: boolean;
  /** They are sealed with a passphrase. */
  readonly sealed: boolean;
  /** When the next one makes itself, an ISO instant. */
  readonly nextAt: string | null;
  /** Why the last one that was to make itself did not. */
  readonly trouble: string | null;
  /** Null where no store is named. */
  readonly store: BackupStoreView | null;
  readonly runs: HealthView & {
    /** The database server, and bytes of what is in it. */
    readonly server: string;
    readonly databaseBytes: number;
    /** When the application was started, an ISO instant. */
    readonly since: string;
  };
  /** Labels that are being bought or given back, not yet certain. */
  readonly waits: { readonly purchases: number; readonly returns: number };
  readonly disk: { readonly freeBytes: number; readonly ofBytes: number };
}

/** What is asked of upkeep: a backup now, or one that lies there read through. */
export const upkeepCommand = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('backup'), personId: uuid }),
  z.strictObject({ kind: z.literal('check'), personId: uuid, name: shortText(80) }),
]);

/** A file to take away: a backup by its name, or the shop as open files. */
export const takeAwayRequest = z.strictObject({ personId: uuid, of: z.union([z.literal('shop'), shortText(80)]) });

/** What came of it. */
export interface UpkeepAnswer {
  readonly view: UpkeepView;
  /** Parts that are damaged; null where nothing was read through. */
  readonly damaged: readonly string[] | null;
  /** What was made: how many rows and pictures. */
  readonly made: { readonly rows: number; readonly pictures: number; readonly missing: number } | null;
}
