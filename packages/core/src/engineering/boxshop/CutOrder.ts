import type { Triple } from '../geometry/wrapLayer.ts';
import type { Face } from '../pieces/hardPoints.ts';

/**
 * What the box shop is asked for; all in inches. `inside` is the inside of the box it is for: length and width, or with its
 * depth; `box` is that of the box that is cut.
 */
export type CutOrder =
  | { readonly kind: 'cross'; readonly inside: readonly [number, number]; readonly height: number; readonly caliper: number }
  | {
      readonly kind: 'cells';
      readonly inside: readonly [number, number];
      /** How many along the length and along the width. */
      readonly cells: readonly [number, number];
      readonly height: number;
      readonly caliper: number;
    }
  | { readonly kind: 'lower'; readonly box: Triple; readonly newDepth: number; readonly caliper: number }
  | {
      readonly kind: 'shorten';
      readonly box: Triple;
      readonly side: 'length' | 'width';
      readonly new: number;
      readonly caliper: number;
    }
  | { readonly kind: 'liner'; readonly inside: Triple; readonly caliper: number; readonly faces: readonly Face[] }
  | { readonly kind: 'pads'; readonly inside: Triple; readonly count: number; readonly caliper: number }
  | {
      readonly kind: 'tubes';
      readonly inside: Triple;
      readonly diameter: number;
      readonly gap: number;
      readonly gapAcross?: number | undefined;
    }
  | { readonly kind: 'core'; readonly inside: Triple; readonly diameter: number; readonly wall: number }
  | { readonly kind: 'wrapAround'; readonly inside: Triple; readonly caliper: number }
  /** Over the end of a part, as far down as it reaches. */
  | { readonly kind: 'cap'; readonly inside: readonly [number, number]; readonly reach: number; readonly caliper: number }
  /** Between two parts. */
  | { readonly kind: 'spacer'; readonly gap: number; readonly depth: number; readonly height: number; readonly caliper: number }
  /** Round a part, of sheets of tissue. */
  | {
      readonly kind: 'rope';
      readonly run: number;
      readonly part: number;
      readonly thick: number;
      readonly sheet: readonly [number, number];
      readonly sheetThick: number;
    }
  | {
      readonly kind: 'collar';
      /** A straight run, or else radius and degrees of an arc. */
      readonly run?: number | undefined;
      readonly radius?: number | undefined;
      readonly degrees?: number | undefined;
      readonly diameter: number;
      readonly bore: number;
    };

export type CutKind = CutOrder['kind'];

/** What is made for a part of the piece and for no box. */
export const GUARD_CUTS: readonly CutKind[] = ['collar', 'cap', 'spacer', 'rope'];
