import 'server-only';
import { saveField } from '@inch-nest/contracts';
import { saveField as keepField } from '@inch-nest/data';
import { answer, readBody } from '../answer.ts';
import { database } from '../database.ts';
import { readId } from '../readId.ts';
import { now, parcelNow, shopNow } from '../rooms.ts';

/** Saves one field as typed. */
export const saveFieldDoor = (request: Request, context: { params: Promise<{ id: string }> }): Promise<Response> =>
  answer(request, async () => {
    const id = await readId(context);
    const command = await readBody(request, saveField);
    await keepField(database(), await shopNow(), id, command, now());
    return parcelNow(id, command.personId);
  });
