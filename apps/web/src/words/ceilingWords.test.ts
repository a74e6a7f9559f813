import type { PlanDocument } from '@inch-nest/core';
import { ceilingWords, follyWords, notHeldWords } from './ceilingWords.ts';
import { halvingWords } from './halvingWords.ts';
import { writersFor } from './writers.ts';

const write = writersFor('imperial', 'USD');
const metric = writersFor('metric', 'USD');

describe('nothing below the ceiling', () => {
  const toGet = { insideIn: [20, 20, 20], wall: 'double', chance: 1 / 70, deltaCostMinor: 1100 } as const;
  test('says the safest and names the box, with what it brings and costs', () => {
    const { title, says } = ceilingWords(0.05, 0.02, toGet, write);
    expect(title).toBe('Nothing in the stockroom stays below 1 in 50.');
    expect(says).toContain('1 in 20');
    expect(says).toMatch(/20 × 20 × 20 in, double wall, would make it 1 in 70 for \$11\.00 more\.$/);
  });
  test('in centimetres to whoever reads centimetres; a box that costs less says so', () => {
    const { says } = ceilingWords(0.05, 0.02, { ...toGet, deltaCostMinor: -250 }, metric);
    expect(says).toContain('50.8 × 50.8 × 50.8 cm');
    expect(says).toMatch(/2\.50 less\.$/);
  });
  test('where no box would do it says that', () =>
    expect(ceilingWords(0.3, 0.02, null, write).says).toMatch(/no larger box alone would mend it\.$/));
});

test('a nest in a box nobody has is told against the recommended one', () => {
  const one = { insideIn: [12, 10, 9], nestCostMinor: 1420, chance: 1 / 300, savesMinor: 180 } as const;
  expect(notHeldWords(one, { nestCostMinor: 1600, chance: 1 / 290 }, write)).toBe(
    'With a box of 12 × 10 × 9 in you do not have: 1 in 300, $1.80 less than recommended.',
  );
  expect(notHeldWords(one, { nestCostMinor: 1400, chance: 1 / 90 }, write)).toMatch(/\$0\.20 more than recommended\.$/);
});

describe('folly', () => {
  const cheap = { costMinor: 1200, chance: 0.02 };
  test('is sending above the share of what the buyer paid, postage included', () => {
    expect(follyWords({ costMinor: 1975 }, 1975, 0.6, cheap, write.money)).toBe(
      'Sending costs $19.75, and the buyer paid $19.75 in all. The cheapest honest way is $12.00, 1 in 50.',
    );
    expect(follyWords({ costMinor: 1975 }, 3500, 0.6, cheap, write.money)).toBeNull();
    expect(follyWords({ costMinor: 1975 }, 0, 0.6, cheap, write.money)).toBeNull();
  });
  test('names no way that is hardly cheaper', () =>
    expect(follyWords({ costMinor: 1200 }, 1500, 0.6, cheap, write.money)).toMatch(/no cheaper honest way/));
});

describe('half as often', () => {
  const plan = (chance: number, mishap: number, nestCostMinor: number) =>
    ({ chance, nestCostMinor, causes: [{ key: 'mishap', fate: 'breaks', chance: mishap, shareLost: 1 }] }) as unknown as PlanDocument;
  test('has its price', () =>
    expect(halvingWords(plan(0.01, 0.001, 2000), plan(0.004, 0.001, 2081), write.money)).toBe('Half as often costs $0.81 more: 1 in 250.'));
  test('is out of reach where mishap is most of it, or nothing is so safe', () => {
    expect(halvingWords(plan(0.0015, 0.001, 2000), plan(0.0005, 0.0005, 9000), write.money)).toMatch(/no packing meets/);
    expect(halvingWords(plan(0.01, 0.001, 2000), null, write.money)).toMatch(/Nothing in the stockroom/);
  });
});
