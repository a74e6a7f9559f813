import 'server-only';
import { keepCommand, type KeepAnswer, type ParcelView } from '@inch-nest/contracts';
import { keepParcel } from '@inch-nest/data';
import { answer, readBody } from '../answer.ts';
import { shopData } from '../database.ts';
import { readId } from '../readId.ts';
import { now, parcelNow, shopNow } from '../rooms.ts';

/** Keeps what was typed, picked and chosen of a parcel; what became of each change is answered with the parcel as it then stands. */
export const keepParcelDoor = (request: Request, context: { params: Promise<{ id: string }> }): Promise<Response> =>
  answer(request, async (): Promise<KeepAnswer<ParcelView>> => {
    const id = await readId(context);
    const command = await readBody(request, keepCommand);
    const verdicts = await keepParcel(await shopData(), await shopNow(), id, command, now());
    return { verdicts, whole: await parcelNow(id, command.personId) };
  });
