import { z } from 'zod';
import { uuid } from './numbers.ts';

/** Something that was done, for the audit page. */
export interface AuditLine {
  readonly key: string;
  readonly at: string;
  readonly personId: string | null;
  readonly device: string | null;
  /** What was done, and to what. */
  readonly what: AuditWhat;
}
export type AuditWhat =
  | { readonly of: 'shop'; readonly path: string; readonly before: unknown; readonly after: unknown }
  | {
      readonly of: 'field';
      readonly path: string;
      readonly parcelId: string | null;
      readonly code: string | null;
      readonly undone: boolean;
    }
  | { readonly of: 'parcel'; readonly happening: string; readonly parcelId: string; readonly code: string }
  | { readonly of: 'stock'; readonly kind: string; readonly key: string; readonly why: string; readonly amount: number }
  | { readonly of: 'access'; readonly act: AccessAct; readonly about: string | null };

/** What is written down about coming in and going out. */
export const ACCESS_ACTS = [
  'signedIn',
  'signedInByPin',
  'signInFailed',
  'signedOff',
  'signedOffEverywhere',
  'locked',
  'unlocked',
  'passwordChosen',
  'passwordByCode',
  'pinChosen',
  'pinTakenAway',
  'codesPrinted',
  'codeGiven',
  'deviceCodeShown',
  'deviceAdded',
  'deviceRenamed',
  'deviceIdle',
  'deviceRevoked',
  'backupMade',
  'takenAway',
] as const;
export type AccessAct = (typeof ACCESS_ACTS)[number];

export const auditAsked = z.strictObject({
  before: z.string().max(80).optional(),
  person: uuid.optional(),
  of: z.enum(['shop', 'field', 'parcel', 'stock', 'access']).optional(),
});
export type AuditAsked = z.infer<typeof auditAsked>;
export interface AuditPage {
  readonly lines: readonly AuditLine[];
  readonly next: string | null;
}
