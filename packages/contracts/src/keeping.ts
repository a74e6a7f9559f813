import { z } from 'zod';
import { uuid } from './numbers.ts';

// How anything is kept: as changes of single parts, each with the revision it was based on. Whoever keeps and
// whoever is kept for judge a change by the same few lines.

/** Who changed a part last, and at which revision. */
export interface Mark {
  readonly revision: number;
  /** A person's id; empty where nobody is known. */
  readonly by: string;
}

/** One part set to a value. */
export const keptChange = z.strictObject({
  /** Made where the change was made; heard twice it counts once. */
  id: uuid,
  /** What is changed, like `piece/<id>/weight`, `nest`, `boxes/12x12x12/onHand`. */
  path: z.string().min(1).max(200),
  value: z.json(),
  /** The revision the person saw. */
  basedOn: z.int().min(0),
});
export const keepCommand = z.strictObject({ personId: uuid, changes: z.array(keptChange).min(1).max(500) });

export type KeptChange = z.infer<typeof keptChange>;
export type KeepCommand = z.infer<typeof keepCommand>;

/** What became of a change. Each stands for itself: one that clashes holds up no other. */
export type Verdict =
  /** It stands; the revision its part has now. */
  | { readonly path: string; readonly kind: 'kept'; readonly revision: number }
  /** Somebody else changed the same part since. */
  | { readonly path: string; readonly kind: 'clash'; readonly theirs: Theirs }
  /** It cannot be kept as it is. */
  | { readonly path: string; readonly kind: 'refused'; readonly problem: string };

/** What somebody else kept meanwhile. */
export interface Theirs {
  /** As it is shown. */
  readonly text: string;
  readonly by: string;
  readonly revision: number;
}

/** What is answered to changes: what became of each, and the whole as it now stands. */
export interface KeepAnswer<Whole> {
  readonly verdicts: readonly Verdict[];
  readonly whole: Whole;
}

/**
 * True where a change would overwrite what somebody else has kept since. Nobody clashes with herself, however late
 * her earlier changes were answered.
 *
 * @param mark of the part as it is kept; undefined where nobody has changed it yet
 */
export const clashes = (mark: Mark | undefined, change: { basedOn: number; personId: string }): boolean =>
  mark !== undefined && mark.revision > change.basedOn && mark.by !== change.personId;
