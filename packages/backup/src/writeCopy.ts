import { createReadStream, createWriteStream } from 'node:fs';
import { open, rename, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { readMoment, type Database, type Moment } from '@inch-nest/data';
import { BUILD, FORMAT, MANIFEST, pictureEntry, pictureFile, tableEntry, type Manifest } from './manifest.ts';
import { listsOf } from './openLists.ts';
import { sealing } from './sealing.ts';
import { zipWriter, type ZipWriter } from './zipFile.ts';
import { thenClosed } from './thenClosed.ts';

/** What is copied, and how. */
export interface CopyOrder {
  readonly database: Pick<Database, 'sequelize'>;
  /** Where pictures lie. */
  readonly photos: string;
  /** One shop alone, with lists for other programs; everything without. */
  readonly shopId?: string;
  /** Seals the copy. */
  readonly passphrase?: string | undefined;
  readonly now: Date;
}

/**
 * Writes everything there is into one file: rows as they stood at one moment, whatever is written meanwhile, and the pictures
 * they name. It is there when it is whole, or not at all.
 *
 * @param path where it goes
 * @throws what the disk or the database says; nothing is left then
 */
export async function writeCopy(order: CopyOrder, path: string): Promise<Manifest> {
  const draft = `${path}.part`;
  try {
    const { stream, done } = copyStream(order);
    const sealed = order.passphrase ? [await sealing(order.passphrase)] : [];
    const [manifest] = await Promise.all([done, pipeline([stream, ...sealed, createWriteStream(draft, { mode: 0o600 })])]);
    const written = await open(draft, 'r');
    await thenClosed(written.sync(), written);
    await rename(draft, path);
    return manifest;
  } catch (error) {
    await rm(draft, { force: true });
    throw error;
  }
}

/** The same as it flows, for whoever takes it along. */
export function copyStream({ database, photos, shopId, now }: CopyOrder): {
  readonly stream: NodeJS.ReadableStream;
  readonly done: Promise<Manifest>;
} {
  const zip = zipWriter(now);
  const write = async (): Promise<Manifest> => {
    const { migrations, tables, pictures, lists } = await readMoment(database, shopId ?? null, async (moment) => ({
      migrations: moment.migrations,
      ...(await addTables(zip, moment)),
      lists: shopId === undefined ? [] : await addLists(zip, moment),
    }));
    const { found, missing } = await addPictures(zip, photos, pictures);
    const manifest: Manifest = {
      format: FORMAT,
      build: BUILD,
      holds: shopId === undefined ? 'everything' : 'oneShop',
      at: now.toISOString(),
      migrations: [...migrations],
      tables,
      pictures: found,
      missing,
      lists,
    };
    await zip.add(MANIFEST, [JSON.stringify(manifest, null, 1)]);
    zip.end();
    return manifest;
  };
  const done = write();
  // whoever reads the file hears of it too
  done.catch((error: Error) => (zip.stream as NodeJS.ReadableStream & { destroy(error: Error): void }).destroy(error));
  return { stream: zip.stream, done };
}

/** Every table, and the names of the pictures that rows speak of. */
async function addTables(zip: ZipWriter, moment: Moment) {
  const tables: Manifest['tables'] = [];
  const pictures = new Set<string>();
  for (const table of moment.tables) {
    let rows = 0;
    async function* lines() {
      for await (const line of moment.lines(table)) {
        rows++;
        if (table === 'photo') pictures.add((JSON.parse(line) as { content: string }).content);
        yield `${line}\n`;
      }
    }
    const part = await zip.add(tableEntry(table), lines());
    tables.push({ name: table, rows, ...part });
  }
  return { tables, pictures };
}

async function addLists(zip: ZipWriter, moment: Moment) {
  const lists: Manifest['lists'] = [];
  for (const { name, pieces } of listsOf(moment)) lists.push({ name, ...(await zip.add(`lists/${name}`, pieces)) });
  return lists;
}

async function addPictures(zip: ZipWriter, photos: string, contents: ReadonlySet<string>) {
  const found: Manifest['pictures'] = [];
  const missing: string[] = [];
  for (const content of contents)
    for (const name of [content, `${content}-small`]) {
      const place = join(photos, pictureFile(name));
      if (await stat(place).catch(() => null)) found.push({ name, ...(await zip.add(pictureEntry(name), createReadStream(place), false)) });
      else missing.push(name);
    }
  return { found, missing };
}
