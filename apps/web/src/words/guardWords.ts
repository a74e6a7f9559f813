import { GUARDS, HARD_POINTS, type PlanDocument } from '@inch-nest/core';

/** The guards on a nest's piece, each where it sits; hollows that are filled are named too. */
export function guardWords({ piece, choice }: Pick<PlanDocument, 'piece' | 'choice'>): string[] {
  const guarded = piece.hardPoints.flatMap(({ kind, guard }) => (guard ? [`${GUARDS[guard].name} on the ${HARD_POINTS[kind].name}`] : []));
  return [...guarded, ...(choice.filledHollows && choice.filledHollows.length > 0 ? ['hollow filled'] : [])];
}
