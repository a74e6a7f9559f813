jest.mock('server-only', () => ({}));
import { box, request, STOCK } from '../../../../packages/core/tests/sampleRequest.ts';
import { HungUp, searchOnServer } from './searchOnServer.ts';

/** Sixty boxes, so that the search takes many slices. */
const wide = request(
  {},
  { stock: { ...STOCK, boxes: Array.from({ length: 60 }, (_, i) => box([12 + (i % 8), 11 + (i % 5), 10 + (i % 7)], { key: `b${i}` })) } },
);

test('a search goes on while somebody waits, and answers', async () => {
  const answer = await searchOnServer(wide, new AbortController().signal);
  expect(answer).toMatchObject({ kind: 'planned' });
});

test('when whoever asked hangs up it stops at its next slice, long before its end', async () => {
  const asker = new AbortController();
  const search = searchOnServer(wide, asker.signal);
  asker.abort();
  await expect(search).rejects.toThrow(HungUp);
});
