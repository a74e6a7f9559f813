import { NextResponse, type NextRequest } from 'next/server';
import { guardRequest } from './server/guardRequest.ts';

/** Before every page and every route: the host must be this machine, and a change must come from the application's own page. */
export function proxy(request: NextRequest): Response {
  const shut = guardRequest(request);
  if (!shut) return NextResponse.next();
  return request.nextUrl.pathname.startsWith('/api/')
    ? Response.json({ problems: [{ path: '(request)', message: shut }] }, { status: 403 })
    : new Response(shut, { status: 403 });
}

export const config = { matcher: ['/:path*'] };
