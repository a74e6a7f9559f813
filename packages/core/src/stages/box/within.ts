import { orient, type Orientation } from '../../engineering/geometry/orientations.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { Grid } from '../../engineering/stowage/Block.ts';
import { leanOf } from '../../engineering/stowage/lean.ts';
import type { Apart, Joint, Stand } from '../../engineering/stowage/Stand.ts';
import type { Wraps } from '../wrap/WrappedItem.ts';
import { hostsOf, nestedIn, rootOf, type Hosts, type Placed } from './hosts.ts';
import { NOTHING } from './metWithin.ts';
import { orientationsOf } from './orientationsOf.ts';
import { sizeAsLies, UPRIGHT } from './pitchOf.ts';
import type { LyingBundle, Within } from './StowedBox.ts';

// How what stands in another lies, and where, and what is left for it in the stand of those that stand in none.

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

/**
 * By how much one stands out of what it stands in as they lie, inches: bare, and raised by both wraps between their feet or, if that is
 * more, between their walls, as far as these are not apart by themselves.
 */
function standsOut(lying: readonly Lying[], hosts: Hosts, at: number): number {
  const [inner, outer] = [lying[at]!, lying[hosts[at]!]!];
  const upright = inner.orientation.indexOf(UPRIGHT);
  const wrapIn = (one: Lying, axis: number) => (one.bundleIn[axis]! - one.wrapped.piece.sizeIn[one.orientation[axis]!]) / 2;
  const lean = leanOf(outer.wrapped.piece.sizeIn);
  const raisedIn = [0, 1, 2].map((axis) => {
    if (axis === upright) return wrapIn(outer, axis) + wrapIn(inner, axis);
    const apartIn = (outer.wrapped.piece.sizeIn[outer.orientation[axis]!] - inner.wrapped.piece.sizeIn[inner.orientation[axis]!]) / 2;
    return (wrapIn(outer, axis) + wrapIn(inner, axis) - apartIn * Math.sqrt(1 - lean ** 2)) / lean;
  });
  return inner.wrapped.piece.facts.within!.standsOutIn + Math.max(...raisedIn) - wrapIn(outer, upright) + wrapIn(inner, upright);
}

/** Outlines as bundles stand among each other: of one with all that stands in it, of what stands in another none of its own. */
export const outlinesWithin = (lying: readonly Lying[], hosts: Hosts): Triple[] =>
  lying.map(({ orientation, sizeIn }, at) => {
    if (hosts[at] !== null) return NOTHING;
    const axis = orientation.indexOf(UPRIGHT);
    return nestedIn(hosts, at).reduce<Triple>(
      (all, inner) =>
        all.map((side, i) =>
          i === axis ? side + standsOut(lying, hosts, inner) : Math.max(side, lying[inner]!.sizeIn[i]!),
        ) as unknown as Triple,
      sizeIn,
    );
  });

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
    for (const inner of nested.slice(0, nested.indexOf(place) + 1)) endIn += standsOut(lying, hosts, inner);
    const from = outlines[root]!.map((side, i) => (i === axis ? endIn - one.sizeIn[i]! : (side - one.sizeIn[i]!) / 2));
    const host = hosts[place] ?? null;
    return {
      ...one,
      atIn: from.map((offset, i) => at[root]![i]! + offset) as unknown as Triple,
      within: host === null ? null : { at: host, axis: axis as 0 | 1 | 2, standsOutIn: standsOut(lying, hosts, place) },
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
