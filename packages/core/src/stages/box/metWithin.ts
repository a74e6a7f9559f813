import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import { takenIn3 } from '../../engineering/stowage/Block.ts';
import type { RestingByFace, Resting, Stands, Support } from '../../engineering/stowage/resting.ts';
import { FACES, FACE_AXIS, isLow, type Face } from '../../engineering/pieces/hardPoints.ts';
import { nestedIn, rootOf, type Hosts } from './hosts.ts';
import { UPRIGHT } from './pitchOf.ts';
import type { LyingBundle } from './StowedBox.ts';

// What others meet of bundles that stand in one another, and what bears on what among them.

type Nested = Pick<LyingBundle, 'within' | 'atIn' | 'sizeIn'>;
const hostsIn = (bundles: readonly Pick<Nested, 'within'>[]): Hosts | null =>
  bundles.every(({ within }) => within === null) ? null : bundles.map(({ within }) => within && within.at);

/** Some of a parcel's bundles as a list of their own. */
export const amongThem = (bundles: readonly LyingBundle[], of: readonly number[]): LyingBundle[] =>
  of.map((at) => {
    const bundle = bundles[at]!;
    const host = bundle.within ? of.indexOf(bundle.within.at) : -1;
    return bundle.within ? { ...bundle, within: host < 0 ? null : { ...bundle.within, at: host } } : bundle;
  });

/** The outline of what stands in another, to others. */
export const NOTHING: Triple = [0, 0, 0];

/** What others meet: of one with all that stands in it, of what stands in another nothing. */
export function standsOf(bundles: readonly Nested[]): readonly Stands[] {
  const hosts = hostsIn(bundles);
  if (!hosts) return bundles;
  return bundles.map(({ atIn, sizeIn }, at) => {
    if (hosts[at] !== null) return { atIn, sizeIn: NOTHING };
    const all = [at, ...nestedIn(hosts, at)].map((one) => bundles[one]!);
    const low = atIn.map((_, i) => Math.min(...all.map((one) => one.atIn[i]!))) as unknown as Triple;
    const high = sizeIn.map((_, i) => Math.max(...all.map((one) => one.atIn[i]! + one.sizeIn[i]!)));
    return { atIn: low, sizeIn: high.map((side, i) => side - low[i]!) as unknown as Triple };
  });
}

/**
 * What rests on what where some stand in others: toward the foot and sideways what is within bears on what it stands in; toward the
 * open end what is round it bears on that, and the innermost meets whatever is beyond them.
 *
 * @param resting of what others meet
 */
export function restingWithin(resting: RestingByFace, bundles: readonly Pick<LyingBundle, 'within' | 'orientation'>[]): RestingByFace {
  const hosts = hostsIn(bundles);
  if (!hosts) return resting;
  const isAnEnd = (face: Face, at: number) => FACE_AXIS[face] === bundles[at]!.orientation.indexOf(UPRIGHT);
  const isFoot = (face: Face, at: number) => isAnEnd(face, at) && isLow(face);
  const isOpenEnd = (face: Face, at: number) => isAnEnd(face, at) && !isLow(face);
  const innermostOf = (at: number) => nestedIn(hosts, at).at(-1) ?? at;
  const toward = (face: Face): Resting => {
    const { on, emptyIn } = resting[face];
    // what comes from beyond an open end meets the innermost
    const met = (support: Support): Support => (isFoot(face, support.at) ? { ...support, at: innermostOf(support.at) } : support);
    const outward = (at: number): { readonly on: readonly Support[]; readonly emptyIn: number } => {
      const root = rootOf(hosts, at);
      const open = isOpenEnd(face, root);
      const next = open ? hosts.indexOf(at) : (hosts[at] ?? -1);
      return next >= 0 ? { on: [{ at: next, share: 1 }], emptyIn: 0 } : { on: on[root]!.map(met), emptyIn: emptyIn[root]! };
    };
    const each = bundles.map((_, at) => outward(at));
    return { on: each.map((one) => one.on), emptyIn: each.map((one) => one.emptyIn) };
  };
  return Object.fromEntries(FACES.map((face) => [face, toward(face)])) as unknown as RestingByFace;
}

/** Room that bundles take, cubic inches: of one that stands in another, or in one of its like, what stands out of that. */
export function takenByBundle({ layout, bundleIn, pitchIn, within }: LyingBundle): number {
  const allIn3 = takenIn3(layout, bundleIn, pitchIn);
  return within === null ? allIn3 : (allIn3 / bundleIn[within.axis]) * within.standsOutIn;
}

/** A bundle with all that it stands in, and all that stand in one of those. */
export function togetherWith(bundles: readonly Pick<LyingBundle, 'within'>[], at: number): number[] {
  const hosts = hostsIn(bundles);
  return hosts ? [rootOf(hosts, at), ...nestedIn(hosts, rootOf(hosts, at))] : [at];
}

/** True where one of two stands in the other. */
export const isWithin = (bundles: readonly Pick<LyingBundle, 'within'>[], one: number, other: number): boolean =>
  bundles[one]!.within?.at === other || bundles[other]!.within?.at === one;
