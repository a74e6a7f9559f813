import { girthIn, wrapLengthIn, type SectionForm } from './wrapLength.ts';

/** Three sides in inches; what each means is said where it is used. */
export type Triple = readonly [number, number, number];

/** How much sheet a layer takes. */
export interface LayerAmount {
  lengthIn: number;
  sheets: number;
  areaIn2: number;
  /** The bundle after this layer, axis first. */
  bundleIn: Triple;
}

/**
 * One layer of `turns` turns round a bundle: every side grows by n·t, folded ends included.
 *
 * Formula: width needed = l + min(w, h) + 2nt; sheets = ⌈width / roll width⌉; area = length × sheets ×
 * roll width. Common practice, no source.
 *
 * @param sizeIn the bundle so far, wrap axis first
 * @param layer thickness of one turn, number of turns, width of the roll, all in inches
 * @returns length, sheets, area and the new bundle
 */
export function wrapLayer(
  form: SectionForm,
  sizeIn: Triple,
  layer: { thicknessIn: number; turns: number; rollWidthIn: number },
): LayerAmount {
  const [l, w, h] = sizeIn;
  const grows = 2 * layer.turns * layer.thicknessIn;
  const bundleIn: Triple = [l + grows, w + grows, h + grows];
  if (layer.turns === 0) return { lengthIn: 0, sheets: 0, areaIn2: 0, bundleIn };
  const lengthIn = wrapLengthIn(girthIn(form, w, h), layer.thicknessIn, layer.turns);
  const sheets = Math.ceil((l + Math.min(w, h) + grows) / layer.rollWidthIn - 1e-9);
  return { lengthIn, sheets, areaIn2: lengthIn * sheets * layer.rollWidthIn, bundleIn };
}
