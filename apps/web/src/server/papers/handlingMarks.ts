import { INCH, line, type Paper } from './paper.ts';
import { readAs } from './readAs.ts';

// Handling marks after ISO 780, in our own drawing: this way up, fragile, keep dry.

type Mark = (paper: Paper, x: number, y: number, side: number) => void;

const stroke = (paper: Paper, side: number): Paper =>
  paper
    .lineWidth(side * INCH * 0.06)
    .strokeColor('#000000')
    .lineJoin('round');

/** Two arrows over a ground. */
const thisWayUp: Mark = (paper, x, y, side) => {
  const at = (u: number, v: number): [number, number] => [(x + u * side) * INCH, (y + v * side) * INCH];
  for (const u of [0.3, 0.7]) {
    stroke(paper, side)
      .moveTo(...at(u, 0.78))
      .lineTo(...at(u, 0.2))
      .stroke();
    stroke(paper, side)
      .moveTo(...at(u - 0.14, 0.36))
      .lineTo(...at(u, 0.16))
      .lineTo(...at(u + 0.14, 0.36))
      .stroke();
  }
  stroke(paper, side)
    .moveTo(...at(0.1, 0.9))
    .lineTo(...at(0.9, 0.9))
    .stroke();
};

/** A stemmed glass with a crack. */
const fragile: Mark = (paper, x, y, side) => {
  const at = (u: number, v: number): [number, number] => [(x + u * side) * INCH, (y + v * side) * INCH];
  stroke(paper, side)
    .moveTo(...at(0.24, 0.12))
    .lineTo(...at(0.76, 0.12))
    .lineTo(...at(0.7, 0.46))
    .bezierCurveTo(...at(0.66, 0.62), ...at(0.34, 0.62), ...at(0.3, 0.46))
    .closePath()
    .stroke();
  stroke(paper, side)
    .moveTo(...at(0.5, 0.6))
    .lineTo(...at(0.5, 0.86))
    .moveTo(...at(0.3, 0.88))
    .lineTo(...at(0.7, 0.88))
    .stroke();
  paper
    .lineWidth(side * INCH * 0.035)
    .moveTo(...at(0.56, 0.12))
    .lineTo(...at(0.48, 0.28))
    .lineTo(...at(0.58, 0.34))
    .lineTo(...at(0.5, 0.48))
    .stroke();
};

/** An umbrella under drops. */
const keepDry: Mark = (paper, x, y, side) => {
  const at = (u: number, v: number): [number, number] => [(x + u * side) * INCH, (y + v * side) * INCH];
  stroke(paper, side)
    .moveTo(...at(0.14, 0.52))
    .bezierCurveTo(...at(0.18, 0.2), ...at(0.82, 0.2), ...at(0.86, 0.52))
    .closePath()
    .stroke();
  stroke(paper, side)
    .moveTo(...at(0.5, 0.52))
    .lineTo(...at(0.5, 0.82))
    .bezierCurveTo(...at(0.5, 0.94), ...at(0.66, 0.94), ...at(0.66, 0.82))
    .stroke();
  for (const u of [0.3, 0.5, 0.7])
    stroke(paper, side)
      .moveTo(...at(u, 0.06))
      .lineTo(...at(u - 0.04, 0.18))
      .stroke();
};

const MARKS = { thisWayUp: [thisWayUp, 'this way up'], fragile: [fragile, 'fragile'], keepDry: [keepDry, 'keep dry'] } as const;
export type HandlingMark = keyof typeof MARKS;

/** Marks side by side, each with its word beneath. */
export function handlingMarks(paper: Paper, kinds: readonly HandlingMark[], x: number, y: number, side: number): void {
  kinds.forEach((kind, i) => {
    const [draw, word] = MARKS[kind];
    const left = x + i * (side + 0.25);
    const drawn = () => {
      paper
        .rect(left * INCH, y * INCH, side * INCH, side * INCH)
        .lineWidth(1)
        .stroke('#000000');
      draw(paper, left, y, side);
    };
    readAs(paper, 'Figure', drawn, `mark: ${word}`);
    line(paper, word, { x: left, y: y + side + 0.04, width: side + 0.2 }, 9);
  });
}
