import 'server-only';
import { personAmong } from '@inch-nest/contracts';
import { answer } from '../answer.ts';
import { actingPerson } from '../actingPerson.ts';
import { parcelNow, shopNow } from '../rooms.ts';
import { readId } from '../readId.ts';

export const parcelDoor = (request: Request, context: { params: Promise<{ id: string }> }): Promise<Response> =>
  answer(request, async () => {
    const shop = await shopNow();
    const asked = new URL(request.url).searchParams.get('person');
    // whoever asks by name, or by this browser; a stranger's name is nobody's
    const person = asked === null ? actingPerson(request, shop) : personAmong(shop.people, asked);
    return parcelNow(await readId(context), person.id);
  });
