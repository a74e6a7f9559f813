import { countedTitle, type Portion } from '@inch-nest/core';
import type { HeldPiece } from '@inch-nest/contracts';
import { boxesWords } from './boxesWords.ts';
import { listed } from './titleOf.ts';

/** What the boxes of a way hold: those that hold the same once, with how many there are. */
export function inEach<Part extends { readonly holds: readonly Portion[] }>(
  parts: readonly Part[],
  held: readonly Pick<HeldPiece, 'piece'>[],
): { part: Part; what: string; boxes: number; says: string }[] {
  const keyOf = ({ holds }: Part) => JSON.stringify(holds);
  return [...new Map(parts.map((part) => [keyOf(part), part])).entries()].map(([key, part]) => {
    const boxes = parts.filter((one) => keyOf(one) === key).length;
    const what = listed(part.holds.map(({ at, count }) => countedTitle({ title: held[at]!.piece.title.value, count })));
    return { part, what, boxes, says: boxes > 1 ? `${what} in each of ${boxesWords(boxes)}` : what };
  });
}
