import { IN2_PER_FT2, IN_PER_FT } from '../../units/index.ts';
import type { Triple } from '../geometry/wrapLayer.ts';
import type { BoxStock } from '../materials/stock.ts';

/** True for an envelope, which has no walls and no void. */
export const isEnvelope = ({ style }: Pick<BoxStock, 'style'>): boolean => style === 'padded' || style === 'stiffened';

/** Outside of an envelope round something flat: its own length and width, as thick as what it holds. */
export const envelopeOutsideOf = (lengthIn: number, widthIn: number, heldIn: number, caliperIn: number): Triple => [
  lengthIn + 2 * caliperIn,
  widthIn + 2 * caliperIn,
  heldIn + 2 * caliperIn,
];

/** Tape reaches this far over each end of a seam. */
export const TAPE_OVER_END_IN = 2;

/** One strip along an envelope's flap and over its ends, feet. */
export const flapStripFt = ([, widthIn]: Triple): number => (widthIn + 2 * TAPE_OVER_END_IN) / IN_PER_FT;

/** Weight of an empty envelope: two sheets of its face. */
export const envelopeTareLb = (lengthIn: number, widthIn: number, basisLbPerFt2: number): number =>
  ((2 * lengthIn * widthIn) / IN2_PER_FT2) * basisLbPerFt2;
