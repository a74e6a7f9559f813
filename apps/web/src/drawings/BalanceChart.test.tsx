import { renderToStaticMarkup } from 'react-dom/server';
import type { PlanDocument } from '@inch-nest/core';
import { BalanceChart } from './BalanceChart.tsx';

const plan = (nestCostMinor: number, chance: number) => ({ nestCostMinor, chance, riskMinor: chance * 8000 }) as unknown as PlanDocument;
const plans = [plan(1500, 0.08), plan(1800, 0.05), plan(2400, 0.03)];
const [cheap, even, safe] = plans as [PlanDocument, PlanDocument, PlanDocument];
const draw = (more: Partial<Parameters<typeof BalanceChart>[0]> = {}) =>
  renderToStaticMarkup(
    <BalanceChart
      width={640}
      plans={plans}
      frontier={plans}
      met={[[2000, 0.06]]}
      recommended={safe}
      inHand={null}
      leaning={safe}
      pointed={null}
      care={2}
      ceiling={0.04}
      money={(minor) => `$${(minor / 100).toFixed(2)}`}
      onPoint={() => undefined}
      onTake={() => undefined}
      onKey={() => undefined}
      {...more}
    />,
  );
/** Middle of the only circle in a group of that name. */
const middle = (drawn: string, group: string): [number, number] => {
  const [, x, y] = new RegExp(`<g class="${group}"><circle cx="([\\d.]+)" cy="([\\d.]+)"`).exec(drawn)!;
  return [Number(x), Number(y)];
};

test('dearer stands further right and safer further down, on a log scale: halving is the same step anywhere', () => {
  const at = (chance: number) => middle(draw({ recommended: plan(1800, chance) }), 'recommended');
  const [one, two, four] = [at(0.08), at(0.04), at(0.02)];
  expect(two[1] - one[1]).toBeCloseTo(four[1] - two[1], 6);
  expect(two[1]).toBeGreaterThan(one[1]);
  expect(middle(draw({ recommended: cheap }), 'recommended')[0]).toBeLessThan(middle(draw({ recommended: even }), 'recommended')[0]);
});

test('a nest with a box nobody has is a mark of its own with its word, within the chart though it is safer than all', () => {
  const drawn = draw({ outside: [{ nestCostMinor: 3200, chance: 0.012, word: 'with a box of 20 × 20 × 20 in you do not have' }] });
  const [x, y] = middle(drawn, 'outside');
  expect(drawn).toContain('with a box of 20 × 20 × 20 in you do not have');
  expect(x).toBeLessThan(640);
  expect(y).toBeLessThan(300 - 46);
  expect(y).toBeGreaterThan(middle(drawn, 'recommended')[1]);
  // a long word does not run off the right edge
  expect(/<g class="outside">.*?text-anchor="(\w+)"/.exec(drawn)![1]).toBe('end');
  expect(draw()).not.toContain('class="outside"');
});

test('the ceiling is a line where the chart shows it, and none beyond it', () => {
  expect(draw()).toContain('data-part="ceiling"');
  expect(draw({ ceiling: 0.0001 })).not.toContain('data-part="ceiling"');
});
