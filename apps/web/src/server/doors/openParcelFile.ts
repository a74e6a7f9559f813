import 'server-only';
import { openParcelFile } from '@inch-nest/contracts';
import { openParcelFile as open } from '@inch-nest/data';
import { answer, readBody } from '../answer.ts';
import { shopData } from '../shopData.ts';
import { now } from '../now.ts';
import { shopNow } from '../rooms.ts';

/** Opens a parcel from its file as a new one. */
export const openParcelFileDoor = (request: Request): Promise<Response> =>
  answer(request, async () => open(await shopData(), await shopNow(), await readBody(request, openParcelFile), now()));
