import { HARD_POINTS, letterOf, type PlanDocument } from '@inch-nest/core';

/**
 * What the buyer does, outermost first: the plan backwards.
 *
 * @param along what goes with the piece, to be looked for before the fill is thrown away
 */
export function openingSteps({ layers, inner, fills, piece, box, block }: PlanDocument, along: readonly string[] = []): string[] {
  const count = block.stacks.length;
  const lift = count === 1 ? 'Lift the bundle out with both hands.' : `Lift out ${count} bundles, ${letterOf(count - 1)} first, A last.`;
  const of = count === 1 ? '' : ' from each';
  const turns = (count: number) => `${count} ${count === 1 ? 'turn' : 'turns'}`;
  const outer = fills.find((fill) => fill.where === 'outer');
  return [
    box.style === 'slotted' ? 'Cut the tape only: the blade no deeper than the board.' : 'Open the envelope at one end.',
    ...(outer ? [`Take out the ${outer.name.toLowerCase()} on top.`] : []),
    ...(inner ? ['Lift out the inner box and open it the same way.', ...(count > 1 ? [lift] : [])] : [lift]),
    ...(along.length > 0 ? [`Look for what goes with it: ${along.join(', ')}.`] : []),
    ...[...layers]
      .reverse()
      .map(
        (layer) =>
          `Unwind ${turns(layer.turns)} of ${layer.name.toLowerCase()}${of}${layer.tape.easyOff ? '; the tape peels off' : '; cut the tape, away from the piece'}.`,
      ),
    ...piece.hardPoints.filter((point) => point.guard).map((point) => `Take the guard off the ${HARD_POINTS[point.kind].name} last.`),
    ...(block.pieces > count ? ['Take the tape off the stacks before they are lifted apart.'] : []),
  ].slice(0, 10);
}
