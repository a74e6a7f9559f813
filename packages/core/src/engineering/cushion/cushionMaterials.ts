import { memory, type Provenance } from '../../sources/index.ts';
import { impliedStrain, joinStressPsi, type CushionCurve } from './cushionCurve.ts';
import { curveFromBestPoint } from './curveFromBestPoint.ts';

/** How a material behaves under shock and on the way. */
export interface CushionMaterial {
  readonly key: CushionKey;
  readonly curve: CushionCurve;
  /** Share of its thickness lost by settling on the way; judgement. */
  readonly settleShare: number;
  /** Flows away from under a heavy bundle. */
  readonly sinks: boolean;
  /** Chambers that may be empty: the more, the heavier what lies on them. */
  readonly deflates: boolean;
  /** Share of a face that bears where it fills a gap; judgement. */
  readonly bearingShare: number;
  /** Least room in which it can be put at all where it fills a gap, inches. Common practice, no source. */
  readonly leastRoomIn: number;
  /** Chance that a bundle drifts in it, so that half of the base is gone for the whole journey; judgement. */
  readonly driftChance: number;
  readonly provenance: Provenance;
}

export type CushionKey =
  | 'smallBubble'
  | 'mediumBubble'
  | 'largeBubble'
  | 'jumboBubble'
  | 'foamSheet'
  | 'mouldedFill'
  | 'starchFill'
  | 'crumpledPaper'
  | 'airPillows'
  | 'foamInPlace'
  | 'corrugatedPad';

/** Height and thickness at which the lowest points below are stated. */
const STATED = { dropHeightIn: 24, thicknessIn: 2 };

/** Every material continues as the least exponent has it; see `cushionCurve.ts` for why. */
const CONTINUATION = 1;

type Row = readonly [
  key: CushionKey,
  bestStaticStressPsi: number,
  leastG: number,
  settleShare: number,
  bearingShare: number,
  driftChance: number,
  leastRoomIn: number,
  flows?: 'sinks' | 'deflates',
];
const ROWS: readonly Row[] = [
  ['smallBubble', 0.15, 60, 0.03, 0.9, 0.08, 0.2],
  ['mediumBubble', 0.18, 57, 0.03, 0.9, 0.08, 0.2],
  ['largeBubble', 0.22, 55, 0.03, 0.9, 0.08, 0.2],
  ['jumboBubble', 0.14, 58, 0.04, 0.9, 0.08, 0.2],
  ['foamSheet', 0.6, 55, 0.01, 1, 0, 0.2],
  ['mouldedFill', 0.2, 60, 0.06, 1, 0.15, 0.75, 'sinks'],
  ['starchFill', 0.18, 66, 0.09, 1, 0.15, 0.75, 'sinks'],
  ['crumpledPaper', 0.35, 75, 0.1, 0.8, 0.1, 0.25],
  ['airPillows', 0.15, 62, 0.08, 0.6, 0.12, 1.25, 'deflates'],
  ['foamInPlace', 0.35, 45, 0.01, 1, 0.02, 0.75],
  ['corrugatedPad', 2, 110, 0, 1, 0, 0.15],
];

/**
 * A cushion material from the lowest point of its curve at 24 in and 2 in thickness.
 *
 * @throws RangeError when its data imply a strain above 1 on the way from air to the working range, which no cushion can have
 */
export function cushionMaterial([
  key,
  bestStaticStressPsi,
  leastG,
  settleShare,
  bearingShare,
  driftChance,
  leastRoomIn,
  flows,
]: Row): CushionMaterial {
  const curve = { ...curveFromBestPoint({ staticStressPsi: bestStaticStressPsi, leastG, ...STATED }), p: CONTINUATION };
  const strain = impliedStrain(curve, joinStressPsi(curve));
  if (strain > 1) throw new RangeError(`${key} implies a strain of ${strain.toFixed(2)}, which must not exceed 1`);
  return {
    key,
    curve,
    settleShare,
    bearingShare,
    driftChance,
    leastRoomIn,
    sinks: flows === 'sinks',
    deflates: flows === 'deflates',
    provenance: { ...memory('daum2006'), note: 'shape of the trade’s curves; how it goes on below the working range is judgement' },
  };
}

/** All materials the model knows, by key. */
export const CUSHION_MATERIALS: Readonly<Record<CushionKey, CushionMaterial>> = Object.fromEntries(
  ROWS.map((row) => [row[0], cushionMaterial(row)]),
) as Record<CushionKey, CushionMaterial>;

/** Share of its thickness that used bubble still has; judgement: popped and tired cells. */
export const REUSED_BUBBLE_SHARE = 0.8;
