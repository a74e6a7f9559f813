import type { Archetype, Finish } from './Archetype.ts';
import type { FormKey } from './forms.ts';
import type { HardPoint } from './hardPoints.ts';
import { usualHardPoints } from './usualHardPoints.ts';

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
export const kindPresets = (archetype: Archetype): KindPresets => ({
  form: null,
  finish: archetype.finish,
  dampSensitive: archetype.dampSensitive,
  keepUpright: archetype.keepUpright,
  hardPoints: usualHardPoints(archetype),
});

/**
 * The hard points of a piece that turns out to be of another kind: what the former kind had brought and nobody
 * touched goes, what the new kind brings comes, and what a person pinned or changed stays.
 */
export function hardPointsOfNewKind(points: readonly HardPoint[], former: Archetype, next: Archetype): readonly HardPoint[] {
  const brought = usualHardPoints(former);
  const untouched = (point: HardPoint) =>
    brought.some((one) => one.id === point.id && JSON.stringify(one) === JSON.stringify({ ...one, ...point }));
  const kept = points.filter((point) => !untouched(point));
  const usual = usualHardPoints(next).filter((one) => !kept.some((own) => own.kind === one.kind && own.face === one.face));
  const taken = new Set(kept.map((point) => point.id));
  return [...kept, ...usual.map((point) => (taken.has(point.id) ? { ...point, id: `${point.id}-${next.key}` } : point))];
}
