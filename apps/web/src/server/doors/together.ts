import 'server-only';
import { putTogether } from '@inch-nest/contracts';
import { putTogether as put } from '@inch-nest/data';
import { answer, readBody } from '../answer.ts';
import { shopData } from '../shopData.ts';
import { readId } from '../readId.ts';
import { parcelNow, shopNow } from '../rooms.ts';

/** Makes parcels one sending, or takes this one out of it. */
export const togetherDoor = (request: Request, context: { params: Promise<{ id: string }> }): Promise<Response> =>
  answer(request, async () => {
    const id = await readId(context);
    const wanted = await readBody(request, putTogether);
    await put(await shopData(), await shopNow(), wanted);
    return parcelNow(id, wanted.personId);
  });
