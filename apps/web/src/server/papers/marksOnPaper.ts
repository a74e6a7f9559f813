import { arrowHead, type PictureMark, type Spot } from '@inch-nest/core';
import { INCH, line, type Paper } from './paper.ts';

/** Red, with a light line under it, so that it shows on dark and on light. */
const INKS = [
  ['#fffef8', 5],
  ['#b83a1e', 2],
] as const;
const HEAD_IN = 0.18;
const LETTERS_PT = 16;

/**
 * What is drawn upon a picture, over it on paper.
 *
 * @param on where the picture lies on the page, inches
 */
export function marksOnPaper(
  paper: Paper,
  marks: readonly PictureMark[],
  on: { readonly x: number; readonly y: number; readonly width: number; readonly height: number },
): void {
  const at = ([x, y]: Spot): Spot => [on.x + x * on.width, on.y + y * on.height];
  const points = ([x, y]: Spot): [number, number] => [x * INCH, y * INCH];
  for (const mark of marks) {
    if (mark.kind === 'word') {
      const [x, y] = at(mark.at);
      paper.fillColor('#b83a1e');
      // a word stands on its spot, and ends where the picture does
      line(paper, mark.text, { x, y: y - LETTERS_PT / INCH, width: Math.max(0.5, on.x + on.width - x) }, LETTERS_PT, 'strong');
      paper.fillColor('#000000');
      continue;
    }
    for (const [colour, wide] of INKS) {
      if (mark.kind === 'ring') {
        const [x, y] = points(at(mark.at));
        paper.ellipse(x, y, (mark.size[0] * on.width * INCH) / 2, (mark.size[1] * on.height * INCH) / 2);
      } else {
        const [from, to] = [at(mark.from), at(mark.to)];
        const [one, tip, other] = arrowHead(from, to, HEAD_IN);
        paper.moveTo(...points(from)).lineTo(...points(tip));
        paper
          .moveTo(...points(one))
          .lineTo(...points(tip))
          .lineTo(...points(other));
      }
      paper.lineWidth(wide).stroke(colour);
    }
  }
}
