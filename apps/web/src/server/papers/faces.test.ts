import { execFileSync } from 'node:child_process';
import { faceFor, lettersMissing } from './faces.ts';
import { column, drawPages, line } from './paper.ts';

test.each([
  ['Storm glass, 12 × 9½ in', 'text', 'text'],
  ['Łódź, Příbor', 'text', 'text'],
  ['Київ, вулиця Садова 5', 'strong', 'wideStrong'],
  ['Οδός Ερμού 3, Αθήνα', 'text', 'wide'],
  ['Nguyễn Thị Ánh', 'text', 'wide'],
  ['Nguyễn Thị Ánh', 'head', 'head'],
] as const)('%s in %s is written in %s', (text, font, face) => expect(faceFor(font, text)).toBe(face));

test('what no face has is named, each letter once; spaces and line ends are no letters', () => {
  expect(lettersMissing(['東京都 東山', 'مرحبا', 'jug\n\t'])).toEqual([...new Set('東京都山مرحبا')]);
  expect(lettersMissing(['Żółw, Київ, Ελλάδα, Đặng, “12½ × 9 in” — № 5'])).toEqual([]);
  // composed of two code points as of one
  expect(lettersMissing(['Nguye\u0302\u0303n'])).toEqual([]);
});

test('a label in Latin, Greek and Cyrillic reads back letter by letter', async () => {
  const lines = ['Příbor Łódź', 'Οδός Ερμού 3', 'Київ, вулиця Садова', 'Nguyễn Thị Ánh'];
  const pdf = await drawPages('all scripts', [
    {
      size: [4, 6],
      draw: (paper) => {
        lines.forEach((text, i) => line(paper, text, { x: 0.3, y: 0.4 + i * 0.5, width: 3.4 }, 16, 'strong'));
        column(paper, lines.join('; '), { x: 0.3, y: 3, width: 3.4 }, 11);
      },
    },
  ]);
  const read = execFileSync('pdftotext', ['-layout', '-', '-'], { input: pdf, encoding: 'utf8' }).normalize('NFC');
  for (const text of lines) expect(read.split(text).length - 1).toBeGreaterThanOrEqual(1);
  expect(read.replace(/\s+/g, ' ')).toContain('Садова');
});
