import { isEnvelope } from '../box/makeShell.ts';
import type { PlanChoice, PlanOption } from '../frontier/PlanOption.ts';
import { isSeveral, ownBoxesFor } from './boxThem.ts';
import type { ChangeKind } from './ChangeKind.ts';
import { inBox, largerBoxes } from './inBox.ts';
import { withBoxed, type PlanRequest } from './PlanRequest.ts';

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
  const { stock, house, cards } = request;
  const { bundles, shell } = now.rated.weighed.filled.stowed;
  if (!isSeveral(request)) return;
  for (const [at, { wrapped }] of bundles.entries()) {
    const which = at === 0 ? {} : { bundle: at };
    if (wrapped.boxed) {
      yield { change: { kind: 'ownBox', own: null, ...which }, after: withBoxed(choice, at, null) };
      continue;
    }
    if (!house.innerBoxes || choice.inner || isEnvelope(shell.box)) continue;
    const [boxed] = ownBoxesFor(request, choice, wrapped, 1);
    if (!boxed) continue;
    const own = boxed.box;
    const after = withBoxed(choice, at, boxed);
    yield { change: { kind: 'ownBox', own, ...which }, after };
    for (const box of largerBoxes(request, shell.box, mostLarger))
      for (const one of inBox(after, box, { stock, cards })) yield { change: { kind: 'ownBox', own, box: box.key, ...which }, after: one };
  }
}
