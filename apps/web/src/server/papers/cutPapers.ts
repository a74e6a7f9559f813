import type { CutOrder, CutPart, CutWork, SheetLine } from '@inch-nest/core';
import type { ShopView } from '@inch-nest/contracts';
import { CUT_NAMES } from '../../words/cutNames.ts';
import { writersFor } from '../../words/writers.ts';
import { drawPages, INCH, line, rule, SHEETS, type Page, type Paper, type SheetSize } from './paper.ts';
import { readAs } from './readAs.ts';

const MARGIN = 0.6;
/** Sheets of one part overlap by so much, inches, to be taped together. */
const OVERLAP_IN = 0.5;
/** More sheets than this nobody tapes together: such a part is measured from the overview. */
const MOST_SHEETS = 8;

/** What is cut, on paper: all parts to a scale with a bar to measure it by, then each at full size that goes on a few sheets. */
export function cutPapers(
  order: CutOrder,
  work: CutWork,
  { name, paper, currency, people }: Pick<ShopView, 'name' | 'paper' | 'currency' | 'people'>,
): Promise<Buffer> {
  const size = SHEETS[paper].full;
  const write = writersFor(people[0]?.system ?? 'imperial', currency);
  const plans = work.parts.map((part) => ({ part, tiles: tilesFor(part, size) }));
  return drawPages(CUT_NAMES[order.kind], [
    {
      size,
      draw: (sheet, [wide, high]) => {
        const width = wide - 2 * MARGIN;
        line(sheet, CUT_NAMES[order.kind], { x: MARGIN, y: 0.5, width }, 24, 'head');
        line(sheet, `${name} · whole lines are cut, dashed ones folded`, { x: MARGIN, y: 0.92, width }, 12);
        rule(sheet, 1.2, MARGIN, wide - MARGIN);
        const longest = Math.max(...work.parts.map((part) => part.lengthIn));
        const heights = work.parts.reduce((sum, part) => sum + part.heightIn, 0);
        const scale = Math.min(1, width / longest, (high - 2.4 - 0.55 * work.parts.length) / heights);
        let y = 1.4;
        for (const { part, tiles } of plans) {
          const full = tiles
            ? `full size on ${tiles.length === 1 ? 'the sheet' : `${tiles.length} sheets`} that follow${tiles.length === 1 ? 's' : ''}`
            : 'too large for paper: measure it out';
          line(
            sheet,
            `${part.count > 1 ? `${part.count} × ` : ''}${part.name}: ${write.length(part.lengthIn)} × ${write.length(part.heightIn)} · ${full}`,
            { x: MARGIN, y, width },
            11,
            'strong',
          );
          drawPart(sheet, part, MARGIN, y + 0.25, scale);
          y += 0.55 + part.heightIn * scale;
        }
        scaleBar(sheet, MARGIN, high - 0.7, scale, write.length);
      },
    },
    ...plans.flatMap(({ part, tiles }) => tiles?.map((tile): Page => tilePage(part, tile, size, write.length)) ?? []),
  ]);
}

/** One sheet of a part at full size: the corner of what it shows, and its place among the sheets. */
interface Tile {
  readonly fromIn: readonly [number, number];
  readonly place: string;
}

/** The sheets one part takes at full size, row by row; null where they are too many. */
export function tilesFor({ lengthIn, heightIn }: Pick<CutPart, 'lengthIn' | 'heightIn'>, [wide, high]: SheetSize): Tile[] | null {
  const room = roomOf([wide, high]);
  const steps = (longIn: number, roomIn: number) => Math.max(1, Math.ceil((longIn - OVERLAP_IN) / (roomIn - OVERLAP_IN) - 1e-9));
  const [across, up] = [steps(lengthIn, room[0]), steps(heightIn, room[1])];
  if (across * up > MOST_SHEETS) return null;
  return Array.from({ length: across * up }, (_, i) => {
    const [column, row] = [i % across, Math.floor(i / across)];
    return {
      fromIn: [column * (room[0] - OVERLAP_IN), row * (room[1] - OVERLAP_IN)] as const,
      place: across * up === 1 ? '' : `sheet ${i + 1} of ${across * up}: ${column + 1} from the left, ${row + 1} from the bottom`,
    };
  });
}

const roomOf = ([wide, high]: SheetSize): readonly [number, number] => [wide - 2 * MARGIN, high - 2 * MARGIN - 0.4];

function tilePage(part: CutPart, { fromIn, place }: Tile, size: SheetSize, length: (inches: number) => string): Page {
  return {
    size,
    draw: (sheet, [wide, high]) => {
      const [width, height] = roomOf(size);
      line(
        sheet,
        `${part.name}${place ? ` · ${place}; overlap the sheets by ${length(OVERLAP_IN)}` : ''}`,
        { x: MARGIN, y: 0.3, width },
        11,
        'strong',
      );
      const top = MARGIN + 0.1;
      sheet.save();
      sheet.rect(MARGIN * INCH, top * INCH, width * INCH, height * INCH).clip();
      drawPart(sheet, part, MARGIN - fromIn[0], top + height + fromIn[1] - part.heightIn, 1);
      sheet.restore();
      cross(sheet, MARGIN, top);
      cross(sheet, MARGIN + width, top);
      cross(sheet, MARGIN, top + height);
      cross(sheet, MARGIN + width, top + height);
      scaleBar(sheet, MARGIN, high - 0.45, 1, length);
      line(sheet, 'print at 100%, without fitting to the page', { x: wide - MARGIN - 3.2, y: high - 0.5, width: 3.2 }, 9);
    },
  };
}

/** A part with its upper left corner there. */
const drawPart = (sheet: Paper, part: CutPart, x: number, y: number, scale: number): void =>
  readAs(
    sheet,
    'Figure',
    () => drawLines(sheet, part, x, y, scale),
    `drawing of ${part.name}: ${part.knife.length} cuts, ${part.score.length} folds`,
  );

function drawLines(sheet: Paper, { lengthIn, heightIn, knife, score }: CutPart, x: number, y: number, scale: number): void {
  const draw = ({ from, to }: SheetLine, dashed: boolean) => {
    sheet
      .moveTo((x + from[0] * scale) * INCH, (y + (heightIn - from[1]) * scale) * INCH)
      .lineTo((x + to[0] * scale) * INCH, (y + (heightIn - to[1]) * scale) * INCH);
    (dashed ? sheet.dash(6, { space: 4 }) : sheet.undash()).lineWidth(dashed ? 0.7 : 1).stroke('#000000');
  };
  sheet
    .undash()
    .lineWidth(1)
    .rect(x * INCH, y * INCH, lengthIn * scale * INCH, heightIn * scale * INCH)
    .stroke('#000000');
  for (const one of knife) draw(one, false);
  for (const one of score) draw(one, true);
  sheet.undash();
}

/** A length to lay a ruler on. */
function scaleBar(sheet: Paper, x: number, y: number, scale: number, length: (inches: number) => string): void {
  const shown = scale >= 0.5 ? 2 : scale >= 0.2 ? 6 : 12;
  sheet
    .moveTo(x * INCH, y * INCH)
    .lineTo((x + shown * scale) * INCH, y * INCH)
    .lineWidth(1.5)
    .stroke('#000000');
  for (const at of [0, shown]) rulerTick(sheet, x + at * scale, y);
  line(sheet, `${length(shown)}${scale === 1 ? ', full size' : ' to scale'}`, { x: x + shown * scale + 0.12, y: y - 0.07, width: 2 }, 10);
}

const rulerTick = (sheet: Paper, x: number, y: number): void => {
  sheet
    .moveTo(x * INCH, (y - 0.06) * INCH)
    .lineTo(x * INCH, (y + 0.06) * INCH)
    .lineWidth(1)
    .stroke('#000000');
};

/** Where sheets are laid on one another. */
const cross = (sheet: Paper, x: number, y: number): void => {
  sheet
    .moveTo((x - 0.1) * INCH, y * INCH)
    .lineTo((x + 0.1) * INCH, y * INCH)
    .moveTo(x * INCH, (y - 0.1) * INCH)
    .lineTo(x * INCH, (y + 0.1) * INCH)
    .lineWidth(0.5)
    .stroke('#000000');
};
