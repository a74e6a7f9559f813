import type { ArchetypeKey } from '@inch-nest/core';

/** Each kind of piece in a few strokes, on a field of 40 by 32. */
const STROKES: Readonly<Record<ArchetypeKey, string>> = {
  denseGlass: 'M12 12 L20 5 L29 10 L31 22 L22 28 L10 23 Z M12 12 L22 15 L31 22 M22 15 L20 5 M22 15 L22 28',
  resinWood: 'M11 28 L29 28 L27 22 L30 14 L24 5 L15 7 L10 15 L14 22 Z M16 13 Q20 10 24 13 M15 19 Q20 16 25 19',
  compactCeramic: 'M9 9 L31 9 Q31 26 23 27 L17 27 Q9 26 9 9 Z M16 27 L16 29 L24 29 L24 27 M9 9 Q20 13 31 9',
  handledWare: 'M12 11 L26 11 Q30 22 25 28 L14 28 Q9 22 12 11 Z M26 13 Q36 13 34 20 Q32 25 27 24 M12 13 L6 8 L9 15',
  blownGlass: 'M17 4 L23 4 M18 4 L18 13 Q10 17 10 23 Q10 29 20 29 Q30 29 30 23 Q30 17 22 13 L22 4 M13 21 Q20 24 27 21',
  thinFigure: 'M20 4 A4 4 0 1 1 19.9 4 M20 12 L20 21 M20 14 L10 9 M20 14 L31 18 M20 21 L14 29 M20 21 L26 29 M11 29 L29 29',
  globeShade: 'M12 27 L28 27 M13 25 Q5 18 9 10 Q14 3 20 3 Q26 3 31 10 Q35 18 27 25 Z M14 8 Q11 12 12 17',
  glazedFlat: 'M6 5 L34 5 L34 28 L6 28 Z M10 9 L30 9 L30 24 L10 24 Z M13 20 L19 12 M17 22 L26 11',
  fineMetal: 'M6 24 L34 24 L34 28 L6 28 Z M10 24 L10 13 L30 13 L30 24 M14 13 L14 8 L26 8 L26 13 M15 18 L25 18',
  boxedElectronics: 'M5 9 L35 9 L35 26 L5 26 Z M10 17 A4 4 0 1 0 18 17 A4 4 0 1 0 10 17 M23 14 L31 14 M23 18 L31 18 M23 22 L28 22',
  clockwork: 'M20 4 A12 12 0 1 1 19.9 4 M20 9 L20 16 L26 19 M20 4 L20 6 M32 16 L30 16 M20 28 L20 26 M8 16 L10 16',
  optics: 'M5 18 L22 10 L26 18 L9 26 Z M22 10 L31 6 L35 14 L26 18 M17 22 L13 29 M19 21 L24 29',
  casedInstrument: 'M5 13 L35 13 L35 28 L5 28 Z M9 13 L12 5 L33 5 L35 13 M20 20 A5 5 0 1 1 19.9 20 M20 21 L22 24 M16 13 L24 13',
  boxedSet:
    'M5 8 L35 8 L35 26 L5 26 Z M11 12 L11 22 M17 12 L17 22 M23 12 L23 22 M29 12 L29 22 M9 12 L13 12 M15 12 L19 12 M21 12 L25 12 M27 12 L31 12',
  shoes: 'M6 10 L14 10 L16 17 Q26 18 34 22 L34 26 L6 26 Z M16 17 L13 20 M20 18 L18 21 M6 23 L34 23',
  paperGoods: 'M10 4 L25 4 L31 10 L31 29 L10 29 Z M25 4 L25 10 L31 10 M14 15 L27 15 M14 19 L27 19 M14 23 L22 23',
  textile: 'M6 11 Q13 6 20 11 T34 11 L34 26 Q27 21 20 26 T6 26 Z M6 16 Q13 11 20 16 T34 16 M6 21 Q13 16 20 21 T34 21',
  rigidMetal: 'M7 10 L30 10 Q34 13 27 17 L24 17 L24 22 L29 25 L29 28 L11 28 L11 25 L16 22 L16 17 L7 10 Z',
};

/** A kind of piece as a small drawing. */
export function ArchetypeGlyph({ kind }: { kind: ArchetypeKey }) {
  return (
    <svg width={40} height={32} viewBox="0 0 40 32" aria-hidden>
      <path
        d={STROKES[kind]}
        style={{ fill: 'none', stroke: 'currentColor', strokeWidth: 1.5, strokeLinejoin: 'round', strokeLinecap: 'round' }}
      />
    </svg>
  );
}
