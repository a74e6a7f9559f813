import 'server-only';
import { planDocument, saveNest } from '@inch-nest/contracts';
import { saveNest as keepNest } from '@inch-nest/data';
import { answer, readBody } from '../answer.ts';
import { database } from '../database.ts';
import { readId } from '../readId.ts';
import { now, parcelNow, shopNow } from '../rooms.ts';

const command = saveNest.extend({ document: planDocument.nullable() });

/** Keeps a nest as chosen, once the server finds the browser's figures to be its own. */
export const saveNestDoor = (request: Request, context: { params: Promise<{ id: string }> }): Promise<Response> =>
  answer(request, async () => {
    const id = await readId(context);
    const { document, ...wanted } = await readBody(request, command);
    await keepNest(database(), await shopNow(), id, wanted, document, now());
    return parcelNow(id, wanted.personId);
  });
