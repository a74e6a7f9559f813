import { answer } from '../../../server/answer.ts';
import { shopNow } from '../../../server/rooms.ts';

export const GET = (request: Request): Promise<Response> => answer(request, shopNow);
