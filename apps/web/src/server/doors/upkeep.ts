import 'server-only';
import { createReadStream } from 'node:fs';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { copyStream, listCopies, readThrough, rowsIn, Unreadable } from '@inch-nest/backup';
import { takeAwayRequest, upkeepCommand, type UpkeepAnswer } from '@inch-nest/contracts';
import { Missing, Refused } from '@inch-nest/data';
import { answer, readBody } from '../answer.ts';
import { database } from '../database.ts';
import { shopData } from '../shopData.ts';
import { linkDoor, streamDoor } from '../fileDoor.ts';
import { linkFor } from '../papers/paperPass.ts';
import { now } from '../now.ts';
import { noted } from '../people/noted.ts';
import { keepStoreInStep } from '../upkeep/backupStore.ts';
import { backupFolder, makeBackup, passphrase, photoFolder } from '../upkeep/backups.ts';
import { log } from '../watch/log.ts';
import { requestNumber } from '../watch/watched.ts';
import { upkeepNow } from '../upkeep/upkeepNow.ts';

const FILES = '/api/upkeep/files';

/** What runs, what waits, and the backups there are. */
export const upkeepDoor = (request: Request): Promise<Response> => answer(request, upkeepNow);

/** Makes a backup, or reads one through. */
export const upkeepCommandDoor = (request: Request): Promise<Response> =>
  answer(request, async (): Promise<UpkeepAnswer> => {
    const asked = await readBody(request, upkeepCommand);
    if (asked.kind === 'check') return { view: await upkeepNow(), damaged: await damagesIn(asked.name), made: null };
    const made = await makeBackup(now(), true).catch((error: unknown) => {
      if (error instanceof Refused) throw error;
      throw new Refused([{ path: 'backup', message: `it could not be made: ${(error as Error).message}` }]);
    });
    if (!made) throw new Refused([{ path: 'backup', message: 'one is being made just now: look again in a moment' }]);
    await noted('backupMade');
    // it may take long: the page asks how far it is
    void keepStoreInStep();
    const { pictures, missing } = made.manifest;
    return {
      view: await upkeepNow(),
      damaged: null,
      made: { rows: rowsIn(made.manifest), pictures: pictures.length, missing: missing.length },
    };
  });

/** Where a backup of that name lies. @throws Missing where none does */
async function placeOf(name: string): Promise<string> {
  const found = (await listCopies(backupFolder())).find((one) => one.name === name);
  if (!found) throw new Missing('there is no backup of that name');
  return join(backupFolder(), found.name);
}

/** What of a backup is damaged; its own words where it cannot be opened at all. */
async function damagesIn(name: string): Promise<readonly string[]> {
  try {
    return (await readThrough(await placeOf(name), await passphrase())).damaged;
  } catch (error) {
    if (error instanceof Unreadable) return [error.message];
    throw error;
  }
}

/** Asks for a backup or the whole shop: the answer is a link that soon passes. */
export const askTakeAwayDoor = (request: Request): Promise<Response> =>
  linkDoor(request, takeAwayRequest, async ({ of, personId }) => {
    if (of !== 'shop') await placeOf(of);
    // buyers' addresses go with it
    log().info({ request: requestNumber(), personId, of }, 'handed over');
    await noted('takenAway', of === 'shop' ? 'the whole shop' : of);
    return linkFor(FILES, { of }, now());
  });

/** A backup, or the whole shop as open files, as it flows. */
export const takeAwayDoor = (request: Request): Promise<Response> =>
  streamDoor(request, async () => {
    const of = new URL(request.url).searchParams.get('of') ?? '';
    if (of !== 'shop') return { stream: Readable.toWeb(createReadStream(await placeOf(of))), name: of };
    const { shopId } = await shopData();
    const { stream } = copyStream({ database: database(), photos: photoFolder(), shopId, now: now() });
    return { stream: Readable.toWeb(Readable.from(stream)), name: `shop-${now().toISOString().slice(0, 10)}.zip` };
  });
