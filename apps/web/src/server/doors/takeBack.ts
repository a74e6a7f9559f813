import 'server-only';
import { takeBack } from '@inch-nest/contracts';
import { takeBack as stepBack } from '@inch-nest/data';
import { answer, readBody } from '../answer.ts';
import { shopData } from '../shopData.ts';
import { readId } from '../readId.ts';
import { now } from '../now.ts';
import { parcelNow, shopNow } from '../rooms.ts';

/** Takes a person's last change back, or does it again. */
export const takeBackDoor = (request: Request, context: { params: Promise<{ id: string }> }): Promise<Response> =>
  answer(request, async () => {
    const id = await readId(context);
    const command = await readBody(request, takeBack);
    await stepBack(await shopData(), await shopNow(), id, command, now());
    return parcelNow(id, command.personId);
  });
