import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { databaseUrl, NewerSchema, NotEmpty, openDatabase } from '@inch-nest/data';
import { damageWords, makeCopy, openCopy, readThrough, restoreCopy, rowsIn, Unreadable } from '../index.ts';
import { thenClosed } from '../thenClosed.ts';

/**
 * `make FOLDER`, `check FILE` or `restore FILE` over the database named in DATABASE_URL and the pictures in `--photos`; restoring
 * as the owner of its tables. A sealed copy goes by the passphrase in `--passphrase-file`. Exit 3 with one sentence when it
 * cannot be done.
 */
const { positionals, values } = parseArgs({
  allowPositionals: true,
  options: { photos: { type: 'string', default: '' }, 'passphrase-file': { type: 'string' } },
});
const [what, where] = positionals as [string, string];
const passphrase = values['passphrase-file'] ? readFileSync(values['passphrase-file'], 'utf8').trim() : undefined;
const database = what === 'check' ? null : openDatabase(databaseUrl());
try {
  console.log(what === 'make' ? await make() : what === 'check' ? await check() : await restore());
} catch (error) {
  const known = error instanceof Unreadable || error instanceof NotEmpty || error instanceof NewerSchema;
  console.error(known ? error.message : `it could not be done: ${(error as Error).message}`);
  process.exitCode = 3;
} finally {
  await database?.sequelize.close();
}

async function make(): Promise<string> {
  const { copy, manifest, gone } = await makeCopy({ database: database!, photos: values.photos, passphrase, now: new Date() }, where, true);
  return [
    `${copy.name}: ${rowsIn(manifest).toLocaleString('en')} rows and ${manifest.pictures.length.toLocaleString('en')} pictures, written and read back.`,
    ...(manifest.missing.length > 0 ? [`${manifest.missing.length} pictures that rows name were not where pictures lie.`] : []),
    ...gone.map((name) => `${name} need not be kept any more and went.`),
  ].join('\n');
}

async function check(): Promise<string> {
  const { manifest, damaged } = await readThrough(where, passphrase);
  if (damaged.length > 0) throw new Unreadable(damageWords(damaged));
  return `whole: as of ${manifest.at}, ${rowsIn(manifest).toLocaleString('en')} rows and ${manifest.pictures.length.toLocaleString('en')} pictures.`;
}

async function restore(): Promise<string> {
  const copy = await openCopy(where, passphrase);
  const { at, rows, pictures, missing } = await thenClosed(restoreCopy(copy, database!, values.photos), copy);
  return [
    `put back as of ${at}: ${rows.toLocaleString('en')} rows and ${pictures.toLocaleString('en')} pictures, each compared with the copy.`,
    ...(missing.length > 0 ? [`${missing.length} pictures had been missing when it was made.`] : []),
  ].join('\n');
}
