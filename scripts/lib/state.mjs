import { homedir } from 'node:os';
import { join } from 'node:path';
import { isRoot } from './run.mjs';

/** Where the demo keeps its data unless --state says otherwise: a folder the server's user may enter. */
export function defaultState() {
  if (isRoot()) return '/var/lib/inch-nest';
  return join(process.env.XDG_STATE_HOME || join(homedir(), '.local/state'), 'inch-nest');
}
