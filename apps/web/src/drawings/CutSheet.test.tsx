import { renderToStaticMarkup } from 'react-dom/server';
import { cutOf } from '@inch-nest/core';
import { CutSheet } from './CutSheet.tsx';

const { parts } = cutOf({ kind: 'cells', inside: [14, 10], cells: [3, 2], height: 6, caliper: 0.156 });
const svg = renderToStaticMarkup(<CutSheet parts={parts} times={2} width={500} write={(inches) => inches.toFixed(2)} />);
const k = Number(/data-scale="([\d.]+)"/.exec(svg)![1]);

test('every part to one scale, within the width, its count and size over it', () => {
  const widths = [...svg.matchAll(/data-part="outline"[^>]*width="([\d.]+)" height="([\d.]+)"/g)].map(([, w, h]) => [
    Number(w) / k,
    Number(h) / k,
  ]);
  parts.forEach(({ lengthIn, heightIn }, i) => {
    expect(widths[i]![0]).toBeCloseTo(lengthIn, 9);
    expect(widths[i]![1]).toBeCloseTo(heightIn, 9);
  });
  expect(widths).toHaveLength(parts.length);
  expect(14 * k).toBeLessThanOrEqual(500);
  expect(svg).toContain('2 × strip along the length, slotted from above: 14.00 × 6.00');
  expect(svg).toContain('4 × strip along the width');
});

test('lines lie where they are cut, none beyond its part: slots are half the height deep', () => {
  const lines = [...svg.matchAll(/<line data-line="knife" x1="([\d.]+)" y1="([\d.]+)" x2="([\d.]+)" y2="([\d.]+)"/g)].map((found) =>
    found.slice(1).map(Number),
  );
  expect(lines).toHaveLength(parts.reduce((sum, { knife }) => sum + knife.length, 0));
  const depths = lines.filter(([x1, , x2]) => x1 === x2).map(([, y1, , y2]) => Math.abs(y1! - y2!) / k);
  expect(depths.every((depth) => Math.abs(depth - 3) < 1e-9)).toBe(true);
});
