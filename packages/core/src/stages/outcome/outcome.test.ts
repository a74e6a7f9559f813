import { BEDDED_HOUSE, KAPPA_AT_FIRST } from '../../house/House.ts';
import { finish, request } from '../../../tests/sampleRequest.ts';
import { planParcel } from '../../planParcel.ts';
import type { Outcome } from './Outcome.ts';
import { exposureOf, recordOutcomes } from './recordOutcomes.ts';

const one = (more: Partial<Outcome> = {}): Outcome => ({
  modelChance: 0.01,
  fate: 'arrived',
  daysSince: 9,
  method: 'bedded',
  cause: 'shock',
  weightRatio: null,
  minutesRatio: null,
  ...more,
});
const many = (count: number, more: Partial<Outcome> = {}) => Array.from({ length: count }, () => one(more));

test('nothing learned is the first κ', () => {
  const { kappa, weightRatio } = recordOutcomes([]);
  expect(kappa.value).toBe(1);
  expect(kappa.low).toBeCloseTo(KAPPA_AT_FIRST.low, 3);
  expect(kappa.high).toBeCloseTo(KAPPA_AT_FIRST.high, 3);
  expect(weightRatio).toBe(1);
});

// by hand: 100 parcels of 1% are an exposure of 100·0.01005 = 1.005; two broken: (3 + 2)/(3 + 1.005)
test('the posterior mean, worked by hand', () => {
  const { kappa, broken, exposure } = recordOutcomes([...many(98), ...many(2, { fate: 'broken' })]);
  expect(broken).toBe(2);
  expect(exposure).toBeCloseTo(100 * -Math.log(0.99), 12);
  expect(kappa.value).toBeCloseTo(5 / (3 + 100 * -Math.log(0.99)), 12);
  expect(kappa.low).toBeLessThan(kappa.value);
  expect(kappa.high).toBeGreaterThan(kappa.value);
});

test('silent for three weeks is arrived; returned, refused and lost say nothing of breakage', () => {
  expect(recordOutcomes([one({ fate: 'underWay', daysSince: 20 })]).exposure).toBe(0);
  expect(recordOutcomes([one({ fate: 'underWay', daysSince: 21 })]).exposure).toBeCloseTo(exposureOf(0.01), 15);
  expect(recordOutcomes([one({ fate: 'returned' }), one({ fate: 'refused' }), one({ fate: 'lost' })])).toMatchObject({
    exposure: 0,
    broken: 0,
  });
});

test('a shop that breaks as the model says stays near one and grows surer', () => {
  const few = recordOutcomes([...many(198, { modelChance: 0.01 }), ...many(2, { fate: 'broken' })]).kappa;
  const lots = recordOutcomes([...many(9900, { modelChance: 0.01 }), ...many(100, { fate: 'broken' })]).kappa;
  expect(lots.value).toBeCloseTo(1, 1);
  expect(lots.high - lots.low).toBeLessThan((few.high - few.low) / 3);
});

test('by group where there are twenty or more', () => {
  const { byCause, byMethod } = recordOutcomes([...many(25, { cause: 'crush' }), ...many(5, { cause: 'wet' })]);
  expect(byCause.map(({ group, parcels }) => [group, parcels])).toEqual([['crush', 25]]);
  expect(byMethod.map(({ group }) => group)).toEqual(['bedded']);
});

test('weight and minutes: a slip of the scale does not count', () => {
  const ratios = [1.1, 1.1, 1.1, 1.1, 1.1, 1.1, 1.1, 1.1, 1.1, 40];
  expect(recordOutcomes(ratios.map((weightRatio) => one({ weightRatio, minutesRatio: 2 }))).weightRatio).toBeCloseTo(1.1, 12);
});

test('handed to the next planning, more breakage makes it more careful', () => {
  const { kappa } = recordOutcomes([...many(50), ...many(9, { fate: 'broken' })]);
  const plan = (house: typeof BEDDED_HOUSE) => {
    const chosen = finish(planParcel(request({ archetype: 'handledWare' }, { house, soldMinor: 20_000 })));
    if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join());
    return chosen.recommended;
  };
  expect(kappa.value).toBeGreaterThan(2);
  const learned = plan({ ...BEDDED_HOUSE, kappa });
  expect(learned.costMinor).toBeGreaterThanOrEqual(plan(BEDDED_HOUSE).costMinor);
});
