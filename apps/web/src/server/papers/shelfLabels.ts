import { drawPages, line, picture, type Page } from './paper.ts';
import { code128, qr } from './symbol.ts';

const SIZE: readonly [number, number] = [4, 6];
const PER_SHEET = 3;

/** A label to stick on a shelf: what it says large, and its code as QR and Code 128. */
export interface ShelfLabel {
  readonly name: string;
  readonly code: string;
}

/** Labels for bins and boxes, three to a 4 × 6 sheet. */
export function shelfLabels(labels: readonly ShelfLabel[]): Promise<Buffer> {
  const sheets = Array.from({ length: Math.ceil(labels.length / PER_SHEET) }, (_, i) => labels.slice(i * PER_SHEET, (i + 1) * PER_SHEET));
  return drawPages(
    'Labels for bins and boxes',
    sheets.map((sheet): Page => ({
      size: SIZE,
      draw: async (paper) => {
        for (const [i, { name, code }] of sheet.entries()) {
          const y = 0.15 + i * 1.95;
          line(paper, name, { x: 0.2, y, width: 2.1 }, 40, 'head');
          picture(paper, await code128(code), `bars of ${code}`, { x: 0.15, y: y + 0.75 }, { width: 2.2, height: 0.7 });
          line(paper, code, { x: 0.3, y: y + 1.5, width: 2 }, 11);
          picture(paper, await qr(code), `code of ${code}`, { x: 2.5, y }, { width: 1.4 });
        }
      },
    })),
  );
}
