import { renderHook, waitFor } from '@testing-library/react';
import { planBundles, readSaleLines, stackedNest, type PlanRequest } from '@inch-nest/core';
import { finish } from '../../../../../packages/core/tests/sampleRequest.ts';
import { searched } from '../../../../../tests/screens/bench.ts';
import { SHOP } from '../../../../../tests/screens/shop.tsx';
import { useGuess } from './useGuess.ts';

const asked: PlanRequest[] = [];
jest.mock('../../parcel/planner.ts', () => ({
  planner: () => ({
    search: (request: PlanRequest) => (asked.push(request), Promise.resolve(searched(request))),
    stacked: (request: PlanRequest) => {
      const best = finish(stackedNest(request));
      return Promise.resolve({ kind: 'stacked', best: best && { stackings: best.stackings, ...best.option } });
    },
  }),
}));

async function guessed(text: string) {
  asked.length = 0;
  const lines = readSaleLines(text, { today: SHOP.today });
  const { result } = renderHook(() => useGuess(lines, text, SHOP));
  await waitFor(() => expect(result.current).toMatchObject({ busy: false, plans: [expect.anything(), expect.anything()] }), {
    timeout: 60_000,
  });
  return result.current.plans.flatMap(({ plan }) => (plan ? [plan] : []));
}

test('flat ones are guessed stacked, known once and for all zones', async () => {
  const plans = await guessed('6 ceramic tiles, 4 x 4 x 3/8, 5 oz each, sold 60');
  expect(plans.length).toBeGreaterThan(1);
  for (const plan of plans) expect(planBundles(plan)[0].block.stacks.length).toBeLessThan(6);
  // each by itself for the nearest zone, and stacked for every one
  expect(asked.map(({ order }) => order.pieces[0]!.stackOf > 1)).toEqual([false, ...plans.map(() => true)]);
  const [singly, stacked] = [searched(asked[0]!), searched(asked[1]!)];
  expect(stacked.recommended.expectedMinor).toBeLessThan(singly.recommended.expectedMinor);
}, 120_000);

test('what is not flat is asked once a zone', async () => {
  const plans = await guessed('jug, 4 x 4 x 5, 1 lb, sold 60');
  expect(asked).toHaveLength(plans.length);
}, 120_000);
