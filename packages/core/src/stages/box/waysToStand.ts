import { orient, type Orientation } from '../../engineering/geometry/orientations.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import { gridsFor, type Grid } from '../../engineering/stowage/Block.ts';
import { standIn, standsAll, type Stand } from '../../engineering/stowage/Stand.ts';
import { standsFor } from '../../engineering/stowage/standsFor.ts';
import type { WrappedItem, Wraps } from '../wrap/WrappedItem.ts';
import type { BoxLocks } from './BoxChoices.ts';
import { gapsAround, leastGap } from './gapsAround.ts';
import { pitchOf, sizeAsLies } from './pitchOf.ts';
import { orientationsOf } from './orientationsOf.ts';
import { asRuled } from './standsAsRuled.ts';
import { hostsOf, nestedIn, rootOf, type Hosts } from './hosts.ts';
import { allowedWithin, lieWithin, outlinesAsLie, stoodWithin } from './within.ts';

/** Ways in which several bundles may stand are looked at up to so many, the closest first. */
const MOST_STANDS = 8;

/** One way in which bundles may lie and stand together. */
export interface Way {
  readonly lies: readonly Lies[];
  readonly stand: Stand;
}
/** How one of them lies, and how those like it stand. */
export interface Lies {
  readonly orientation: Orientation;
  readonly grid: Grid;
}

/** How many bundles there are, all alike. */
export const countOf = ({ piece }: Pick<WrappedItem, 'piece'>): number => piece.stacks.length;

/**
 * Ways in which bundles may stand; every wrap of a few stands as the thinnest and the thickest of them do.
 *
 * @param alsoLarger with those that go nowhere another does not go, which rest on one another otherwise
 */
export function waysToStand(wraps: Wraps, locks: BoxLocks = {}, most = MOST_STANDS, alsoLarger = false): Way[] {
  const each = wraps.map((wrapped, at) => waysToLie(wrapped, locksOf(locks, at)));
  if (each.length === 1) return each[0]!.map((lies) => ({ lies: [lies], stand: 0 }));
  const hosts = hostsOf(wraps);
  if (hosts) return waysWithin(wraps, hosts, each, locks, most, alsoLarger);
  const outlines = each.map((ways, at) => ways.map((lies) => sizeAsLies(wraps[at]!, lies)));
  const pinned = locks.stand !== undefined && standsAll(locks.stand, wraps.length) ? locks.stand : null;
  // as somebody has them stand, each lying as it lies closest
  if (pinned !== null)
    return closestLying(pinned, outlines, most).map((turnOf) => ({
      lies: turnOf.map((turn, at) => each[at]![turn]!),
      stand: pinned,
    }));
  const standers = wraps.map((wrapped, at) => ({ weightLb: countOf(wrapped) * wrapped.piece.weightLb, turns: outlines[at]! }));
  const found = asRuled(
    wraps.map(({ piece }) => piece.facts.standing),
    besideOf(wraps),
    outlines,
    most,
    (many) => standsFor(standers, many, alsoLarger),
  );
  return found.map(({ stand, turnOf }) => ({ lies: turnOf.map((turn, at) => each[at]![turn]!), stand }));
}

/** The same where some stand in others: a way is one of those that stand in none, each as large as with what stands in it. */
function waysWithin(
  wraps: Wraps,
  hosts: Hosts,
  each: readonly (readonly Lies[])[],
  locks: BoxLocks,
  most: number,
  alsoLarger: boolean,
): Way[] {
  const roots = hosts.flatMap((host, at) => (host === null ? [at] : []));
  const any = each.map(([first]) => first!);
  const ways = each.map((lies, at) => (hosts[at] === null ? allowedWithin(wraps, hosts, at, lies) : lies.slice(0, 1)));
  const outlines = ways.map((some, at) => some.map((lies) => outlinesAsLie(wraps, any.with(at, lies), hosts)[at]!));
  const way = (turnOf: readonly number[], stand: Stand): Way => ({
    lies: lieWithin(
      wraps,
      hosts,
      turnOf.map((turn, at) => ways[at]![turn]!),
    ),
    stand: stoodWithin(stand, hosts),
  });
  const pinned = locks.stand !== undefined && standsAll(locks.stand, wraps.length) ? stoodWithin(locks.stand, hosts) : null;
  if (pinned !== null) return closestLying(pinned, outlines, most).map((turnOf) => way(turnOf, pinned));
  const standers = roots.map((root) => ({
    weightLb: [root, ...nestedIn(hosts, root)].reduce((sum, at) => sum + countOf(wraps[at]!) * wraps[at]!.piece.weightLb, 0),
    turns: outlines[root]!,
  }));
  const found = asRuled(
    roots.map((root) => wraps[root]!.piece.facts.standing),
    besideOf(wraps, hosts),
    roots.map((root) => outlines[root]!),
    most,
    (many) => standsFor(standers, many, alsoLarger).slice(0, many),
  );
  return found.map(({ stand, turnOf }) =>
    way(
      wraps.map((_, at) => (hosts[at] === null ? turnOf[roots.indexOf(at)]! : 0)),
      placedAs(stand, roots),
    ),
  );
}

/** By their place, the one that each is to stand next to; where some stand in others, of the outermost among themselves: what is within wants what it wants. */
function besideOf(wraps: Wraps, hosts: Hosts | null = null): (number | null)[] {
  const roots = wraps.flatMap((_, at) => (hosts === null || hosts[at] === null ? [at] : []));
  return roots.map((root) => {
    const all = [root, ...(hosts ? nestedIn(hosts, root) : [])];
    const wanted = all.flatMap((at) => {
      const other = wraps.findIndex(({ piece }) => piece.facts.id === wraps[at]!.piece.facts.beside);
      return other < 0 || all.includes(other) ? [] : roots.indexOf(hosts ? rootOf(hosts, other) : other);
    });
    return wanted[0] ?? null;
  });
}

/** A stand of some by their places among all. */
export const placedAs = (stand: Stand, of: readonly number[]): Stand =>
  typeof stand === 'number' ? of[stand]! : { ...stand, parts: stand.parts.map((part) => placedAs(part, of)) };

/** For a stand that is told, the ways of lying with the least surface, one bundle after the other. */
function closestLying(stand: Stand, outlines: readonly (readonly Triple[])[], most: number): number[][] {
  let found: number[][] = [outlines.map(() => 0)];
  const surface = (turnOf: readonly number[]) => {
    const [l, w, h] = standIn(
      stand,
      turnOf.map((turn, at) => outlines[at]![turn]!),
    ).sizeIn;
    return l * w + l * h + w * h;
  };
  outlines.forEach((turns, at) => {
    found = found
      .flatMap((turnOf) => turns.map((_, turn) => turnOf.map((one, i) => (i === at ? turn : one))))
      .map((turnOf) => ({ turnOf, surface: surface(turnOf) }))
      .sort((a, b) => a.surface - b.surface)
      .slice(0, most)
      .map(({ turnOf }) => turnOf);
  });
  return found;
}

/** Pins of one bundle of several. */
export const locksOf = (locks: BoxLocks, at: number): Pick<BoxLocks, 'orientation' | 'grid'> =>
  at === 0 ? locks : (locks.others?.[at - 1] ?? {});

export const waysToLie = (wrapped: WrappedItem, locks: Pick<BoxLocks, 'orientation' | 'grid'>): Lies[] =>
  distinctOrientations(wrapped, locks).flatMap((orientation) =>
    gridsOf(wrapped, orientation, locks).map((grid) => ({ orientation, grid })),
  );

const gridsOf = (wrapped: WrappedItem, orientation: Orientation, { grid }: BoxLocks): readonly Grid[] => {
  const count = countOf(wrapped);
  const bundleIn = orient(wrapped.bundleIn, orientation);
  return grid && holds(grid, count) ? [grid] : gridsFor(count, bundleIn, MOST_STANDS, pitchOf(wrapped, orientation, bundleIn));
};

const holds = ([nx, ny, nz]: Grid, count: number): boolean => nx * ny * nz >= count;

/** The grid as told where it holds them all, else the one that leaves the widest gap in an inside. */
export function gridIn(told: Grid | undefined, wrapped: WrappedItem, orientation: Orientation, insideIn: Triple): Grid {
  const count = countOf(wrapped);
  if (told && holds(told, count)) return told;
  const roomOf = (grid: Grid) => leastGap(gapsAround(sizeAsLies(wrapped, { orientation, grid }), insideIn));
  const bundleIn = orient(wrapped.bundleIn, orientation);
  return gridsFor(count, bundleIn, count, pitchOf(wrapped, orientation, bundleIn)).reduce((best, one) =>
    roomOf(one) > roomOf(best) + 1e-9 ? one : best,
  );
}

/** Orientations that differ in the bundle's outline or in how it stands. */
function distinctOrientations({ bundleIn, piece }: WrappedItem, locks: BoxLocks): readonly Orientation[] {
  if (locks.orientation) return [locks.orientation];
  const seen = new Set<string>();
  return orientationsOf(piece.facts, piece.sizeIn).filter((orientation) => {
    const outline = [...orient(bundleIn, orientation).map((side) => side.toFixed(6)), orientation[2]].join(' ');
    return seen.has(outline) ? false : seen.add(outline);
  });
}
