import 'server-only';
import { Missing } from '@inch-nest/data';
import { guardRequest } from './guardRequest.ts';

/** A file to answer with. */
export interface FoundFile {
  readonly bytes: Uint8Array | string;
  readonly type: string;
  /** What it is called when it is kept; without one it is only shown. */
  readonly name?: string;
  /** Opened in the browser, not put among what was fetched. */
  readonly shown?: boolean;
  /** It never changes, so it may be kept. */
  readonly lasting?: boolean;
}

/** Answers a file, or in words why there is none; never a page, whatever is in it. */
export async function fileDoor(
  request: Request,
  find: () => Promise<FoundFile | { readonly missing: string; readonly status?: number }>,
): Promise<Response> {
  const shut = guardRequest(request);
  if (shut) return new Response(shut, { status: 403 });
  const found = await find().catch((error: unknown) => {
    if (error instanceof Missing) return { missing: error.message, status: 404 };
    throw error;
  });
  if ('missing' in found) return new Response(found.missing, { status: found.status ?? 404 });
  const { bytes, type, name, shown, lasting } = found;
  return new Response(typeof bytes === 'string' ? bytes : new Uint8Array(bytes), {
    headers: {
      'content-type': type,
      ...(name ? { 'content-disposition': `${shown ? 'inline' : 'attachment'}; filename="${name}"` } : {}),
      'cache-control': lasting ? 'private, max-age=31536000, immutable' : 'no-store',
      ...(type.startsWith('image/') ? { 'content-security-policy': "default-src 'none'" } : {}),
      'x-content-type-options': 'nosniff',
    },
  });
}
