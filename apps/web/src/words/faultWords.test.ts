import type { PlanFault } from '@inch-nest/core';
import { samplePlan } from '../../../../packages/core/tests/samplePlan.ts';
import { faultWords } from './faultWords.ts';
import { writersFor } from './writers.ts';

const plan = samplePlan({});
const metric = writersFor('metric', 'USD');
const hollow = (gapIn: number): PlanFault => ({
  kind: 'hollowGap',
  blocks: true,
  face: 'left',
  gapIn,
  wantedIn: 0.75,
  fillName: 'Moulded loose fill',
});

test('what falls short never reads like what is wanted', () => {
  expect(faultWords(hollow(0.732), plan, metric).says).toMatch(/^A hair under 1\.9 cm; moulded loose fill wants 1\.9 cm/);
  expect(faultWords(hollow(0.5), plan, metric).says).toMatch(/^1\.3 cm; moulded loose fill wants 1\.9 cm/);
  const wish: PlanFault = { kind: 'gap', blocks: false, face: 'top', gapIn: 1.99, wantedIn: 2 };
  expect(faultWords(wish, plan, metric).says).toMatch(/^A hair under 5\.1 cm, the house wishes 5\.1 cm/);
});

test('of several the fault says which', () => {
  const fault = faultWords({ ...hollow(0.5), of: 'jug' }, plan, metric);
  expect(fault.title).toMatch(/^jug: it would rattle/);
});
