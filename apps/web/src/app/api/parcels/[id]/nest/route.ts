import { planDocument, saveNest } from '@inch-nest/contracts';
import { saveNest as keepNest } from '@inch-nest/data';
import { answer, readBody } from '../../../../../server/answer.ts';
import { database } from '../../../../../server/database.ts';
import { readId } from '../../../../../server/readId.ts';
import { now, parcelNow, shopNow } from '../../../../../server/rooms.ts';

const command = saveNest.extend({ document: planDocument.nullable() });

/** Keeps a nest as chosen, once the server finds the browser's figures to be its own. */
export const PUT = (request: Request, context: { params: Promise<{ id: string }> }): Promise<Response> =>
  answer(request, async () => {
    const id = await readId(context);
    const { document, ...wanted } = await readBody(request, command);
    await keepNest(database(), await shopNow(), id, wanted, document, now());
    return parcelNow(id, wanted.personId);
  });
