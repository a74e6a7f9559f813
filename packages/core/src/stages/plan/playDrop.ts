import { cornerOf } from '../../engineering/cushion/cornerOf.ts';
import { energyDensityPsi, type CushionLayer } from '../../engineering/cushion/cushionCurve.ts';
import { dropTrace, type DropTrace } from '../../engineering/cushion/dropTrace.ts';
import { breaksAtDrop } from '../../engineering/journey/oneDrop.ts';
import type { Struck } from '../fill/FilledBox.ts';
import type { ShockFacts } from '../frontier/shockJourney.ts';

/** Where a parcel may be dropped. */
export type DropFace = Struck | 'corner';

/** One drop of a nest, played in time, and what to think of it. */
export interface PlayedDrop extends DropTrace {
  /** The layers under the piece, from it outward. */
  readonly layers: readonly {
    readonly name: string;
    readonly thicknessIn: number;
    /** Share of the fall's energy it takes up at the peak, 0 to 1. */
    readonly energyShare: number;
    readonly bottomed: boolean;
  }[];
  /** What the median piece stands, g. */
  readonly stands: number;
  /** Chance that this one drop breaks it. */
  readonly breaks: number;
}

/**
 * Plays one drop on a face or a corner.
 *
 * @param heightIn above 0
 * @param steps moments to show, at least 2
 * @returns null where nothing lies on that face
 */
export function playDrop({ faces, ...standing }: ShockFacts, heightIn: number, face: DropFace, steps: number): PlayedDrop | null {
  const { names } = faces[face === 'corner' ? 'bottom' : face];
  const layers = face === 'corner' ? cornerOf([faces.bottom.layers, faces.front.layers, faces.left.layers]) : faces[face].layers;
  if (!layers.some(({ thicknessIn }) => thicknessIn > 0)) return null;
  const trace = dropTrace(layers, standing.weightLb, heightIn, steps);
  const taken = layers.map((layer) => energyIn(layer, trace.peakG * standing.weightLb));
  const all = taken.reduce((sum, one) => sum + one, 0);
  return {
    ...trace,
    layers: layers.map(({ thicknessIn }, i) => ({
      name: names[i] ?? `layer ${i + 1}`,
      thicknessIn,
      energyShare: taken[i]! / all,
      bottomed: trace.bottomed.includes(i),
    })),
    stands: standing.criticalG,
    breaks: breaksAtDrop(standing, layers, heightIn),
  };
}

/** Energy a layer has taken up at a force, in·lbf. */
const energyIn = ({ areaIn2, thicknessIn, curve }: CushionLayer, forceLbf: number): number =>
  areaIn2 * thicknessIn * energyDensityPsi(curve, forceLbf / areaIn2);
