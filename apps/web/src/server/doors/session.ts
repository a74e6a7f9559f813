import 'server-only';
import { sessionCommand, type Person, type SessionCommand } from '@inch-nest/contracts';
import {
  credentialOf,
  endSession,
  endSessionsOf,
  keepCredential,
  lockSession,
  Refused,
  touchSession,
  type OpenSession,
  type ShopDatabase,
} from '@inch-nest/data';
import { answer, readBody, WithCookies } from '../answer.ts';
import { now } from '../now.ts';
import { newRecoveryCodes } from '../people/comeIn.ts';
import { showFromNow } from '../people/cookies.ts';
import { countGuess, forgiveGuesses } from '../people/limits.ts';
import { noted } from '../people/noted.ts';
import { hashSecret, isSecret } from '../people/passwords.ts';
import { meOf } from '../people/whoAsks.ts';
import { asker, shopData } from '../shopData.ts';

/** Whoever is signed in, as her screens know her. */
export const meDoor = (request: Request): Promise<Response> => answer(request, async () => meOf(await asker()));

/** What whoever is signed in asks about herself: she is here, goes, or chooses how she comes in. */
export const sessionDoor = (request: Request): Promise<Response> =>
  answer(request, async () => {
    const asked = await readBody(request, sessionCommand);
    const { person, session } = await asker();
    const room = await shopData();
    if (!session) throw new Refused([{ path: '(signIn)', message: 'this machine signs in by itself' }]);
    const gone = (answered: object) => new WithCookies(answered, [showFromNow(request.headers, 'session', null)]);
    switch (asked.act) {
      case 'here':
        await touchSession(room, session.id, now());
        return {};
      case 'lock':
        await lockSession(room, session.id);
        await noted('locked');
        return {};
      case 'off':
        await endSession(room, session.id);
        await noted('signedOff');
        return gone({});
      case 'offEverywhere':
        await endSessionsOf(room, person.id);
        await noted('signedOffEverywhere');
        return gone({});
      default:
        // what follows changes how she comes in: her password is asked, since a device may have been left open
        return changeAccess(room, person, session, asked);
    }
  });

type Change = Extract<SessionCommand, { password: string }>;

async function changeAccess(room: ShopDatabase, person: Person, session: OpenSession, asked: Change): Promise<object> {
  const guesser = { deviceId: session.device?.id ?? session.id, address: '', name: person.name };
  await countGuess(guesser);
  if (!(await isSecret((await credentialOf(room, person.id))?.passwordHash, asked.password))) {
    await noted('signInFailed');
    throw new Refused([{ path: 'password', message: 'that is not your password' }]);
  }
  await forgiveGuesses(guesser);
  switch (asked.act) {
    case 'pin':
      await keepCredential(room, person.id, { pinHash: asked.pin === null ? null : await hashSecret(asked.pin) }, now());
      await noted(asked.pin === null ? 'pinTakenAway' : 'pinChosen');
      return {};
    case 'changePassword':
      await keepCredential(room, person.id, { passwordHash: await hashSecret(asked.next) }, now());
      await endSessionsOf(room, person.id, session.id);
      await noted('passwordChosen');
      return {};
    case 'codes': {
      const codes = await newRecoveryCodes(room, person.id);
      await noted('codesPrinted');
      return { codes };
    }
  }
}
