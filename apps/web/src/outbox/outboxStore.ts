import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Happening } from '@inch-nest/core';
import type { PhotoOf } from '@inch-nest/contracts';

/** Something done at the bench that the server has not been told yet, or has refused. */
export type OutboxItem = {
  /** Its place in the order things were done; given by the store. */
  readonly place?: number;
  readonly id: string;
  readonly parcelId: string;
  readonly personId: string;
  /** Instant it was done, ISO 8601 in UTC. */
  readonly at: string;
  /** Why the server refused it; null while it waits. */
  readonly refused: string | null;
  /** How often the server stumbled over it. */
  readonly stumbles?: number;
} & (
  | { readonly kind: 'event'; readonly happening: Happening; readonly undoOf: string | null; readonly bundleId?: string | null }
  | { readonly kind: 'photo'; readonly of: PhotoOf; readonly step?: string; readonly picture: Blob }
);

interface Shelves extends DBSchema {
  outbox: { key: number; value: OutboxItem };
}

/** What waits, kept by the browser so that a reload or a dead server loses nothing. */
export interface OutboxStore {
  all(): Promise<OutboxItem[]>;
  add(item: OutboxItem): Promise<void>;
  refuse(place: number, why: string): Promise<void>;
  /** Notes that the server stumbled over it once more; how often it has. */
  stumble(place: number): Promise<number>;
  remove(place: number): Promise<void>;
}

/** The store in IndexedDB; places grow, so the order is the order in which things were done. */
export function openOutbox(): OutboxStore {
  let opened: Promise<IDBPDatabase<Shelves>> | null = null;
  const shelves = () =>
    (opened ??= openDB<Shelves>('inch-nest', 1, {
      upgrade: (database) => void database.createObjectStore('outbox', { keyPath: 'place', autoIncrement: true }),
    }));
  const change = async (place: number, made: (item: OutboxItem) => OutboxItem): Promise<OutboxItem | undefined> => {
    const transaction = (await shelves()).transaction('outbox', 'readwrite');
    const item = await transaction.store.get(place);
    const next = item && made(item);
    if (next) await transaction.store.put(next);
    await transaction.done;
    return next;
  };
  return {
    all: async () => (await shelves()).getAll('outbox'),
    add: async (item) => void (await (await shelves()).add('outbox', item)),
    refuse: async (place, why) => void (await change(place, (item) => ({ ...item, refused: why }))),
    stumble: async (place) => (await change(place, (item) => ({ ...item, stumbles: (item.stumbles ?? 0) + 1 })))?.stumbles ?? 0,
    remove: async (place) => (await shelves()).delete('outbox', place),
  };
}
