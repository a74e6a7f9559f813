import 'server-only';
import { problemsOf } from '@inch-nest/contracts';
import { Missing, Refused } from '@inch-nest/data';
import { z } from 'zod';
import { readBytes } from './answer.ts';
import { holdsPass } from './papers/paperPass.ts';
import { letIn, NotAllowed } from './people/letIn.ts';
import { ownPerson, SomebodyElse } from './people/ownPerson.ts';
import { now } from './now.ts';
import { faultWords, noteFault, watched } from './watch/watched.ts';

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

/**
 * Answers a file, or in words why there is none; never a page, whatever is in it.
 *
 * @param options.byLink only at a link that was asked for and has not passed
 */
export const fileDoor = (...asked: Parameters<typeof answerFile>): Promise<Response> => watched(asked[0], () => answerFile(...asked));

async function answerFile(
  request: Request,
  find: () => Promise<FoundFile | { readonly missing: string; readonly status?: number }>,
  { byLink = false } = {},
): Promise<Response> {
  const shut = await letIn(request);
  if (shut) return words(shut.status, shut.message);
  if (byLink && !holdsPass(request.url, now())) return words(403, PASSED);
  const found = await find().catch((error: unknown) => {
    if (error instanceof NotAllowed) return { missing: error.message, status: 403 };
    if (error instanceof Missing) return { missing: error.message, status: 404 };
    if (error instanceof Refused) return { missing: error.message, status: 422 };
    noteFault(error);
    return { missing: faultWords(), status: 500 };
  });
  if ('missing' in found) return words(found.status ?? 404, found.missing);
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

/** Answers a file as it flows, at a link that was asked for, or in words why there is none. */
export const streamDoor = (...asked: Parameters<typeof answerStream>): Promise<Response> => watched(asked[0], () => answerStream(...asked));

async function answerStream(request: Request, find: () => Promise<{ readonly stream: unknown; readonly name: string }>): Promise<Response> {
  const shut = await letIn(request);
  if (shut) return words(shut.status, shut.message);
  if (!holdsPass(request.url, now())) return words(403, PASSED);
  try {
    const { stream, name } = await find();
    return new Response(stream as ReadableStream, {
      headers: {
        'content-type': 'application/octet-stream',
        'content-disposition': `attachment; filename="${name}"`,
        'cache-control': 'no-store',
        'x-content-type-options': 'nosniff',
      },
    });
  } catch (error) {
    if (error instanceof Missing) return words(404, error.message);
    if (error instanceof Refused) return words(422, error.problems.map(({ message }) => message).join('; '));
    noteFault(error);
    return words(500, faultWords());
  }
}

const MOST_FORM = 2000;
const PASSED = 'this link has passed: ask for it again where it is printed';

/** An answer that is one sentence. */
const words = (status: number, text: string): Response =>
  new Response(text, {
    status,
    headers: { 'content-type': 'text/plain; charset=utf-8', 'cache-control': 'no-store', 'x-content-type-options': 'nosniff' },
  });

/**
 * Answers a form that asks for a file by sending the browser on to a link for it, which opens beside the page that asked.
 *
 * @param schema how the form's fields are read
 * @param ask notes what was asked for and says the link
 */
export const linkDoor = <Schema extends z.ZodType>(...asked: Parameters<typeof answerLink<Schema>>): Promise<Response> =>
  watched(asked[0], () => answerLink(...asked));

async function answerLink<Schema extends z.ZodType>(
  request: Request,
  schema: Schema,
  ask: (asked: z.infer<Schema>) => Promise<string>,
): Promise<Response> {
  const shut = await letIn(request);
  if (shut) return words(shut.status, shut.message);
  try {
    const form: unknown = Object.fromEntries(new URLSearchParams(Buffer.from(await readBytes(request, MOST_FORM)).toString('utf8')));
    ownPerson(form);
    const location = await ask(schema.parse(form));
    return new Response(null, { status: 303, headers: { location, 'cache-control': 'no-store' } });
  } catch (error) {
    if (error instanceof z.ZodError)
      return words(
        400,
        problemsOf(error)
          .map(({ path, message }) => `${path}: ${message}`)
          .join('; '),
      );
    if (error instanceof Refused) return words(422, error.problems.map(({ message }) => message).join('; '));
    if (error instanceof NotAllowed) return words(403, error.message);
    if (error instanceof SomebodyElse) return words(401, error.message);
    if (error instanceof Missing) return words(404, error.message);
    noteFault(error);
    return words(500, faultWords());
  }
}
