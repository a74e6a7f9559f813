/** Of copies made by themselves, so many are kept: the newest of each of the last days, weeks and months that have one. */
export const KEPT = { days: 7, weeks: 5, months: 12 } as const;

const DAY_MS = 86_400_000;
/** Days since a Monday. */
const dayOf = (at: Date): number => Math.floor(at.getTime() / DAY_MS) - 4;

/**
 * Which of some copies stay: the newest of each of the last seven days, five weeks and twelve months in which there are any, so
 * that what was lost is found a year later too. Days are those of UTC.
 *
 * @param made when each was made
 * @returns those that stay, newest first
 */
export function copiesToKeep(made: readonly Date[]): Date[] {
  const newest = [...made].sort((a, b) => b.getTime() - a.getTime());
  const kept = new Set<Date>();
  const keep = (most: number, span: (at: Date) => number | string) => {
    const spans = new Set<number | string>();
    for (const at of newest) {
      if (spans.has(span(at))) continue;
      if (spans.size === most) break;
      spans.add(span(at));
      kept.add(at);
    }
  };
  keep(KEPT.days, dayOf);
  keep(KEPT.weeks, (at) => Math.floor(dayOf(at) / 7));
  keep(KEPT.months, (at) => at.toISOString().slice(0, 7));
  return newest.filter((at) => kept.has(at));
}
