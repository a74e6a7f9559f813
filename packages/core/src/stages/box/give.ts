import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { Block, LyingBundle } from './StowedBox.ts';

// What is soft is pressed together a little where that is all it lacks. Judgement; common practice, no source.

const NONE: Triple = [0, 0, 0];

/** What an outer box holds, as far as it matters here. */
export interface Holding extends Pick<Block, 'bundles' | 'cells' | 'around' | 'shared'> {
  readonly inner: unknown;
  readonly heldIn: Triple;
}

/**
 * How much of what an outer box holds may be pressed together along each axis to go in, inches: of one bundle, or of several that
 * are alike, each as its kind gives. Nothing in a box of its own or within board, nor where different ones stand together.
 */
export function giveOf({ bundles, cells, around, shared, inner }: Omit<Holding, 'heldIn'>): Triple {
  const [{ wrapped, layout }, ...others] = bundles;
  const { giveIn } = wrapped.piece.archetype;
  if (giveIn === 0 || others.length > 0 || inner || cells || around || shared || wrapped.boxed) return NONE;
  return layout.grid.map((count) => count * giveIn) as unknown as Triple;
}

/** What something held lacks of an inside along each axis, where it gives that much: so much it is pressed together; 0 elsewhere. */
export function pressedBy(held: Holding, insideIn: Triple): Triple {
  const giveIn = giveOf(held);
  return held.heldIn.map((side, axis) => {
    const lacksIn = side - insideIn[axis]!;
    // what gives nothing is not pressed by what a rounding makes it lack
    return giveIn[axis]! > 0 && lacksIn > 0 && lacksIn <= giveIn[axis]! + 1e-9 ? lacksIn : 0;
  }) as unknown as Triple;
}

export const lessBy = (sizeIn: Triple, byIn: Triple): Triple => sizeIn.map((side, axis) => side - byIn[axis]!) as unknown as Triple;

/** Several alike as they stand pressed together by so much in all, each by its share. */
export function pressed(bundle: LyingBundle, byIn: Triple): LyingBundle {
  const { bundleIn, pitchIn, sizeIn, layout } = bundle;
  const each = byIn.map((by, axis) => by / layout.grid[axis]!) as unknown as Triple;
  return { ...bundle, bundleIn: lessBy(bundleIn, each), pitchIn: lessBy(pitchIn, each), sizeIn: lessBy(sizeIn, byIn) };
}
