/** Outline of a convex section that is wrapped. */
export type SectionForm = 'block' | 'cylinder';

/**
 * Girth of a section around its axis: `2(w + h)` of a block, `π·max(w, h)` of a cylinder.
 *
 * @returns inches
 */
export const girthIn = (form: SectionForm, widthIn: number, heightIn: number): number =>
  form === 'block' ? 2 * (widthIn + heightIn) : Math.PI * Math.max(widthIn, heightIn);

/**
 * Length of sheet in `turns` turns around a convex section.
 *
 * Formula: `n·girth + π·t·n²`, exact for rounded corners (Steiner's formula for parallel curves).
 *
 * @param girth of the bare section, inches
 * @param thicknessIn of the sheet
 * @param turns n, halves allowed
 * @returns inches
 */
export const wrapLengthIn = (girth: number, thicknessIn: number, turns: number): number =>
  turns * girth + Math.PI * thicknessIn * turns * turns;
