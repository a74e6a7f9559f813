import type { QueryClient } from '@tanstack/react-query';
import type { ParcelView } from '@inch-nest/contracts';
import { lookAtShelf } from './lookAtShelf.ts';

/** What is told of somebody's own act is heard before the act is answered: so long is waited for that answer. */
export const HOLD_MS = 400;

interface Told {
  /** Null where something beside it moved, and no revision says what is known. */
  revision: number | null;
  readonly timer: ReturnType<typeof setTimeout>;
}

/**
 * Takes what is told of parcels that moved. What comes while one is waited for is one with it, and who holds the revision that
 * is told by then has made it or seen it: nothing is looked at again.
 */
export function hearParcels(client: QueryClient) {
  const told = new Map<string, Told>();
  const look = (key: readonly string[]) => void client.invalidateQueries({ queryKey: key });
  const views = () => client.getQueriesData<ParcelView>({ queryKey: ['parcel'] }).flatMap(([, view]) => view ?? []);
  const settle = (id: string) => {
    const revision = told.get(id)?.revision ?? null;
    told.delete(id);
    look(['day']);
    // a view tells of the other boxes of its order as well
    for (const view of views()) if (view.id !== id && view.set.some((other) => other.id === id)) look(['parcel', view.id]);
    if (revision !== null && views().some((view) => view.id === id && view.revision >= revision)) return;
    look(['parcel', id]);
    lookAtShelf(client);
  };
  return {
    hear: (id: string, revision: number | null): void => {
      const waiting = told.get(id);
      if (!waiting) told.set(id, { revision, timer: setTimeout(() => settle(id), HOLD_MS) });
      else waiting.revision = waiting.revision === null || revision === null ? null : Math.max(waiting.revision, revision);
    },
    stop: (): void => {
      told.forEach(({ timer }) => clearTimeout(timer));
      told.clear();
    },
  };
}
