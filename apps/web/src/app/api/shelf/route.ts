import { answer } from '../../../server/answer.ts';
import { shelfNow } from '../../../server/rooms.ts';

export const GET = (request: Request): Promise<Response> => answer(request, shelfNow);
