import { CHOICE, point, request } from '../../../tests/sampleRequest.ts';
import { derivePlan } from './derivePlan.ts';
import { sendMany, type SentMany } from './sendMany.ts';
import type { PlanChoice } from '../frontier/PlanOption.ts';
import type { PlanRequest } from './PlanRequest.ts';

const optionOf = (asked: PlanRequest, choice: PlanChoice = CHOICE) => {
  const derived = derivePlan(asked, choice);
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  return derived.option;
};
const sent = (...from: Parameters<typeof sendMany>): SentMany => {
  const work = sendMany(...from);
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
  }
};

const thin = request({ archetype: 'blownGlass', hardPoints: [point('stem', 'right')] });
const frail = request({ archetype: 'clockwork' });
const clockwork = request({ archetype: 'clockwork', movingParts: 'shifting' });

test.each([
  ['thin glass', thin, 1],
  ['clockwork that is loose inside', clockwork, 2],
])('of many parcels as many break as the formula says: %s', (_, asked, seed) => {
  const option = optionOf(asked, { ...CHOICE, layers: [{ material: 'smallBubble', turns: 1 }] });
  const { breakages, chance, standardError } = sent(option, [], 20_000, seed);
  expect(chance).toBeGreaterThan(0.003);
  expect(Math.abs(breakages.length / 20_000 - chance)).toBeLessThan(4 * standardError);
});

test('the faces that break it are struck as often as parcels land on them, weighed by what each stands', () => {
  const option = optionOf(frail, { ...CHOICE, layers: [{ material: 'smallBubble', turns: 1 }] });
  const { breakages } = sent(option, [], 20_000, 3);
  const landed = breakages.flatMap(({ drop }) => (drop ? [drop] : []));
  expect(landed.length).toBeGreaterThan(100);
  for (const { heightIn, standsIn } of landed) expect(heightIn).toBeGreaterThan(standsIn);
  // nearly half of all landings are on the base
  const base = landed.filter(({ face }) => face === 'bottom').length;
  expect(base).toBeGreaterThan(landed.length / 4);
  // whoever breaks is weaker than most
  expect(landed.filter(({ weaker }) => weaker < 0.5).length).toBeGreaterThan(landed.length / 2);
});

test('the same plan saves none of what broke, and a better wrapped one saves some and never more than broke', () => {
  const poor = optionOf(frail, { ...CHOICE, layers: [{ material: 'smallBubble', turns: 1 }] });
  const better = optionOf(frail, { ...CHOICE, layers: [{ material: 'smallBubble', turns: 3 }] });
  const { breakages, saved } = sent(poor, [poor, better], 5_000, 4);
  expect(saved[0]).toBe(0);
  expect(saved[1]).toBeGreaterThan(0);
  expect(saved[1]).toBeLessThanOrEqual(breakages.length);
});

test('the same seed sends the same thousand', () => {
  const option = optionOf(frail);
  expect(sent(option, [], 1000, 9)).toEqual(sent(option, [], 1000, 9));
});
