import { NextResponse, type NextRequest } from 'next/server';
import { guardRequest } from './server/guardRequest.ts';
import { pageHeaders, SAFE_HEADERS } from './server/safeHeaders.ts';

/**
 * Before every page and every route: the host must be this machine, and a change must come from the application's own page.
 * What is answered may not be framed, guessed at, or run any script that is not ours.
 */
export function proxy(request: NextRequest): Response {
  const shut = guardRequest(request);
  const isDoor = request.nextUrl.pathname.startsWith('/api/');
  if (shut)
    return isDoor
      ? Response.json({ problems: [{ path: '(request)', message: shut }] }, { status: 403, headers: SAFE_HEADERS })
      : new Response(shut, { status: 403, headers: SAFE_HEADERS });
  const number = numberOf(request);
  if (isDoor) {
    const numbered = new Headers(request.headers);
    numbered.set('x-request-id', number);
    return withHeaders(NextResponse.next({ request: { headers: numbered } }), { ...SAFE_HEADERS, 'x-request-id': number });
  }
  const headers = pageHeaders(crypto.randomUUID().replaceAll('-', ''));
  const asked = new Headers(request.headers);
  // the framework reads the nonce for its own scripts from what is asked
  asked.set('content-security-policy', headers['content-security-policy']);
  return withHeaders(NextResponse.next({ request: { headers: asked } }), headers);
}

/** The number a request came with, where it is one, or a new one: by it, it is found again in the log and at the database. */
const numberOf = (request: NextRequest): string => {
  const told = request.headers.get('x-request-id') ?? '';
  return /^[\w-]{8,40}$/.test(told) ? told : crypto.randomUUID();
};

function withHeaders(response: NextResponse, headers: Readonly<Record<string, string>>): NextResponse {
  for (const [name, value] of Object.entries(headers)) response.headers.set(name, value);
  return response;
}

export const config = { matcher: ['/:path*'] };
