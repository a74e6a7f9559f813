import 'server-only';
import { keepCommand, type KeepAnswer, type ShopView } from '@inch-nest/contracts';
import { keepShop } from '@inch-nest/data';
import { answer, readBody } from '../answer.ts';
import { keepWhatMay, shopChangeNeeds } from '../people/changeRights.ts';
import { mayProblem } from '../people/letIn.ts';
import { asker, shopData } from '../shopData.ts';
import { now } from '../now.ts';
import { shopNow } from '../rooms.ts';

/** Keeps changes of the shop's rules, facts, people and stockroom; what became of each is answered with the shop as it then stands. */
export const keepShopDoor = (request: Request): Promise<Response> =>
  answer(request, async (): Promise<KeepAnswer<ShopView>> => {
    const command = await readBody(request, keepCommand);
    const [room, shop, who] = [await shopData(), await shopNow(), await asker()];
    const verdicts = await keepWhatMay(
      command.changes,
      ({ path }) => mayProblem(who, shopChangeNeeds(path, who.person.id)),
      (changes) => keepShop(room, shop, { ...command, changes }, now()),
    );
    return { verdicts, whole: await shopNow() };
  });
