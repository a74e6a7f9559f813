import { STANDING, type ParcelState } from '@inch-nest/core';
import type { ShelfTag } from '@inch-nest/contracts';

/** Where a parcel is taken up again, by how far it has come; null where there is nothing left to do for it. */
const TAKEN_UP_AT: Readonly<Record<ParcelState, { readonly path: string; readonly says: string } | null>> = {
  draft: { path: 'look-over', says: 'look it over and plan its nest' },
  planned: { path: 'bench', says: 'pack it' },
  packing: { path: 'bench', says: 'go on packing it' },
  sealed: { path: 'weigh', says: 'weigh it' },
  weighed: { path: 'rate', says: 'choose its service' },
  rated: { path: 'send', says: 'buy its label' },
  labelled: { path: 'send', says: 'hand it over' },
  handedOver: null,
  delivered: null,
  damaged: { path: 'send', says: 'see to its claim' },
  lost: { path: 'send', says: 'see to its claim' },
  returned: null,
  brokenAtBench: null,
  joined: null,
  closed: null,
};

/** What is to be done for a parcel, and where; a nest that must be mended comes first. */
export function takenUp({ id, state, trouble }: Pick<ShelfTag, 'id' | 'state' | 'trouble'>): { href: string; says: string } | null {
  const at = Object.hasOwn(TAKEN_UP_AT, state) ? TAKEN_UP_AT[state as ParcelState] : null;
  if (!at) return null;
  const { path, says } = trouble === 'mendNest' ? { path: 'nest', says: 'mend its nest first' } : at;
  return { href: `/parcels/${id}/${path}`, says };
}

/** The parcels still in the house for which something is to be done, in the order of the day as the shelf has it. */
export const stillHere = (tags: readonly ShelfTag[]): ShelfTag[] =>
  tags.filter((tag) => takenUp(tag) !== null && STANDING[tag.state as ParcelState] === 'open');

/**
 * The next parcel by the day's order.
 *
 * @param but the one in hand
 */
export const nextUp = (tags: readonly ShelfTag[], but: string): ShelfTag | null => stillHere(tags).find(({ id }) => id !== but) ?? null;
