import 'server-only';
import { networkAccess } from './environment.ts';

const LOOPBACK = /^(127\.0\.0\.1|localhost|\[::1\])(:\d+)?$/;

/** True where a request came encrypted: what listens for the shop's network says so under a secret that nobody else knows. */
export function isEncrypted(headers: Headers): boolean {
  const told = headers.get('x-inch-nest-front');
  return told !== null && told === networkAccess()?.secret;
}

/** Where a request came from: an address on the network, or this machine. */
export const cameFrom = (headers: Headers): string => (isEncrypted(headers) ? (headers.get('x-inch-nest-from') ?? '') : 'this machine');

/**
 * Why a request is not let in, or null: it must name this machine, or came encrypted under a name that is known; and a write must
 * come from a page of this very address.
 */
export function guardRequest(request: Pick<Request, 'method' | 'headers'>): string | null {
  const host = (request.headers.get('host') ?? '').toLowerCase();
  const encrypted = isEncrypted(request.headers);
  const known = encrypted ? networkAccess()!.hosts.includes(host) : LOOPBACK.test(host);
  if (!known) return 'this address is not served here';
  if (request.method === 'GET' || request.method === 'HEAD') return null;
  return request.headers.get('origin') === `${encrypted ? 'https' : 'http'}://${host}`
    ? null
    : 'a change must come from the application’s own page';
}
