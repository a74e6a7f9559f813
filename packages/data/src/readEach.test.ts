import type { Transaction } from 'sequelize';
import { readEach } from './readEach.ts';

/** Reads that note when they begin and end, the first the slowest. */
function reads() {
  const said: string[] = [];
  const read = (name: string, ticks: number) => async () => {
    said.push(`${name} begins`);
    for (let i = 0; i < ticks; i++) await Promise.resolve();
    said.push(`${name} ends`);
    return name;
  };
  return { said, slow: read('slow', 9), quick: read('quick', 1) };
}

test('within a transaction none begins before the one before has ended', async () => {
  const { said, slow, quick } = reads();
  expect(await readEach({} as Transaction, slow, quick)).toEqual(['slow', 'quick']);
  expect(said).toEqual(['slow begins', 'slow ends', 'quick begins', 'quick ends']);
});

test('without one all begin at once, and what was found stands as it was asked', async () => {
  const { said, slow, quick } = reads();
  expect(await readEach(undefined, slow, quick)).toEqual(['slow', 'quick']);
  expect(said).toEqual(['slow begins', 'quick begins', 'quick ends', 'slow ends']);
});

test('what fails is heard, and within a transaction nothing is asked after it', async () => {
  const { said, quick } = reads();
  const fails = () => Promise.reject(new Error('the line is gone'));
  await expect(readEach({} as Transaction, fails, quick)).rejects.toThrow('the line is gone');
  expect(said).toEqual([]);
});
