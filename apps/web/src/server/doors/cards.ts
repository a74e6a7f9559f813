import 'server-only';
import { cardCautions } from '@inch-nest/core';
import { withdrawal, type CardIntake, type CardVersionView } from '@inch-nest/contracts';
import { addCard, listCards, readCard, readShop, Refused, withdrawCard } from '@inch-nest/data';
import { MOST_CARD_BYTES, zipRateCard, type NamedFile } from '@inch-nest/formats';
import { z } from 'zod';
import { answer, readBody, readBytes } from '../answer.ts';
import { readCardApart } from '../cards/readCardApart.ts';
import { shopData } from '../shopData.ts';
import { fileDoor } from '../fileDoor.ts';
import { readId } from '../readId.ts';
import { now } from '../now.ts';
import { shopNow } from '../rooms.ts';

type Context = { params: Promise<{ id: string }> };
/** What a form adds round its files. */
const FORM_BYTES = 20_000;
const MOST_CAUTIONS = 40;

/** Every version of every card. */
export const listCardsDoor = (request: Request): Promise<Response> =>
  answer(request, async () => listCards(await shopData(), await shopNow()));

/** Every version as it stands after a change. */
const cardsNow = async (): Promise<CardVersionView[]> => listCards(await shopData(), await readShop(await shopData(), now()));

/** Takes in a card from the files of a form: all of it or nothing; what a person should look at first is asked. */
export const addCardDoor = (request: Request): Promise<Response> =>
  answer(request, async (): Promise<CardIntake> => {
    const { files, confirmed } = await formOf(request);
    const reading = await readCardApart(files);
    if (!reading.ok) throw new Refused(reading.problems);
    const cautions = cardCautions(reading.card).map(({ message }) => `${message.charAt(0).toUpperCase()}${message.slice(1)}.`);
    if (cautions.length > 0 && !confirmed) return { kind: 'cautions', cautions: cautions.slice(0, MOST_CAUTIONS) };
    await addCard(await shopData(), await shopNow(), reading.card);
    return { kind: 'taken', cards: await cardsNow() };
  });

/** Takes a version out of force, or puts it back in. */
export const withdrawCardDoor = (request: Request, context: Context): Promise<Response> =>
  answer(request, async (): Promise<CardVersionView[]> => {
    const id = await readId(context);
    await withdrawCard(await shopData(), await shopNow(), { id, ...(await readBody(request, withdrawal)) }, now());
    return cardsNow();
  });

async function formOf(request: Request): Promise<{ files: NamedFile[]; confirmed: boolean }> {
  const body = await readBytes(request, MOST_CARD_BYTES + FORM_BYTES);
  const form = await new Response(new Uint8Array(body), { headers: { 'content-type': request.headers.get('content-type') ?? '' } })
    .formData()
    .catch(() => {
      throw new Refused([{ path: '(body)', message: 'not a form with files' }]);
    });
  const files = form.getAll('files').filter((one): one is File => typeof one !== 'string');
  const read = files.map(async (file) => ({ name: file.name, bytes: new Uint8Array(await file.arrayBuffer()) }));
  return { files: await Promise.all(read), confirmed: form.get('confirmed') === 'yes' };
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
