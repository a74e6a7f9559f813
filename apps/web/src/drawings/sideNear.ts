import type { Rect } from './nestGeometry.ts';

/** On which side of something another is put: across the page or up it, and whether nearer to where the inches begin. */
export interface NextTo {
  readonly along: 'across' | 'up';
  readonly before: boolean;
}

/** The side of a rectangle that a point in it lies nearest to, each side as a share; inches begin at the left and at the foot. */
export function sideNear({ x, y }: { readonly x: number; readonly y: number }, rect: Rect): NextTo {
  const [right, down] = [(x - rect.x) / (rect.w || 1), (y - rect.y) / (rect.h || 1)];
  const sides: (NextTo & { far: number })[] = [
    { along: 'across', before: true, far: right },
    { along: 'across', before: false, far: 1 - right },
    { along: 'up', before: false, far: down },
    { along: 'up', before: true, far: 1 - down },
  ];
  const { along, before } = sides.reduce((best, one) => (one.far < best.far ? one : best));
  return { along, before };
}
