import 'server-only';
import { answer } from '../answer.ts';
import { parcelNow } from '../rooms.ts';
import { readId } from '../readId.ts';

export const parcelDoor = (request: Request, context: { params: Promise<{ id: string }> }): Promise<Response> =>
  answer(request, async () => {
    const person = new URL(request.url).searchParams.get('person') ?? '';
    return parcelNow(await readId(context), person);
  });
