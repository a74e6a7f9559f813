import type { OutboxItem, OutboxStore } from './outboxStore.ts';

/**
 * What became of something that was sent: taken, refused for good with a reason, stumbled over by a server that does answer, or
 * not heard at all.
 */
export type Sent =
  | { readonly kind: 'taken' }
  | { readonly kind: 'refused'; readonly why: string }
  | { readonly kind: 'stumbled'; readonly why: string }
  | { readonly kind: 'unheard' }
  /** Done by somebody who is not signed in here now: it waits for her, and with it what comes after it of its parcel. */
  | { readonly kind: 'anothers' };

/** So often one is tried that the server stumbles over; then it is shown as refused, and the rest of its parcel goes on. */
const MOST_STUMBLES = 3;

/**
 * Sends what waits in the order in which it was done, each with the id it was born with, so that what was heard without an
 * answer counts once. Stops at the first that is not heard. What is refused stays, with the reason, and holds nothing up; what
 * the server stumbles over holds up its own parcel for a few tries, so that its order stands, and no other.
 *
 * @returns true when nothing waits any more
 */
export async function flushOutbox(store: OutboxStore, send: (item: OutboxItem) => Promise<Sent>): Promise<boolean> {
  const held = new Set<string>();
  for (const item of await store.all()) {
    if (item.refused !== null || item.place === undefined || held.has(item.parcelId)) continue;
    const sent = await send(item);
    if (sent.kind === 'unheard') return false;
    if (sent.kind === 'anothers') {
      held.add(item.parcelId);
      continue;
    }
    if (sent.kind === 'taken') await store.remove(item.place);
    else if (sent.kind === 'refused') await store.refuse(item.place, sent.why);
    else if ((await store.stumble(item.place)) >= MOST_STUMBLES) await store.refuse(item.place, sent.why);
    else held.add(item.parcelId);
  }
  return held.size === 0;
}
