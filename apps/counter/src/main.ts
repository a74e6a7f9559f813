import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { parseArgs } from 'node:util';
import { DEMO_CARDS } from '@inch-nest/data/demo-cards';
import { NEW_STATE, type CounterState } from './Counter.ts';
import { counterServer } from './counterServer.ts';
import { secretOfCounter } from './environment.ts';
import { holdBook } from './holdBook.ts';

// The carriers' stand-in as a process of its own, on loopback; what it has charged outlives it.
const { values } = parseArgs({ options: { port: { type: 'string' }, state: { type: 'string' } } });
if (!values.port || !values.state) throw new Error('say --port and --state');
const file = values.state;
mkdirSync(dirname(file), { recursive: true, mode: 0o700 });
const state = await openBook().catch((error: unknown) => {
  console.error((error as Error).message);
  process.exit(1);
});
const keep = () => {
  writeFileSync(`${file}.new`, JSON.stringify(state), { mode: 0o600 });
  renameSync(`${file}.new`, file);
};
counterServer(state, keep, { secret: secretOfCounter(), cards: DEMO_CARDS }).listen(Number(values.port), '127.0.0.1', () =>
  console.log(`the counter is open on ${values.port}`),
);

/** What was charged before, for this process alone. */
async function openBook(): Promise<CounterState> {
  await holdBook(file);
  if (!existsSync(file)) return structuredClone(NEW_STATE);
  try {
    return JSON.parse(readFileSync(file, 'utf8')) as CounterState;
  } catch {
    throw new Error(`the counter’s book ${file} is cut short: put it back from a copy, or move it away and the stand-in starts a new one.`);
  }
}
