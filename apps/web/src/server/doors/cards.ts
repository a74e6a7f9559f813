import 'server-only';
import type { CardVersionView } from '@inch-nest/contracts';
import { addCard, listCards, readCard, Refused } from '@inch-nest/data';
import { MOST_CARD_BYTES, readRateCardFiles, zipRateCard, type NamedFile } from '@inch-nest/formats';
import { z } from 'zod';
import { answer, readBytes } from '../answer.ts';
import { database } from '../database.ts';
import { guardRequest } from '../guardRequest.ts';
import { readId } from '../readId.ts';
import { shopNow } from '../rooms.ts';

type Context = { params: Promise<{ id: string }> };
/** What a form adds round its files. */
const FORM_BYTES = 20_000;

/** Every version of every card. */
export const listCardsDoor = (request: Request): Promise<Response> => answer(request, async () => listCards(database(), await shopNow()));

/** Takes in a card from the files of a form: all of it or nothing. */
export const addCardDoor = (request: Request): Promise<Response> =>
  answer(request, async (): Promise<CardVersionView[]> => {
    const reading = readRateCardFiles(await filesOf(request));
    if (!reading.ok) throw new Refused(reading.problems);
    await addCard(database(), await shopNow(), reading.card);
    return listCards(database(), await shopNow());
  });

async function filesOf(request: Request): Promise<NamedFile[]> {
  const body = await readBytes(request, MOST_CARD_BYTES + FORM_BYTES);
  const form = await new Response(new Uint8Array(body), { headers: { 'content-type': request.headers.get('content-type') ?? '' } })
    .formData()
    .catch(() => {
      throw new Refused([{ path: '(body)', message: 'not a form with files' }]);
    });
  const files = form.getAll('files').filter((one): one is File => typeof one !== 'string');
  return Promise.all(files.map(async (file) => ({ name: file.name, bytes: new Uint8Array(await file.arrayBuffer()) })));
}

/** One version: as JSON to look at, or as a file to take away. */
export async function cardDoor(request: Request, context: Context): Promise<Response> {
  const as = z.enum(['json', 'file', 'zip']).catch('json').parse(new URL(request.url).searchParams.get('as'));
  if (as === 'json') return answer(request, async () => readCard(database(), await shopNow(), await readId(context)));
  const shut = guardRequest(request);
  if (shut) return new Response(shut, { status: 403 });
  const found = await readId(context)
    .then(async (id) => readCard(database(), await shopNow(), id))
    .catch(() => null);
  if (!found) return new Response('there is no such rate card', { status: 404 });
  const name = `${found.id}-${found.version}`;
  const [body, type, ending] =
    as === 'zip'
      ? [new Uint8Array(zipRateCard(found)), 'application/zip', 'zip']
      : [JSON.stringify(found, null, 2), 'application/json', 'json'];
  return new Response(body, {
    headers: {
      'content-type': type,
      'content-disposition': `attachment; filename="${name}.${ending}"`,
      'x-content-type-options': 'nosniff',
    },
  });
}
