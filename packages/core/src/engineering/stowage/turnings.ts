import type { Triple } from '../geometry/wrapLayer.ts';
import type { StowPiece } from './Stowage.ts';

/** The ways a piece may lie, each outline once; an upright one is only turned on the floor. */
export function turnings({ sizeIn: [l, w, h], upright }: Pick<StowPiece, 'sizeIn' | 'upright'>): Triple[] {
  const standing: Triple[] = [
    [l, w, h],
    [w, l, h],
  ];
  const lying: Triple[] = [
    [l, h, w],
    [h, l, w],
    [w, h, l],
    [h, w, l],
  ];
  const all = upright ? standing : [...standing, ...lying];
  return all.filter((one, i) => all.findIndex((other) => other.every((side, axis) => side === one[axis])) === i);
}
