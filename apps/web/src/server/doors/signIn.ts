import 'server-only';
import { may, signInCommand, type SignInCommand, type SignInView } from '@inch-nest/contracts';
import {
  credentialOf,
  endSessionsOf,
  hashOfCode,
  inShop,
  keepCredential,
  Missing,
  noteAccess,
  personByName,
  readShopId,
  readSignIn,
  Refused,
  type ShopDatabase,
  spendCode,
} from '@inch-nest/data';
import { answer, readBody, WithCookies } from '../answer.ts';
import { database } from '../database.ts';
import { cameFrom } from '../guardRequest.ts';
import { now } from '../now.ts';
import { comeIn, newRecoveryCodes } from '../people/comeIn.ts';
import { countGuess, forgiveGuesses, type Guesser } from '../people/limits.ts';
import { mayNot } from '../people/letIn.ts';
import { newDevice } from '../people/newDevice.ts';
import { hashSecret, isSecret } from '../people/passwords.ts';
import { deviceOf, sessionOf } from '../people/whoAsks.ts';

/** What this browser may sign in by. */
export async function signInNow(asked: Headers): Promise<SignInView> {
  const [device, session] = await Promise.all([deviceOf(asked), sessionOf(asked)]);
  return { ...(await readSignIn(database(), device?.shopId ?? null)), locked: session?.person.name ?? null };
}

export const signInViewDoor = (request: Request): Promise<Response> => answer(request, () => signInNow(request.headers));

/** Signs somebody in, or brings a device to the shop. */
export const signInDoor = (request: Request): Promise<Response> =>
  answer(request, async () => {
    const asked = await readBody(request, signInCommand);
    const device = await deviceOf(request.headers);
    const guesser = (name: string): Guesser => ({
      deviceId: device?.id ?? null,
      address: cameFrom(request.headers),
      name,
    });
    switch (asked.act) {
      case 'password':
        return byPassword(request, asked, device, guesser(asked.name));
      case 'pin':
        return byPin(request, asked, device, guesser(asked.personId));
      case 'code':
        return byCode(request, asked, device, guesser(asked.name));
      case 'device':
        return bringDevice(request, asked, guesser('a device'));
    }
  });

type Asked<Act extends SignInCommand['act']> = Extract<SignInCommand, { act: Act }>;
type Device = Awaited<ReturnType<typeof deviceOf>>;

const WRONG = 'that name and that password do not go together';

/** The shop that is meant: the device's, the one that is named, or the only one. */
async function roomFor(device: Device, named: string | undefined): Promise<ShopDatabase> {
  const shopId = device?.shopId ?? named ?? (await readShopId(database()));
  if (!device && named && !(await database().models.shop.findByPk(named))) throw new Missing('there is no such shop');
  return inShop(database(), shopId);
}

async function byPassword(request: Request, asked: Asked<'password'>, device: Device, guesser: Guesser): Promise<WithCookies> {
  const room = await roomFor(device, asked.shop);
  await countGuess(guesser);
  const person = await personByName(room, asked.name);
  const credential = person && (await credentialOf(room, person.id));
  if (!(await isSecret(credential?.passwordHash, asked.password)) || !person) return wrong(room, person?.name ?? null, device, WRONG);
  await forgiveGuesses(guesser);
  if (!asked.keepDevice || device)
    return new WithCookies({ personId: person.id }, [await comeIn(request, room, person, device?.id ?? null, 'signedIn')]);
  if (!may(person, 'people')) throw new Refused([{ path: 'keepDevice', message: mayNot({ person }, 'people') }]);
  const { id, cookie } = await newDevice(request, room, nameOfDevice(request), person.id);
  return new WithCookies({ personId: person.id }, [cookie, await comeIn(request, room, person, id, 'signedIn')]);
}

async function byPin(request: Request, asked: Asked<'pin'>, device: Device, guesser: Guesser): Promise<WithCookies> {
  if (!device) throw new Refused([{ path: 'pin', message: 'a PIN is enough only on the shop’s own devices: sign in by password' }]);
  const room = await roomFor(device, undefined);
  await countGuess(guesser);
  const person = await room.models.person.findByPk(asked.personId);
  const credential = await credentialOf(room, asked.personId);
  if (!(await isSecret(credential?.pinHash, asked.pin)) || !person || person.gone)
    return wrong(room, person?.name ?? null, device, 'that is not the PIN');
  await forgiveGuesses(guesser);
  const before = await sessionOf(request.headers);
  const act = before?.person.id === person.id ? 'unlocked' : 'signedInByPin';
  return new WithCookies({ personId: person.id }, [await comeIn(request, room, person, device.id, act)]);
}

async function byCode(request: Request, asked: Asked<'code'>, device: Device, guesser: Guesser): Promise<WithCookies> {
  const room = await roomFor(device, asked.shop);
  await countGuess(guesser);
  const person = await personByName(room, asked.name);
  const used = person && (await spendCode(room, hashOfCode(asked.code), ['recovery', 'come'], now(), person.id));
  if (!used) return wrong(room, person?.name ?? null, device, 'that name and that code do not go together, or the code has been used');
  await forgiveGuesses(guesser);
  await keepCredential(room, person.id, { passwordHash: await hashSecret(asked.password) }, now());
  // whoever was in by the old one is out
  await endSessionsOf(room, person.id);
  const codes = used.kind === 'come' ? await newRecoveryCodes(room, person.id) : null;
  return new WithCookies({ personId: person.id, codes }, [await comeIn(request, room, person, device?.id ?? null, 'passwordByCode')]);
}

async function bringDevice(request: Request, asked: Asked<'device'>, guesser: Guesser): Promise<WithCookies> {
  await countGuess(guesser);
  const found = await database().models.accessCode.findOne({ where: { codeHash: hashOfCode(asked.code), kind: 'device' } });
  const room = found && inShop(database(), found.shopId);
  const used = room && (await spendCode(room, hashOfCode(asked.code), ['device'], now()));
  if (!used)
    throw new Refused([{ path: 'code', message: 'that code has been used or its two minutes have passed: have another one shown' }]);
  await forgiveGuesses(guesser);
  const { cookie } = await newDevice(request, room, asked.deviceName, used.madeBy);
  return new WithCookies({ personId: null }, [cookie]);
}

/** A wrong guess is written down; what was typed is not. */
async function wrong(room: ShopDatabase, about: string | null, device: Device, message: string): Promise<never> {
  await noteAccess(room, { personId: null, deviceId: device?.id ?? null, act: 'signInFailed', about, at: now() });
  throw new Refused([{ path: 'password', message }]);
}

/** What a device is called until somebody says more. */
const nameOfDevice = (request: Request): string => {
  const agent = request.headers.get('user-agent') ?? '';
  return /iphone|android.*mobile/i.test(agent) ? 'a phone' : /ipad|android|tablet/i.test(agent) ? 'a tablet' : 'a computer';
};
