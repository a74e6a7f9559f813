import { formatLength, formatWeight, IN2_PER_FT2, IN3_PER_FT3, type Minor, type UnitSystem } from '../../units/index.ts';
import type { CushionKey } from '../cushion/cushionMaterials.ts';
import { ORDINARY_FILLS, ORDINARY_WRAPS } from './ordinaryStock.ts';
import type { FillStock, WrapRole, WrapStock } from './stock.ts';

/** Turns that are laid on one another to measure one of them. Common practice, no source. */
export const TURNS_MEASURED = 10;

/** A wrap as somebody measures it at the bench: ten turns with a ruler, one sheet on the scale. */
export interface MeasuredWrap {
  readonly name: string;
  readonly role: WrapRole;
  /** What it cushions like; null for what does not. */
  readonly cushion: CushionKey | null;
  /** Thickness of ten turns under light tension, inches. */
  readonly tenTurnsIn: number;
  /** A sheet of it, and what that weighs. */
  readonly sheetIn: readonly [number, number];
  readonly sheetLb: number;
  /** As it is bought: width and length, inches, and the price of that. */
  readonly rollIn: readonly [number, number];
  readonly priceMinor: Minor;
  readonly abrasive: boolean;
}

/** A fill as somebody measures it: a box filled with it on the scale, less the box. */
export interface MeasuredFill {
  readonly name: string;
  readonly cushion: CushionKey;
  readonly boxIn: readonly [number, number, number];
  readonly boxfulLb: number;
  /** What is counted, how many of it the box took, and the price of one. */
  readonly unitName: string;
  readonly unitsInBox: number;
  readonly unitMinor: Minor;
}

/** Nothing that is wrapped round or stuffed is heavier: board of 0.3 lb a square foot, paper pressed to 3 lb a cubic foot; judgement. */
const MOST = { lbPerFt2: 0.6, lbPerFt3: 6, thicknessIn: 1.5 };

/**
 * A wrap of the shop's own from what was measured: thickness a tenth of ten turns, weight by the sheet.
 *
 * @param taken keys that are in use
 * @param system units of what is said
 * @throws RangeError for what no wrap can be, in words for whoever measured
 */
export function ownWrap(measured: MeasuredWrap, taken: readonly string[], system: UnitSystem = 'imperial'): WrapStock {
  const { name, role, cushion, tenTurnsIn, sheetIn, sheetLb, rollIn, priceMinor, abrasive } = measured;
  const thicknessIn = tenTurnsIn / TURNS_MEASURED;
  const lbPerFt2 = (sheetLb * IN2_PER_FT2) / (sheetIn[0] * sheetIn[1]);
  if (!(thicknessIn > 0 && thicknessIn <= MOST.thicknessIn))
    throw new RangeError(
      `ten turns are ${formatLength(MOST.thicknessIn * TURNS_MEASURED, system)} thick at most, not ${formatLength(tenTurnsIn, system)}`,
    );
  if (!(lbPerFt2 > 0 && lbPerFt2 <= MOST.lbPerFt2))
    throw new RangeError(
      `a sheet that size weighs ${formatWeight((MOST.lbPerFt2 * sheetIn[0] * sheetIn[1]) / IN2_PER_FT2, system)} at most, not ${formatWeight(sheetLb, system)}`,
    );
  if ((role === 'cushion' || role === 'conform') && cushion === null)
    throw new RangeError('what cushions is like one of the materials whose cushioning is known');
  const alike = Object.values(ORDINARY_WRAPS).filter((one) => one.role === role);
  return {
    key: keyOf(name, cushion ?? role, taken),
    name,
    role,
    cushion: role === 'skin' || role === 'barrier' ? null : cushion,
    thicknessIn,
    rollWidthIn: rollIn[0],
    rollLengthIn: rollIn[1],
    priceMinor,
    lbPerFt2,
    minutesPerTurn: alike.reduce((sum, one) => sum + one.minutesPerTurn, 0) / alike.length,
    abrasive,
    stiff: false,
    reused: false,
    onHandFt2: 0,
  };
}

/**
 * A fill of the shop's own from a box that was filled with it.
 *
 * @param taken keys that are in use
 * @param system units of what is said
 * @throws RangeError for what no fill can be, in words for whoever measured
 */
export function ownFill(
  { name, cushion, boxIn, boxfulLb, unitName, unitsInBox, unitMinor }: MeasuredFill,
  taken: readonly string[],
  system: UnitSystem = 'imperial',
): FillStock {
  const boxFt3 = (boxIn[0] * boxIn[1] * boxIn[2]) / IN3_PER_FT3;
  const lbPerFt3 = boxfulLb / boxFt3;
  if (!(lbPerFt3 > 0 && lbPerFt3 <= MOST.lbPerFt3))
    throw new RangeError(
      `that box full weighs ${formatWeight(MOST.lbPerFt3 * boxFt3, system)} at most without the box, not ${formatWeight(boxfulLb, system)}`,
    );
  if (!(unitsInBox > 0)) throw new RangeError(`some of them went into the box, not ${unitsInBox}`);
  const unitFt3 = boxFt3 / unitsInBox;
  const alike = Object.values(ORDINARY_FILLS).find((one) => one.cushion === cushion);
  return {
    key: keyOf(name, cushion, taken),
    name,
    cushion,
    lbPerFt3,
    minorPerFt3: unitMinor / unitFt3,
    minutesPerFt3: alike?.minutesPerFt3 ?? 1,
    unitName,
    unitFt3,
    onHandFt3: 0,
  };
}

/** A key made of what it is like and its name, with a number where it is taken. */
function keyOf(name: string, like: string, taken: readonly string[]): string {
  const words = name
    .toLowerCase()
    .replaceAll(/[^a-z0-9]+/g, '-')
    .replaceAll(/^-|-$/g, '')
    .slice(0, 30);
  const plain = `${OWN}${like}-${words || 'material'}`;
  for (let number = 1; ; number++) {
    const key = number === 1 ? plain : `${plain}-${number}`;
    if (!taken.includes(key)) return key;
  }
}
const OWN = 'own-';

/** What a material of the shop's own is like, by its key: a cushion, or where it stands in the order; null for any other. */
export const likeOfOwn = (key: string): string | null => (key.startsWith(OWN) ? (key.slice(OWN.length).split('-')[0] ?? null) : null);
