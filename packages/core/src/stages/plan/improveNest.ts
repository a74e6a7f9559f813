import { recommend, type Recommendation } from '../frontier/recommend.ts';
import type { BundleChoice, PlanChoice, PlanOption } from '../frontier/PlanOption.ts';
import type { ChangeKind } from './ChangeKind.ts';
import type { Deriver } from './derivePlan.ts';
import { houseDoes } from './houseDoes.ts';
import { isFine, soundChanges } from './nextBestChanges.ts';
import { bundleChoice, bundleLocks, piecesOf, type BundleLocks, type Locks, type PlanRequest } from './PlanRequest.ts';
import { isBetter } from './sideBySide.ts';

/** Changes taken one after the other at most; judgement. */
const MOST_ROUNDS = 8;

/** What changes the pieces themselves is not for a search to do. */
const OF_PIECES: ReadonlySet<ChangeKind['kind']> = new Set(['guard', 'hollow']);
/** Wraps were tried one by one before: they come again only where nothing else is better. */
const OF_WRAPS: ReadonlySet<ChangeKind['kind']> = new Set(['turns', 'doubled']);

/**
 * A nest with whatever single change is better still that the house makes of itself, one after the other until none is. Of several
 * pieces the wraps were chosen in a few boxes and fills, and of several alike from a few wraps; of one, whatever is cut of a box goes
 * by the bedding that is wished, and more of it may cost less. Pauses with the best so far after each change that was tried.
 *
 * @param ceiling chance above which a nest is recommended only where none is below it
 */
export function* improveNest(
  request: PlanRequest,
  found: Recommendation,
  ceiling: number,
  derive: Deriver,
): Generator<Recommendation, Recommendation> {
  const [first, ...others] = piecesOf(request);
  const isOne = others.length === 0 && first.count === 1;
  let best = found;
  let ofWraps = false;
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const now = best.option;
    const options: PlanOption[] = [];
    const wanted = (change: ChangeKind) =>
      !OF_PIECES.has(change.kind) && OF_WRAPS.has(change.kind) === ofWraps && houseDoes(change, request);
    for (const { change, after, faults, leastMinor } of soundChanges(request, now.choice, now, derive, wanted)) {
      yield best;
      // one that costs more than all that is expected now is no better whatever it risks
      if (faults.blocking > 0 || (leastMinor >= now.expectedMinor && !best.aboveCeiling)) continue;
      if (!keepsPins(request.locks, now.choice, after)) continue;
      const derived = derive(after);
      if (derived.kind === 'plan' && !derived.option.rated.refused && isBetter(derived.option, now, isFine(change)))
        options.push(derived.option);
    }
    const next = recommend([now, ...options], ceiling, request.house)!;
    // of one piece every wrap was looked at in the search
    if (next.option === now && (ofWraps || (isOne && best === found))) break;
    ofWraps = next.option === now;
    best = next;
  }
  return best;
}

/** Pins that are no part of a choice, or are one in other words. */
const SAID_OTHERWISE: ReadonlySet<string> = new Set(['others', 'inner', 'innerFill', 'bundle', 'method', 'without']);

/** True where nothing that somebody pinned is another after a change; what was measured in its layers stays in them. */
function keepsPins(locks: Locks, before: PlanChoice, after: PlanChoice): boolean {
  const { inner, innerFill } = locks;
  return (
    (inner === undefined || before.inner?.box === after.inner?.box) &&
    (innerFill === undefined || before.inner?.fill === after.inner?.fill) &&
    [before, ...(before.others ?? [])].every((_, i) => keepsOwnPins(bundleLocks(locks, i), bundleChoice(before, i), bundleChoice(after, i)))
  );
}

/** The same of one bundle; what is pinned of the parcel stands with the first. */
function keepsOwnPins(locks: Locks | BundleLocks, before: BundleChoice, after: BundleChoice): boolean {
  const of = (choice: BundleChoice, part: string) => JSON.stringify(choice[part as keyof BundleChoice] ?? null);
  const parts = [...Object.keys(locks).filter((part) => !SAID_OTHERWISE.has(part)), ...(locks.bundle ? ['layers'] : [])];
  return parts.every((part) => of(before, part) === of(after, part));
}
