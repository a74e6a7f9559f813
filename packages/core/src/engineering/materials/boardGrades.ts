import type { BoardGrade } from './stock.ts';

/** Ordinary grades of corrugated board; all judgement, shaped like ordinary stock. */
export const BOARD_GRADES = {
  thinFree: { name: 'thin free box', edgeCrushLbPerIn: 23, caliperIn: 0.09, lbPerFt2: 0.095, wall: 'single' },
  ordinary: { name: 'ordinary', edgeCrushLbPerIn: 32, caliperIn: 0.156, lbPerFt2: 0.12, wall: 'single' },
  strong: { name: 'strong', edgeCrushLbPerIn: 44, caliperIn: 0.16, lbPerFt2: 0.17, wall: 'single' },
  double: { name: 'double wall', edgeCrushLbPerIn: 48, caliperIn: 0.275, lbPerFt2: 0.24, wall: 'double' },
  heavyDouble: { name: 'heavy double wall', edgeCrushLbPerIn: 61, caliperIn: 0.3, lbPerFt2: 0.31, wall: 'double' },
} as const satisfies Record<string, BoardGrade>;

export type BoardGradeKey = keyof typeof BOARD_GRADES;
