import { sheetOf, type CutPart, type CutWork } from './CutPart.ts';

/** A spacer of board that stands between two parts and keeps them apart. */
export interface SpacerBlock extends CutWork {
  /** Whole strip. */
  readonly blankIn: readonly [number, number];
  /** What is glued or taped under. */
  readonly flapIn: number;
}

/** The flap that closes it is no wider than this, inches; judgement. */
const MOST_FLAP_IN = 1;

/**
 * A strip folded into a square tube as wide as the gap it keeps: its walls stand across the gap and bear from one part to the
 * other.
 *
 * Formula: panels between folds G − t, D − t, G − t, D − t and a flap; folded, G by D outside. Exact.
 *
 * @param gapIn what is kept apart
 * @param depthIn how far it reaches along the parts
 * @param heightIn how high it stands
 * @throws RangeError where the board is too thick to fold to that
 */
export function spacerBlock(gapIn: number, depthIn: number, heightIn: number, caliperIn: number): SpacerBlock {
  if (!(Math.min(gapIn, depthIn) > 2 * caliperIn)) throw new RangeError(`caliperIn does not fold to ${Math.min(gapIn, depthIn)}`);
  const [across, along] = [gapIn - caliperIn, depthIn - caliperIn];
  const flapIn = Math.min(MOST_FLAP_IN, along - caliperIn);
  const folds = [across, across + along, 2 * across + along, 2 * (across + along)];
  const strip: CutPart = {
    name: 'one strip',
    count: 1,
    lengthIn: folds[3]! + flapIn,
    heightIn,
    knife: [],
    score: folds.map((x) => ({ from: [x, 0], to: [x, heightIn] })),
  };
  return {
    blankIn: [strip.lengthIn, heightIn],
    flapIn,
    parts: [strip],
    boardUsedIn2: sheetOf([strip]),
    wasteIn2: 0,
    insideIn: null,
    outsideIn: [gapIn, depthIn, heightIn],
  };
}
