import type { CostLine } from '@inch-nest/core';
import { costShown } from './costShown.ts';

const LINES: CostLine[] = [
  { key: 'postage', amountMinor: 2360 },
  { key: 'cover', amountMinor: 0 },
  { key: 'signature', amountMinor: 0 },
  { key: 'box', amountMinor: 225 },
  { key: 'wraps', amountMinor: 157.6 },
  { key: 'fill', amountMinor: 230.6 },
  { key: 'sundries', amountMinor: 21.4 },
  { key: 'labour', amountMinor: 529.4 },
];
const sum = (lines: readonly CostLine[]) => lines.reduce((all, { amountMinor }) => all + amountMinor, 0);

test('lines in whole cents come to the total in whole cents, which is the exact sum rounded once', () => {
  const { lines, costMinor } = costShown({ costLines: LINES }, { rate: null, rateStale: false });
  // 2360 + 225 + 157.6 + 230.6 + 21.4 + 529.4 = 3524.0; line by line it would be 3525
  expect(costMinor).toBe(3524);
  expect(sum(lines)).toBe(3524);
});

test('a service that was chosen takes the place of the reckoned postage, while its price holds', () => {
  const rate = { priceMinor: 1999, serviceName: 'Ground' } as NonNullable<Parameters<typeof costShown>[1]['rate']>;
  expect(costShown({ costLines: LINES }, { rate, rateStale: false })).toMatchObject({ costMinor: 3524 - 2360 + 1999, rated: rate });
  expect(costShown({ costLines: LINES }, { rate, rateStale: true })).toMatchObject({ costMinor: 3524, rated: null });
});
