import { GUARDS, guardLengthAdvisedIn } from '../../engineering/pieces/hardPoints.ts';
import { IN_PER_FT } from '../../units/index.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import { isToFold } from '../box/boxToFold.ts';
import { foldSides } from '../box/folds.ts';
import { OWN_BOX } from '../box/ownBox.ts';
import { planBundles, type PlanBundle, type PlanDocument } from '../plan/PlanDocument.ts';

/** A piece to tear off a roll. */
export interface TornPiece {
  /** The parcel it is for, by its code. */
  readonly code: string;
  readonly lengthIn: number;
  readonly count: number;
  readonly turns: number;
  /** For a fold between two bundles: `turns` are its thicknesses. */
  readonly folded?: true;
  /** Sheets that lie between the pieces of a stack. */
  readonly between?: true;
  /** Cards, which are cut and not wound; left out for what is torn. */
  readonly stiff?: true;
}

/** What one roll gives today, longest first, so that what is left of it serves the shorter ones. */
export interface RollToTear {
  readonly key: string;
  readonly name: string;
  readonly rollWidthIn: number;
  readonly pieces: readonly TornPiece[];
  readonly feet: number;
}

/** Everything that is torn, cut and formed before the first parcel is begun. */
export interface TearList {
  readonly rolls: readonly RollToTear[];
  /** Guards to cut, longest first. */
  readonly guards: readonly { readonly name: string; readonly code: string; readonly lengthIn: number }[];
  readonly boxes: readonly {
    readonly name: string;
    readonly count: number;
    readonly codes: readonly string[];
    /** Inside of one that is folded to measure, inches. */
    readonly foldedIn?: Triple;
    /** What a tube is cut to that stands in a box as a core, inches. */
    readonly cutIn?: number;
  }[];
}

/** Boxes that are formed, cores that are cut and envelopes that are laid out for one parcel, each as often as it is: a piece's own box is there. */
const boxesIn = (plan: PlanDocument): (PlanDocument['box'] | BoxInside)[] => [
  plan.box,
  ...[plan.inner, plan.shared, ...planBundles(plan).flatMap(ownOf)].flatMap((one) => (one && one.key !== OWN_BOX ? [one] : [])),
];
/** What each of a bundle's likes lies in by itself: an envelope, a box. */
const ownOf = ({ layers, boxed, block }: PlanBundle): (BoxInside | undefined)[] =>
  block.stacks.flatMap(() => [
    boxed,
    ...layers.flatMap(({ sleeve, key, name, bundleIn }) => (sleeve ? { key, name, insideIn: bundleIn } : [])),
  ]);
type BoxInside = Pick<NonNullable<PlanDocument['inner']>, 'key' | 'name' | 'insideIn'> &
  Partial<Pick<NonNullable<PlanDocument['inner']>, 'core' | 'outsideIn'>>;

/** The day's tear list from the nests that are kept: sheets by roll, guards by length, boxes to form. */
export function tearList(plans: readonly { readonly code: string; readonly plan: PlanDocument }[]): TearList {
  const rolls = new Map<string, { key: string; name: string; rollWidthIn: number; pieces: TornPiece[] }>();
  const boxes = new Map<string, { name: string; codes: string[]; foldedIn?: Triple; cutIn?: number }>();
  for (const { code, plan } of plans) {
    for (const { layers, interleaved, block } of planBundles(plan)) {
      if (interleaved) {
        const { key, name, rollWidthIn, sheetIn, sheets } = interleaved;
        const roll = rolls.get(key) ?? { key, name, rollWidthIn, pieces: [] };
        const [lengthIn, wide] = sheetIn;
        roll.pieces.push({ code, lengthIn, count: sheets * Math.ceil(wide / rollWidthIn - 1e-9), turns: 1, between: true });
        rolls.set(key, roll);
      }
      for (const { key, name, rollWidthIn, lengthIn, sheets, turns, stiff, sleeve } of layers) {
        if (sleeve) continue;
        const roll = rolls.get(key) ?? { key, name, rollWidthIn, pieces: [] };
        roll.pieces.push({ code, lengthIn, count: sheets * block.stacks.length, turns, ...(stiff ? { stiff } : {}) });
        rolls.set(key, roll);
      }
    }
    for (const fold of plan.folds ?? []) {
      const { material: key, name, rollWidthIn, folds } = fold;
      const roll = rolls.get(key) ?? { key, name, rollWidthIn, pieces: [] };
      const [long, short] = foldSides(fold);
      roll.pieces.push({ code, lengthIn: folds * long, count: Math.ceil(short / rollWidthIn - 1e-9), turns: folds, folded: true });
      rolls.set(key, roll);
    }
    if (plan.around) {
      const { material: key, name, rollWidthIn, lengthIn, sheets, turns } = plan.around;
      const roll = rolls.get(key) ?? { key, name, rollWidthIn, pieces: [] };
      roll.pieces.push({ code, lengthIn, count: sheets, turns });
      rolls.set(key, roll);
    }
    for (const box of boxesIn(plan)) {
      const cutIn = 'core' in box && box.core ? box.outsideIn?.[box.core.axis] : undefined;
      const key = cutIn === undefined ? box.key : `${box.key} ${cutIn}`;
      const known = boxes.get(key) ?? {
        name: box.name,
        codes: [],
        ...(isToFold(box) ? { foldedIn: box.insideIn } : {}),
        ...(cutIn === undefined ? {} : { cutIn }),
      };
      known.codes.push(code);
      boxes.set(key, known);
    }
  }
  return {
    rolls: [...rolls.values()].map((roll) => ({
      ...roll,
      pieces: [...roll.pieces].sort((a, b) => b.lengthIn - a.lengthIn || a.code.localeCompare(b.code)),
      feet: roll.pieces.reduce((sum, piece) => sum + piece.lengthIn * piece.count, 0) / IN_PER_FT,
    })),
    guards: plans
      .flatMap(({ code, plan }) =>
        planBundles(plan).flatMap(({ piece, block }) =>
          piece.hardPoints.flatMap((point) =>
            point.guard
              ? block.stacks.map(() => ({
                  name: GUARDS[point.guard!].name,
                  code,
                  lengthIn: point.guardLengthIn ?? guardLengthAdvisedIn(point),
                }))
              : [],
          ),
        ),
      )
      .sort((a, b) => a.name.localeCompare(b.name) || b.lengthIn - a.lengthIn),
    boxes: [...boxes.values()]
      .map(({ codes, ...one }) => ({ ...one, count: codes.length, codes: [...new Set(codes)] }))
      .sort((a, b) => b.count - a.count || a.name.localeCompare(b.name)),
  };
}
