import { boxesTaking } from '../box/boxed.ts';
import { isEnvelope } from '../box/makeShell.ts';
import { fillRound } from '../fill/boxedFill.ts';
import type { PlanChoice, PlanOption } from '../frontier/PlanOption.ts';
import { isSeveral } from './boxThem.ts';
import type { ChangeKind } from './ChangeKind.ts';
import { inBox, largerBoxes } from './inBox.ts';
import { withBoxed, type PlanRequest } from './PlanRequest.ts';
import { boxesOf, fillsOf } from './stockFor.ts';

/**
 * Each of several bundles out of the box it has for itself, or into the smallest one that takes it.
 *
 * @param mostLarger outer boxes that are tried where the one in hand does not take it then
 */
export function* ownBoxChanges(
  request: PlanRequest,
  choice: PlanChoice,
  now: PlanOption,
  mostLarger: number,
): Generator<{ change: ChangeKind; after: PlanChoice }> {
  const { stock, house, locks, cards } = request;
  const { bundles, shell } = now.rated.weighed.filled.stowed;
  if (!isSeveral(request)) return;
  for (const [at, { wrapped }] of bundles.entries()) {
    const which = at === 0 ? {} : { bundle: at };
    if (wrapped.boxed) {
      yield { change: { kind: 'ownBox', own: null, ...which }, after: withBoxed(choice, at, null) };
      continue;
    }
    if (!house.innerBoxes || choice.inner || isEnvelope(shell.box)) continue;
    const [own] = boxesTaking(wrapped, boxesOf({ stock, cards: [], locks }).boxes, house, 1);
    const fill = own && fillRound(own, wrapped.bundleIn, wrapped.coverIn, fillsOf(stock, house, locks, undefined), choice.fill);
    if (!own || !fill) continue;
    const after = withBoxed(choice, at, { box: own.key, fill: fill.key });
    yield { change: { kind: 'ownBox', own: own.key, ...which }, after };
    for (const box of largerBoxes(request, shell.box, mostLarger))
      for (const one of inBox(after, box, { stock, cards }))
        yield { change: { kind: 'ownBox', own: own.key, box: box.key, ...which }, after: one };
  }
}
