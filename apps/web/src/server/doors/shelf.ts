import 'server-only';
import { answer } from '../answer.ts';
import { shelfNow } from '../rooms.ts';

export const shelfDoor = (request: Request): Promise<Response> => answer(request, shelfNow);
