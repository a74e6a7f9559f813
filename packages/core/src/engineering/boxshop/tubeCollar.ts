import type { CutWork } from './CutPart.ts';

/** A guard cut from foam tube. */
export interface TubeCollar extends CutWork {
  /** Length of tube, slit from end to end. */
  readonly lengthIn: number;
  /** Along the part itself. */
  readonly runIn: number;
  /** Wedges cut from the inner side so that the tube bends, their angle in degrees and their width there. */
  readonly wedges: number;
  readonly wedgeDegrees: number;
  readonly wedgeIn: number;
}

/** A collar reaches past the part by so much in all, inches. */
const PAST_IN = 0.5;
/** A tube bends by so much at one wedge, degrees; judgement. */
const MOST_AT_WEDGE = 30;

/** What a collar goes over: a straight run, or a hoop by its middle line. */
export type CollarRun = { readonly runIn: number } | { readonly radiusIn: number; readonly degrees: number };

/**
 * A tube over a run or a hoop.
 *
 * Formula: along a hoop of radius R over an angle θ the part is R·θ long; the inner side of a tube of radius r is shorter by
 * r·θ, which the wedges take out. Exact.
 *
 * @param diameterIn outside of the tube, and its bore
 * @throws RangeError where the bore is no smaller than the tube, or the tube is too thick for the hoop
 */
export function tubeCollar(run: CollarRun, diameterIn: number, boreIn: number): TubeCollar {
  if (!(boreIn < diameterIn)) throw new RangeError(`boreIn must be below ${diameterIn}, not ${boreIn}`);
  const hoop = 'radiusIn' in run ? run : null;
  if (hoop && !(hoop.radiusIn > diameterIn / 2)) throw new RangeError(`diameterIn does not bend round a hoop of radius ${hoop.radiusIn}`);
  const turn = hoop ? (hoop.degrees * Math.PI) / 180 : 0;
  const runIn = 'runIn' in run ? run.runIn : run.radiusIn * turn;
  const wedges = hoop ? Math.ceil(hoop.degrees / MOST_AT_WEDGE - 1e-9) : 0;
  const lengthIn = runIn + PAST_IN;
  return {
    lengthIn,
    runIn,
    wedges,
    wedgeDegrees: hoop ? hoop.degrees / wedges : 0,
    wedgeIn: hoop ? ((diameterIn / 2) * turn) / wedges : 0,
    parts: [{ name: 'tube, slit from end to end', count: 1, lengthIn, heightIn: diameterIn, knife: [], score: [] }],
    boardUsedIn2: 0,
    wasteIn2: 0,
    insideIn: null,
    outsideIn: null,
  };
}
