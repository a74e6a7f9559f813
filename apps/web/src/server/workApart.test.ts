jest.mock('server-only', () => ({}));
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, relative } from 'node:path';
import { workApart } from './workApart.ts';

let folder: string;
beforeAll(() => (folder = mkdtempSync(join(tmpdir(), 'inch-nest-apart-'))));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** What a program answers that takes so long until it is there, and so long for its work; for ever where that is null. */
const answerOf = (startMs: number, workMs: number | null, patienceMs: number) => {
  const program = join(folder, `${startMs}-${workMs}-${patienceMs}.mjs`);
  writeFileSync(
    program,
    `import { parentPort, workerData } from 'node:worker_threads';
    await new Promise((go) => setTimeout(go, ${startMs}));
    parentPort.postMessage('begun');
    ${workMs === null ? 'for (;;);' : `await new Promise((go) => setTimeout(go, ${workMs}));`}
    parentPort.postMessage(workerData);`,
  );
  return workApart(relative(join(process.cwd(), 'apps/web/src/server'), program), 'read', { patienceMs, mostMb: 64 });
};

test('a program that is long in coming is waited for: patience begins when it begins', async () =>
  expect(await answerOf(700, 0, 500)).toBe('read'));

test('what never ends is left', async () => expect(await answerOf(0, null, 300)).toBeNull());

test('what fails before it begins is no answer', async () => {
  writeFileSync(join(folder, 'fails.mjs'), 'throw new Error("no")');
  expect(
    await workApart(relative(join(process.cwd(), 'apps/web/src/server'), join(folder, 'fails.mjs')), null, { patienceMs: 300, mostMb: 64 }),
  ).toBeNull();
});
