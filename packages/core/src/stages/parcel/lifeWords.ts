import { BENCH_TEST_RULES, type BenchTestKey } from '../bench/benchTests.ts';
import { FINDING_WORDS } from './returnFinding.ts';
import type { LifeEvent } from './LifeEvent.ts';

interface Writers {
  readonly money: (minor: number) => string;
  readonly weight: (lb: number) => string;
  readonly size: (inches: readonly number[]) => string;
  /** What a material is called; its key where nobody says. */
  readonly nameOf?: (key: string) => string;
}

/** Steps that are called by their place, in a packer's words. */
const PLACES: Readonly<Record<string, string>> = {
  unwrap: 'storage wrap off',
  measure: 'the bundle’s measures seen to',
  'inner:form': 'inner box formed',
  'inner:base': 'base of the inner box',
  'inner:in': 'put into the inner box',
  'inner:sides': 'sides of the inner box',
  'inner:frontBack': 'front and back of the inner box',
  'inner:leftRight': 'left and right of the inner box',
  'inner:cells': 'cells put into the inner box',
  'inner:folds': 'folds made and put into the inner box',
  'inner:top': 'top of the inner box',
  'inner:under': 'filled under what stands in the inner box',
  'inner:close': 'inner box closed',
  'boxed:form': 'box of its own formed',
  'boxed:base': 'base of its own box',
  'boxed:in': 'put into its own box',
  'boxed:sides': 'sides of its own box',
  'boxed:top': 'top of its own box',
  'boxed:close': 'its own box closed',
  'shared:form': 'box for some of them formed',
  'shared:base': 'base of the box for some',
  'shared:in': 'put into the box for some',
  'shared:sides': 'sides of the box for some',
  'shared:top': 'top of the box for some',
  'shared:under': 'filled under what stands in the box for some',
  'shared:close': 'box for some closed',
  'shared:level': 'core of some bears at both ends',
  'box:cutDown': 'box cut down',
  'box:shorten': 'slice cut out of the box',
  around: 'wrapped together',
  'box:tubes': 'tubes stood in the corners',
  'box:fold': 'box cut from a sheet',
  'box:form': 'box formed',
  'box:liner': 'box lined',
  'box:base': 'base of the box',
  'box:board': 'board laid in',
  'box:cells': 'cells cut and put in',
  'box:folds': 'folds between made',
  'box:cross': 'cross stood on the fill',
  'box:frontBack': 'front and back of the box',
  'box:leftRight': 'left and right of the box',
  'box:front': 'front of the box',
  'box:back': 'back of the box',
  'box:left': 'left end of the box',
  'box:right': 'right end of the box',
  'box:corners': 'corners of the box',
  'box:under': 'filled under what stands upon another',
  'box:in': 'put into the box',
  'box:level': 'inner box level',
  'box:sides': 'sides of the box',
  'box:top': 'top of the box',
  'case:leave': 'steadied in its case',
  'case:takeOut': 'taken out of its case',
  marks: 'box marked',
  papers: 'papers inside',
  photographs: 'photographs seen to',
  labelsOff: 'old labels off',
  close: 'closed and taped',
  weigh: 'weight and size seen to',
};

/** Steps by what their keys begin with, whatever ids and counts follow. */
const KINDS: Readonly<Record<string, string>> = {
  guard: 'a hard point guarded',
  hollow: 'a hollow filled',
  off: 'a part taken off',
  part: 'a loose part seen to',
  bag: 'the bag put in',
  along: 'what goes along put in',
  stack: 'stacked',
};

/** A step's key without its bundle's id, with which one at the bundle begins. */
const ownKey = (key: string): string => /^(?:[0-9a-f-]{36}|bundle\d*):(.*)$/.exec(key)?.[1] ?? key;

/** True of a step that something else of the same parcel tells better: a test with its result, a measuring with its figures. */
export function isToldBetter(event: LifeEvent, events: readonly LifeEvent[]): boolean {
  if (event.kind !== 'stepDone' || event.used.length > 0) return false;
  const [kind, what] = ownKey(event.step).split(':');
  return events.some((other) => {
    if (other.bundleId !== event.bundleId) return false;
    if (kind === 'measure') return other.kind === 'bundleMeasured';
    return kind === 'test' && (other.kind === 'testTried' || other.kind === 'testSkipped') && other.test === what;
  });
}

/** A step by its key, as `writeBenchSteps` gives them. */
export function stepWords(key: string, nameOf: (key: string) => string = (name) => name): string {
  const own = ownKey(key);
  // what is done for several, or twice, ends in a count
  const [kind, what = '', amount = ''] = own.split(':');
  if (kind === 'layer') return `${nameOf(what).toLowerCase()}, ${amount} ${amount === '1' ? 'turn' : 'turns'}`;
  if (Object.hasOwn(KINDS, kind!)) return KINDS[kind!]!;
  if (kind === 'test') return `${BENCH_TEST_RULES[what as BenchTestKey]?.name.toLowerCase() ?? what} test`;
  if (kind === 'was') return what.replaceAll('-', ' ');
  const plain = own.replace(/(:x?\d+)+$/, '');
  return PLACES[own] ?? PLACES[plain] ?? plain.replaceAll(':', ' ');
}

/** What happened, in a packer's words. */
export function lifeWords(event: LifeEvent, { money, weight, size, nameOf }: Writers): string {
  switch (event.kind) {
    case 'opened':
      return 'sold';
    case 'planned':
      return 'a nest was kept';
    case 'overruled':
      return 'another nest than the recommended one was taken';
    case 'packingStarted':
      return 'packing began';
    case 'testTried':
      return `${BENCH_TEST_RULES[event.test].name.toLowerCase()} test ${event.result}`;
    case 'testSkipped':
      return `${BENCH_TEST_RULES[event.test].name.toLowerCase()} test skipped: ${event.reason}`;
    case 'remedied':
      return `put right after the ${BENCH_TEST_RULES[event.test].name.toLowerCase()} test: ${event.remedy}`;
    case 'contentChanged':
      return `content changed: ${event.what}`;
    case 'stepDone':
      return `done: ${stepWords(event.step, nameOf)}${event.used.length > 0 ? `, with ${event.used.map((one) => `${one.amount} for ${one.planned}`).join(', ')}` : ''}`;
    case 'contentsTicked':
      return `${event.items.length === 1 ? 'one thing' : `${event.items.length} things`} ticked as in`;
    case 'bundleMeasured':
      return `bundle measured, ${size(event.sizeIn)}${event.weightLb === null ? '' : `, ${weight(event.weightLb)}`}`;
    case 'brokenAtBench':
      return `broke at the bench: ${event.note}, ${money(event.costMinor)} lost`;
    case 'sealed':
      return 'sealed';
    case 'sealOpened':
      return `opened again: ${event.reason}`;
    case 'weighed':
      return event.readingsLb.length > 0 ? `weighed, ${weight(Math.max(...event.readingsLb))}` : 'the weighing was taken back';
    case 'rated':
      return `rated: ${event.rate.serviceName}, ${money(event.rate.priceMinor)}`;
    case 'labelBought':
      return `label bought: ${event.rate.serviceName}, ${money(event.rate.priceMinor)}`;
    case 'labelVoided':
      return 'label given back';
    case 'tagMatched':
      return 'tag matched to label';
    case 'printed':
      return `printed: ${event.papers.join(', ')}`;
    case 'addressShown':
      return 'the buyer’s address was shown';
    case 'papersAsked':
      return `asked for, with the buyer’s address: ${event.papers.join(', ')}`;
    case 'photoRemoved':
      return 'a photograph was put aside';
    case 'photoRestored':
      return 'a photograph was taken back in';
    case 'photoMarked':
      return event.marks.length > 0 ? 'a photograph was marked' : 'the marks were taken off a photograph';
    case 'handedOver':
      return 'handed over';
    case 'delivered':
      return 'arrived whole';
    case 'damaged':
      return 'arrived broken';
    case 'lost':
      return 'lost';
    case 'returned':
      return 'came back';
    case 'returnLookedAt':
      return `looked at as it came back: ${FINDING_WORDS[event.finding]}`;
    case 'joined':
      return 'put into another parcel to the same buyer';
    case 'parted':
      return 'taken out again: a parcel of its own';
    case 'closed':
      return 'closed';
    case 'takenBack':
      return 'something was taken back';
  }
}
