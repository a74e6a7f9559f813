import 'server-only';
import { firstShop } from '@inch-nest/contracts';
import { makeFirstShop } from '@inch-nest/data';
import { answer, readBody } from '../answer.ts';
import { database } from '../database.ts';
import { now } from '../rooms.ts';

/** Makes the shop of a place that has none yet. */
export const firstShopDoor = (request: Request): Promise<Response> =>
  answer(request, async () => {
    const [personId] = await makeFirstShop(database(), await readBody(request, firstShop), now());
    return { personId };
  });
