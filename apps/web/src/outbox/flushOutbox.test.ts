import fc from 'fast-check';
import { flushOutbox, type Sent } from './flushOutbox.ts';
import type { OutboxItem } from './outboxStore.ts';
import { item, memoryStore } from '../../../../tests/screens/outbox.ts';

test('what is refused stays with its reason and does not hold up the rest', async () => {
  const store = memoryStore();
  for (const id of ['a', 'b', 'c']) await store.add(item(id));
  const heard: string[] = [];
  const done = await flushOutbox(store, ({ id }) => {
    heard.push(id);
    return Promise.resolve(id === 'b' ? { kind: 'refused', why: 'sealed already' } : { kind: 'taken' });
  });
  expect([done, heard]).toEqual([true, ['a', 'b', 'c']]);
  expect(store.items.map(({ id, refused }) => [id, refused])).toEqual([['b', 'sealed already']]);
  expect(await flushOutbox(store, () => Promise.reject(new Error('must not be asked again')))).toBe(true);
});

test('what the server stumbles over holds up its own parcel for three tries and no other parcel at all', async () => {
  const store = memoryStore();
  for (const [id, parcel] of [
    ['a', 'p'],
    ['b', 'p'],
    ['c', 'q'],
    ['d', 'p'],
  ] as const)
    await store.add(item(id, parcel));
  const heard: string[] = [];
  const send = ({ id }: OutboxItem): Promise<Sent> => {
    heard.push(id);
    return Promise.resolve(id === 'b' ? { kind: 'stumbled', why: 'something went wrong on our side' } : { kind: 'taken' });
  };
  expect(await flushOutbox(store, send)).toBe(false);
  expect(heard).toEqual(['a', 'b', 'c']);
  expect(await flushOutbox(store, send)).toBe(false);
  expect(await flushOutbox(store, send)).toBe(true);
  expect(heard).toEqual(['a', 'b', 'c', 'b', 'b', 'd']);
  expect(store.items.map(({ id, refused }) => [id, refused])).toEqual([['b', 'something went wrong on our side']]);
});

test('what somebody else has done waits for her, with what comes after it of its parcel, and holds up no other', async () => {
  const store = memoryStore();
  for (const [id, parcel] of [
    ['a', 'p'],
    ['b', 'q'],
    ['c', 'p'],
  ] as const)
    await store.add(item(id, parcel));
  const heard: string[] = [];
  const send = ({ id }: OutboxItem): Promise<Sent> => {
    heard.push(id);
    return Promise.resolve({ kind: id === 'a' ? 'anothers' : 'taken' });
  };
  expect(await flushOutbox(store, send)).toBe(false);
  expect([heard, store.items.map(({ id, refused, stumbles }) => [id, refused, stumbles])]).toEqual([
    ['a', 'b'],
    [
      ['a', null, undefined],
      ['c', null, undefined],
    ],
  ]);
  expect(await flushOutbox(store, () => Promise.resolve({ kind: 'taken' }))).toBe(true);
});

test('over a line that fails as it likes everything arrives in order, each counted once', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(fc.constantFrom('heard', 'lost', 'answerLost'), { maxLength: 60 }), async (line) => {
      const store = memoryStore();
      const ids = Array.from({ length: 12 }, (_, i) => `e${i}`);
      for (const id of ids) await store.add(item(id));
      const kept: string[] = [];
      const weather = [...line];
      const send = ({ id }: OutboxItem): Promise<Sent> => {
        const now = weather.shift() ?? 'heard';
        // the server counts an id once, however often it hears it
        if (now !== 'lost' && !kept.includes(id)) kept.push(id);
        return Promise.resolve({ kind: now === 'heard' ? 'taken' : 'unheard' });
      };
      while (!(await flushOutbox(store, send)));
      expect(kept).toEqual(ids);
      expect(store.items).toEqual([]);
    }),
    { numRuns: 200 },
  );
});
