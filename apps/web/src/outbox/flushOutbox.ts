import type { OutboxItem, OutboxStore } from './outboxStore.ts';

/** What became of something that was sent: taken, refused for good with a reason, or not heard at all. */
export type Sent = { readonly kind: 'taken' } | { readonly kind: 'refused'; readonly why: string } | { readonly kind: 'unheard' };

/**
 * Sends what waits in the order in which it was done, each with the id it was born with, so that what was
 * heard without an answer counts once. Stops at the first that is not heard; what is refused stays, with the
 * reason, and does not hold up the rest.
 *
 * @returns true when nothing waits any more
 */
export async function flushOutbox(store: OutboxStore, send: (item: OutboxItem) => Promise<Sent>): Promise<boolean> {
  for (const item of await store.all()) {
    if (item.refused !== null || item.place === undefined) continue;
    const sent = await send(item);
    if (sent.kind === 'unheard') return false;
    if (sent.kind === 'taken') await store.remove(item.place);
    else await store.refuse(item.place, sent.why);
  }
  return true;
}
