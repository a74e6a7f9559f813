import type { Archetype } from '../../engineering/pieces/Archetype.ts';
import type { FormKey } from '../../engineering/pieces/forms.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { Minor } from '../../units/index.ts';
import type { Added } from './addedTo.ts';
import type { Order, PieceFacts } from '../sale/Order.ts';

/** A piece with everything the packing needs to know; missing measures are guessed and say so. */
export interface InspectedPiece {
  readonly order: Order;
  readonly facts: PieceFacts;
  /** What of the facts the plan added. */
  readonly added: Added;
  readonly archetype: Archetype;
  readonly form: FormKey;
  readonly sizeIn: Triple;
  /** One by itself, where several lie in a bundle. */
  readonly oneIn: Triple;
  /** How many lie in each of the bundles; one bundle of one for a single piece. Size and weight are those of the fullest. */
  readonly stacks: readonly number[];
  /** Size with the guards on. */
  readonly guardedSizeIn: Triple;
  readonly weightLb: number;
  readonly guessed: { readonly sides: readonly [boolean, boolean, boolean]; readonly weight: boolean };
  /** Which side the wraps are rolled about. */
  readonly wrapAxis: 0 | 1 | 2;
  readonly bearing: Triple;
  /** Median critical acceleration with the weakest part's knock-down; null when shock does not limit it. */
  readonly criticalG: number | null;
  /** The body's own, before any knock-down. */
  readonly bodyG: number | null;
  readonly spread: number;
  /** Bare drop that it stands by itself, knocked down as its strength is; inches. */
  readonly ownHeightIn: number;
  /** What decides the strength: `the handle`, `the body`. */
  readonly governs: string;
  /** Guards and what fills the hollows. */
  readonly guards: { readonly weightLb: number; readonly costMinor: number; readonly minutes: number };
  /** What goes along: all of it together, and how much of its room is in the inner box where there is one. */
  readonly along: { readonly weightLb: number; readonly roomIn3: number; readonly withinIn3: number };
  /** Worth of all that are alike. */
  readonly replacementMinor: Minor;
  /** With one of those that are alike broken all of them are worth nothing. */
  readonly goesWhole: boolean;
  /** What else is worth nothing once it is broken. */
  readonly besideMinor: Minor;
}
