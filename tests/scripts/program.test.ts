import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, rmSync, utimesSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';

// A program is started from one file that is put together of its sources.

const root = join(__dirname, '../..');
const COUNTER = 'apps/counter/src/main.ts';
/** Which nothing else starts so, and may be spoilt here. */
const NEST = 'apps/cli/src/main.ts';
const node = (...args: string[]) => spawnSync(process.execPath, args, { cwd: root, encoding: 'utf8', timeout: 120_000 });
/** What `program` answers for a path, in a process of its own. */
function argsFor(path: string, ...args: string[]): string[] {
  const { stdout, stderr } = node(
    '--input-type=module',
    '-e',
    `import { program } from './scripts/lib/program.mjs'; console.log(JSON.stringify(program(${[path, ...args].map((one) => JSON.stringify(one)).join()})));`,
  );
  if (stderr) throw new Error(stderr);
  return JSON.parse(stdout) as string[];
}

test('it says what its sources say, by their name, with what it is given', () => {
  const args = argsFor(COUNTER, '--port', '0');
  expect(args[0]).toMatch(/apps\/counter\/src\/main\.mjs$/);
  expect(args.slice(1)).toEqual(['--port', '0']);
  const [whole, sources] = [node(...args), node('--import', 'tsx', COUNTER, '--port', '0')];
  expect(whole.status).toBe(sources.status);
  for (const { stderr } of [whole, sources]) expect(stderr).toContain('say --port and --state');
});

test('nothing that puts together stays beside the program', () => {
  const { stdout } = node(
    '--input-type=module',
    '-e',
    `import { readdirSync, readFileSync } from 'node:fs'; import { spawn } from 'node:child_process';
     import { program } from './scripts/lib/program.mjs';
     const child = spawn('sleep', ['60']);
     program('${NEST}');
     const isChild = (pid) => { try { return readFileSync('/proc/' + pid + '/stat', 'utf8').split(') ')[1].split(' ')[1] === String(process.pid); } catch { return false; } };
     console.log(readdirSync('/proc').filter((pid) => /^[0-9]+$/.test(pid) && isChild(pid)).length);
     child.kill();`,
  );
  // the one that was started beside it, and no other
  expect(stdout.trim()).toBe('1');
});

test('the same sources make the same file, which is not written again; what was started long ago goes', () => {
  const [file] = argsFor(NEST) as [string];
  const cache = file.slice(0, file.indexOf('/apps/'));
  const old = join(dirname(cache), 'of-other-sources');
  mkdirSync(old, { recursive: true });
  writeFileSync(join(old, 'main.mjs'), '');
  utimesSync(old, 0, 0);
  writeFileSync(file, 'throw new Error("kept as it is");');
  expect(argsFor(NEST)).toEqual([file]);
  expect(node(file).stderr).toContain('kept as it is');
  rmSync(cache, { recursive: true });
  expect(argsFor(NEST)).toEqual([file]);
  expect(node(file).stderr).toContain('none is not one of');
  expect(existsSync(old)).toBe(false);
});
