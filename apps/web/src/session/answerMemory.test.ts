import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { openAnswerMemory, forgetAnswers } from './answerMemory.ts';

// The store against a browser's own, as another implementation of the same standard has it (Indexed Database API 3.0).

type Answer = { kind: string; n: number };
const isWhole = ({ kind }: Answer) => kind === 'done';
beforeEach(() => (globalThis.indexedDB = new IDBFactory()));

/** Something that counts how often it is worked out. */
function counted(kind = 'done') {
  const work = { times: 0, answer: () => Promise.resolve({ kind, n: ++work.times }) };
  return work;
}
/** A moment for what nobody waits for. */
const moment = () => new Promise((resolve) => setTimeout(resolve, 20));

test('the same question is worked out once, by whoever asks; another anew', async () => {
  const work = counted();
  const ask = (question: unknown, memory = openAnswerMemory('one')) => memory.answered(question, isWhole, work.answer);
  expect(await ask(['search', { a: 1 }])).toEqual({ kind: 'done', n: 1 });
  await moment();
  expect(await ask(['search', { a: 1 }])).toEqual({ kind: 'done', n: 1 });
  expect(await ask(['search', { a: 2 }])).toEqual({ kind: 'done', n: 2 });
  expect(await ask(['enough', { a: 1 }])).toEqual({ kind: 'done', n: 3 });
});

test('a newer program does not believe an older one', async () => {
  const work = counted();
  await openAnswerMemory('one').answered('q', isWhole, work.answer);
  await moment();
  expect(await openAnswerMemory('two').answered('q', isWhole, work.answer)).toEqual({ kind: 'done', n: 2 });
});

test('what was broken off or failed is no answer for the next', async () => {
  const work = counted('superseded');
  const memory = openAnswerMemory('one');
  await memory.answered('q', isWhole, work.answer);
  await moment();
  expect((await memory.answered('q', isWhole, work.answer)).n).toBe(2);
});

test('sixty are kept, the newest', async () => {
  const memory = openAnswerMemory('one');
  const work = counted();
  for (let i = 0; i < 65; i++) {
    await memory.answered(i, isWhole, work.answer);
    await moment();
  }
  const before = work.times;
  await memory.answered(64, isWhole, work.answer);
  await memory.answered(10, isWhole, work.answer);
  expect(work.times).toBe(before);
  await memory.answered(0, isWhole, work.answer);
  expect(work.times).toBe(before + 1);
});

test('forgotten, all of it', async () => {
  const work = counted();
  await openAnswerMemory('one').answered('q', isWhole, work.answer);
  await moment();
  forgetAnswers();
  await moment();
  await openAnswerMemory('one').answered('q', isWhole, work.answer);
  expect(work.times).toBe(2);
});

test('a browser that keeps nothing works all out', async () => {
  globalThis.indexedDB = {
    open: () => {
      throw new Error('no room');
    },
  } as unknown as IDBFactory;
  const work = counted();
  const memory = openAnswerMemory('one');
  await memory.answered('q', isWhole, work.answer);
  expect((await memory.answered('q', isWhole, work.answer)).n).toBe(2);
});
