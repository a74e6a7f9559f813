import Papa from 'papaparse';
import type { StockAhead } from '@inch-nest/core';
import { writeOrderCsv } from './orderCsv.ts';

const bubble: StockAhead = {
  kind: 'wrap',
  key: 'smallBubble',
  name: 'Small bubble',
  onHand: 12.345,
  eachMinor: 10,
  pack: 175,
  secondhand: false,
  reserved: 30,
  available: -17.655,
  perWeek: 45.5,
  weeks: 4,
  leadDays: 11,
  timed: true,
  daysLeft: 0,
  orderAt: 80,
  orderBy: '2026-11-27',
  toBuy: 350,
  costMinor: 3500,
};

test('what is to be bought, and no other, as any spreadsheet reads it', () => {
  const csv = writeOrderCsv([
    bubble,
    { ...bubble, key: 'tissue', toBuy: 0 },
    { ...bubble, key: 'own', name: '=evil()', daysLeft: null, orderBy: null },
  ]);
  const { data } = Papa.parse<Record<string, string>>(csv, { header: true, skipEmptyLines: true });
  expect(data.map((row) => row['key'])).toEqual(['smallBubble', 'own']);
  expect(data[0]).toMatchObject({ buy: '350', packs: '2', unit: 'ft2', about: '35.00', 'on hand': '12.35', 'order by': '2026-11-27' });
  // a formula in a name stays a name
  expect(data[1]!['name']).toBe("'=evil()");
});
