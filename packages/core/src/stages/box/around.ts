import type { CushionMaterial } from '../../engineering/cushion/cushionMaterials.ts';
import { wrapLayer, type Triple } from '../../engineering/geometry/wrapLayer.ts';
import { cushionOf, sheetThicknessIn } from '../../engineering/materials/cushionOf.ts';
import type { WrapStock } from '../../engineering/materials/stock.ts';
import { IN2_PER_FT2 } from '../../units/index.ts';
import type { House } from '../../house/House.ts';
import type { MadePart } from './madeParts.ts';

/** Wrap that somebody lays round several bundles, each of which has its own, so that they go as one. */
export interface AroundChoice {
  readonly material: string;
  /** Halves allowed. */
  readonly turns: number;
  /** Which of the bundles, by their place in the parcel; all of them where nothing is said. */
  readonly of?: readonly number[];
}

/** The same with what it is of, before it is known what it goes round. */
export interface AroundWrap extends AroundChoice {
  readonly stock: WrapStock;
  readonly scrapShare: number;
}

/** The same as it lies, with what it takes. */
export interface Around extends AroundChoice {
  readonly stock: WrapStock;
  readonly cushion: CushionMaterial | null;
  /** On every side. */
  readonly thicknessIn: number;
  readonly lengthIn: number;
  readonly sheets: number;
  readonly areaIn2: number;
  readonly scrapShare: number;
  /** Where it stands where it goes round some of them, from the near lower corner of them all, and its outside; null round all. */
  readonly some: { readonly of: readonly number[]; readonly atIn: Triple; readonly sizeIn: Triple } | null;
}

/** True for a bundle that is within it. */
export const isWound = (around: Around | null, at: number): boolean =>
  around !== null && (around.some === null || around.some.of.includes(at));

/** True for a wrap that lies between two bundles, one within it and one not. */
export const partsThem = (around: Around | null, one: number, other: number): boolean => isWound(around, one) !== isWound(around, other);

/**
 * Which of so many bundles it goes round: null for all of them.
 *
 * @param counts how many are alike, by their place
 * @returns none where there would be nothing to wrap together
 */
export function woundOf({ of }: AroundChoice, counts: readonly number[]): readonly number[] | null {
  const there = of ? counts.flatMap((_, at) => (of.includes(at) ? [at] : [])) : [];
  if (!of || there.length === counts.length) return null;
  return there.reduce((sum, at) => sum + counts[at]!, 0) > 1 ? there : [];
}

/** True for what may be laid round several bundles: anything but card, which does not go round. */
export const goesAround = ({ stiff }: Pick<WrapStock, 'stiff'>): boolean => !stiff;

/** What is chosen, found in the stockroom; null for nothing, and for what is not there. */
export function aroundAsChosen(
  chosen: AroundChoice | null | undefined,
  wraps: readonly WrapStock[],
  { scrapShare }: Pick<House, 'scrapShare'>,
): AroundWrap | null {
  const stock = chosen && wraps.find((one) => one.key === chosen.material && goesAround(one));
  return stock ? { ...chosen, stock, scrapShare } : null;
}

/** Lays a wrap round what stands together, along its longest side, as round a block. */
export function layAround(
  wrap: AroundWrap,
  blockIn: Triple,
  some: { readonly of: readonly number[]; readonly atIn: Triple } | null = null,
): Around {
  const { stock, turns, scrapShare, material } = wrap;
  const thicknessIn = thickAroundIn(wrap);
  const outside = (axis: 0 | 1 | 2) => blockIn[axis] + 2 * thicknessIn;
  const [l, w, h] = [...blockIn].sort((a, b) => b - a) as [number, number, number];
  const { lengthIn, sheets, areaIn2 } = wrapLayer('block', [l, w, h], {
    thicknessIn: sheetThicknessIn(stock),
    turns,
    rollWidthIn: stock.rollWidthIn,
  });
  return {
    material,
    turns,
    stock,
    scrapShare,
    cushion: stock.cushion === null ? null : cushionOf({ ...stock, cushion: stock.cushion }),
    thicknessIn,
    lengthIn,
    sheets,
    areaIn2,
    some: some && { ...some, sizeIn: [outside(0), outside(1), outside(2)] },
  };
}

/** What was chosen. */
export const aroundChoice = ({ material, turns, some }: Pick<Around, 'material' | 'turns' | 'some'>): AroundChoice => ({
  material,
  turns,
  ...(some ? { of: some.of } : {}),
});

/** How thick it will be on every side, inches. */
export const thickAroundIn = ({ stock, turns }: AroundWrap): number => turns * sheetThicknessIn(stock);

/** What it weighs, costs and takes. */
export const aroundPart = ({ stock, turns, areaIn2, lengthIn, sheets, scrapShare }: Around): MadePart => ({
  key: 'around',
  boardFt2: 0,
  takenFt2: 0,
  weightLb: (areaIn2 / IN2_PER_FT2) * stock.lbPerFt2,
  costMinor: (areaIn2 * (1 + scrapShare) * stock.priceMinor) / (stock.rollWidthIn * stock.rollLengthIn),
  minutes: turns * stock.minutesPerTurn,
  wrap: { key: stock.key, name: stock.name, turns, lengthIn, sheets, ft2: areaIn2 / IN2_PER_FT2 },
  orders: [],
});
