import 'server-only';
import { keepCommand, type KeepAnswer, type ShopView } from '@inch-nest/contracts';
import { keepShop } from '@inch-nest/data';
import { answer, readBody } from '../answer.ts';
import { shopData } from '../database.ts';
import { now, shopNow } from '../rooms.ts';

/** Keeps changes of the shop's rules, facts, people and stockroom; what became of each is answered with the shop as it then stands. */
export const keepShopDoor = (request: Request): Promise<Response> =>
  answer(request, async (): Promise<KeepAnswer<ShopView>> => {
    const verdicts = await keepShop(await shopData(), await shopNow(), await readBody(request, keepCommand), now());
    return { verdicts, whole: await shopNow() };
  });
