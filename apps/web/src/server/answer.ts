import 'server-only';
import { problemsOf, type Problem } from '@inch-nest/contracts';
import { Missing, Refused } from '@inch-nest/data';
import { z } from 'zod';
import { forEyes } from './people/forEyes.ts';
import { letIn, NotAllowed } from './people/letIn.ts';
import { ownPerson, SomebodyElse } from './people/ownPerson.ts';
import { NotSignedIn } from './shopData.ts';
import { askerNow, faultWords, noteFault, watched } from './watch/watched.ts';

const MOST_BODY = 300_000;
/** What is answered is nobody else's: no cache between keeps it. */
const PRIVATE = { 'cache-control': 'no-store' };

const UNKEEPABLE = 'signs that no text can hold: type it anew';
/** A NUL or half of a sign is in it: no database and no paper can hold that. */
const unkeepable = (text: string): boolean => text.includes('\0') || /[\uD800-\uDFFF]/u.test(text);

/** @throws Refused where the address asks for what no text can hold */
function refuseUnkeepable(request: Request): void {
  for (const [name, value] of new URL(request.url).searchParams)
    if (unkeepable(name) || unkeepable(value)) throw new Refused([{ path: name, message: UNKEEPABLE }]);
}

/** A refusal as every route gives it: a list of `path` and `message`. */
const refuse = (status: number, problems: readonly Problem[], more: object = {}): Response =>
  Response.json({ problems, ...more }, { status, headers: PRIVATE });

/** An answer that has the browser show something from now on. */
export class WithCookies {
  constructor(
    readonly body: unknown,
    readonly cookies: readonly string[],
  ) {}
}

/** Runs a route: lets the request in, and turns what the rooms throw into 4xx with a list of problems. */
export const answer = (request: Request, route: () => Promise<unknown>): Promise<Response> =>
  watched(request, () => answered(request, route));

async function answered(request: Request, route: () => Promise<unknown>): Promise<Response> {
  try {
    const shut = await letIn(request);
    if (shut) return refuse(shut.status, [shut]);
    refuseUnkeepable(request);
    const said = await route();
    if (!(said instanceof WithCookies)) return Response.json(askerNow() ? await forEyes(said) : said, { headers: PRIVATE });
    const response = Response.json(said.body, { headers: PRIVATE });
    for (const cookie of said.cookies) response.headers.append('set-cookie', cookie);
    return response;
  } catch (error) {
    if (error instanceof z.ZodError) return refuse(400, problemsOf(error));
    if (error instanceof Refused) return refuse(422, error.problems);
    if (error instanceof SomebodyElse || error instanceof NotSignedIn) return refuse(401, [{ path: '(signIn)', message: error.message }]);
    if (error instanceof NotAllowed) return refuse(403, [{ path: '(right)', message: error.message }]);
    if (error instanceof Missing) return refuse(404, [{ path: '(address)', message: error.message }]);
    if (isTaken(error)) return refuse(409, [{ path: '(id)', message: 'that id is taken by something else: make a new one' }]);
    // whoever asked has hung up, and what was begun for them was stopped
    if (request.signal.aborted) return refuse(499, [{ path: '(request)', message: 'nobody waits for it' }]);
    noteFault(error);
    return refuse(500, [{ path: '(server)', message: faultWords() }]);
  }
}

/**
 * A request's JSON body, once a schema has read it.
 *
 * @throws Refused when it is too large or no JSON, ZodError when it does not fit, SomebodyElse when it is not from whoever is signed in
 */
export async function readBody<Schema extends z.ZodType>(request: Request, schema: Schema): Promise<z.infer<Schema>> {
  const text = await readText(request);
  let value: unknown;
  try {
    value = JSON.parse(text, (name, one: unknown) => {
      if (unkeepable(name) || (typeof one === 'string' && unkeepable(one)))
        throw new Refused([{ path: name || '(body)', message: UNKEEPABLE }]);
      return one;
    });
  } catch (error) {
    if (error instanceof Refused) throw error;
    throw new Refused([{ path: '(body)', message: 'not JSON' }]);
  }
  ownPerson(value);
  return schema.parse(value);
}

const readText = async (request: Request): Promise<string> => Buffer.from(await readBytes(request, MOST_BODY)).toString('utf8');

/**
 * A request's body, never more of it than may be.
 *
 * @throws Refused when it is larger than `most` bytes
 */
export async function readBytes(request: Request, most: number): Promise<Uint8Array> {
  const tooLarge = () =>
    new Refused([{ path: '(body)', message: `at most ${most >= 1e6 ? `${most / 1e6} MB` : `${most / 1000} kB`}, please` }]);
  if (Number(request.headers.get('content-length') ?? 0) > most) throw tooLarge();
  const reader = request.body?.getReader();
  const chunks: Uint8Array[] = [];
  let size = 0;
  for (let part = await reader?.read(); part && !part.done; part = await reader!.read()) {
    size += part.value.byteLength;
    if (size > most) throw tooLarge();
    chunks.push(part.value);
  }
  return Buffer.concat(chunks);
}

/** An id that somebody else's row has already. */
const isTaken = (error: unknown): boolean => error instanceof Error && error.name === 'SequelizeUniqueConstraintError';
