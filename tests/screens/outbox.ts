import type { OutboxItem, OutboxStore } from '../../apps/web/src/outbox/outboxStore.ts';

/** The store as a list in memory. */
export function memoryStore(): OutboxStore & { items: OutboxItem[] } {
  const items: OutboxItem[] = [];
  let places = 0;
  return {
    items,
    all: () => Promise.resolve([...items]),
    add: (item) => Promise.resolve(void items.push({ ...item, place: ++places })),
    refuse: (place, why) => {
      const at = items.findIndex((item) => item.place === place);
      items[at] = { ...items[at]!, refused: why };
      return Promise.resolve();
    },
    stumble: (place) => {
      const at = items.findIndex((item) => item.place === place);
      items[at] = { ...items[at]!, stumbles: (items[at]!.stumbles ?? 0) + 1 };
      return Promise.resolve(items[at].stumbles!);
    },
    remove: (place) =>
      Promise.resolve(
        void items.splice(
          items.findIndex((item) => item.place === place),
          1,
        ),
      ),
  };
}

/** Something done at the bench. */
export const item = (id: string, parcelId = 'p'): OutboxItem => ({
  id,
  parcelId,
  personId: 'o',
  at: '2026-11-26T10:00:00Z',
  refused: null,
  kind: 'event',
  happening: { kind: 'contentChanged', what: id },
  undoOf: null,
});
