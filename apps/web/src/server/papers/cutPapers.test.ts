import { execFileSync } from 'node:child_process';
import { cutOf, type CutOrder } from '@inch-nest/core';
import { cutPapers, tilesFor } from './cutPapers.ts';
import { SHEETS } from './paper.ts';

const SHOP = {
  name: 'Lantern Row',
  paper: 'letter',
  currency: 'USD',
  people: [{ id: 'odile', name: 'Odile', system: 'imperial', role: 'owner', gone: false, seesMoney: false, sends: false }],
} as const;
const CELLS: CutOrder = { kind: 'cells', inside: [14, 10], cells: [3, 2], height: 6, caliper: 0.156 };
const read = async (order: CutOrder) => {
  const bytes = await cutPapers(order, cutOf(order), { ...SHOP, people: [...SHOP.people] });
  const text = execFileSync('pdftotext', ['-layout', '-', '-'], { input: bytes }).toString();
  return { text, pages: text.split('\f').slice(0, -1) };
};

test('all parts with their sizes first, then each at full size on as many sheets as it says', async () => {
  const { text, pages } = await read(CELLS);
  expect(pages).toHaveLength(1 + 2 + 2);
  expect(pages[0]).toMatch(/Cells[\s\S]*strip along the length, slotted from above: 14 in × 6 in · full size on 2 sheets that follow/);
  expect(pages[0]).toMatch(/2 × strip along the width, slotted from below: 10 in × 6 in/);
  expect(pages.slice(1).every((page) => page.includes('2 in, full size') && page.includes('print at 100%'))).toBe(true);
  expect(text).toContain('sheet 2 of 2: 2 from the left, 1 from the bottom');
});

test('what no one would tape together is measured from the overview', async () => {
  const { pages } = await read({ kind: 'lower', box: [24, 18, 16], newDepth: 12, caliper: 0.156 });
  expect(pages).toHaveLength(1);
  expect(pages[0]).toContain('too large for paper: measure it out');
  expect(pages[0]).toMatch(/12 in to scale/);
});

test.each([
  [3, 3],
  [7.3, 9.4],
  [7.4, 9.4],
  [14, 6],
  [21, 12],
] as const)('sheets of %d × %d overlap and leave nothing out', (lengthIn, heightIn) => {
  for (const size of [SHEETS.letter.full, SHEETS.a4.full]) {
    const tiles = tilesFor({ lengthIn, heightIn }, size)!;
    const room = [size[0] - 1.2, size[1] - 1.6] as const;
    for (const axis of [0, 1] as const) {
      const starts = [...new Set(tiles.map(({ fromIn }) => fromIn[axis]))].sort((a, b) => a - b);
      const longIn = [lengthIn, heightIn][axis]!;
      expect(starts[0]).toBe(0);
      expect(starts.at(-1)! + room[axis]).toBeGreaterThanOrEqual(longIn - 1e-9);
      starts.slice(1).forEach((start, i) => expect(starts[i]! + room[axis] - start).toBeCloseTo(0.5, 9));
      // and none shows nothing but what the one before shows
      if (starts.length > 1) expect(longIn - starts.at(-1)!).toBeGreaterThan(0.5 - 1e-9);
    }
  }
});
