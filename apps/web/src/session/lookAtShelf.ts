import type { QueryClient } from '@tanstack/react-query';

/** What is done one after the other is one look, when the last of it is done. */
export const SOON_MS = 300;

const soon = new WeakMap<QueryClient, ReturnType<typeof setTimeout>>();

/** Looks at the shelf anew, shortly: it shows what has just been done to a parcel, and much may be done to one at a time. */
export function lookAtShelf(client: QueryClient): void {
  clearTimeout(soon.get(client));
  soon.set(
    client,
    setTimeout(() => void client.invalidateQueries({ queryKey: ['shelf'] }), SOON_MS),
  );
}
