import { planRequest } from '@inch-nest/contracts';
import { answer, readBody } from '../../../server/answer.ts';
import { searchOnServer } from '../../../server/searchOnServer.ts';

/** Plans on the server, for a browser whose worker has failed twice. */
export const POST = (request: Request): Promise<Response> => answer(request, async () => searchOnServer(await readBody(request, planRequest)));
