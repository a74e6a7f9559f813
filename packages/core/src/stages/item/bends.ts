import type { InspectedPiece } from './InspectedPiece.ts';

/** Below these something bends: brittle things thinner than `thinIn` and than a fifteenth of their length, glass thinner than `thinGlassIn`. */
const SLENDER = { thinIn: 1.1, ofLength: 15, thinGlassIn: 0.5 };

/** How a piece suffers where nothing stiff lies on its faces: it breaks, it creases, or it does not bend at all. */
export type Bends = 'breaks' | 'creases' | null;

/** Which of these a piece does: thin glass and slender brittle things break, paper creases. */
export function bendsOf({ archetype: { bends }, sizeIn }: Pick<InspectedPiece, 'archetype' | 'sizeIn'>): Bends {
  if (bends === 'paper') return 'creases';
  if (bends !== 'glass' && bends !== 'brittle') return null;
  const thinIn = Math.min(...sizeIn);
  const slender = thinIn < SLENDER.thinIn && thinIn < Math.max(...sizeIn) / SLENDER.ofLength;
  return slender || (bends === 'glass' && thinIn < SLENDER.thinGlassIn) ? 'breaks' : null;
}
