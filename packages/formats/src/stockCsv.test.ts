import { ORDINARY_FILLS, ORDINARY_WRAPS } from '@inch-nest/core';
import { box } from '../../core/tests/sampleRequest.ts';
import { listChanges, readStockCsv, writeStockCsv } from './stockCsv.ts';

const BOXES = [
  box([12, 10, 8]),
  box([14, 12, 10], { measuredOutsideIn: [14.3, 12.3, 10.8], earlierUses: 1 }),
  box([9, 6, 1], {
    key: 'own',
    style: 'padded',
    board: { name: 'grey', edgeCrushLbPerIn: 20, caliperIn: 0.1, lbPerFt2: 0.08, wall: 'single' },
  }),
];

test.each([
  ['boxes', BOXES],
  ['wraps', Object.values(ORDINARY_WRAPS)],
  ['fills', Object.values(ORDINARY_FILLS)],
] as const)('%s come back as they were written', (kind, items) => {
  const reading = readStockCsv(kind, writeStockCsv(kind, items as never));
  expect(reading).toEqual({ ok: true, items });
});

const TESTED = {
  ...ORDINARY_WRAPS.mediumBubble,
  dropTests: [
    { weightLb: 5, areaIn2: 36, thicknessIn: 2, heightIn: 24, peakG: 61.5 },
    { weightLb: 5, areaIn2: 36, thicknessIn: 2, heightIn: 36, peakG: 88 },
  ],
};

test('drops on a material come back too; a file without that column leaves them as they are', () => {
  const csv = writeStockCsv('wraps', [TESTED]);
  expect(readStockCsv('wraps', csv)).toEqual({ ok: true, items: [TESTED] });
  const older = csv
    .replace(',drop tests', '')
    .split('\n')
    .map((line) => line.replace(/,5\/36.*$/, ''))
    .join('\n');
  expect(older).not.toContain('5/36');
  expect(readStockCsv('wraps', older, [TESTED])).toEqual({ ok: true, items: [TESTED] });
  expect(readStockCsv('wraps', older)).toMatchObject({ ok: true, items: [{ key: TESTED.key }] });
  expect(readStockCsv('wraps', csv.replace('5/36/2/24/61.5', '5/36/2/24'))).toMatchObject({
    problems: [{ path: 'wraps.csv:2:drop tests', message: expect.stringMatching(/height\/peak g/) as string }],
  });
  expect(readStockCsv('wraps', csv.replace('5/36/2/24/61.5', '5/36/2/-24/61.5')).ok).toBe(false);
});

test('a formula in a name does not reach a spreadsheet as one, and comes back as it was', () => {
  const csv = writeStockCsv('boxes', [box([12, 10, 8], { name: '=1+1' })]);
  expect(csv).toContain("'=1+1");
  expect(readStockCsv('boxes', csv)).toMatchObject({ ok: true, items: [{ name: '=1+1' }] });
});

test.each([
  ['an unknown column', (csv: string) => csv.replace('name', 'colour'), 'boxes.csv', /colour is not known/],
  ['a size that is none', (csv: string) => csv.replace('12 x 10 x 8', '12 by'), 'boxes.csv:2:inside', /three sides/],
  ['a negative price', (csv: string) => csv.replace('1.00', '-1'), 'boxes.csv:2:price', /amount/],
  ['a key twice', (csv: string) => csv + csv.split('\n')[1] + '\n', 'boxes.csv:4:key', /twice/],
  ['an unknown style', (csv: string) => csv.replace('slotted', 'round'), 'boxes.csv:2:style', /./],
  ['a formula', (csv: string) => csv.replace('12 x 10 x 8', '=A1'), 'boxes.csv:2:inside', /a formula stands here/],
  ['nothing at all', (csv: string) => csv.split('\n')[0]!, 'boxes.csv', /nothing listed/],
])('%s is refused at its place', (_, spoil, path, message) => {
  const csv = writeStockCsv('boxes', [box([12, 10, 8], { priceMinor: 100 }), box([14, 12, 10], { key: 'second', priceMinor: 100 })]);
  const reading = readStockCsv('boxes', spoil(csv));
  expect(reading.ok).toBe(false);
  if (!reading.ok) expect(reading.problems[0]).toEqual({ path, message: expect.stringMatching(message) as string });
});

test('what is copied in a spreadsheet stands between tabs, and is read as well', () => {
  const csv = writeStockCsv('fills', Object.values(ORDINARY_FILLS));
  const pasted = csv
    .split('\n')
    .map((line) =>
      line
        .replace(/"[^"]*"/g, (cell) => cell.slice(1, -1).replace(/,/g, '\u0000'))
        .replace(/,/g, '\t')
        .replace(/\u0000/g, ','),
    )
    .join('\n');
  expect(pasted).toContain('\t');
  expect(readStockCsv('fills', pasted)).toEqual({ ok: true, items: Object.values(ORDINARY_FILLS) });
});

test('what a list would change is told row by row and cell by cell', () => {
  const [one, other, third] = BOXES;
  const after = [one!, { ...other!, priceMinor: 250, onHand: 3 }, box([8, 8, 8])];
  expect(listChanges('boxes', BOXES, after)).toEqual({
    added: [box([8, 8, 8]).name],
    gone: [third!.name],
    changed: [
      {
        name: other!.name,
        cells: [
          { column: 'price', was: (other!.priceMinor / 100).toFixed(2), will: '2.50' },
          { column: 'on hand', was: String(other!.onHand), will: '3' },
        ],
      },
    ],
  });
  expect(listChanges('boxes', BOXES, BOXES)).toEqual({ added: [], gone: [], changed: [] });
});
