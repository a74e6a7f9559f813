import PDFDocument from 'pdfkit';
import { FACES, faceFor, fileOf, type Font } from './faces.ts';
import { endReading, headingOr, readAs, startPage, startReading } from './readAs.ts';

/** Points an inch. */
export const INCH = 72;

export type Paper = PDFKit.PDFDocument;

/** Width and height, inches. */
export type SheetSize = readonly [widthIn: number, heightIn: number];
/** The shop's sheet, whole and cut in half; ISO 216 for A4 and A5. */
export interface Sheets {
  readonly full: SheetSize;
  readonly half: SheetSize;
}
export const SHEETS: Readonly<Record<'letter' | 'a4', Sheets>> = {
  letter: { full: [8.5, 11], half: [5.5, 8.5] },
  a4: { full: [210 / 25.4, 297 / 25.4], half: [148 / 25.4, 210 / 25.4] },
};

/** One page of a paper: its size, and what is drawn on it. */
export interface Page {
  readonly size: SheetSize;
  readonly draw: (paper: Paper, size: SheetSize) => Promise<void> | void;
}

/**
 * Draws pages, each of its own size, with the shop's own faces in them, and gives the document's bytes.
 *
 * @param title what a reader and a window call it
 */
export async function drawPages(title: string, pages: readonly Page[]): Promise<Buffer> {
  const paper = new PDFDocument({
    margin: 0,
    autoFirstPage: false,
    info: { Producer: 'Inch Nest', Creator: 'Inch Nest', Title: title },
    // whoever reads it aloud is told its language, and its title rather than the name of its file
    lang: 'en',
    displayTitle: true,
    tagged: true,
    pdfVersion: '1.7',
    font: fileOf('text'),
  });
  for (const face of FACES) paper.registerFont(face, fileOf(face));
  const parts: Buffer[] = [];
  paper.on('data', (part: Buffer) => parts.push(part));
  const done = new Promise<void>((resolve, reject) => paper.on('end', resolve).on('error', reject));
  startReading(paper);
  for (const { size, draw } of pages) {
    paper.addPage({ size: [size[0] * INCH, size[1] * INCH], margin: 0 });
    startPage(paper);
    await draw(paper, size);
  }
  endReading(paper);
  paper.end();
  await done;
  return Buffer.concat(parts);
}

/** Smaller than this nobody reads, points. */
const LEAST_POINTS = 6;

/**
 * One line of text, at inches from the upper left corner; as large as fits the width, no larger than asked. What does not fit
 * however small it is ends in an ellipsis, since what stands beside it may be a code that is scanned.
 */
export function line(paper: Paper, text: string, at: { x: number; y: number; width: number }, size: number, font: Font = 'text'): void {
  let fits = size;
  paper.font(faceFor(font, text)).fontSize(fits);
  const isWide = (shown: string) => paper.widthOfString(shown) > at.width * INCH;
  while (fits > LEAST_POINTS && isWide(text)) paper.fontSize((fits -= 0.5));
  let shown = text;
  for (let kept = text.length - 1; kept > 0 && isWide(shown); kept--) shown = `${text.slice(0, kept).trimEnd()}…`;
  readAs(paper, headingOr(paper, font === 'head'), () => paper.text(shown, at.x * INCH, at.y * INCH, { lineBreak: false }));
}

/** Running text in a column; returns where it ends, inches from the top. */
export function column(paper: Paper, text: string, at: { x: number; y: number; width: number }, size: number, font: Font = 'text'): number {
  paper.font(faceFor(font, text)).fontSize(size);
  readAs(paper, 'P', () => paper.text(text, at.x * INCH, at.y * INCH, { width: at.width * INCH, lineGap: size * 0.18 }));
  return paper.y / INCH;
}

/** A picture, at inches from the upper left corner, with words for whoever has it read aloud. */
export const picture = (
  paper: Paper,
  content: Buffer,
  words: string,
  at: { x: number; y: number },
  { width, height, fit }: { width?: number; height?: number; fit?: readonly [number, number] },
): void =>
  void readAs(
    paper,
    'Figure',
    () =>
      paper.image(content, at.x * INCH, at.y * INCH, {
        ...(width === undefined ? {} : { width: width * INCH }),
        ...(height === undefined ? {} : { height: height * INCH }),
        ...(fit === undefined ? {} : { fit: [fit[0] * INCH, fit[1] * INCH] }),
      }),
    words,
  );

/** How high running text will be, inches. */
const columnHeight = (paper: Paper, text: string, width: number, size: number, font: Font = 'text'): number =>
  paper
    .font(faceFor(font, text))
    .fontSize(size)
    .heightOfString(text, { width: width * INCH, lineGap: size * 0.18 }) / INCH;

/** A ruled line across. */
export const rule = (paper: Paper, y: number, from: number, to: number): void => {
  paper
    .moveTo(from * INCH, y * INCH)
    .lineTo(to * INCH, y * INCH)
    .lineWidth(0.8)
    .stroke('#000000');
};

/** A square to tick by hand. */
export const tickBox = (paper: Paper, x: number, y: number, side = 0.16): void => {
  paper
    .rect(x * INCH, y * INCH, side * INCH, side * INCH)
    .lineWidth(0.8)
    .stroke('#000000');
};

/** A block of running text on a sheet that flows on to the next. */
export interface Block {
  readonly text: string;
  readonly size: number;
  readonly font?: Font;
  /** A square to tick before it. */
  readonly tick?: boolean;
  /** Its number, before it. */
  readonly number?: number;
  /** A ruled line above it. */
  readonly ruled?: boolean;
  /** Room beneath it, inches. */
  readonly after?: number;
}

/** How far text keeps from the edges of a sheet, inches. */
interface Edges {
  readonly side: number;
  readonly bottom: number;
}
const EDGES: Edges = { side: 0.6, bottom: 0.6 };

/**
 * Blocks of text one under the other, on a new sheet of the same size where the next would not fit.
 *
 * @param head draws what stands on every sheet and says where the text begins
 */
export const flow = (
  size: SheetSize,
  blocks: readonly Block[],
  head: (paper: Paper, size: SheetSize, sheet: number) => number,
  { side, bottom }: Edges = EDGES,
): Page => ({
  size,
  draw: (paper) => {
    let sheet = 1;
    let y = head(paper, size, sheet);
    for (const { text, size: points, font, tick = false, number, ruled = false, after = 0.08 } of blocks) {
      const indent = tick || number !== undefined ? 0.3 : 0;
      const width = size[0] - 2 * side - indent;
      const above = ruled ? 0.12 : 0;
      if (y + above + columnHeight(paper, text, width, points, font) > size[1] - bottom) {
        paper.addPage({ size: [size[0] * INCH, size[1] * INCH], margin: 0 });
        startPage(paper);
        y = head(paper, size, ++sheet);
      }
      if (ruled) rule(paper, y, side, size[0] - side);
      y += above;
      if (tick) tickBox(paper, side, y + 0.01);
      if (number !== undefined) line(paper, `${number}`, { x: side, y, width: indent }, points, 'head');
      y = column(paper, text, { x: side + indent, y, width }, points, font) + after;
    }
  },
});
