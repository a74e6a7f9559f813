/** A place upon a picture, as shares of its width and height from the upper left corner. */
export type Spot = readonly [across: number, down: number];

/** Something drawn upon a picture and kept beside it: the picture itself stays as it was taken. */
export type PictureMark =
  | { readonly kind: 'ring'; readonly at: Spot; readonly size: Spot }
  | { readonly kind: 'arrow'; readonly from: Spot; readonly to: Spot }
  | { readonly kind: 'word'; readonly at: Spot; readonly text: string };

export type MarkKind = PictureMark['kind'];
export const MARK_KINDS: readonly MarkKind[] = ['ring', 'arrow', 'word'];

/** More than that hides what is to be seen. */
export const MOST_MARKS = 12;
export const MOST_MARK_TEXT = 40;

/** A mark of each kind between two spots: a ring in the room between them, an arrow from one to the other, a word at the first. */
export function markBetween(kind: MarkKind, from: Spot, to: Spot): PictureMark {
  const least = (axis: 0 | 1) => Math.min(from[axis], to[axis]);
  const apart = (axis: 0 | 1) => Math.max(LEAST, Math.abs(from[axis] - to[axis]));
  switch (kind) {
    case 'ring':
      return { kind, at: [least(0) + apart(0) / 2, least(1) + apart(1) / 2], size: [apart(0), apart(1)] };
    case 'arrow':
      return { kind, from, to };
    case 'word':
      return { kind, at: from, text: '' };
  }
}
/** A ring smaller than this is a dot. */
const LEAST = 0.02;

/** A mark moved by so much, as far as the picture goes. */
export function markMoved(mark: PictureMark, by: Spot): PictureMark {
  const moved = ([x, y]: Spot): Spot => [held(x + by[0]), held(y + by[1])];
  switch (mark.kind) {
    case 'ring':
    case 'word':
      return { ...mark, at: moved(mark.at) };
    case 'arrow':
      return { ...mark, from: moved(mark.from), to: moved(mark.to) };
  }
}
/** A mark made wider and higher by so much: a ring about its middle, an arrow at its tip; a word is as long as it is. */
export function markSized(mark: PictureMark, by: Spot): PictureMark {
  const grown = (side: number, more: number): number => Math.min(1, Math.max(LEAST, side + more));
  switch (mark.kind) {
    case 'ring':
      return { ...mark, size: [grown(mark.size[0], by[0]), grown(mark.size[1], by[1])] };
    case 'arrow':
      return { ...mark, to: [held(mark.to[0] + by[0]), held(mark.to[1] + by[1])] };
    case 'word':
      return mark;
  }
}

const held = (share: number): number => Math.min(1, Math.max(0, share));

/** A line that makes the head of an arrow, in the picture's own units: both barbs with the tip between them. */
export function arrowHead([x0, y0]: Spot, [x1, y1]: Spot, longUnits: number): readonly [Spot, Spot, Spot] {
  const angle = Math.atan2(y1 - y0, x1 - x0);
  const barb = (turn: number): Spot => [x1 - longUnits * Math.cos(angle + turn), y1 - longUnits * Math.sin(angle + turn)];
  return [barb(HEAD), [x1, y1], barb(-HEAD)];
}
/** Half the opening of the head. */
const HEAD = Math.PI / 6;
