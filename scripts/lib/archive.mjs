import { chmodSync, cpSync, existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { makeState, OWNER, startCluster } from './cluster.mjs';
import { postgresBin } from './debian.mjs';
import { giveToUser, quietlyAsUser } from './process.mjs';
import { quiet } from './run.mjs';
import { Stop } from './stop.mjs';

// Continuous archiving as PostgreSQL's handbook describes it: the server puts away each piece of its write-ahead log as it is
// filled, and at least every minute; with a base copy from before, the database is had back as of any moment since.

const BASE = /^base-(\d{8}T\d{6}Z)$/;
/** A shop writes little: the log is put away at least so often, seconds. */
const AT_LEAST_EVERY = 60;

/** Where pieces of the log lie in an archive. */
const logIn = (archive) => join(archive, 'log');

/** Makes an archive's folders, for the server's user alone. */
export function makeArchive(archive) {
  for (const folder of [archive, logIn(archive)]) {
    try {
      mkdirSync(folder, { recursive: true, mode: 0o700 });
      giveToUser(folder);
      chmodSync(folder, 0o700);
    } catch (error) {
      throw new Stop(`the folder ${folder} cannot be made (${error.code}): name another with --archive DIR.`);
    }
  }
}

/** What a server is started with so that it puts its log away: each piece once, whole or not at all. */
export function archiveSettings(archive) {
  const log = quoted(logIn(archive));
  const put = `test ! -f ${log}/%f && cp %p ${log}/%f.part && mv ${log}/%f.part ${log}/%f`;
  return ['-c', 'archive_mode=on', '-c', `archive_timeout=${AT_LEAST_EVERY}`, '-c', `archive_command=${put}`];
}

/** A path within a shell's line. */
const quoted = (path) => `'${path.replaceAll("'", "'\\''")}'`;

/**
 * Copies a running database as a base to go on from.
 *
 * @param state folder of the place, for its owner's password, which is the database's own and is wanted when it is had back
 * @returns the base's folder
 */
export function makeBase(ownerUrl, state, archive, at) {
  makeArchive(archive);
  const base = join(archive, `base-${at.toISOString().slice(0, 19).replaceAll(/[-:]/g, '')}Z`);
  const half = `${base}.part`;
  const { hostname, port, password } = new URL(ownerUrl);
  const made = quietlyAsUser(
    `${postgresBin()}/pg_basebackup`,
    ['-h', hostname, '-p', port, '-U', OWNER, '-D', half, '-X', 'stream', '-c', 'fast'],
    {
      cwd: '/',
      env: { ...process.env, PGPASSWORD: decodeURIComponent(password) },
    },
  );
  if (!made.ok) {
    rmSync(half, { recursive: true, force: true });
    throw new Stop(`the base could not be made: ${made.err.trim().split('\n').at(-1)}`);
  }
  cpSync(join(state, 'password'), join(half, 'inch-nest-password'));
  giveToUser(join(half, 'inch-nest-password'));
  renameSync(half, base);
  return base;
}

/** Bases of an archive, newest first, with the moment each was begun. */
export const listBases = (archive) =>
  (existsSync(archive) ? readdirSync(archive) : [])
    .flatMap((name) => {
      const found = BASE.exec(name)?.[1];
      if (!found) return [];
      const [, y, mo, d, h, mi, s] = /(\d{4})(\d\d)(\d\d)T(\d\d)(\d\d)(\d\d)/.exec(found).map(Number);
      return [{ folder: join(archive, name), at: new Date(Date.UTC(y, mo - 1, d, h, mi, s)) }];
    })
    .sort((a, b) => b.at - a.at);

/**
 * Has a database back in an empty place as it stood at a moment, from the newest base before it and the log since.
 *
 * @param at the moment; null for the latest that was put away
 * @returns the base it began from
 */
export async function restoreTo(archive, state, at) {
  const base = listBases(archive).find((one) => at === null || one.at <= at);
  if (!base) throw new Stop(`no base in ${archive} is from before that moment: make one with npm run archive -- base.`);
  const data = join(state, 'cluster');
  if (existsSync(data))
    throw new Stop(`there are data in ${state} already: name an empty folder with --state, nothing is ever put over what is there.`);
  makeState(state);
  cpSync(base.folder, data, { recursive: true, preserveTimestamps: true });
  cpSync(join(data, 'inch-nest-password'), join(state, 'password'));
  rmSync(join(data, 'inch-nest-password'));
  rmSync(join(data, 'postmaster.pid'), { force: true });
  writeFileSync(join(data, 'recovery.signal'), '');
  chmodSync(data, 0o700);
  giveToUser(state, { whole: true });
  const until =
    at === null
      ? []
      : ['-c', `recovery_target_time=${at.toISOString().replace('T', ' ').replace('Z', '+00')}`, '-c', 'recovery_target_action=promote'];
  const settings = ['-c', `restore_command=cp ${quoted(logIn(archive))}/%f %p`, ...until];
  // it answers at once and goes on writing only when it has come to that moment
  const cluster = await startCluster(state, { settings, whenReady: isBack });
  await cluster.stop();
  return base;
}

/** Waits until a server has come to the end of what it reads. */
async function isBack(asOwner) {
  for (;;) {
    const asked = asOwner('psql', ['-At', '-d', 'postgres', '-c', 'select pg_is_in_recovery()']);
    if (asked.out.trim() === 'f') return;
    if (asked.err.includes('recovery ended before configured recovery target')) throw new Stop('the archive ends before that moment.');
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
}

/** How much lies in an archive, bytes of its log, and when the last of it was put away. */
export function archiveLast(archive) {
  const files = existsSync(logIn(archive)) ? readdirSync(logIn(archive)).filter((name) => /^[0-9A-F]{24}$/.test(name)) : [];
  const times = files.map((name) => statSync(join(logIn(archive), name)).mtimeMs);
  return { pieces: files.length, last: times.length > 0 ? new Date(Math.max(...times)) : null };
}

/** Has what is in the log so far put away now. */
export const switchLog = (ownerUrl) => quiet(`${postgresBin()}/psql`, [ownerUrl, '-At', '-c', 'select pg_switch_wal()']).ok;

/** The moment a person names, with its zone. @throws Stop where it is none */
export function momentOf(text) {
  const at = new Date(text);
  if (Number.isNaN(at.getTime()) || !/(Z|[+-]\d\d:?\d\d)$/.test(text))
    throw new Stop(`--at ${text} is no moment: say it with its zone, like 2026-11-28T10:30:00+00:00.`);
  return at;
}
