import 'server-only';
import { may, RIGHT_SAYS, type Right } from '@inch-nest/contracts';
import { guardRequest } from '../guardRequest.ts';
import { askerNow, noteAsker } from '../watch/watched.ts';
import { doorNeeds } from './doorRights.ts';
import type { Asker } from './Asker.ts';
import { whoAsks } from './whoAsks.ts';

/** Why a door stays shut. */
export interface ShutDoor {
  readonly status: 401 | 403;
  /** `(signIn)` and `(locked)` have a screen ask who is there. */
  readonly path: '(request)' | '(signIn)' | '(locked)' | '(right)';
  readonly message: string;
}

/** How it is said that somebody may not. */
export const mayNot = ({ person }: Pick<Asker, 'person'>, right: Right): string =>
  `${person.name} may not ${RIGHT_SAYS[right]}: an owner can give it under People`;

/** The one place where doors are opened: from this application's own page, by whoever is signed in, with the right to it. */
export async function letIn(request: Request): Promise<ShutDoor | null> {
  const shut = guardRequest(request);
  if (shut) return { status: 403, path: '(request)', message: shut };
  const needs = doorNeeds(new URL(request.url).pathname, request.method);
  if (needs === 'anybody') return null;
  const asker = await whoAsks(request.headers);
  if (asker === 'signedOut') return { status: 401, path: '(signIn)', message: 'sign in first' };
  if (asker === 'locked') return { status: 401, path: '(locked)', message: 'this device is locked: say who is there' };
  noteAsker(asker);
  if (needs === null) return { status: 403, path: '(request)', message: 'this address is not served here' };
  if (needs !== 'signedIn' && !may(asker.person, needs)) return { status: 403, path: '(right)', message: mayNot(asker, needs) };
  return null;
}

/** Why whoever asks may not, in words; null where she may. */
export const mayProblem = (asker: Pick<Asker, 'person'>, right: Right): string | null =>
  may(asker.person, right) ? null : mayNot(asker, right);

/** Whoever asks may not do this. */
export class NotAllowed extends Error {}

/** @throws NotAllowed where whoever asks may not do this */
export function demand(right: Right): void {
  const asker = askerNow();
  if (asker && !may(asker.person, right)) throw new NotAllowed(mayNot(asker, right));
}
