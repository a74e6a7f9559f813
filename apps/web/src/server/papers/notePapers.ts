import 'server-only';
import { randomUUID } from 'node:crypto';
import { appendEvent, personOf } from '@inch-nest/data';
import { shopData } from '../shopData.ts';
import { now } from '../now.ts';
import { shopNow } from '../rooms.ts';

/** Writes down who asked for papers that say where a buyer lives. */
export async function notePapers(parcelId: string, personId: string, papers: readonly string[]): Promise<void> {
  const data = await shopData();
  const person = personOf(await shopNow(), personId);
  const happening = { kind: 'papersAsked', papers } as const;
  await data.sequelize.transaction((transaction) =>
    appendEvent(data, { id: randomUUID(), parcelId, personId: person.id, happening, now: now(), undoOf: null }, transaction),
  );
}
