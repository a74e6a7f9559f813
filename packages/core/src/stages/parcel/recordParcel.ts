import { BENCH_TESTS, TESTS_OF_BUNDLE } from '../bench/benchTests.ts';
import type { BenchTest, LifeEvent } from './LifeEvent.ts';
import type { BundleLife, ParcelLife, TestState } from './ParcelLife.ts';

const UNTRIED = Object.fromEntries(BENCH_TESTS.map((test) => [test, 'untried'])) as Record<BenchTest, TestState>;

/** A parcel before anything happened. */
export const NEW_LIFE: ParcelLife = {
  state: 'draft',
  planId: null,
  overruled: null,
  tests: UNTRIED,
  bundles: {},
  sealed: false,
  steps: [],
  benchSeconds: 0,
  ticked: [],
  bundle: null,
  weighing: null,
  rate: null,
  rateStale: false,
  weighingStale: false,
  label: null,
  tagMatched: false,
  cameBack: null,
  printed: [],
  events: 0,
};

/**
 * Where a parcel stands after its events: the one reducer.
 *
 * Events may come twice or out of order; they are told apart by id and put in order by `seq`. An event
 * taken back, and the one that takes it back, count for nothing.
 */
export function recordParcel(events: readonly LifeEvent[]): ParcelLife {
  const once = [...new Map(events.map((event) => [event.id, event])).values()].sort((a, b) => a.seq - b.seq);
  const takenBack = new Set(once.flatMap((event) => (event.undoOf ? [event.undoOf, event.id] : [])));
  return once
    .filter((event) => !takenBack.has(event.id))
    .reduce((life, event) => ({ ...ofItsBundle(apply(life, event), event), events: life.events + 1 }), NEW_LIFE);
}

/** What an event says of the bundle it names. */
function ofItsBundle(life: ParcelLife, event: LifeEvent): ParcelLife {
  const { bundleId } = event;
  if (!bundleId) return life;
  const now = life.bundles[bundleId] ?? { tests: {}, measured: null };
  const next = bundleAfter(now, event);
  return next === now ? life : { ...life, bundles: { ...life.bundles, [bundleId]: next } };
}

function bundleAfter(now: BundleLife, event: LifeEvent): BundleLife {
  switch (event.kind) {
    case 'testTried':
      return { ...now, tests: { ...now.tests, [event.test]: event.result } };
    case 'testSkipped':
      return now.tests[event.test] === 'failed' ? now : { ...now, tests: { ...now.tests, [event.test]: 'skipped' } };
    case 'remedied':
      return { tests: { ...now.tests, [event.test]: 'remedied' }, measured: null };
    case 'bundleMeasured':
      return { ...now, measured: { sizeIn: event.sizeIn, weightLb: event.weightLb } };
    default:
      return now;
  }
}

/** How a test stands, of one of several bundles where it is one of the bundle's. */
export const testState = ({ tests, bundles }: Pick<ParcelLife, 'tests' | 'bundles'>, test: BenchTest, bundleId?: string): TestState =>
  bundleId === undefined ? tests[test] : (bundles[bundleId]?.tests[test] ?? 'untried');

function apply(life: ParcelLife, event: LifeEvent): ParcelLife {
  switch (event.kind) {
    case 'opened':
    case 'takenBack':
    case 'addressShown':
    case 'papersAsked':
    case 'photoRemoved':
    case 'photoRestored':
    case 'photoMarked':
      return life;
    case 'printed':
      return { ...life, printed: [...new Set([...life.printed, ...event.papers])] };
    case 'planned':
      return {
        ...life,
        planId: event.planId,
        overruled: null,
        state: life.state === 'draft' ? 'planned' : life.state,
        rateStale: life.rate !== null,
        printed: without(life.printed, OF_THE_PLAN),
      };
    case 'overruled':
      return event.planId === life.planId ? { ...life, overruled: event.reason } : life;
    case 'packingStarted':
      return { ...life, state: 'packing' };
    case 'testTried':
      return { ...life, tests: { ...life.tests, [event.test]: event.result } };
    case 'testSkipped':
      return life.tests[event.test] === 'failed' ? life : { ...life, tests: { ...life.tests, [event.test]: 'skipped' } };
    case 'remedied':
      return contentMoved({
        ...life,
        tests: { ...life.tests, [event.test]: 'remedied' },
        // what was wrapped on is no longer what was measured
        bundle: TESTS_OF_BUNDLE.includes(event.test) ? null : life.bundle,
      });
    case 'stepDone': {
      const done = { key: event.step, phase: event.phase, eventId: event.id, seconds: event.seconds, used: event.used };
      return {
        ...life,
        state: life.state === 'draft' || life.state === 'planned' ? 'packing' : life.state,
        steps: [...life.steps.filter((step) => step.key !== event.step), done],
        benchSeconds: life.benchSeconds + event.seconds,
      };
    }
    case 'contentsTicked':
      return { ...life, ticked: event.items };
    case 'bundleMeasured':
      return { ...life, bundle: { sizeIn: event.sizeIn, weightLb: event.weightLb } };
    case 'brokenAtBench':
      return { ...life, state: 'brokenAtBench' };
    case 'contentChanged':
      return contentMoved(life);
    case 'sealed':
      return { ...life, sealed: true, state: 'sealed' };
    case 'sealOpened':
      return contentMoved({
        ...life,
        sealed: false,
        state: 'packing',
        tests: { ...UNTRIED, ...Object.fromEntries(TESTS_OF_BUNDLE.map((test) => [test, life.tests[test]])) },
        steps: life.steps.filter((step) => step.phase !== 'closing'),
      });
    case 'weighed':
      return weighed(life, event);
    case 'rated':
      return { ...life, rate: event.rate, rateStale: false, state: 'rated' };
    case 'labelBought':
      return {
        ...life,
        label: { id: event.labelId, rate: event.rate, atRisk: false },
        printed: without(life.printed, ['label']),
        state: 'labelled',
      };
    case 'labelVoided':
      return life.label?.id === event.labelId ? { ...life, label: null, tagMatched: false, state: life.rate ? 'rated' : 'sealed' } : life;
    case 'tagMatched':
      return { ...life, tagMatched: true };
    case 'returnLookedAt':
      return { ...life, cameBack: { serial: event.serial, seal: event.seal, finding: event.finding } };
    case 'handedOver':
      return { ...life, state: 'handedOver' };
    case 'parted':
      return { ...life, state: life.planId === null ? 'draft' : 'planned' };
    default:
      return { ...life, state: event.kind };
  }
}

function weighed(life: ParcelLife, { readingsLb, outsideIn, open }: Extract<LifeEvent, { kind: 'weighed' }>): ParcelLife {
  if (readingsLb.length === 0) return { ...life, weighing: null, rateStale: life.rate !== null };
  const weightLb = Math.max(...readingsLb);
  const weighing = { readingsLb, weightLb, spreadLb: weightLb - Math.min(...readingsLb), outsideIn, ...(open ? { open } : {}) };
  const before = ['draft', 'planned', 'packing', 'sealed'].includes(life.state);
  return {
    ...life,
    weighing,
    printed: without(life.printed, OF_THE_WEIGHT),
    weighingStale: false,
    rateStale: life.rate !== null,
    state: before ? 'weighed' : life.state,
  };
}

/** Papers that say how it is packed, and those that say what it weighs. */
const OF_THE_PLAN = ['opening', 'bench'];
const OF_THE_WEIGHT = ['tag', 'customs'];
const without = (papers: readonly string[], gone: readonly string[]): readonly string[] => papers.filter((paper) => !gone.includes(paper));

const contentMoved = (life: ParcelLife): ParcelLife => ({
  ...life,
  weighingStale: life.weighing !== null,
  rateStale: life.rate !== null,
  label: life.label && { ...life.label, atRisk: true },
});
