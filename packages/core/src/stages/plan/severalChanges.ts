import { foldWanted, neighboursIn } from '../box/apartWanted.ts';
import { isPair } from '../box/folds.ts';
import { haveCells } from '../box/blockOf.ts';
import type { PlanChoice, PlanOption } from '../frontier/PlanOption.ts';
import type { ChangeKind } from './ChangeKind.ts';
import { inBox, largerBoxes } from './inBox.ts';
import type { PlanRequest } from './PlanRequest.ts';
import { shareChanges } from './shareThem.ts';

/** A single change, and the choice after it. */
type Changed = { readonly change: ChangeKind; readonly after: PlanChoice };

/**
 * Changes of what several bundles have in common: the wrap round them, a box that some share, board and folds between them.
 *
 * @param mostLarger outer boxes that are tried where the one in hand does not take it then
 */
export function* severalChanges(request: PlanRequest, choice: PlanChoice, now: PlanOption, mostLarger: number): Generator<Changed> {
  const { stock, cards, house } = request;
  const { stowed } = now.rated.weighed.filled;
  const { bundles, shell } = stowed;
  yield* shareChanges(request, choice, now, mostLarger);
  if (choice.around) yield { change: { kind: 'unwound' }, after: { ...choice, around: null, baseGapIn: null } };
  if (stock.linerBoard && (bundles.length > 1 || haveCells([bundles[0].wrapped])))
    yield { change: { kind: 'cells', cells: !choice.cells }, after: { ...choice, cells: !choice.cells, baseGapIn: null } };
  for (const neighbours of neighboursIn(stowed, house)) {
    const own = choice.between?.filter(({ pair }) => isPair(pair, neighbours.pair)) ?? [];
    const others = choice.between?.filter(({ pair }) => !isPair(pair, neighbours.pair)) ?? [];
    for (const fold of own)
      yield { change: { kind: 'between', ...fold, folds: 0 }, after: { ...choice, between: others, baseGapIn: null } };
    const wanted = own.length === 0 || neighbours.apartIn < neighbours.wantedIn - 1e-9 ? foldWanted(neighbours, stock.wraps) : null;
    if (!wanted) continue;
    const between = [...others, wanted];
    yield { change: { kind: 'between', ...wanted }, after: { ...choice, between, baseGapIn: null } };
    for (const box of largerBoxes(request, shell.box, mostLarger))
      for (const after of inBox(choice, box, { stock, cards }))
        yield { change: { kind: 'between', ...wanted, box: box.key }, after: { ...after, between, baseGapIn: null } };
  }
}
