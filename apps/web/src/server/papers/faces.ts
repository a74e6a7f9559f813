import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { create } from 'fontkit';

/** The shop's own faces, and one of many scripts in the same weights for what they have no letters for. */
const FILES = {
  head: '@expo-google-fonts/archivo-narrow/700Bold/ArchivoNarrow_700Bold.ttf',
  text: '@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf',
  strong: '@expo-google-fonts/atkinson-hyperlegible-next/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf',
  wide: '@expo-google-fonts/noto-sans/400Regular/NotoSans_400Regular.ttf',
  wideStrong: '@expo-google-fonts/noto-sans/700Bold/NotoSans_700Bold.ttf',
} as const;
export type Face = keyof typeof FILES;
/** What papers are written in. */
export type Font = 'head' | 'text' | 'strong';
const WIDE: Readonly<Record<Font, Face>> = { head: 'wideStrong', text: 'wide', strong: 'wideStrong' };

/** Where a face lies among the packages. */
export const fileOf = (face: Face): string => createRequire(join(process.cwd(), 'package.json')).resolve(FILES[face]);
export const FACES = Object.keys(FILES) as readonly Face[];

const lettersOf = new Map<Face, ReadonlySet<number>>();
/** Code points a face has letters for. */
function held(face: Face): ReadonlySet<number> {
  const known = lettersOf.get(face);
  if (known) return known;
  const font = create(readFileSync(fileOf(face)));
  const found = new Set('characterSet' in font ? font.characterSet : []);
  lettersOf.set(face, found);
  return found;
}

/** Code points of a text that want a letter; spaces, line ends and what marks a direction want none. */
const wanted = (text: string): number[] =>
  [...text].filter((letter) => !/[\s\p{Cf}]/u.test(letter)).map((letter) => letter.codePointAt(0)!);

/** The face a text is written in: the one asked for where it has all of its letters, else the one of many scripts. */
export function faceFor(font: Font, text: string): Face {
  const own = held(font);
  return wanted(text).every((point) => own.has(point)) ? font : WIDE[font];
}

/** Letters that no face has, each once: they would come out as empty squares. Texts are read as they are composed, NFC. */
export function lettersMissing(texts: readonly string[]): string[] {
  const wide = held('wide');
  return [...new Set(texts.flatMap((text) => wanted(text.normalize('NFC')).filter((point) => !wide.has(point))))].map((point) =>
    String.fromCodePoint(point),
  );
}
