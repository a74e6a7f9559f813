import 'server-only';
import { askerNow, noteAsker } from '../watch/watched.ts';

/** A page acts for somebody who is no longer signed in where it runs: what it asks waits for her. */
export class SomebodyElse extends Error {}

/**
 * Whoever a page says it acts for must be whoever is signed in: who did something is told by the session alone. Where a machine
 * signs in by itself, saying so is signing in.
 *
 * @param told what was read, before any schema
 * @throws SomebodyElse
 */
export function ownPerson(told: unknown): void {
  const asker = askerNow();
  if (!asker || typeof told !== 'object' || told === null || !('personId' in told)) return;
  if (told.personId === asker.person.id) return;
  if (asker.session)
    throw new SomebodyElse(`${asker.person.name} is signed in here now: this was done by somebody else, and waits for her`);
  const person = asker.people?.find((one) => one.id === told.personId && !one.gone);
  if (person) noteAsker({ ...asker, person });
}
