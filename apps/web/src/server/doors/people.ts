import 'server-only';
import { toSVG } from 'bwip-js/node';
import { auditAsked, peopleCommand, type PeopleAnswer, type PeopleView, type ShownCode } from '@inch-nest/contracts';
import { changeDevice, endSessionsOf, giveCode, personOf, readAudit, readPeople, revokeDevice, type ShopDatabase } from '@inch-nest/data';
import { answer, readBody } from '../answer.ts';
import { shopAddress } from '../environment.ts';
import { now } from '../now.ts';
import { networkNow } from './trust.ts';
import { shopNow } from '../rooms.ts';
import { noted } from '../people/noted.ts';
import { asker, shopData } from '../shopData.ts';

/** Who may come in, and on which devices, as the page opens. */
export async function peopleNow(): Promise<PeopleView> {
  const { session } = await asker();
  return { ...(await readPeople(await shopData(), (await shopNow()).people, session?.device?.id ?? null, now())), network: networkNow() };
}

export const peopleDoor = (request: Request): Promise<Response> => answer(request, peopleNow);

/** What an owner does about people and devices. */
export const peopleCommandDoor = (request: Request): Promise<Response> =>
  answer(request, async (): Promise<PeopleAnswer> => {
    const asked = await readBody(request, peopleCommand);
    const [room, shop, { person }] = [await shopData(), await shopNow(), await asker()];
    const nameOf = async (deviceId: string) => (await room.models.device.findByPk(deviceId))?.name ?? null;
    let shown: ShownCode | null = null;
    switch (asked.act) {
      case 'code': {
        const to = personOf(shop, asked.of);
        shown = await showCode(room, { kind: 'come', personId: to.id, madeBy: person.id });
        await noted('codeGiven', to.name);
        break;
      }
      case 'off':
        await endSessionsOf(room, personOf(shop, asked.of).id);
        await noted('signedOffEverywhere', personOf(shop, asked.of).name);
        break;
      case 'device': {
        shown = await showCode(room, { kind: 'device', personId: null, madeBy: person.id });
        await noted('deviceCodeShown', null);
        break;
      }
      case 'rename':
        await changeDevice(room, asked.deviceId, { name: asked.name });
        await noted('deviceRenamed', asked.name);
        break;
      case 'idle':
        await changeDevice(room, asked.deviceId, { idleMinutes: asked.minutes });
        await noted('deviceIdle', `${await nameOf(asked.deviceId)}: ${asked.minutes === null ? 'never' : `${asked.minutes} min`}`);
        break;
      case 'revoke':
        await noted('deviceRevoked', await nameOf(asked.deviceId));
        await revokeDevice(room, asked.deviceId, now());
        break;
    }
    return { view: await peopleNow(), shown };
  });

/** A code that is shown once; one that brings a device comes as an address and its picture too, where other machines reach this one. */
async function showCode(
  room: ShopDatabase,
  about: { kind: 'come' | 'device'; personId: string | null; madeBy: string },
): Promise<ShownCode> {
  const { code, until } = await giveCode(room, about, now());
  const at = about.kind === 'device' ? shopAddress() : null;
  // behind the hash, so that no log and no history keeps it
  const address = at && `${at}/join#${code}`;
  return { code, address, picture: address && toSVG({ bcid: 'qrcode', text: address, scale: 4, padding: 4 }), until: until.toISOString() };
}

/** What was done in the shop, by whom. */
export const auditDoor = (request: Request): Promise<Response> =>
  answer(request, async () => readAudit(await shopData(), auditAsked.parse(Object.fromEntries(new URL(request.url).searchParams))));
