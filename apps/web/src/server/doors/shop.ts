import 'server-only';
import { answer } from '../answer.ts';
import { shopNow } from '../rooms.ts';

export const shopDoor = (request: Request): Promise<Response> => answer(request, shopNow);
