import 'server-only';
import { isEncrypted } from '../guardRequest.ts';

/** What this browser shows: who is signed in at it, and which of the shop's devices it is. */
type Kind = 'session' | 'device';

const DEVICE_DAYS = 400;

/** Over an encrypted line a name that a browser takes from nobody but this very address, never over a plain one. */
const nameOf = (kind: Kind, encrypted: boolean): string => `${encrypted ? '__Host-' : ''}inch-nest-${kind}`;

/** What a request shows of a kind; null where nothing. */
export function shownBy(headers: Headers, kind: Kind): string | null {
  const name = nameOf(kind, isEncrypted(headers));
  for (const part of (headers.get('cookie') ?? '').split(';')) {
    const [key, value] = part.trim().split('=', 2);
    if (key === name && value) return /^[\w-]{20,100}$/.test(value) ? value : null;
  }
  return null;
}

/** The header that has a browser show something from now on, or nothing any more. */
export function showFromNow(headers: Headers, kind: Kind, token: string | null): string {
  const encrypted = isEncrypted(headers);
  // a session's own end is kept by the server; without an age the browser forgets it as it is closed
  const age = token === null ? '; Max-Age=0' : kind === 'device' ? `; Max-Age=${DEVICE_DAYS * 86_400}` : '';
  return `${nameOf(kind, encrypted)}=${token ?? ''}; Path=/; HttpOnly; SameSite=Strict${age}${encrypted ? '; Secure' : ''}`;
}
