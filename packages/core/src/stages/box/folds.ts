import type { CushionMaterial } from '../../engineering/cushion/cushionMaterials.ts';
import type { CushionLayer } from '../../engineering/cushion/cushionCurve.ts';
import { wrapAreaIn2, type LoadFront } from '../../engineering/cushion/loadPatch.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import { cushionOf, sheetThicknessIn } from '../../engineering/materials/cushionOf.ts';
import type { WrapStock } from '../../engineering/materials/stock.ts';
import type { Between, Joint } from '../../engineering/stowage/Stand.ts';
import type { House } from '../../house/House.ts';

/** Nobody folds more than so many thicknesses. Common practice, no source. */
export const MOST_FOLDS = 12;

/** A fold of wrap that somebody wants between two bundles, by their places in the list. */
export interface FoldChoice {
  readonly pair: readonly [number, number];
  readonly material: string;
  /** So many thicknesses of it upon one another. */
  readonly folds: number;
}

/** The same with what it is made of. */
export interface Fold extends FoldChoice {
  readonly stock: WrapStock;
  readonly cushion: CushionMaterial;
  readonly thicknessIn: number;
  /** What a square inch of it costs, with what is lost to scraps. */
  readonly minorPerIn2: number;
}

/** A fold where it stands. */
export interface PlacedFold extends Between, Fold {
  readonly sides: Joint['sides'];
  readonly along: Joint['along'];
  /** Sheet that is in it, square inches. */
  readonly areaIn2: number;
}

/** Folds as they are chosen; one of a material that is not there, or cushions nothing, is left out. */
export const foldsAsChosen = (
  chosen: readonly FoldChoice[] | undefined,
  wraps: readonly WrapStock[],
  { scrapShare }: Pick<House, 'scrapShare'>,
): Fold[] =>
  (chosen ?? []).flatMap((fold) => {
    const stock = wraps.find(({ key }) => key === fold.material);
    if (!stock || stock.cushion === null) return [];
    const minorPerIn2 = ((1 + scrapShare) * stock.priceMinor) / (stock.rollWidthIn * stock.rollLengthIn);
    return [
      {
        ...fold,
        stock,
        cushion: cushionOf({ ...stock, cushion: stock.cushion }),
        thicknessIn: fold.folds * sheetThicknessIn(stock),
        minorPerIn2,
      },
    ];
  });

/** True for two bundles that stand on either side, whichever is named first. */
const isAcross = ([one, other]: Joint['sides'], [a, b]: FoldChoice['pair']): boolean =>
  (one.includes(a) && other.includes(b)) || (one.includes(b) && other.includes(a));

/** The thickest fold between any two that stand on either side; null where there is none. */
export const foldBetween = (folds: readonly Fold[], one: readonly number[], other: readonly number[]): Fold | null =>
  folds
    .filter(({ pair }) => isAcross([one, other], pair))
    .reduce<Fold | null>((thickest, fold) => (!thickest || fold.thicknessIn > thickest.thicknessIn ? fold : thickest), null);

/** Folds at their joints, after the board where there is one: each as large as the smaller of its neighbours. */
export const placedFolds = (joints: readonly Joint[], folds: readonly Fold[], boardIn: number): PlacedFold[] =>
  joints.flatMap(({ along, sides, atIn, sizeIn }) => {
    const fold = foldBetween(folds, ...sides);
    if (!fold) return [];
    const faceIn2 = sizeIn.reduce((area, side, axis) => (axis === along ? area : area * side), 1);
    const set = (of: readonly number[], value: number) => of.map((one, axis) => (axis === along ? value : one)) as unknown as Triple;
    return [
      {
        ...fold,
        sides,
        along,
        atIn: set(atIn, atIn[along] + boardIn),
        sizeIn: set(sizeIn, fold.thicknessIn),
        areaIn2: fold.folds * faceIn2,
      },
    ];
  });

/** What stands between two bundles; null where they stand against one another, or something else stands between. */
export const foldMet = (folds: readonly PlacedFold[], one: number, other: number): PlacedFold | null =>
  folds.find(({ sides }) => isAcross(sides, [one, other])) ?? null;

/** A fold as a cushion under what bears on it. */
export const foldLayer = ({ cushion, thicknessIn }: Fold, outside: LoadFront): CushionLayer => ({
  thicknessIn,
  curve: cushion.curve,
  areaIn2: wrapAreaIn2(outside, thicknessIn),
});

/** What may be folded between two bundles: what cushions and is not stiff. */
export const mayBeFolded = ({ cushion, stiff, role }: WrapStock): boolean =>
  cushion !== null && !stiff && (role === 'conform' || role === 'cushion');

/** True for the same two bundles, whichever is named first. */
export const isPair = ([a, b]: FoldChoice['pair'], other: FoldChoice['pair']): boolean => isAcross([[a], [b]], other);

/** The two sides of a fold beside its thickness, inches, the longer first. */
export function foldSides({ sizeIn, along }: Pick<PlacedFold, 'sizeIn' | 'along'>): [long: number, short: number] {
  const [one, other] = sizeIn.filter((_, axis) => axis !== along) as [number, number];
  return one >= other ? [one, other] : [other, one];
}

/** Floor that bundles stand on, square inches: what is folded between them carries nothing. */
export const standingAreaIn2 = ({ blockIn: [l, w], folds }: { readonly blockIn: Triple; readonly folds: readonly PlacedFold[] }): number =>
  folds.reduce((area, { atIn, sizeIn, along }) => (atIn[2] === 0 && along !== 2 ? area - sizeIn[0] * sizeIn[1] : area), l * w);
