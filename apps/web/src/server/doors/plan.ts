import 'server-only';
import { planRequest } from '@inch-nest/contracts';
import { answer, readBody } from '../answer.ts';
import { searchOnServer } from '../searchOnServer.ts';

/** Plans on the server, for a browser whose worker has failed twice. */
export const planDoor = (request: Request): Promise<Response> =>
  answer(request, async () => searchOnServer(await readBody(request, planRequest), request.signal));
