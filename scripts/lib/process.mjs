import { spawn } from 'node:child_process';
import { chownSync } from 'node:fs';
import { isRoot, quiet } from './run.mjs';

/** PostgreSQL refuses root; Debian's package brings this user, and nothing we start needs more rights than it has. */
export const SERVICE_USER = 'postgres';
const DROP = ['--reuid', SERVICE_USER, '--regid', SERVICE_USER, '--init-groups'];
const PATIENCE_MS = 8000;

/** A command as the unprivileged user when we are root, as it stands otherwise. */
const humbly = (command, args) => (isRoot() ? ['setpriv', [...DROP, '--', command, ...args]] : [command, args]);

/** Runs a command silently as the unprivileged user. */
export const quietlyAsUser = (command, args, options = {}) => quiet(...humbly(command, args), options);

/** True when the unprivileged user may read a folder of ours and run this Node. */
export const userMayRead = (file) =>
  quietlyAsUser('test', ['-r', file], { cwd: '/' }).ok && quietlyAsUser(process.execPath, ['--version'], { cwd: '/' }).ok;

/**
 * Starts a process of ours: in a group of its own, so that a Ctrl-C is ours to answer; ended by the kernel when we end, however
 * we end; as the unprivileged user when we are root.
 *
 * @param options.input what it reads, where its standard input is piped: secrets stand in no list of processes
 * @param options.endBy signal that ends it, from us or from the kernel
 * @param options.asRoot true where the unprivileged user may not read what is to run
 * @returns its id, what it prints where that is piped, what says that it is gone, and what stops it
 */
export function startProcess(command, args, { endBy = 'SIGKILL', asRoot = false, input, ...options }) {
  const tether = ['--pdeathsig', endBy.slice(3), ...(isRoot() && !asRoot ? DROP : [])];
  const child = spawn('setpriv', [...tether, '--', command, ...args], { ...options, detached: true });
  if (input !== undefined) {
    child.stdin.on('error', () => {});
    child.stdin.end(input);
  }
  let ended = false;
  const gone = new Promise((resolve) => {
    child.on('error', () => resolve((ended = true)));
    child.on('exit', () => resolve((ended = true)));
  });
  return {
    pid: child.pid,
    out: child.stdout,
    gone,
    hasEnded: () => ended,
    /** Resolves when it is gone; one that does not listen is ended by force. */
    async stop(signal = 'SIGTERM') {
      if (ended) return;
      process.kill(-child.pid, signal);
      const patience = setTimeout(() => ended || process.kill(-child.pid, 'SIGKILL'), PATIENCE_MS);
      await gone;
      clearTimeout(patience);
    },
  };
}

/** Root gives what it makes to the user that works with it. */
export function giveToUser(path, { whole = false } = {}) {
  if (!isRoot()) return;
  if (whole) return void quiet('chown', ['-R', `${SERVICE_USER}:`, path]);
  const id = (flag) => Number(quiet('id', [flag, SERVICE_USER]).out || NaN);
  // beside a database server of somebody's own the user need not be there
  if (id('-u') > 0) chownSync(path, id('-u'), id('-g'));
}
