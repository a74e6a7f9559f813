import { memory, type Provenance } from '../../sources/index.ts';
import { greatestStrain, type CushionCurve } from './cushionCurve.ts';
import { curveFromBestPoint } from './curveFromBestPoint.ts';

/** How a material behaves under shock and on the way. */
export interface CushionMaterial {
  readonly key: CushionKey;
  readonly curve: CushionCurve;
  /** Share of its thickness lost by settling on the way; judgement. */
  readonly settleShare: number;
  /** Flows away from under a heavy bundle. */
  readonly migrates: boolean;
  /** Share of its thickness lost because chambers lose their air; judgement. */
  readonly airLossShare: number;
  readonly provenance: Provenance;
}

export type CushionKey =
  | 'smallBubble'
  | 'mediumBubble'
  | 'largeBubble'
  | 'foamSheet'
  | 'mouldedFill'
  | 'starchFill'
  | 'crumpledPaper'
  | 'airPillows'
  | 'foamInPlace'
  | 'corrugatedPad';

/** Height and thickness at which the lowest points below are stated. */
const STATED = { dropHeightIn: 24, thicknessIn: 2 };

type Row = readonly [
  key: CushionKey,
  bestStaticStressPsi: number,
  leastG: number,
  p: number,
  settle: number,
  migrates?: boolean,
  airLoss?: number,
];
const ROWS: readonly Row[] = [
  ['smallBubble', 0.15, 60, 1.4, 0.03],
  ['mediumBubble', 0.18, 57, 1.45, 0.03],
  ['largeBubble', 0.22, 55, 1.5, 0.03],
  ['foamSheet', 0.6, 55, 1.5, 0.01],
  ['mouldedFill', 0.2, 60, 1.4, 0.06, true],
  ['starchFill', 0.18, 66, 1.4, 0.09, true],
  ['crumpledPaper', 0.35, 75, 1.3, 0.1],
  ['airPillows', 0.15, 62, 1.4, 0.08, false, 0.03],
  ['foamInPlace', 0.35, 45, 1.8, 0.01],
  ['corrugatedPad', 2, 110, 1.6, 0],
];

/**
 * A cushion material from the lowest point of its curve at 24 in and 2 in thickness.
 *
 * @throws RangeError when its data imply a strain above 1, which no cushion can have
 */
export function cushionMaterial([
  key,
  bestStaticStressPsi,
  leastG,
  p,
  settleShare,
  migrates = false,
  airLossShare = 0,
]: Row): CushionMaterial {
  const curve = { ...curveFromBestPoint({ staticStressPsi: bestStaticStressPsi, leastG, ...STATED }), p };
  const strain = greatestStrain(curve);
  if (!(p > 1) || strain > 1) throw new RangeError(`${key} implies a greatest strain of ${strain.toFixed(2)}, which must not exceed 1`);
  const provenance: Provenance = { ...memory('daum2006'), note: 'shape of the trade’s curves; exponent p is judgement' };
  return { key, curve, settleShare, migrates, airLossShare, provenance };
}

/** All materials the model knows, by key. */
export const CUSHION_MATERIALS: Readonly<Record<CushionKey, CushionMaterial>> = Object.fromEntries(
  ROWS.map((row) => [row[0], cushionMaterial(row)]),
) as Record<CushionKey, CushionMaterial>;

/** Share of its thickness that used bubble still has; judgement: popped and tired cells. */
export const REUSED_BUBBLE_SHARE = 0.8;
