import { answer } from '../../../../server/answer.ts';
import { parcelNow } from '../../../../server/rooms.ts';
import { readId } from '../../../../server/readId.ts';

export const GET = (request: Request, context: { params: Promise<{ id: string }> }): Promise<Response> =>
  answer(request, async () => {
    const person = new URL(request.url).searchParams.get('person') ?? '';
    return parcelNow(await readId(context), person);
  });
