import type { Archetype, Finish } from './Archetype.ts';
import type { FormKey } from './forms.ts';
import type { HardPoint } from './hardPoints.ts';
import { usualHardPoints, type KnownSize } from './usualHardPoints.ts';

/** What a kind brings along: picked with it, replaced with it. */
export interface KindPresets {
  /** Null for the kind's own. */
  form: FormKey | null;
  finish: Finish;
  dampSensitive: boolean;
  keepUpright: boolean;
  hardPoints: readonly HardPoint[];
}

/** What a kind of piece brings along, in one place: whoever takes up a kind takes all of it. */
export const kindPresets = (archetype: Archetype, size: KnownSize = null): KindPresets => ({
  form: null,
  finish: archetype.finish,
  dampSensitive: archetype.dampSensitive,
  keepUpright: archetype.keepUpright,
  hardPoints: usualHardPoints(archetype, size),
});

/**
 * The hard points of a piece that turns out to be of another kind: what the former kind had brought and nobody
 * touched goes, what the new kind brings comes, and what a person pinned or changed stays.
 */
export function hardPointsOfNewKind(
  points: readonly HardPoint[],
  former: Archetype,
  next: Archetype,
  size: KnownSize = null,
): readonly HardPoint[] {
  const brought = usualHardPoints(former, size);
  const untouched = (point: HardPoint) =>
    brought.some((one) => one.id === point.id && JSON.stringify(one) === JSON.stringify({ ...one, ...point }));
  const kept = points.filter((point) => !untouched(point));
  const usual = usualHardPoints(next, size).filter((one) => !kept.some((own) => own.kind === one.kind && own.face === one.face));
  const taken = new Set(kept.map((point) => point.id));
  return [...kept, ...usual.map((point) => (taken.has(point.id) ? { ...point, id: `${point.id}-${next.key}` } : point))];
}

/** The hard points of a piece of which the size turns out otherwise: those its kind brought and nobody touched go where they belong then. */
export function hardPointsOfNewSize(
  points: readonly HardPoint[],
  kind: Archetype,
  former: KnownSize,
  next: KnownSize,
): readonly HardPoint[] {
  const [brought, usual] = [usualHardPoints(kind, former), usualHardPoints(kind, next)];
  return points.map((point) => {
    const at = brought.findIndex((one) => one.id === point.id && JSON.stringify(one) === JSON.stringify({ ...one, ...point }));
    return at < 0 ? point : usual[at]!;
  });
}
