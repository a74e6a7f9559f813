import { saveField } from '@inch-nest/contracts';
import { saveField as keepField } from '@inch-nest/data';
import { answer, readBody } from '../../../../../server/answer.ts';
import { database } from '../../../../../server/database.ts';
import { readId } from '../../../../../server/readId.ts';
import { now, parcelNow, shopNow } from '../../../../../server/rooms.ts';

/** Saves one field as typed. */
export const PATCH = (request: Request, context: { params: Promise<{ id: string }> }): Promise<Response> =>
  answer(request, async () => {
    const id = await readId(context);
    const command = await readBody(request, saveField);
    await keepField(database(), await shopNow(), id, command, now());
    return parcelNow(id, command.personId);
  });
