import { isToldBetter, lifeWords, type LifeEvent } from '@inch-nest/core';
import { nameAmong, type ShopView } from '@inch-nest/contracts';

/** One thing that happened, or the same thing several times in a row. */
export interface LifeLine {
  readonly id: string;
  readonly says: string;
  /** How often in a row. */
  readonly times: number;
  readonly who: string;
  /** Local times of the first and the last; alike where it was once. */
  readonly from: string;
  readonly to: string;
  readonly takenBack: boolean;
}

/** The lines of one local day, under its date. */
export interface LifeDay {
  readonly day: string;
  readonly lines: readonly LifeLine[];
}

/** What happened to a parcel as people tell it: day by day, each date once, and what was done over and over as one line. */
export function lifeByDay(
  events: readonly LifeEvent[],
  { zone, people }: Pick<ShopView, 'zone' | 'people'>,
  write: Parameters<typeof lifeWords>[1],
): LifeDay[] {
  const dayOf = new Intl.DateTimeFormat('en-GB', { timeZone: zone, weekday: 'short', day: 'numeric', month: 'long', year: 'numeric' });
  const timeOf = new Intl.DateTimeFormat('en-GB', { timeZone: zone, hour: '2-digit', minute: '2-digit' });
  const undone = new Set(events.flatMap(({ undoOf }) => undoOf ?? []));
  const days: { day: string; lines: LifeLine[] }[] = [];
  for (const event of events) {
    if (isToldBetter(event, events)) continue;
    const [day, time] = [dayOf.format(new Date(event.at)), timeOf.format(new Date(event.at))];
    const line = { says: lifeWords(event, write), who: nameAmong(people, event.personId), takenBack: undone.has(event.id) };
    if (days.at(-1)?.day !== day) days.push({ day, lines: [] });
    const { lines } = days.at(-1)!;
    const last = lines.at(-1);
    if (last && last.says === line.says && last.who === line.who && last.takenBack === line.takenBack)
      lines[lines.length - 1] = { ...last, times: last.times + 1, to: time };
    else lines.push({ ...line, id: event.id, times: 1, from: time, to: time });
  }
  return days;
}

/** `09:14`, or `09:14 to 09:20` where it went on. */
export const spanWords = ({ from, to }: Pick<LifeLine, 'from' | 'to'>): string => (from === to ? from : `${from} to ${to}`);
/** `a nest was kept, 22 times`. */
export const timesWords = ({ says, times }: Pick<LifeLine, 'says' | 'times'>): string => (times === 1 ? says : `${says}, ${times} times`);
