import 'server-only';

const LOOPBACK = /^(127\.0\.0\.1|localhost|\[::1\])(:\d+)?$/;

/**
 * Why a request is not let in, or null: it must name this machine, and a write must come from a page of
 * this very address.
 */
export function guardRequest(request: Request): string | null {
  const host = request.headers.get('host') ?? '';
  if (!LOOPBACK.test(host)) return 'this address is not served here';
  if (request.method === 'GET' || request.method === 'HEAD') return null;
  return request.headers.get('origin') === `http://${host}` ? null : 'a change must come from the application’s own page';
}
