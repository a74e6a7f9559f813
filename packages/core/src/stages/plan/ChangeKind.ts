import type { FoldChoice } from '../box/folds.ts';
import type { Shortened } from '../box/Shortened.ts';
import type { FillPlace } from '../fill/fillPlaces.ts';
import type { Face, GuardKind } from '../../engineering/pieces/hardPoints.ts';

/** Which bundle a change is of; left out for the first. */
interface OfBundle {
  readonly bundle?: number;
}

/** What a single change to a plan changes. */
export type ChangeKind =
  | ({ readonly kind: 'turns'; readonly material: string; readonly turns: number } & OfBundle)
  /** One sheet more over a face, or none at null. */
  | ({ readonly kind: 'doubled'; readonly material: string; readonly face: Face | null } & OfBundle)
  | { readonly kind: 'box'; readonly box: string }
  | { readonly kind: 'fill'; readonly fill: string }
  /** Another fill in one place of the box; the same as in the rest at null. */
  | { readonly kind: 'fillApart'; readonly place: FillPlace; readonly fill: string | null }
  | { readonly kind: 'service'; readonly service: string }
  | ({ readonly kind: 'turned' } & OfBundle)
  | { readonly kind: 'unboxed' }
  /** Into a box of its own beside the others, or out of it at null; in a larger box where that one does not take it. */
  | ({ readonly kind: 'ownBox'; readonly own: string | null; readonly box?: string } & OfBundle)
  /** Into a tube that stands in the box from end to end. */
  | { readonly kind: 'cored'; readonly tube: string }
  | { readonly kind: 'innerFill'; readonly fill: string }
  | { readonly kind: 'liner'; readonly liner: boolean }
  | { readonly kind: 'cutDown'; readonly newDepthIn: number | null }
  /** A slice taken out of one side, or none at null. */
  | { readonly kind: 'shorten'; readonly shortened: Shortened | null }
  /** A cross of a height under the lid, or none at 0. */
  | { readonly kind: 'cross'; readonly crossIn: number }
  | { readonly kind: 'board'; readonly board: boolean }
  /** Without the wrap round them all. */
  | { readonly kind: 'unwound' }
  /** Some bundles into one box beside the others, or out of it at null; in a larger box where that one does not take it. */
  | { readonly kind: 'shared'; readonly of: readonly number[]; readonly own: string | null; readonly box?: string }
  | { readonly kind: 'tubes'; readonly tubes: boolean }
  | { readonly kind: 'cells'; readonly cells: boolean }
  /** So many thicknesses of a wrap folded between two bundles, or none of it; in a larger box where that one does not take it. */
  | ({ readonly kind: 'between'; readonly box?: string } & FoldChoice)
  | ({ readonly kind: 'hollow'; readonly hollowId: string } & OfBundle)
  | ({ readonly kind: 'guard'; readonly hardPointId: string; readonly guard: GuardKind } & OfBundle);
