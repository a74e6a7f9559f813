import { expect, test } from './bench.ts';

/** A figure of the metrics by its name and labels; 0 where it has not been counted yet. */
const figure = (text: string, start: string): number => {
  const line = text.split('\n').find((one) => one.startsWith(start));
  return line ? Number(line.slice(line.lastIndexOf(' ') + 1)) : 0;
};

test('counts and times are told as Prometheus reads them, and name nobody', async ({ app, request, sell, page }) => {
  const read = async () => (await request.get(`${app.address}/api/metrics`)).text();
  const SOLD = 'inch_nest_requests_total{door="/api/parcels",method="POST",status="200"}';
  const before = await read();
  await sell('stoneware crock for the metrics, 9 x 8 x 8 in, 6 lb, sold 84 to Zebedee, to 40217, by Friday', 'sale', false);
  await page.waitForLoadState('networkidle');
  const after = await read();
  expect(figure(after, SOLD)).toBe(figure(before, SOLD) + 1);
  expect(figure(after, 'inch_nest_query_seconds_count')).toBeGreaterThan(figure(before, 'inch_nest_query_seconds_count'));
  expect(figure(after, 'inch_nest_disk_free_bytes')).toBeGreaterThan(0);
  // every line is a comment or a name, labels and a figure (the text format of Prometheus, 0.0.4)
  for (const line of after.split('\n').filter(Boolean))
    expect(line).toMatch(/^(# (HELP|TYPE) .+|[a-z_][a-z_\d]*(\{[^}]*\})? [-+.\deE]+|[a-z_][a-z_\d]*(\{[^}]*\})? NaN)$/);
  expect(after).not.toMatch(/[0-9a-f]{8}-[0-9a-f]{4}|zebedee|crock/i);
});

test('an answer has a number, its own where the request brought one', async ({ app, request }) => {
  const told = await request.get(`${app.address}/api/shelf`, { headers: { 'x-request-id': 'bench-request-7' } });
  expect(told.headers()['x-request-id']).toBe('bench-request-7');
  const strange = await request.get(`${app.address}/api/shelf`, { headers: { 'x-request-id': 'no number; drop table' } });
  expect(strange.headers()['x-request-id']).toMatch(/^[0-9a-f-]{36}$/);
});
