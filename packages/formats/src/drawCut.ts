import type { CutPart, SheetLine } from '@inch-nest/core';
import Drawing from 'dxf-writer';

const MARGIN_IN = 0.5;

/** Parts one above the other, each with its place on the page. */
function layOut(parts: readonly CutPart[]): { placed: { part: CutPart; y: number }[]; width: number; height: number } {
  let y = MARGIN_IN;
  const placed = parts.map((part) => {
    const here = { part, y };
    y += part.heightIn + MARGIN_IN;
    return here;
  });
  return { placed, width: Math.max(...parts.map((part) => part.lengthIn)) + 2 * MARGIN_IN, height: y };
}

const outline = ({ lengthIn: l, heightIn: h }: CutPart): SheetLine[] => {
  const corners: [number, number][] = [
    [0, 0],
    [l, 0],
    [l, h],
    [0, h],
  ];
  return corners.map((from, i) => ({ from, to: corners[(i + 1) % 4]! }));
};

/** A cut sheet to scale, one inch to one unit: knife lines whole, score lines dashed. */
export function drawCut(parts: readonly CutPart[], format: 'svg' | 'dxf'): string {
  return format === 'svg' ? drawSvg(parts) : drawDxf(parts);
}

function drawSvg(parts: readonly CutPart[]): string {
  const { placed, width, height } = layOut(parts);
  const line = ({ from, to }: SheetLine, y: number, kind: string) =>
    `<line class="${kind}" x1="${MARGIN_IN + from[0]}" y1="${height - y - from[1]}" x2="${MARGIN_IN + to[0]}" y2="${height - y - to[1]}"/>`;
  const body = placed.flatMap(({ part, y }) => [
    `<g><title>${part.name}</title>`,
    ...[...outline(part), ...part.knife].map((one) => line(one, y, 'knife')),
    ...part.score.map((one) => line(one, y, 'score')),
    '</g>',
  ]);
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}in" height="${height}in" viewBox="0 0 ${width} ${height}">`,
    '<style>.knife{stroke:#000;stroke-width:.02;fill:none}.score{stroke:#000;stroke-width:.02;stroke-dasharray:.2 .1}</style>',
    ...body,
    '</svg>\n',
  ].join('\n');
}

function drawDxf(parts: readonly CutPart[]): string {
  const drawing = new Drawing();
  drawing.setUnits('Inches');
  drawing.addLineType('DASHED', '_ _ ', [0.2, -0.1]);
  drawing.addLayer('knife', Drawing.ACI.RED, 'CONTINUOUS');
  drawing.addLayer('score', Drawing.ACI.BLUE, 'DASHED');
  for (const { part, y } of layOut(parts).placed) {
    drawing.setActiveLayer('knife');
    for (const { from, to } of [...outline(part), ...part.knife]) drawing.drawLine(from[0], y + from[1], to[0], y + to[1]);
    drawing.setActiveLayer('score');
    for (const { from, to } of part.score) drawing.drawLine(from[0], y + from[1], to[0], y + to[1]);
  }
  return drawing.toDxfString();
}
