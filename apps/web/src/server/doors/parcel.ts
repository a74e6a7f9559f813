import 'server-only';
import { answer } from '../answer.ts';
import { actingPerson } from '../actingPerson.ts';
import { parcelNow } from '../rooms.ts';
import { ownPerson } from '../people/ownPerson.ts';
import { readId } from '../readId.ts';

export const parcelDoor = (request: Request, context: { params: Promise<{ id: string }> }): Promise<Response> =>
  answer(request, async () => {
    ownPerson(
      Object.fromEntries([...new URL(request.url).searchParams].map(([name, value]) => [name === 'person' ? 'personId' : name, value])),
    );
    return parcelNow(await readId(context), (await actingPerson()).id);
  });
