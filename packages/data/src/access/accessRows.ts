import type { AccessAct } from '@inch-nest/contracts';

// What the tables about coming in hold.

/** By what somebody signs in; its id is hers. */
export interface CredentialRow {
  id: string;
  shopId: string;
  passwordHash: string | null;
  pinHash: string | null;
  changedAt: Date;
}
export interface DeviceRow {
  id: string;
  shopId: string;
  name: string;
  /** SHA-256 of what the device shows, in hex. */
  keyHash: string;
  addedBy: string | null;
  addedAt: Date;
  seenAt: Date;
  /** Locked after so many minutes without a touch; null for never. */
  idleMinutes: number | null;
  revokedAt: Date | null;
}
export interface SessionRow {
  id: string;
  shopId: string;
  /** SHA-256 of what the browser shows, in hex. */
  tokenHash: string;
  personId: string;
  deviceId: string | null;
  madeAt: Date;
  activeAt: Date;
  endsAt: Date;
  locked: boolean;
}
/** A code that serves once. */
export interface AccessCodeRow {
  id: string;
  shopId: string;
  kind: 'recovery' | 'come' | 'device';
  codeHash: string;
  personId: string | null;
  madeBy: string | null;
  madeAt: Date;
  endsAt: Date | null;
  usedAt: Date | null;
}
/** One coming in, going out, or change of who may; never changed itself. */
export interface AccessNoteRow {
  id: string;
  seq?: number;
  shopId: string;
  personId: string | null;
  deviceId: string | null;
  act: AccessAct;
  about: string | null;
  at: Date;
}
