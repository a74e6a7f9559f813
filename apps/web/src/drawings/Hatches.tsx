import { likeOfOwn } from '@inch-nest/core';

/** Each material's own hatch, so that a drawing reads without colour. `hatchFor` names the pattern. */
export function Hatches({ prefix }: { prefix: string }) {
  const id = (name: string) => `${prefix}-${name}`;
  return (
    <defs>
      <pattern id={id('loose')} width="30" height="26" patternUnits="userSpaceOnUse">
        <rect width="30" height="26" style={{ fill: 'var(--bed)' }} />
        {PEBBLES.map(([x, y, turn]) => (
          <ellipse
            key={x}
            cx={x}
            cy={y}
            rx="5.4"
            ry="3"
            transform={`rotate(${turn} ${x} ${y})`}
            style={{ fill: 'none', stroke: 'var(--bed-mark)', strokeWidth: 0.9 }}
          />
        ))}
      </pattern>
      <pattern id={id('paper')} width="24" height="18" patternUnits="userSpaceOnUse">
        <rect width="24" height="18" style={{ fill: 'var(--bed)' }} />
        <path
          d="M0 12 L6 5 L11 10 L17 3 L24 9 M3 18 L9 13 L15 17 L21 12"
          style={{ fill: 'none', stroke: 'var(--bed-mark)', strokeWidth: 0.9 }}
        />
      </pattern>
      <pattern id={id('pillow')} width="44" height="24" patternUnits="userSpaceOnUse">
        <rect width="44" height="24" style={{ fill: 'var(--bed)' }} />
        <rect x="2" y="2" width="40" height="20" rx="8" style={{ fill: 'none', stroke: 'var(--bed-mark)', strokeWidth: 0.9 }} />
      </pattern>
      <pattern id={id('large')} width="15" height="15" patternUnits="userSpaceOnUse">
        <rect width="15" height="15" style={{ fill: 'var(--cell)' }} />
        <circle cx="7.5" cy="7.5" r="5.6" style={{ fill: 'none', stroke: 'var(--cell-mark)', strokeWidth: 0.9 }} />
      </pattern>
      <pattern id={id('small')} width="6" height="6" patternUnits="userSpaceOnUse">
        <rect width="6" height="6" style={{ fill: 'var(--small-cell)' }} />
        <circle cx="3" cy="3" r="2" style={{ fill: 'none', stroke: 'var(--small-cell-mark)', strokeWidth: 0.8 }} />
      </pattern>
      <pattern id={id('sheet')} width="4" height="4" patternUnits="userSpaceOnUse">
        <rect width="4" height="4" style={{ fill: 'var(--film)' }} />
        <line x1="0" y1="2" x2="4" y2="2" style={{ stroke: 'var(--bed-mark)', strokeWidth: 0.5 }} />
      </pattern>
      <pattern id={id('board')} width="8" height="8" patternUnits="userSpaceOnUse">
        <rect width="8" height="8" style={{ fill: 'var(--board)' }} />
        <path d="M0 4 Q2 0 4 4 T8 4" style={{ fill: 'none', stroke: 'var(--board-mark)', strokeWidth: 1 }} />
      </pattern>
      <pattern id={id('piece')} width="8" height="8" patternUnits="userSpaceOnUse">
        <rect width="8" height="8" style={{ fill: 'var(--piece-paper)' }} />
        <line x1="0" y1="8" x2="8" y2="0" style={{ stroke: 'var(--ink)', strokeWidth: 0.55 }} />
      </pattern>
    </defs>
  );
}

const PEBBLES: readonly (readonly [number, number, number])[] = [
  [6, 7, 20],
  [20, 5, -30],
  [13, 18, 60],
  [26, 18, 10],
];

const PATTERN: Readonly<Record<string, string>> = {
  mouldedFill: 'loose',
  starchFill: 'loose',
  crumpledPaper: 'paper',
  airPillows: 'pillow',
  foldedBubble: 'large',
  foamInPlace: 'sheet',
  smallBubble: 'small',
  mediumBubble: 'large',
  largeBubble: 'large',
  tissue: 'sheet',
  packingPaper: 'sheet',
  foamSheet16: 'sheet',
  foamSheet8: 'sheet',
  stretchFilm: 'sheet',
  dampBag: 'sheet',
};

/** Name of a material's hatch; `piece` and `board` are their own. */
export const hatchFor = (key: string): string => PATTERN[likeOfOwn(key) ?? key] ?? (key === 'piece' || key === 'board' ? key : 'sheet');
