import type { CushionLayer } from '../../engineering/cushion/cushionCurve.ts';
import type { LoadFront } from '../../engineering/cushion/loadPatch.ts';
import { FACE_CHANCES } from '../../engineering/journey/dropHeights.ts';
import { FACES } from '../../engineering/pieces/hardPoints.ts';
import type { Column } from '../../engineering/stowage/Block.ts';
import type { Held } from '../box/stowInBox.ts';
import { emptyBefore, wayOut, wrapLayersOn } from '../fill/faceLayers.ts';
import type { Struck } from '../fill/FilledBox.ts';
import { facesStruck, type StruckShare } from './shockJourney.ts';

/** How a face of a bundle meets the gap round all of them. */
export interface Before {
  /** So many times the piece's own weight bears there. */
  readonly carried: number;
  /** Room that the fill takes beyond the gap, inches. */
  readonly emptyIn: number;
}
const ALONE: Before = { carried: 1, emptyIn: 0 };

/** The wraps on each struck face of a bundle, and the patch outside them; alike for every inner box round one bundle. */
export interface WrapStacks {
  /** Which of the bundles. */
  readonly at: number;
  readonly faces: readonly StruckShare[];
  readonly layers: readonly (readonly CushionLayer[])[];
  readonly loads: readonly LoadFront[];
  readonly before: readonly Before[];
}

/**
 * What the wraps of one bundle, as it stands, bring to the faces on which it meets the wall itself: soon worked out. Of several
 * alike the weakest stands where it is struck hardest, so that whichever of them meets the wall makes a ceiling; what else bears
 * on it is left out.
 */
export function wallStacks({ bundles, resting }: Pick<Held, 'bundles' | 'resting'>, at: number): WrapStacks {
  const { wrapped, orientation, layout } = bundles[at]!;
  const meetsWall = (face: Struck) =>
    resting[face].on[at]!.length === 0 &&
    resting[face].emptyIn[at]! === 0 &&
    layout.columns[face].some((column) => column.beyond === 0 && column.empty === 0);
  const faces =
    bundles.length === 1 && layout.count === 1
      ? facesStruck(wrapped, { wide: true, long: true })
      : FACES.filter(meetsWall).map((face) => ({ face, chance: FACE_CHANCES[face] }));
  const stacks = faces.map(({ face }) => wrapLayersOn(wrapped, orientation, face));
  return {
    at,
    faces,
    layers: stacks.map(({ layers }) => layers),
    loads: stacks.map(({ outside }) => outside),
    before: stacks.map(() => ALONE),
  };
}

/** The same on every face, through what stands beyond it and with what bears on it: of several alike by the shortest way. */
export function waysOutStacks(held: Held, at: number): WrapStacks {
  const { bundles } = held;
  const { layout } = bundles[at]!;
  const ways = FACES.map((face) => {
    const column = layout.columns[face].reduce((first, one) => (isNearer(one, first) ? one : first));
    const way = wayOut(held, at, face, column);
    return { way, emptyIn: emptyBefore(held, bundles.indexOf(way.last), face, way.last === bundles[at] ? column : null) };
  });
  return {
    at,
    faces: FACES.map((face) => ({ face, chance: FACE_CHANCES[face] })),
    layers: ways.map(({ way }) => way.layers),
    loads: ways.map(({ way }) => way.outside),
    before: ways.map(({ way, emptyIn }) => ({ carried: way.carried, emptyIn })),
  };
}
/** Nearer to the wall, or with more behind it. */
const isNearer = (one: Column, other: Column): boolean =>
  one.beyond !== other.beyond ? one.beyond < other.beyond : one.behind > other.behind;
