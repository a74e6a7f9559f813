import { orient, type Orientation } from '../../engineering/geometry/orientations.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import { takenIn3, type Grid } from '../../engineering/stowage/Block.ts';
import type { RestingByFace, Resting, Stands, Support } from '../../engineering/stowage/resting.ts';
import type { Apart, Joint, Stand } from '../../engineering/stowage/Stand.ts';
import { FACES, FACE_AXIS, type Face } from '../../engineering/pieces/hardPoints.ts';
import type { WrappedItem, Wraps } from '../wrap/WrappedItem.ts';
import { orientationsOf } from './orientationsOf.ts';
import { sizeAsLies } from './pitchOf.ts';
import type { LyingBundle, Within } from './StowedBox.ts';

// Pieces that differ and go into one another as they stand: a lid turned over in its pot, a small bowl in a large one. Each is wrapped
// by itself, and the inner one is set in without force. Common practice, no source.

/** Which of the piece's own axes is upright as it stands: along it the one goes into the other. */
const UPRIGHT = 2;
/** Sides this much larger still go in, inches. */
const EVEN_IN = 1e-6;

/** By the place of each bundle, the one that it stands in; null for none. */
export type Hosts = readonly (number | null)[];

/** Why a piece cannot stand in the one it is to stand in; by how much it is too large, inches, where that is why. */
export interface NotWithin {
  readonly why: 'several' | 'boxed' | 'wide' | 'high' | 'taken' | 'round' | 'parted';
  readonly byIn: number;
}

type Placed = Pick<WrappedItem, 'piece' | 'boxed'>;

const hostAt = (wraps: readonly Placed[], at: number): number => {
  const within = wraps[at]!.piece.facts.within;
  return within === null ? -1 : wraps.findIndex(({ piece }) => piece.facts.id === within.pieceId);
};

/**
 * Why a bundle does not stand in the one it is to stand in; null where it does, and where that one is not in the parcel.
 *
 * @param together bundles that something goes round, so that none of them stands in one outside of it
 */
export function whyNotWithin(wraps: readonly Placed[], at: number, together: readonly number[] = []): NotWithin | null {
  const host = hostAt(wraps, at);
  if (host < 0) return null;
  const [child, outer] = [wraps[at]!, wraps[host]!];
  if ([child, outer].some(({ piece: { facts } }) => facts.count > 1)) return { why: 'several', byIn: 0 };
  if (child.boxed || outer.boxed) return { why: 'boxed', byIn: 0 };
  for (let up = host, steps = 0; up >= 0; up = hostAt(wraps, up)) if (up === at || ++steps > wraps.length) return { why: 'round', byIn: 0 };
  if (wraps.findIndex((_, one) => hostAt(wraps, one) === host) < at) return { why: 'taken', byIn: 0 };
  const across = ({ piece: { sizeIn } }: Placed) => [Math.min(sizeIn[0], sizeIn[1]), Math.max(sizeIn[0], sizeIn[1])] as const;
  const [[narrow, wide], [least, most]] = [across(child), across(outer)];
  const widerIn = Math.max(narrow - least, wide - most);
  if (widerIn > EVEN_IN) return { why: 'wide', byIn: widerIn };
  const higherIn = child.piece.sizeIn[UPRIGHT] - outer.piece.sizeIn[UPRIGHT] - child.piece.facts.within!.standsOutIn;
  if (higherIn > EVEN_IN) return { why: 'high', byIn: higherIn };
  return together.includes(at) === together.includes(host) ? null : { why: 'parted', byIn: 0 };
}

/** The one that each bundle stands in; null where none stands in another. */
export function hostsOf(wraps: Wraps, together: readonly number[] = []): Hosts | null {
  if (wraps.length === 1 || wraps.every(({ piece }) => piece.facts.within === null)) return null;
  const hosts = wraps.map((_, at) => (whyNotWithin(wraps, at, together) === null ? hostAt(wraps, at) : -1));
  return hosts.some((host) => host >= 0) ? hosts.map((host) => (host < 0 ? null : host)) : null;
}

/** The outermost of those that a bundle stands in: itself where it stands in none. */
export function rootOf(hosts: Hosts, at: number): number {
  let root = at;
  for (let host = hosts[root]; host !== null && host !== undefined; host = hosts[root]) root = host;
  return root;
}

/** What stands in a bundle, from without inward. */
export function nestedIn(hosts: Hosts, at: number): number[] {
  const nested: number[] = [];
  for (let inner = hosts.indexOf(at); inner >= 0; inner = hosts.indexOf(inner)) nested.push(inner);
  return nested;
}

/** How a bundle lies in another: its own way up along that one's, its longer side along the longer. */
function lyingIn(outer: Orientation, { piece: { sizeIn: host } }: Placed, { piece: { sizeIn: child } }: Placed): Orientation {
  const same = host[0] >= host[1] === child[0] >= child[1];
  return same ? outer : (outer.map((axis) => (axis === UPRIGHT ? axis : 1 - axis)) as unknown as Orientation);
}

/** The ways in which a bundle may lie, by what stands in it; all where that allows none of them. */
export function allowedWithin<Way extends { readonly orientation: Orientation }>(
  wraps: Wraps,
  hosts: Hosts,
  root: number,
  ways: readonly Way[],
): readonly Way[] {
  const nested = nestedIn(hosts, root).map((at) => wraps[at]!.piece);
  const upIn = nested.map(({ facts, sizeIn }) => orientationsOf(facts, sizeIn).map((one) => one.indexOf(UPRIGHT)));
  const allowed = ways.filter(({ orientation }) => upIn.every((axes) => axes.includes(orientation.indexOf(UPRIGHT))));
  return allowed.length > 0 ? allowed : ways;
}

/** Every bundle as it lies where some lie as the one they stand in. */
export function lieWithin<Lies extends { readonly orientation: Orientation }>(wraps: Wraps, hosts: Hosts, lies: readonly Lies[]): Lies[] {
  const found = [...lies];
  for (let root = 0; root < wraps.length; root++) {
    if (hosts[root] !== null) continue;
    let outer = root;
    for (const at of nestedIn(hosts, root)) {
      found[at] = { ...found[at]!, orientation: lyingIn(found[outer]!.orientation, wraps[outer]!, wraps[at]!) };
      outer = at;
    }
  }
  return found;
}

/** A bundle as it lies, before it is placed. */
type Lying = Pick<LyingBundle, 'wrapped' | 'orientation' | 'bundleIn' | 'sizeIn'>;

/** By how much one stands out of what it stands in as they lie, wraps between them, inches. */
const standsOut = ({ wrapped: { piece }, orientation, bundleIn }: Omit<Lying, 'sizeIn'>): number =>
  piece.facts.within!.standsOutIn + bundleIn[orientation.indexOf(UPRIGHT)]! - piece.sizeIn[UPRIGHT];

/** Outlines as bundles stand among each other: of one with all that stands in it, of what stands in another none of its own. */
export const outlinesWithin = (lying: readonly Lying[], hosts: Hosts): Triple[] =>
  lying.map(({ orientation, sizeIn }, at) => {
    if (hosts[at] !== null) return NOTHING;
    const axis = orientation.indexOf(UPRIGHT);
    return nestedIn(hosts, at).reduce<Triple>(
      (all, inner) =>
        all.map((side, i) =>
          i === axis ? side + standsOut(lying[inner]!) : Math.max(side, lying[inner]!.sizeIn[i]!),
        ) as unknown as Triple,
      sizeIn,
    );
  });
const NOTHING: Triple = [0, 0, 0];

/** The same of bundles of which it is known how each lies. */
export function outlinesAsLie(
  wraps: Wraps,
  lies: readonly { readonly orientation: Orientation; readonly grid: Grid }[],
  hosts = hostsOf(wraps),
): Triple[] {
  const sizes = (hosts ? lieWithin(wraps, hosts, lies) : lies).map((one, at) => ({
    wrapped: wraps[at]!,
    orientation: one.orientation,
    bundleIn: orient(wraps[at]!.bundleIn, one.orientation),
    sizeIn: sizeAsLies(wraps[at]!, one),
  }));
  return hosts ? outlinesWithin(sizes, hosts) : sizes.map(({ sizeIn }) => sizeIn);
}

/**
 * Bundles at their places: what stands in another in the middle of it, its foot as deep as both wraps let it go.
 *
 * @param at the near lower corner of each one's outline
 */
export function placedWithin<One extends Lying>(
  lying: readonly One[],
  hosts: Hosts,
  outlines: readonly Triple[],
  at: readonly Triple[],
): (One & { readonly atIn: Triple; readonly within: Within | null })[] {
  return lying.map((one, place) => {
    const root = rootOf(hosts, place);
    const nested = nestedIn(hosts, root);
    const { orientation, sizeIn } = lying[root]!;
    const axis = orientation.indexOf(UPRIGHT);
    let endIn = sizeIn[axis]!;
    for (const inner of nested.slice(0, nested.indexOf(place) + 1)) endIn += standsOut(lying[inner]!);
    const from = outlines[root]!.map((side, i) => (i === axis ? endIn - one.sizeIn[i]! : (side - one.sizeIn[i]!) / 2));
    const host = hosts[place] ?? null;
    return {
      ...one,
      atIn: from.map((offset, i) => at[root]![i]! + offset) as unknown as Triple,
      within: host === null ? null : { at: host, axis: axis as 0 | 1 | 2, standsOutIn: standsOut(one) },
    };
  });
}

/** A stand in which what stands in another is told with it, and nowhere else. */
export function stoodWithin(stand: Stand, hosts: Hosts): Stand {
  const settled = (part: Stand): Stand | null => {
    if (typeof part === 'number') {
      if (hosts[part] !== null) return null;
      const nested = nestedIn(hosts, part);
      return nested.length === 0 ? part : { along: UPRIGHT, parts: [part, ...nested] };
    }
    const parts = part.parts.flatMap((one) => settled(one) ?? []);
    return parts.length === 0 ? null : parts.length === 1 ? parts[0]! : { ...part, parts };
  };
  return settled(stand) ?? stand;
}

/** Nothing goes between what stands in another and that. */
const isOnlyWithin = (hosts: Hosts, side: readonly number[]): boolean => side.every((at) => hosts[at] !== null);
export const apartWithin =
  (apart: Apart, hosts: Hosts): Apart =>
  (one, other) =>
    isOnlyWithin(hosts, one) || isOnlyWithin(hosts, other) ? 0 : typeof apart === 'number' ? apart : apart(one, other);
export const jointsWithin = (joints: readonly Joint[], hosts: Hosts): Joint[] =>
  joints.filter(({ sides }) => !sides.some((side) => isOnlyWithin(hosts, side)));

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
  const isOpenEnd = (face: Face, at: number) =>
    FACE_AXIS[face] === bundles[at]!.orientation.indexOf(UPRIGHT) && (face === 'top' || face === 'back' || face === 'right');
  const isFoot = (face: Face, at: number) =>
    FACE_AXIS[face] === bundles[at]!.orientation.indexOf(UPRIGHT) && (face === 'bottom' || face === 'front' || face === 'left');
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
