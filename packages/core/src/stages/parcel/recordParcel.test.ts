import fc from 'fast-check';
import { buyGate, handOverGate, sealGate as gate } from './gates.ts';
import { BENCH_TESTS } from '../bench/benchTests.ts';
import type { Happening, LifeEvent, RatedFor } from './LifeEvent.ts';
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
const sealGate = (of: ReturnType<typeof life>, due = BENCH_TESTS) => gate(of, due);
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
    expect(
      sealGate(
        life(...passed.filter((one) => one.kind !== 'testTried' || one.test !== 'feel'), {
          kind: 'testSkipped',
          test: 'feel',
          reason: 'boxed',
        }),
      ),
    ).toEqual([]);
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

test('only the tests that are due stand in the way of sealing', () => {
  expect(sealGate(life(), ['seams'])).toEqual([expect.stringMatching(/seams test is not done/)]);
  expect(sealGate(life({ kind: 'testTried', test: 'seams', result: 'passed' }), ['seams'])).toEqual([]);
});

describe('at the bench', () => {
  const step = (key: string, phase: 'bundle' | 'box' | 'closing' = 'bundle', seconds = 30): Happening => ({
    kind: 'stepDone',
    step: key,
    phase,
    seconds,
    used: [],
  });

  test('steps done are kept in order, with their time; a step done again stands once, and both times count', () => {
    const at = life({ kind: 'planned', planId: 'a' }, step('wrap'), step('box', 'box', 45), step('wrap', 'bundle', 5));
    expect(at.steps.map((one) => one.key)).toEqual(['box', 'wrap']);
    expect([at.state, at.benchSeconds]).toEqual(['packing', 80]);
  });

  test('a step taken back is due again', () => {
    const events = [event(1, step('wrap')), event(2, step('box', 'box')), event(3, { kind: 'takenBack' }, 'e2')];
    expect(recordParcel(events).steps.map((one) => one.key)).toEqual(['wrap']);
  });

  test('a measured bundle counts until more is wrapped on', () => {
    const measured: Happening = { kind: 'bundleMeasured', sizeIn: [8, 7, 7], weightLb: 2.5 };
    expect(life(measured).bundle).toEqual({ sizeIn: [8, 7, 7], weightLb: 2.5 });
    expect(life(measured, { kind: 'remedied', test: 'shake', remedy: 'more fill' }).bundle).not.toBeNull();
    expect(life(measured, { kind: 'remedied', test: 'feel', remedy: 'one more turn' }).bundle).toBeNull();
  });

  test('opened again only the closing is due anew', () => {
    const at = life(
      step('wrap'),
      step('form', 'box'),
      step('top', 'closing'),
      { kind: 'sealed' },
      { kind: 'sealOpened', reason: 'the card' },
    );
    expect(at.steps.map((one) => one.key)).toEqual(['wrap', 'form']);
  });

  test('broken at the bench is no way to seal or send', () => {
    const at = life(step('wrap'), { kind: 'brokenAtBench', note: 'slipped', costMinor: 8400 });
    expect(at.state).toBe('brokenAtBench');
  });
});

describe('papers', () => {
  test('printed is what somebody says; what moves afterwards is due again', () => {
    const printed: Happening = { kind: 'printed', papers: ['tag', 'opening', 'label', 'slip'] };
    expect(life(printed).printed).toEqual(['tag', 'opening', 'label', 'slip']);
    expect(life(printed, weighed).printed).toEqual(['opening', 'label', 'slip']);
    expect(life(printed, { kind: 'planned', planId: 'b' }).printed).toEqual(['tag', 'label', 'slip']);
    expect(life(printed, { kind: 'labelBought', labelId: 'l', rate: RATE }).printed).toEqual(['tag', 'opening', 'slip']);
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
