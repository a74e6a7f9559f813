import { randomUUID } from 'node:crypto';
import { hashOfCode, newCode } from './codes.ts';
import type { ShopDatabase } from '../inShop.ts';
import type { AccessCodeRow, AccessNoteRow, CredentialRow } from './accessRows.ts';

/** By what somebody signs in; null where she never chose anything. */
export const credentialOf = ({ models }: ShopDatabase, personId: string): Promise<CredentialRow | null> =>
  models.credential.findByPk(personId);

/** Keeps what somebody chose: a hash, never what it was made of. */
export async function keepCredential(
  { models }: ShopDatabase,
  personId: string,
  change: Partial<Pick<CredentialRow, 'passwordHash' | 'pinHash'>>,
  now: Date,
): Promise<void> {
  const found = await models.credential.update({ ...change, changedAt: now }, { where: { id: personId } });
  if (found === 0) await models.credential.create({ id: personId, passwordHash: null, pinHash: null, ...change, changedAt: now });
}

/** Codes that serve once each, by their hashes. */
export const addCodes = (
  { models }: ShopDatabase,
  hashes: readonly string[],
  about: Pick<AccessCodeRow, 'kind' | 'personId' | 'madeBy' | 'madeAt' | 'endsAt'>,
): Promise<void> => models.accessCode.bulkCreate(hashes.map((codeHash) => ({ id: randomUUID(), codeHash, ...about, usedAt: null })));

const LASTS_MS = { come: 24 * 3_600_000, device: 2 * 60_000 } as const;

/** A code as it is shown this once, and until when it serves: for somebody to choose a password by, whose earlier ones serve no more, or for a device. */
export async function giveCode(
  room: ShopDatabase,
  about: Pick<AccessCodeRow, 'personId' | 'madeBy'> & { readonly kind: keyof typeof LASTS_MS },
  now: Date,
): Promise<{ readonly code: string; readonly until: Date }> {
  const code = newCode();
  const until = new Date(now.getTime() + LASTS_MS[about.kind]);
  if (about.personId) await dropCodes(room, about.personId, about.kind, now);
  await addCodes(room, [hashOfCode(code)], { ...about, madeAt: now, endsAt: until });
  return { code, until };
}

/** Puts codes of a kind out of use: those printed before, or one given before. */
export const dropCodes = ({ models }: ShopDatabase, personId: string, kind: AccessCodeRow['kind'], now: Date): Promise<number> =>
  models.accessCode.update({ usedAt: now }, { where: { personId, kind, usedAt: null } });

/**
 * Uses a code up. Of two who show it at once it serves one.
 *
 * @returns what it was for; null where there is none, it was used, or its time has passed
 */
export async function spendCode(
  { models }: ShopDatabase,
  codeHash: string,
  kinds: readonly AccessCodeRow['kind'][],
  now: Date,
  personId?: string,
): Promise<Pick<AccessCodeRow, 'kind' | 'personId' | 'madeBy'> | null> {
  const code = await models.accessCode.findOne({ where: { codeHash } });
  const serves =
    code && kinds.includes(code.kind) && (!code.endsAt || code.endsAt > now) && (personId === undefined || code.personId === personId);
  if (!serves) return null;
  const used = await models.accessCode.update({ usedAt: now }, { where: { id: code.id, usedAt: null } });
  return used === 1 ? { kind: code.kind, personId: code.personId, madeBy: code.madeBy } : null;
}

/** Writes down that somebody came in, went out, or changed who may. */
export const noteAccess = ({ models }: ShopDatabase, note: Omit<AccessNoteRow, 'id' | 'seq' | 'shopId'>): Promise<unknown> =>
  models.accessNote.create({ id: randomUUID(), ...note });
