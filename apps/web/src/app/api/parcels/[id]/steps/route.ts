import { takeBack } from '@inch-nest/contracts';
import { takeBack as stepBack } from '@inch-nest/data';
import { answer, readBody } from '../../../../../server/answer.ts';
import { database } from '../../../../../server/database.ts';
import { readId } from '../../../../../server/readId.ts';
import { now, parcelNow, shopNow } from '../../../../../server/rooms.ts';

/** Takes a person's last change back, or does it again. */
export const POST = (request: Request, context: { params: Promise<{ id: string }> }): Promise<Response> =>
  answer(request, async () => {
    const id = await readId(context);
    const command = await readBody(request, takeBack);
    await stepBack(database(), await shopNow(), id, command, now());
    return parcelNow(id, command.personId);
  });
