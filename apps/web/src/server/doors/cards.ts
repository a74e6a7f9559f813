import 'server-only';
import type { CardVersionView } from '@inch-nest/contracts';
import { addCard, listCards, readCard, Refused } from '@inch-nest/data';
import { MOST_CARD_BYTES, readRateCardFiles, zipRateCard, type NamedFile } from '@inch-nest/formats';
import { z } from 'zod';
import { answer, readBytes } from '../answer.ts';
import { shopData } from '../database.ts';
import { fileDoor } from '../fileDoor.ts';
import { readId } from '../readId.ts';
import { shopNow } from '../rooms.ts';

type Context = { params: Promise<{ id: string }> };
/** What a form adds round its files. */
const FORM_BYTES = 20_000;

/** Every version of every card. */
export const listCardsDoor = (request: Request): Promise<Response> =>
  answer(request, async () => listCards(await shopData(), await shopNow()));

/** Takes in a card from the files of a form: all of it or nothing. */
export const addCardDoor = (request: Request): Promise<Response> =>
  answer(request, async (): Promise<CardVersionView[]> => {
    const reading = readRateCardFiles(await filesOf(request));
    if (!reading.ok) throw new Refused(reading.problems);
    await addCard(await shopData(), await shopNow(), reading.card);
    return listCards(await shopData(), await shopNow());
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
export const cardDoor = (request: Request, context: Context): Promise<Response> => {
  const as = z.enum(['json', 'file', 'zip']).catch('json').parse(new URL(request.url).searchParams.get('as'));
  const read = async () => readCard(await shopData(), await shopNow(), await readId(context));
  if (as === 'json') return answer(request, read);
  return fileDoor(request, async () => {
    const found = await read();
    const name = `${found.id}-${found.version}`;
    return as === 'zip'
      ? { bytes: zipRateCard(found), type: 'application/zip', name: `${name}.zip` }
      : { bytes: JSON.stringify(found, null, 2), type: 'application/json', name: `${name}.json` };
  });
};
