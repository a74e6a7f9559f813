import 'server-only';
import { regroup } from '@inch-nest/contracts';
import { addPiece, dividePiece, moveBundles, splitParcel } from '@inch-nest/data';
import { answer, readBody } from '../answer.ts';
import { shopData } from '../shopData.ts';
import { readId } from '../readId.ts';
import { now } from '../now.ts';
import { parcelNow, shopNow } from '../rooms.ts';

/** Puts one more piece into a parcel, moves one aside or into another, parts alike ones, or gives some parcels of their own. */
export const regroupDoor = (request: Request, context: { params: Promise<{ id: string }> }): Promise<Response> =>
  answer(request, async () => {
    const id = await readId(context);
    const wanted = await readBody(request, regroup);
    const [room, shop] = [await shopData(), await shopNow()];
    if (wanted.act === 'add') await addPiece(room, shop, id, wanted, now());
    else if (wanted.act === 'split') await splitParcel(room, shop, id, wanted, now());
    else if (wanted.act === 'divide') await dividePiece(room, shop, id, wanted, now());
    else await moveBundles(room, shop, id, wanted, now());
    // what went into another parcel is looked at there
    const into = wanted.act === 'move' && wanted.to !== 'aside' ? wanted.to : id;
    return parcelNow(into, wanted.personId);
  });
