import { createRequire } from 'node:module';
import { join } from 'node:path';
import PDFDocument from 'pdfkit';

/** Points an inch. */
export const INCH = 72;

const FONTS = {
  head: '@expo-google-fonts/archivo-narrow/700Bold/ArchivoNarrow_700Bold.ttf',
  text: '@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf',
  strong: '@expo-google-fonts/atkinson-hyperlegible-next/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf',
} as const;
export type Font = keyof typeof FONTS;
export type Paper = PDFKit.PDFDocument;

/** Draws a document with the shop's own faces in it, and gives its bytes. */
export async function drawPaper(
  size: readonly [widthIn: number, heightIn: number],
  draw: (paper: Paper) => Promise<void>,
): Promise<Buffer> {
  const find = createRequire(join(process.cwd(), 'package.json'));
  const paper = new PDFDocument({
    size: [size[0] * INCH, size[1] * INCH],
    margin: 0,
    autoFirstPage: true,
    info: { Producer: 'Inch Nest', Creator: 'Inch Nest' },
    font: find.resolve(FONTS.text),
  });
  for (const [name, file] of Object.entries(FONTS)) paper.registerFont(name, find.resolve(file));
  const parts: Buffer[] = [];
  paper.on('data', (part: Buffer) => parts.push(part));
  const done = new Promise<void>((resolve, reject) => paper.on('end', resolve).on('error', reject));
  await draw(paper);
  paper.end();
  await done;
  return Buffer.concat(parts);
}

/** One line of text, at inches from the upper left corner; as large as fits the width, no larger than asked. */
export function line(paper: Paper, text: string, at: { x: number; y: number; width: number }, size: number, font: Font = 'text'): void {
  let fits = size;
  paper.font(font).fontSize(fits);
  while (fits > 6 && paper.widthOfString(text) > at.width * INCH) paper.fontSize((fits -= 0.5));
  paper.text(text, at.x * INCH, at.y * INCH, { lineBreak: false });
}

/** A ruled line across. */
export const rule = (paper: Paper, y: number, from: number, to: number): void => {
  paper
    .moveTo(from * INCH, y * INCH)
    .lineTo(to * INCH, y * INCH)
    .lineWidth(0.8)
    .stroke('#000000');
};
