import { planParcel, writePlanDocument } from '@inch-nest/core';
import { benchPlanFor, planRequestFor, type ShopView } from '@inch-nest/contracts';
import { finish } from '../../core/tests/sampleRequest.ts';
import { readParcel, type ShopDatabase } from '../src/index.ts';
import { bowl, keepOne, NOW, ODILE, tell, wholeNest } from './smallShop.ts';

/** A bowl with its recommended nest kept and every test that is due passed. */
export async function readyToSeal(room: ShopDatabase, shop: ShopView, board = false): Promise<string> {
  const id = await bowl(room, shop);
  const read = () => readParcel(room, id, ODILE);
  const chosen = finish(planParcel(planRequestFor(await read(), shop)));
  if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join());
  const { choice } = writePlanDocument(chosen.recommended, shop.house);
  await keepOne(room, shop, id, { path: 'nest', value: wholeNest(board ? { ...choice, board: true } : choice), basedOn: 0 });
  for (const test of benchPlanFor(await read(), shop)!.due) await tell(room, id, { kind: 'testTried', test, result: 'passed' }, NOW);
  return id;
}
