import { STOWAGE_TOLERANCE_IN as EPS, type Placement, type StowBox, type StowPiece } from './Stowage.ts';
import { turnings } from './turnings.ts';

/** Faults of a stowage: a piece missing or of another size, out of the box, or too near to another. */
export function verifyStowage(
  pieces: readonly StowPiece[],
  { insideIn, gapIn, betweenIn }: StowBox,
  placements: readonly Placement[],
): string[] {
  const faults: string[] = [];
  for (const piece of pieces) {
    const own = placements.filter((place) => place.id === piece.id);
    if (own.length !== 1) faults.push(`${piece.id}: placed ${own.length} times`);
    const turned = turnings(piece).some((size) => own[0]?.sizeIn.every((side, axis) => Math.abs(side - size[axis]!) <= EPS));
    if (own[0] && !turned) faults.push(`${piece.id}: not a way it may lie`);
  }
  for (const { id, atIn, sizeIn } of placements) {
    if (!pieces.some((piece) => piece.id === id)) faults.push(`${id}: not one of the pieces`);
    if (atIn.some((at, axis) => at < gapIn - EPS || at + sizeIn[axis]! > insideIn[axis]! - gapIn + EPS))
      faults.push(`${id}: nearer to a wall than ${gapIn} in`);
  }
  placements.forEach((one, i) => {
    for (const other of placements.slice(i + 1)) {
      const apart = one.atIn.some(
        (at, axis) =>
          at + one.sizeIn[axis]! + betweenIn <= other.atIn[axis]! + EPS || other.atIn[axis]! + other.sizeIn[axis]! + betweenIn <= at + EPS,
      );
      if (!apart) faults.push(`${one.id} and ${other.id}: nearer than ${betweenIn} in`);
    }
  });
  return faults;
}
