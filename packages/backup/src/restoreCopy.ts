import { mkdir, rename, writeFile } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { createInterface } from 'node:readline';
import { Readable } from 'node:stream';
import { loadMoment, type Database } from '@inch-nest/data';
import { damagesOf, isWhole, Unreadable, type OpenedCopy } from './openCopy.ts';
import { pictureEntry, pictureFile, rowsIn, tableEntry } from './manifest.ts';

/** What was put back. */
export interface Restored {
  readonly at: string;
  readonly rows: number;
  readonly pictures: number;
  readonly missing: readonly string[];
}

/**
 * Puts a copy back into an empty place: every row and picture, each compared with what was copied before it is kept for good.
 *
 * @param owner the database by the role that owns its tables
 * @param photos where pictures lie
 * @throws Unreadable naming the damaged parts; NotEmpty; NewerSchema
 */
export async function restoreCopy(copy: OpenedCopy, owner: Database, photos: string): Promise<Restored> {
  const { manifest } = copy;
  const damaged = await damagesOf(copy);
  if (damaged.length > 0) throw new Unreadable(damageWords(damaged));
  const partOf = new Map(manifest.tables.map((table) => [table.name, table]));
  await loadMoment(
    owner,
    {
      migrations: manifest.migrations,
      tables: manifest.tables.map(({ name }) => name),
      columns: [],
      lines: (table) => linesOf(copy, table),
    },
    async (table, lines) => {
      const written = await isWhole(withEnds(lines), partOf.get(table)!);
      if (!written) throw new Unreadable(`the table ${table} does not read back as it was copied; nothing was kept`);
    },
  );
  for (const { name } of manifest.pictures) await putPicture(copy, photos, name);
  return {
    at: manifest.at,
    rows: rowsIn(manifest),
    pictures: manifest.pictures.length,
    missing: manifest.missing,
  };
}

/** A few damaged parts by name, many by number. */
export const damageWords = (damaged: readonly string[]): string =>
  `damaged: ${damaged.length > 6 ? `${damaged.slice(0, 5).join(', ')} and ${damaged.length - 5} more parts` : damaged.join(', ')}`;

async function* linesOf(copy: OpenedCopy, table: string): AsyncGenerator<string, void> {
  const stream = Readable.from(await copy.read(tableEntry(table)));
  for await (const line of createInterface({ input: stream, crlfDelay: Infinity })) if (line !== '') yield line;
}

async function* withEnds(lines: AsyncIterable<string>): AsyncGenerator<string, void> {
  for await (const line of lines) yield `${line}\n`;
}

async function putPicture(copy: OpenedCopy, photos: string, name: string): Promise<void> {
  const place = join(photos, pictureFile(name));
  await mkdir(dirname(place), { recursive: true, mode: 0o700 });
  await writeFile(`${place}.part`, await copy.read(pictureEntry(name)), { mode: 0o600 });
  await rename(`${place}.part`, place);
}
