jest.mock('server-only', () => ({}), { virtual: true });
jest.mock('../shopData.ts', () => ({ asker: () => Promise.resolve(null) }));
import { withoutMoney } from './forEyes.ts';

test('every amount is nothing, wherever it lies; what is no amount stays as it is', () => {
  const given = {
    title: 'Jug, 84',
    sale: { soldMinor: { value: 8400, text: '$84', revision: 3 }, shipBy: { value: '2026-12-01', text: 'Tue', revision: 1 } },
    plan: { costs: [{ label: 'box', amountMinor: 240 }], weight: { grossLb: 4.2 }, rangeMinor: [100, 900], fill: { minorPerFt3: 120 } },
    cards: [{ id: 'ground', bands: [[1, 740]] }],
    replacementMinor: null,
    at: new Date('2026-11-23T10:00:00Z'),
  };
  expect(withoutMoney(given)).toEqual({
    title: 'Jug, 84',
    sale: { soldMinor: { value: 0, text: '', revision: 3 }, shipBy: { value: '2026-12-01', text: 'Tue', revision: 1 } },
    plan: { costs: [{ label: 'box', amountMinor: 0 }], weight: { grossLb: 4.2 }, rangeMinor: [0, 0], fill: { minorPerFt3: 0 } },
    cards: [],
    replacementMinor: null,
    at: given.at,
  });
  // and what was given is as it was
  expect(given.sale.soldMinor.value).toBe(8400);
});
