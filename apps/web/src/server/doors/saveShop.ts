import 'server-only';
import { saveShop } from '@inch-nest/contracts';
import { saveShop as keepShop } from '@inch-nest/data';
import { answer, readBody } from '../answer.ts';
import { database } from '../database.ts';
import { now, shopNow } from '../rooms.ts';

/** Keeps the shop's rules, its facts and its stockroom. */
export const saveShopDoor = (request: Request): Promise<Response> =>
  answer(request, async () => {
    const command = await readBody(request, saveShop);
    await keepShop(database(), await shopNow(), command, now());
    return shopNow();
  });
