import 'server-only';
import { keepTemplate, useTemplate } from '@inch-nest/contracts';
import { applyTemplate, keepTemplate as keep, templatesFor } from '@inch-nest/data';
import { answer, readBody } from '../answer.ts';
import { shopData } from '../shopData.ts';
import { readId } from '../readId.ts';
import { now } from '../now.ts';
import { parcelNow, shopNow } from '../rooms.ts';

type Context = { params: Promise<{ id: string }> };

/** What a parcel's piece may be packed like. */
export const templatesDoor = (request: Request, context: Context): Promise<Response> =>
  answer(request, async () => templatesFor(await shopData(), await shopNow(), await readId(context)));

/** Keeps the piece with its nest for the next one like it. */
export const keepTemplateDoor = (request: Request, context: Context): Promise<Response> =>
  answer(request, async () => {
    const id = await readId(context);
    const shop = await shopNow();
    await keep(await shopData(), shop, id, await readBody(request, keepTemplate), now());
    return templatesFor(await shopData(), shop, id);
  });

/** Gives the piece what a template knows and nobody has said yet. */
export const applyTemplateDoor = (request: Request, context: Context): Promise<Response> =>
  answer(request, async () => {
    const id = await readId(context);
    const wanted = await readBody(request, useTemplate);
    await applyTemplate(await shopData(), await shopNow(), id, wanted, now());
    return parcelNow(id, wanted.personId);
  });
