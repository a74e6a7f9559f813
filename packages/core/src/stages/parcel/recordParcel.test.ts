import fc from 'fast-check';
import { buyGate, handOverGate, sealGate } from './gates.ts';
import { BENCH_TESTS, type Happening, type LifeEvent, type RatedFor } from './LifeEvent.ts';
import { NEW_LIFE, recordParcel } from './recordParcel.ts';

const RATE: RatedFor = {
  service: 'ground',
  serviceName: 'Ground',
  cardId: 'card',
  cardVersion: 3,
  weightLb: 3.5,
  outsideIn: [12, 12, 12],
  priceMinor: 985,
  coverAdded: false,
  signature: false,
};
const event = (seq: number, happening: Happening, undoOf: string | null = null): LifeEvent => ({
  id: `e${seq}`,
  seq,
  at: '2026-11-23T10:00:00Z',
  personId: 'p',
  undoOf,
  ...happening,
});
const life = (...happenings: Happening[]) => recordParcel(happenings.map((happening, i) => event(i + 1, happening)));
const passed: Happening[] = BENCH_TESTS.map((test) => ({ kind: 'testTried', test, result: 'passed' }));
const weighed: Happening = { kind: 'weighed', readingsLb: [3.49, 3.5, 3.49], outsideIn: null };

test('the way of a parcel', () => {
  const steps: [Happening, string][] = [
    [{ kind: 'opened' }, 'draft'],
    [{ kind: 'planned', planId: 'a' }, 'planned'],
    [{ kind: 'packingStarted' }, 'packing'],
    [{ kind: 'sealed' }, 'sealed'],
    [weighed, 'weighed'],
    [{ kind: 'rated', rate: RATE }, 'rated'],
    [{ kind: 'labelBought', labelId: 'l', rate: RATE }, 'labelled'],
    [{ kind: 'handedOver' }, 'handedOver'],
    [{ kind: 'delivered' }, 'delivered'],
    [{ kind: 'closed' }, 'closed'],
  ];
  steps.forEach(([, state], i) => expect(life(...steps.slice(0, i + 1).map(([happening]) => happening)).state).toBe(state));
});

test('of readings that differ the highest counts', () =>
  expect(life(weighed).weighing).toEqual({
    readingsLb: [3.49, 3.5, 3.49],
    weightLb: 3.5,
    spreadLb: expect.closeTo(0.01, 10) as number,
    outsideIn: null,
  }));

describe('gates', () => {
  test('seal: no failed test, none undone, a skipped one with a reason', () => {
    expect(sealGate(life())).toHaveLength(BENCH_TESTS.length);
    expect(sealGate(life(...passed))).toEqual([]);
    expect(sealGate(life(...passed, { kind: 'testTried', test: 'shake', result: 'failed' }))).toEqual([
      expect.stringMatching(/shake test failed/),
    ]);
    expect(
      sealGate(
        life(...passed, { kind: 'testTried', test: 'shake', result: 'failed' }, { kind: 'testSkipped', test: 'shake', reason: 'late' }),
      ),
    ).toHaveLength(1);
    expect(
      sealGate(
        life(...passed, { kind: 'testTried', test: 'shake', result: 'failed' }, { kind: 'remedied', test: 'shake', remedy: 'more fill' }),
      ),
    ).toEqual([expect.stringMatching(/must pass/)]);
    expect(sealGate(life(...passed.slice(1), { kind: 'testSkipped', test: 'feel', reason: 'boxed' }))).toEqual([]);
  });

  test('buy: weighed since the last change, rated for just that, sealed or still open', () => {
    const ready: Happening[] = [...passed, { kind: 'sealed' }, weighed, { kind: 'rated', rate: RATE }];
    expect(buyGate(life(...ready), 3)).toEqual([]);
    expect(buyGate(life(...ready), 4)).toEqual([expect.stringMatching(/rate it again/)]);
    expect(buyGate(life(...ready, { kind: 'weighed', readingsLb: [3.6], outsideIn: null }), 3)).toEqual([
      expect.stringMatching(/rate it again/),
    ]);
    expect(buyGate(life(...ready, { kind: 'contentChanged', what: 'card added' }), 3)).toHaveLength(2);
    expect(buyGate(life(...ready, { kind: 'labelBought', labelId: 'l', rate: RATE }), 3)).toEqual([expect.stringMatching(/already/)]);
    expect(buyGate(life(), 3)).toHaveLength(2);
    expect(buyGate(life(weighed, { kind: 'rated', rate: RATE }), 3)).toEqual([]);
  });

  test('hand over: tag matched to a label that is not at risk', () => {
    const bought: Happening[] = [
      ...passed,
      { kind: 'sealed' },
      weighed,
      { kind: 'rated', rate: RATE },
      { kind: 'labelBought', labelId: 'l', rate: RATE },
    ];
    expect(handOverGate(life())).toHaveLength(1);
    expect(handOverGate(life(...bought))).toHaveLength(1);
    expect(handOverGate(life(...bought, { kind: 'tagMatched' }))).toEqual([]);
    expect(handOverGate(life(...bought, { kind: 'tagMatched' }, { kind: 'sealOpened', reason: 'wrong card' }))).toEqual([
      expect.stringMatching(/at risk/),
    ]);
  });
});

test('opening a sealed parcel makes later tests, weight and rate stale', () => {
  const opened = life(
    ...passed,
    { kind: 'sealed' },
    weighed,
    { kind: 'rated', rate: RATE },
    { kind: 'sealOpened', reason: 'forgot the card' },
  );
  expect(opened).toMatchObject({
    sealed: false,
    state: 'packing',
    weighingStale: true,
    rateStale: true,
    tests: { feel: 'passed', shake: 'untried' },
  });
});

test('what is taken back counts for nothing', () => {
  const events = [event(1, { kind: 'planned', planId: 'a' }), event(2, weighed), event(3, { kind: 'takenBack' }, 'e2')];
  expect(recordParcel(events)).toMatchObject({ state: 'planned', weighing: null, events: 1 });
});

test('a thousand events, twice and shuffled, give one life', () => {
  const kinds: Happening[] = [
    ...passed,
    weighed,
    { kind: 'rated', rate: RATE },
    { kind: 'packingStarted' },
    { kind: 'sealed' },
    { kind: 'sealOpened', reason: 'x' },
    { kind: 'contentChanged', what: 'y' },
  ];
  const events = Array.from({ length: 1000 }, (_, i) => event(i + 1, kinds[(i * 7) % kinds.length]!));
  fc.assert(
    fc.property(fc.shuffledSubarray([...events, ...events], { minLength: 2000 }), (shuffled) =>
      expect(recordParcel(shuffled)).toEqual(recordParcel(events)),
    ),
    { numRuns: 20 },
  );
  expect(recordParcel([])).toEqual(NEW_LIFE);
});
