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
export const kindPresets = (archetype: Archetype, size: KnownSize = null, title = ''): KindPresets => ({
  form: null,
  finish: archetype.finish,
  dampSensitive: archetype.dampSensitive,
  keepUpright: archetype.keepUpright,
  hardPoints: usualHardPoints(archetype, size, title),
});

/** True of a point that is as it was brought: nobody touched it. */
const isAsBrought = (brought: HardPoint, point: HardPoint): boolean =>
  brought.id === point.id && JSON.stringify(brought) === JSON.stringify({ ...brought, ...point });

/**
 * The hard points of a piece that turns out to be of another kind: what the former kind had brought and nobody
 * touched goes, what the new kind brings comes, and what a person pinned or changed stays.
 */
export function hardPointsOfNewKind(
  points: readonly HardPoint[],
  former: Archetype,
  next: Archetype,
  size: KnownSize = null,
  title = '',
): readonly HardPoint[] {
  const brought = usualHardPoints(former, size, title);
  const kept = points.filter((point) => !brought.some((one) => isAsBrought(one, point)));
  const usual = usualHardPoints(next, size, title).filter((one) => !kept.some((own) => own.kind === one.kind && own.face === one.face));
  const taken = new Set(kept.map((point) => point.id));
  return [...kept, ...usual.map((point) => (taken.has(point.id) ? { ...point, id: `${point.id}-${next.key}` } : point))];
}

/**
 * The hard points of a piece that turns out to be called otherwise: where another name tells of other parts, and nobody touched any that
 * the former brought, those take their place.
 */
export function hardPointsOfNewName(
  points: readonly HardPoint[],
  kind: Archetype,
  size: KnownSize,
  former: string,
  next: string,
): readonly HardPoint[] {
  const [brought, usual] = [usualHardPoints(kind, size, former), usualHardPoints(kind, size, next)];
  const isUntouched = brought.every((one) => points.some((point) => isAsBrought(one, point)));
  if (JSON.stringify(brought) === JSON.stringify(usual) || !isUntouched) return points;
  return [...points.filter(({ id }) => !brought.some((one) => one.id === id)), ...usual];
}

/** The hard points of a piece of which the size turns out otherwise: those its kind brought and nobody touched go where they belong then. */
export function hardPointsOfNewSize(
  points: readonly HardPoint[],
  kind: Archetype,
  former: KnownSize,
  next: KnownSize,
  title = '',
): readonly HardPoint[] {
  const [brought, usual] = [usualHardPoints(kind, former, title), usualHardPoints(kind, next, title)];
  return points.map((point) => {
    const at = brought.findIndex((one) => isAsBrought(one, point));
    return at < 0 ? point : usual[at]!;
  });
}
