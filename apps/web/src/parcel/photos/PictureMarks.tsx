import { arrowHead, type PictureMark, type Spot } from '@inch-nest/core';

/** Lines and letters as shares of the picture's shorter side. */
const LINE = 0.012;
const HEAD = 0.06;
const LETTERS = 0.06;

/**
 * What is drawn upon a picture, over it and as large as it: each line on a wider light one, so that it shows on dark and on light.
 *
 * @param width and height of the picture, pixels
 */
export function PictureMarks({ marks, width, height }: { marks: readonly PictureMark[]; width: number; height: number }) {
  const short = Math.min(width, height);
  const at = ([x, y]: Spot): Spot => [x * width, y * height];
  return (
    <svg className="picture-marks" viewBox={`0 0 ${width} ${height}`} aria-hidden>
      {marks.map((mark, i) => (
        <g key={i} className="picture-mark" style={{ strokeWidth: LINE * short }}>
          <Mark mark={mark} at={at} short={short} />
        </g>
      ))}
    </svg>
  );
}

function Mark({ mark, at, short }: { mark: PictureMark; at: (spot: Spot) => Spot; short: number }) {
  if (mark.kind === 'word') {
    const [x, y] = at(mark.at);
    return (
      <text x={x} y={y} fontSize={LETTERS * short} style={{ strokeWidth: LINE * short }}>
        {mark.text}
      </text>
    );
  }
  const d = mark.kind === 'ring' ? ringPath(at(mark.at), at(mark.size)) : arrowPath(at(mark.from), at(mark.to), HEAD * short);
  return (
    <>
      <path d={d} className="halo" style={{ strokeWidth: 2.2 * LINE * short }} />
      <path d={d} />
    </>
  );
}

const ringPath = ([x, y]: Spot, [w, h]: Spot): string =>
  `M${x - w / 2},${y}a${w / 2},${h / 2} 0 1 0 ${w},0a${w / 2},${h / 2} 0 1 0 ${-w},0Z`;

function arrowPath(from: Spot, to: Spot, head: number): string {
  const [one, tip, other] = arrowHead(from, to, head);
  return `M${from.join()}L${tip.join()}M${one.join()}L${tip.join()}L${other.join()}`;
}
