import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { databaseUrl, NewerSchema, NotEmpty, openDatabase } from '@inch-nest/data';
import {
  damageWords,
  keepInStep,
  makeCopy,
  openCopy,
  openStore,
  readStoreSettings,
  readThrough,
  restoreCopy,
  rowsIn,
  StoreTrouble,
  StoreUnknown,
  Unreadable,
  type CopyStore,
} from '../index.ts';
import { thenClosed } from '../thenClosed.ts';

/**
 * `make FOLDER`, `check FILE` or `restore FILE` over the database named in DATABASE_URL and the pictures in `--photos`; restoring
 * as the owner of its tables. A sealed copy goes by the passphrase in `--passphrase-file`. `away FOLDER` brings the store of
 * `--store` level with a folder, `fetch NAME FILE` brings one from there (`newest` for its newest). Exit 3 with one sentence when
 * it cannot be done.
 */
const { positionals, values } = parseArgs({
  allowPositionals: true,
  options: { photos: { type: 'string', default: '' }, 'passphrase-file': { type: 'string' }, store: { type: 'string', default: '' } },
});
const [what, where, into] = positionals as [keyof typeof COMMANDS, string, string];
const COMMANDS = { make, check, restore, away, fetch };
const passphrase = values['passphrase-file'] ? readFileSync(values['passphrase-file'], 'utf8').trim() : undefined;
const database = what === 'make' || what === 'restore' ? openDatabase(databaseUrl()) : null;
try {
  console.log(await COMMANDS[what]());
} catch (error) {
  const known = [Unreadable, NotEmpty, NewerSchema, StoreTrouble, StoreUnknown].some((kind) => error instanceof kind);
  console.error(known ? (error as Error).message : `it could not be done: ${(error as Error).message}`);
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

async function inStore<Made>(work: (store: CopyStore) => Promise<Made>): Promise<Made> {
  const store = await openStore(await readStoreSettings(values.store));
  try {
    return await work(store);
  } finally {
    store.close();
  }
}

function away(): Promise<string> {
  return inStore(async (store) => {
    const { put, gone, there } = await keepInStep(store, where);
    return [
      ...put.map((name) => `${name} was put into ${store.says} and came back the same.`),
      ...gone.map((name) => `${name} need not be kept any more and went from there.`),
      there.length === 1 ? 'It is the only one there.' : `${there.length.toLocaleString('en')} lie there now.`,
    ].join('\n');
  });
}

function fetch(): Promise<string> {
  return inStore(async (store) => {
    const name = where === 'newest' ? (await store.list())[0]?.name : where;
    if (!name) throw new StoreTrouble(`nothing lies in ${store.says} yet`);
    await store.fetch(name, into);
    return `${name} came from ${store.says}.`;
  });
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
