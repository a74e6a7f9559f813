import 'server-only';
import { firstShop, plainCode } from '@inch-nest/contracts';
import { inShop, makeFirstShop, readShopId, Refused } from '@inch-nest/data';
import { answer, readBody, WithCookies } from '../answer.ts';
import { database } from '../database.ts';
import { comeIn, newRecoveryCodes } from '../people/comeIn.ts';
import { newDevice } from '../people/newDevice.ts';
import { hashSecret } from '../people/passwords.ts';
import { firstCode } from '../environment.ts';
import { isEncrypted } from '../guardRequest.ts';
import { now } from '../now.ts';

/** Makes the shop of a place that has none yet. */
export const firstShopDoor = (request: Request): Promise<Response> =>
  answer(request, async () => {
    const { password, code, ...asked } = await readBody(request, firstShop);
    // whoever reaches a place first over the network does not own it by that
    if (isEncrypted(request.headers) && (!code || code !== plainCode(firstCode() ?? '')))
      throw new Refused([{ path: 'code', message: 'the code that the machine printed as it started' }]);
    const [personId] = await makeFirstShop(database(), asked, await hashSecret(password), now());
    const room = inShop(database(), await readShopId(database()));
    const { id, cookie } = await newDevice(request, room, 'the first machine', personId!);
    const codes = await newRecoveryCodes(room, personId!);
    return new WithCookies({ personId, codes }, [cookie, await comeIn(request, room, { id: personId! }, id, 'signedIn')]);
  });
