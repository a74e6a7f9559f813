import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { TRADE_PIECES, TRADE_WAYS, tradeCell, writeTradeTable } from './tradeTable.ts';

const cells = TRADE_PIECES.map((piece) => TRADE_WAYS.map((way) => tradeCell(piece, way)));

/** Cells of a markdown table, whatever the spaces that line it up. */
const plain = (table: string) => table.split('\n').map((line) => line.split('|').map((cell) => cell.trim().replace(/^-+$/, '---')));

test('the table printed in docs/model.md is the one the model gives', () => {
  const text = readFileSync(join(__dirname, '../../docs/model.md'), 'utf8');
  const printed = /(\| way of packing[\s\S]*?)\n\n/.exec(text)?.[1] ?? '';
  expect(plain(printed)).toEqual(plain(writeTradeTable()));
});

// rules of the trade; common practice, no source
describe.each(TRADE_PIECES.map((piece, i) => [piece.name, cells[i]!] as const))(
  '%s',
  (_, [thin, inch, paper, twoSmall, pillows, good, goodPaper, threeIn, much, floated]) => {
    test('an inch holds better than half of one; three inches better than two', () => {
      expect(inch!.shock).toBeLessThan(thin!.shock);
      expect(threeIn!.shock).toBeLessThan(pillows!.shock);
    });
    test('careless packing breaks at least five times as often as ordinary good packing', () =>
      expect(thin!.chance).toBeGreaterThan(5 * good!.chance));
    test('bubble does what three turns of paper do not', () => expect(good!.shock).toBeLessThan(paper!.shock));
    test('more of everything is safest of the bedded ones', () => {
      for (const other of [thin, inch, paper, twoSmall, pillows, good, goodPaper]) expect(much!.shock).toBeLessThanOrEqual(other!.shock);
    });
    test('a snug box in a buffered one is far better than an inch of paper', () => expect(floated!.shock).toBeLessThan(0.5 * inch!.shock));
  },
);
