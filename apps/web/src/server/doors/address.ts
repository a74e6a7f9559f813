import 'server-only';
import { addressCommand } from '@inch-nest/contracts';
import { useAddress } from '@inch-nest/data';
import { answer, readBody } from '../answer.ts';
import { shopData } from '../shopData.ts';
import { readId } from '../readId.ts';
import { now } from '../now.ts';
import { shopNow } from '../rooms.ts';

/** Shows where the buyer lives, and notes who asked; or keeps it. */
export const addressDoor = (request: Request, context: { params: Promise<{ id: string }> }): Promise<Response> =>
  answer(request, async () => {
    const id = await readId(context);
    return useAddress(await shopData(), await shopNow(), id, await readBody(request, addressCommand), now());
  });
