import { laidWords } from '@inch-nest/core';
import type { DayView, ShopView } from '@inch-nest/contracts';
import { shortWords } from '../../words/shortWords.ts';
import { boxToForm, tornWords } from '../../words/tornWords.ts';
import type { Writers } from '../../words/writers.ts';
import { drawPages, flow, line, rule, SHEETS, type Block, type Page, type Paper, type SheetSize } from './paper.ts';

const MARGIN = 0.6;

/** The day on paper: what to fetch by bin, then what to tear, cut and form. */
export function daySheet(
  { name, paper }: Pick<ShopView, 'name' | 'paper'>,
  { day, pull, tear, short }: DayView,
  write: Writers,
): Promise<Buffer> {
  const size = SHEETS[paper].full;
  const head =
    (title: string) =>
    (page: Paper, [wide]: SheetSize, sheet: number): number => {
      line(page, title, { x: MARGIN, y: 0.5, width: wide - 2 * MARGIN }, 24, 'head');
      line(page, `${name}, ${day}${sheet > 1 ? ` · ${sheet}` : ''}`, { x: MARGIN, y: 0.9, width: wide - 2 * MARGIN }, 12);
      rule(page, 1.2, MARGIN, wide - MARGIN);
      return 1.35;
    };
  const ticked = (text: string): Block => ({ text, size: 13, tick: true, after: 0.08 });
  const title = (text: string): Block => ({ text, size: 15, font: 'head', after: 0.05 });
  const torn: Block[] = [
    ...(short.length > 0 ? [title('Will not suffice')] : []),
    ...short.map((one): Block => ({ text: shortWords(one, write), size: 13, after: 0.08 })),
    ...tear.rolls.flatMap((roll) => [
      title(`${roll.name}, ${write.length(roll.rollWidthIn)} wide: ${write.run(roll.feet)} in all`),
      ...roll.pieces.map((piece) => ticked(`${tornWords(piece.count, piece.lengthIn, write)}, ${laidWords(piece)}, for ${piece.code}`)),
    ]),
    ...(tear.guards.length > 0 ? [title('Guards to cut')] : []),
    ...tear.guards.map((guard) => ticked(`${guard.name}, ${write.length(guard.lengthIn)} long, for ${guard.code}`)),
    ...(tear.boxes.length > 0 ? [title('Boxes to form')] : []),
    ...tear.boxes.map((box) => ticked(`${box.count} × ${boxToForm(box, write)}, for ${box.codes.join(', ')}`)),
  ];
  const pages: Page[] = [
    flow(
      size,
      pull.map((piece) =>
        ticked(`${piece.bin ?? 'no bin'}: ${piece.title}, ${piece.tag}, parcel ${piece.code}${piece.planned ? '' : ', not planned yet'}`),
      ),
      head('Pull list'),
    ),
    ...(torn.length > 0 ? [flow(size, torn, head('Tear list'))] : []),
  ];
  return drawPages(`Today, ${day}`, pages);
}
