import { inspect } from 'node:util';
import { freshDatabase } from '../tests/freshDatabase.ts';

let fresh: Awaited<ReturnType<typeof freshDatabase>>;
beforeAll(async () => {
  fresh = await freshDatabase();
});
afterAll(() => fresh.drop());

const ADDRESS = { saleId: '6a1f0c52-7d0e-4b57-9a36-0c5f2f4b1e09', name: 'Edda Vik', lines: ['Skarvik 12'], revision: 1 };
const failing = async (): Promise<unknown> => {
  const { address } = fresh.database.models;
  // there is neither such a sale nor such a shop
  const row = { ...ADDRESS, shopId: ADDRESS.saleId, personId: ADDRESS.saleId, at: new Date() };
  return address.create(row).then(
    () => null,
    (error: unknown) => error,
  );
};

test('an error that is written down says what failed and where, and not with which values', async () => {
  const error = await failing();
  expect(error).toBeInstanceOf(Error);
  const written = inspect(error, { depth: 9 });
  expect(written).toMatch(/ForeignKeyConstraintError/);
  expect(written).toMatch(/hushErrors\.test/);
  expect(written).not.toMatch(/Edda|Skarvik|insert into|6a1f0c52/i);
  expect(JSON.stringify(error)).not.toMatch(/Edda|Skarvik|insert/i);
});

test('whoever looks for it still finds what was asked', async () => {
  expect(String(((await failing()) as { sql: string }).sql)).toMatch(/insert into/i);
});
