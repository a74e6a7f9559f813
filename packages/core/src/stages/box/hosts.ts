import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { WrappedItem, Wraps } from '../wrap/WrappedItem.ts';
import { UPRIGHT } from './pitchOf.ts';

// Pieces that differ and go into one another as they stand: a lid turned over in its pot, a small bowl in a large one. Each is wrapped
// by itself, and the inner one is set in without force. Common practice, no source.

/** Sides this much larger still go in, inches. */
const EVEN_IN = 1e-6;

/** By the place of each bundle, the one that it stands in; null for none. */
export type Hosts = readonly (number | null)[];

/** Why a piece cannot stand in the one it is to stand in; by how much it is too large, inches, where that is why. */
export interface NotWithin {
  readonly why: 'several' | 'boxed' | 'wide' | 'high' | 'taken' | 'round' | 'parted';
  readonly byIn: number;
}

/** A bundle as far as it matters here. */
export type Placed = Pick<WrappedItem, 'piece' | 'boxed'>;

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
  const tooLarge = tooLargeFor(outer.piece.sizeIn, child.piece.sizeIn, child.piece.facts.within!.standsOutIn);
  if (tooLarge) return tooLarge;
  return together.includes(at) === together.includes(host) ? null : { why: 'parted', byIn: 0 };
}

/** What of a size does not go into another as that stands, bare, of which it stands out so far; null where it does. */
export function tooLargeFor(outerIn: Triple, innerIn: Triple, standsOutIn: number): NotWithin | null {
  const across = (sizeIn: Triple) => [Math.min(sizeIn[0], sizeIn[1]), Math.max(sizeIn[0], sizeIn[1])] as const;
  const [[narrow, wide], [least, most]] = [across(innerIn), across(outerIn)];
  const widerIn = Math.max(narrow - least, wide - most);
  if (widerIn > EVEN_IN) return { why: 'wide', byIn: widerIn };
  const higherIn = innerIn[UPRIGHT] - outerIn[UPRIGHT] - standsOutIn;
  return higherIn > EVEN_IN ? { why: 'high', byIn: higherIn } : null;
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
