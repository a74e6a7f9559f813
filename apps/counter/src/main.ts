import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { parseArgs } from 'node:util';
import { NEW_STATE, type CounterState } from './Counter.ts';
import { counterServer } from './counterServer.ts';
import { holdBook } from './holdBook.ts';

// The carriers' stand-in as a process of its own, on loopback; what it has charged outlives it.
const { values } = parseArgs({ options: { port: { type: 'string' }, state: { type: 'string' } } });
if (!values.port || !values.state) throw new Error('say --port and --state');
const file = values.state;
mkdirSync(dirname(file), { recursive: true, mode: 0o700 });
await holdBook(file);
const state: CounterState = existsSync(file) ? (JSON.parse(readFileSync(file, 'utf8')) as CounterState) : structuredClone(NEW_STATE);
const keep = () => {
  writeFileSync(`${file}.new`, JSON.stringify(state), { mode: 0o600 });
  renameSync(`${file}.new`, file);
};
counterServer(state, keep).listen(Number(values.port), '127.0.0.1', () => console.log(`the counter is open on ${values.port}`));
