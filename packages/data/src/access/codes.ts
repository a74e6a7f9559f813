import { createHash, randomBytes } from 'node:crypto';
import { plainCode } from '@inch-nest/contracts';

/** How what is shown (a session's token, a device's key, a code) is kept: it is long and of chance, so one turn of SHA-256 hides it. */
export const hashOf = (shown: string): string => createHash('sha256').update(shown).digest('hex');

/** What a browser shows from now on: 256 bits of chance. */
export const newToken = (): string => randomBytes(32).toString('base64url');

// no 0, O, 1, I or L: they are read from paper
const SIGNS = '23456789ABCDEFGHJKMNPQRSTUVWXYZ';
const GROUPS = 3;
const IN_A_GROUP = 5;

/** A code to print or to show, as it is written: three groups of five signs, 74 bits. */
export const newCode = (): string => Array.from({ length: GROUPS }, () => Array.from({ length: IN_A_GROUP }, anySign).join('')).join('-');

/** The hash of a code, however it was typed: dashes and case do not count. */
export const hashOfCode = (code: string): string => hashOf(plainCode(code));

function anySign(): string {
  // bytes past the last whole turn of the signs are thrown away, so that each is as likely
  const most = 256 - (256 % SIGNS.length);
  for (;;) {
    const [byte] = randomBytes(1);
    if (byte! < most) return SIGNS[byte! % SIGNS.length]!;
  }
}
