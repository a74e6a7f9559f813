import { HARD_POINTS, type PlanDocument } from '@inch-nest/core';

/** What the buyer does, outermost first: the plan backwards. */
export function openingSteps({ layers, inner, fills, piece, box }: PlanDocument): string[] {
  const turns = (count: number) => `${count} ${count === 1 ? 'turn' : 'turns'}`;
  const outer = fills.find((fill) => fill.where === 'outer');
  return [
    box.style === 'slotted' ? 'Cut the tape only: the blade no deeper than the board.' : 'Open the envelope at one end.',
    ...(outer ? [`Take out the ${outer.name.toLowerCase()} on top.`] : []),
    ...(inner ? ['Lift out the inner box and open it the same way.'] : ['Lift the bundle out with both hands.']),
    ...[...layers]
      .reverse()
      .map(
        (layer) =>
          `Unwind ${turns(layer.turns)} of ${layer.name.toLowerCase()}${layer.tape.easyOff ? '; the tape peels off' : '; cut the tape, away from the piece'}.`,
      ),
    ...piece.hardPoints.filter((point) => point.guard).map((point) => `Take the guard off the ${HARD_POINTS[point.kind].name} last.`),
  ].slice(0, 10);
}
