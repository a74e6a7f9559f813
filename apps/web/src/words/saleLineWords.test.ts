import { readSaleLine, type SaleLineField } from '@inch-nest/core';
import { meaningOf } from './saleLineWords.ts';
import { writersFor } from './writers.ts';

const line = readSaleLine('pair of candlesticks 23 cm tall, 1.4 kg, sold 48, to 40217, by 2026-12-04', {
  today: '2026-12-01',
  system: 'imperial',
});
const one = readSaleLine('tea urn 9 x 8 x 14, 6 lb', { today: '2026-12-01', system: 'imperial' });

test.each<[SaleLineField, string, string]>([
  ['title', '2 × candlesticks', '2 × candlesticks'],
  ['sizeIn', '? × ? × 9 1/16 in each', '? × ? × 23.0 cm each'],
  ['weightLb', '1 lb 8.7 oz each', '700 g each'],
  ['soldMinor', '$48.00', '$48.00'],
  ['destinationPostcode', '40217', '40217'],
  ['shipBy', 'Fri 4 Dec', 'Fri 4 Dec'],
])('%s of several', (field, imperial, metric) => {
  expect(meaningOf(line, field, writersFor('imperial', 'USD'))).toBe(imperial);
  expect(meaningOf(line, field, writersFor('metric', 'USD'))).toBe(metric);
});

test('of one nothing is said to be of each', () => {
  const write = writersFor('imperial', 'USD');
  expect([meaningOf(one, 'title', write), meaningOf(one, 'sizeIn', write), meaningOf(one, 'weightLb', write)]).toEqual([
    'tea urn',
    '9 × 8 × 14 in',
    '6 lb',
  ]);
});
