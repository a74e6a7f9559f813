import 'server-only';
import { pastFilter } from '@inch-nest/contracts';
import { answer } from '../answer.ts';
import { pastNow } from '../rooms.ts';

/** A page of parcels by what is known of them, `?text=jug&state=finished&after=…`. */
export const pastDoor = (request: Request): Promise<Response> =>
  answer(request, async () => {
    const asked = [...new URL(request.url).searchParams]
      .filter(([, value]) => value.trim() !== '')
      .map(([name, value]) => [name, value.trim()]);
    return pastNow(pastFilter.parse(Object.fromEntries(asked)));
  });
