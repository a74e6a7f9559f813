import type { GuardKind } from '../../engineering/pieces/hardPoints.ts';
import { foldedFor } from '../box/boxesToFold.ts';
import { isEnvelope } from '../box/makeShell.ts';
import { ALL_PLACES, FILL_PLACES } from '../fill/fillPlaces.ts';
import { isCore } from '../box/core.ts';
import { tubesFor } from '../box/cornered.ts';
import { depthWanted, shorteningsWanted, spareDepth } from '../box/shellsFor.ts';
import { bedding, goInEnvelopes } from '../box/stowInBox.ts';
import type { PlanChoice, PlanOption } from '../frontier/PlanOption.ts';
import { inBox, isTooSmall, stoodToFit } from './inBox.ts';
import { boxesOf } from './stockFor.ts';
import { stockUsed } from './stockUsed.ts';
import { shortCounter } from './willNotSuffice.ts';
import type { ChangeKind } from './ChangeKind.ts';
import { requestAfter } from './requestAfter.ts';
import { countBare } from './countBare.ts';
import { countNotHouses } from './houseDoes.ts';
import { deriver, type Deriver } from './derivePlan.ts';
import { nestCostOf } from '../frontier/judgeParcel.ts';
import { ceilingOfAll } from '../frontier/recommend.ts';
import { ownBoxChanges } from './ownBoxChanges.ts';
import { severalChanges } from './severalChanges.ts';
import { faultsOf, findFaults } from './findFaults.ts';
import { isBetter, isThriftier } from './sideBySide.ts';
import type { PlanFault } from './PlanDocument.ts';
import { changesOfBundle } from './bundleChanges.ts';
import { piecesOf, type PlanRequest } from './PlanRequest.ts';

/** One single change to the plan in hand and what it does. */
export interface NextChange {
  readonly change: ChangeKind;
  /** The plan after it; for a guard, with the piece's facts that go with it. */
  readonly choice: PlanChoice;
  readonly guard: { readonly hardPointId: string; readonly guard: GuardKind } | null;
  /** Beyond the plans the chart shows: taking it changes the piece or what is not searched, and searches again. */
  readonly beyondChart: boolean;
  readonly costMinor: number;
  readonly chance: number;
  readonly expectedMinor: number;
  /** Better at the house's own judgement; a cheaper and riskier one is called thriftier and stands apart. */
  readonly better: boolean;
  readonly thriftier: boolean;
  readonly deltaCostMinor: number;
  readonly deltaPostageMinor: number;
  readonly deltaExpectedMinor: number;
  readonly blocks: boolean;
  /** The bedding is what the house wishes. */
  readonly keepsWish: boolean;
}

/** Boxes that are tried where what is in hand does not take what goes between. */
const LARGER_TRIED = 2;

/**
 * Every single change to a plan, best first: those that mend a blocking fault, then by expected cost.
 * Changes that cannot be carried out, that would break a rule the plan keeps, wrap otherwise than the house wraps or bring a
 * caution it does not have, are left out.
 *
 * @param most so many are told at least, the best of them all, and with them whatever turns a bundle or parts two; all
 * where left out. A change that costs more than each of so many is expected to cost is not judged.
 * @throws RangeError when the request does not hold the piece
 */
export function nextBestChanges(request: PlanRequest, choice: PlanChoice, most = Infinity): NextChange[] {
  const derive = deriver(request);
  const now = derive(choice);
  if (now.kind === 'noPlan') return [];
  const ceiling = ceilingOfAll(
    now.option.rated.weighed.filled.stowed.bundles.map(({ wrapped }) => wrapped.piece),
    request.house,
  );
  // what is above the ceiling already may only come down
  const overCeiling = (chance: number) => chance > Math.max(ceiling, now.option.chance);
  const sound = [...soundChanges(request, choice, now.option, derive)];
  const found: NextChange[] = [];
  for (const one of most === Infinity ? sound : inTurn(sound)) {
    const { change, after, deriveChanged, faults, keepsWish } = one;
    if (!ALWAYS_TOLD.has(change.kind) && isBeaten(one, found, most)) continue;
    const derived = deriveChanged(after);
    if (derived.kind === 'noPlan') continue;
    const { option } = derived;
    const finely = isFine(change);
    found.push({
      change,
      choice: option.choice,
      guard: change.kind === 'guard' ? { hardPointId: change.hardPointId, guard: change.guard } : null,
      beyondChart: change.kind === 'guard' || change.kind === 'hollow' || finely,
      costMinor: option.costMinor,
      chance: option.chance,
      expectedMinor: option.expectedMinor,
      better: isBetter(option, now.option, finely) && !overCeiling(option.chance),
      thriftier: isThriftier(option, now.option) && !overCeiling(option.chance),
      deltaCostMinor: option.costMinor - now.option.costMinor,
      deltaPostageMinor: option.rated.quote.totalMinor - now.option.rated.quote.totalMinor,
      deltaExpectedMinor: option.expectedMinor - now.option.expectedMinor,
      blocks: faults.blocking > 0,
      keepsWish,
    });
  }
  found.sort((a, b) => Number(a.blocks) - Number(b.blocks) || a.expectedMinor - b.expectedMinor);
  // one box may go by several services, and a bundle be turned in several ways: the best of them stands for all
  const met = new Set<string>();
  return found.filter(({ change }) => {
    if (!STANDS_FOR_ALL.has(change.kind)) return true;
    const said = JSON.stringify(change);
    return !met.has(said) && met.add(said);
  });
}

/** Kinds of which the best way stands for all, and kinds that are told however far down they stand. */
const STANDS_FOR_ALL: ReadonlySet<ChangeKind['kind']> = new Set(['box', 'turned']);
const ALWAYS_TOLD: ReadonlySet<ChangeKind['kind']> = new Set(['turned', 'between']);

/** A change that may be told, as far as its price. */
export interface SoundChange {
  readonly change: ChangeKind;
  readonly after: PlanChoice;
  readonly deriveChanged: Deriver;
  readonly faults: Counted;
  readonly keepsWish: boolean;
  /** What it is expected to cost at least. */
  readonly leastMinor: number;
}

/** Those that block nothing first, the cheapest of each first. */
const inTurn = (changes: readonly SoundChange[]): SoundChange[] =>
  [...changes].sort((a, b) => Number(a.faults.blocking > 0) - Number(b.faults.blocking > 0) || a.leastMinor - b.leastMinor);

/** True where so many others stand before a change whatever its risk. */
function isBeaten({ faults, leastMinor }: SoundChange, found: readonly NextChange[], most: number): boolean {
  if (found.length < most) return false;
  const before = new Set<string>();
  let single = 0;
  for (const { change, blocks, expectedMinor } of found) {
    if (blocks && faults.blocking === 0) continue;
    if (blocks === faults.blocking > 0 && expectedMinor > leastMinor) continue;
    if (STANDS_FOR_ALL.has(change.kind)) before.add(JSON.stringify(change));
    else single++;
  }
  return before.size + single >= most;
}

/**
 * Changes that can be carried out, break no rule that is kept, and want nothing there is not enough of.
 *
 * @param looksAt which are looked at
 */
export function* soundChanges(
  request: PlanRequest,
  choice: PlanChoice,
  now: PlanOption,
  derive: Deriver,
  looksAt: (change: ChangeKind) => boolean = () => true,
): Generator<SoundChange> {
  const faultsNow = countFaults(faultsOf(now.rated, request.house));
  const shortOf = shortCounter(request);
  const countShort = (option: Pick<PlanOption, 'rated'>) => shortOf(stockUsed(option)).length;
  const shortNow = countShort(now);
  const bareNow = countBare(now.rated.weighed);
  const notHousesNow = countNotHouses(now.rated.weighed, request);
  for (const { change, after } of everyChange(request, choice, now, derive, looksAt)) {
    const changed = requestAfter(request, change);
    const deriveChanged = changed === request ? derive : deriver(changed);
    const weighed = deriveChanged.weighed(after);
    if (!weighed) continue;
    const nested = findFaults(weighed, request.house);
    if (isWorse(countFaults(nested), faultsNow) || countBare(weighed) > bareNow || countNotHouses(weighed, request) > notHousesNow)
      continue;
    const rated = deriveChanged.rated(after);
    if (!rated) continue;
    const all = faultsOf(rated, request.house, nested);
    const faults = countFaults(all);
    if (isWorse(faults, faultsNow)) continue;
    // nothing is advised that there is not enough of, unless it mends what blocks
    if (faultsNow.blocking === 0 && countShort({ rated }) > shortNow) continue;
    yield {
      change,
      after,
      deriveChanged,
      faults,
      keepsWish: all.every(({ kind }) => kind !== 'gap'),
      leastMinor: nestCostOf(rated, request.house),
    };
  }
}

/** Parts of a turn: the search goes by whole ones. */
export const isFine = (change: ChangeKind): boolean =>
  change.kind === 'doubled' || (change.kind === 'turns' && !Number.isInteger(change.turns));

interface Counted {
  readonly blocking: number;
  readonly cautions: number;
  /** It cannot be at all: it does not go in, or nobody carries it so. */
  readonly impossible: boolean;
}

/** How many faults of a plan block it, and how many are cautions. */
function countFaults(faults: readonly PlanFault[]): Counted {
  const blocking = faults.filter((fault) => fault.blocks).length;
  const impossible = faults.some(({ kind }) => kind === 'tooSmall' || kind === 'noService');
  // a mere wish of the house is priced, not counted
  const cautions = faults.filter(({ blocks, kind }) => !blocks && kind !== 'gap').length;
  return { blocking, cautions, impossible };
}

/** A change breaks no rule that is kept and brings no caution; what makes the impossible possible may bring some. */
const isWorse = (after: Counted, now: Counted): boolean =>
  now.impossible ? after.impossible : after.impossible || after.blocking > now.blocking || after.cautions > now.cautions;

/** Single changes, where another box wants different bundles stood otherwise in each such way. */
function* everyChange(
  request: PlanRequest,
  choice: PlanChoice,
  now: PlanOption,
  derive: Deriver,
  looksAt: (change: ChangeKind) => boolean,
) {
  for (const { change, after } of singleChanges(request, choice, now)) {
    if (!looksAt(change)) continue;
    if (change.kind !== 'box') yield { change, after };
    else for (const stood of stoodToFit(request, after, derive)) yield { change, after: stood };
  }
}

function* singleChanges(request: PlanRequest, choice: PlanChoice, now: PlanOption): Generator<{ change: ChangeKind; after: PlanChoice }> {
  const { stock, cards, house } = request;
  const tooSmall = isTooSmall(now.rated.weighed, request);
  for (const [at, facts] of piecesOf(request).entries()) {
    const { piece } = now.rated.weighed.filled.stowed.bundles[at]!.wrapped;
    yield* changesOfBundle(request, choice, facts, at, { isTooSmall: tooSmall, piece });
  }
  for (const box of boxesOf({ stock, cards, locks: {} }).boxes) {
    if (box.key !== choice.box && box.onHand > 0 && (!isEnvelope(box) || goInEnvelopes(now.rated.weighed.filled.stowed)))
      for (const after of inBox(choice, box, { stock, cards })) yield { change: { kind: 'box', box: box.key }, after };
  }
  const folded = foldedFor(now.rated.weighed.filled.stowed, house, stock.linerBoard);
  if (folded) for (const after of inBox(choice, folded, { stock, cards })) yield { change: { kind: 'box', box: folded.key }, after };
  for (const fill of stock.fills) {
    if (fill.key !== choice.fill) yield { change: { kind: 'fill', fill: fill.key }, after: { ...choice, fill: fill.key } };
  }
  if (choice.fill !== null && (house.mixesFills || choice.fillApart))
    for (const place of ALL_PLACES) {
      const { [place]: own, ...others } = choice.fillApart ?? {};
      if (own !== undefined) yield { change: { kind: 'fillApart', place, fill: null }, after: { ...choice, fillApart: others } };
      // a side by itself is looked at where it stands apart already
      if (own === undefined && !(FILL_PLACES as readonly string[]).includes(place)) continue;
      for (const { key } of stock.fills)
        if (key !== own && key !== choice.fill)
          yield { change: { kind: 'fillApart', place, fill: key }, after: { ...choice, fillApart: { ...others, [place]: key } } };
    }
  for (const service of cards.flatMap((card) => card.services)) {
    if (service.key !== choice.service)
      yield { change: { kind: 'service', service: service.key }, after: { ...choice, service: service.key } };
  }
  if (choice.inner) {
    const { box, fill } = choice.inner;
    // where the house wants something round everything, nothing is advised to go without
    if (!house.floats) yield { change: { kind: 'unboxed' }, after: { ...choice, inner: null, baseGapIn: null } };
    for (const other of stock.fills)
      if (other.key !== fill)
        yield { change: { kind: 'innerFill', fill: other.key }, after: { ...choice, inner: { box, fill: other.key } } };
  }
  yield* ownBoxChanges(request, choice, now, LARGER_TRIED);
  if (house.cores && choice.fill !== null)
    for (const tube of stock.boxes)
      if (isCore(tube) && tube.onHand > 0 && tube.key !== choice.inner?.box)
        yield {
          change: { kind: 'cored', tube: tube.key },
          after: { ...choice, inner: { box: tube.key, fill: choice.inner?.fill ?? choice.fill }, baseGapIn: null },
        };
  const { shell, inner, blockIn, ...block } = now.rated.weighed.filled.stowed;
  if (!isEnvelope(shell.box)) {
    if (stock.linerBoard)
      yield { change: { kind: 'liner', liner: !choice.liner }, after: { ...choice, liner: !choice.liner, baseGapIn: null } };
    const newDepthIn =
      choice.newDepthIn === null ? depthWanted(shell, inner ? inner.outsideIn[2] : blockIn[2], bedding(house, { ...block, inner })) : null;
    if (newDepthIn !== choice.newDepthIn)
      yield { change: { kind: 'cutDown', newDepthIn }, after: { ...choice, newDepthIn, baseGapIn: null } };
    const lies = inner ? inner.outsideIn : blockIn;
    const shorter = choice.shortened
      ? [null]
      : !house.shortens
        ? []
        : shorteningsWanted(shell, stock.linerBoard, lies, bedding(house, { ...block, inner }));
    for (const to of shorter) yield { change: { kind: 'shorten', shortened: to }, after: { ...choice, shortened: to, baseGapIn: null } };
    const crossIn =
      choice.crossIn || !stock.linerBoard
        ? 0
        : (spareDepth(shell, inner ? inner.outsideIn[2] : blockIn[2], bedding(house, { ...block, inner })) ?? 0);
    if (crossIn !== (choice.crossIn ?? 0)) yield { change: { kind: 'cross', crossIn }, after: { ...choice, crossIn, baseGapIn: null } };
    yield { change: { kind: 'board', board: !choice.board }, after: { ...choice, board: !choice.board } };
    if (choice.tubes || (house.cornerTubes && tubesFor({ insideIn: shell.insideIn, gaps: now.rated.weighed.filled.stowed.gaps })))
      yield { change: { kind: 'tubes', tubes: !choice.tubes }, after: { ...choice, tubes: !choice.tubes } };
    yield* severalChanges(request, choice, now, LARGER_TRIED);
  }
}
