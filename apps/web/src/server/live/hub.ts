import 'server-only';
import type { LiveMessage, Notice, Present } from '@inch-nest/contracts';
import { databaseUrl, listenForNotices } from '@inch-nest/data';

/** Where nobody has been heard of for so long, nobody is. */
const GONE_MS = 45_000;

type Listener = (message: LiveMessage) => void;
interface Place {
  readonly shopId: string;
  readonly present: Present;
  readonly at: number;
}

/** What this process hears of the database, and whom it tells. */
interface Hub {
  readonly listeners: Map<string, { readonly shopId: string; readonly tell: Listener }>;
  readonly places: Map<string, Place>;
}

const kept = globalThis as { inchNestHub?: Hub };

function hub(): Hub {
  if (kept.inchNestHub) return kept.inchNestHub;
  const made: Hub = { listeners: new Map(), places: new Map() };
  kept.inchNestHub = made;
  const tellAll = (message: LiveMessage, shopId?: string) => {
    for (const one of made.listeners.values()) if (shopId === undefined || one.shopId === shopId) one.tell(message);
  };
  listenForNotices(
    databaseUrl(),
    (notice) => {
      if (notice.of === 'here') takeHere(made, notice);
      else
        tellAll(
          notice.of === 'parcel' ? { of: 'parcel', parcelId: notice.parcel, revision: notice.revision } : { of: 'shop' },
          notice.shop,
        );
    },
    () => tellAll({ of: 'all' }),
  );
  return made;
}

/** Notes where somebody is, and tells her shop when that is new. */
function takeHere({ listeners, places }: Hub, { place, shop, person, parcel, station, left }: Extract<Notice, { of: 'here' }>): void {
  const before = JSON.stringify(presentIn(places, shop));
  if (left) places.delete(place);
  else places.set(place, { shopId: shop, present: { personId: person, parcelId: parcel, station }, at: Date.now() });
  const present = presentIn(places, shop);
  if (JSON.stringify(present) === before) return;
  for (const one of listeners.values()) if (one.shopId === shop) one.tell({ of: 'present', present });
}

function presentIn(places: Hub['places'], shopId: string): Present[] {
  for (const [place, { at }] of places) if (Date.now() - at > GONE_MS) places.delete(place);
  return [...places.values()].filter((one) => one.shopId === shopId).map((one) => one.present);
}

/** Tells a page whatever moves in its shop, and who is where. @returns what ends it */
export function listenIn(place: string, shopId: string, tell: Listener): () => void {
  const { listeners, places } = hub();
  listeners.set(place, { shopId, tell });
  tell({ of: 'present', present: presentIn(places, shopId) });
  return () => void listeners.delete(place);
}
