/** A day of the calendar as `YYYY-MM-DD`, in the shop's zone; carries no clock and no zone itself. */
export type CivilDate = string;

const DAY_MS = 86_400_000;
const WEEKDAYS = ['sunday', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday'];
const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

/** True for a day that exists. */
export function isCivilDate(text: string): boolean {
  return /^\d{4}-\d{2}-\d{2}$/.test(text) && fromMs(toMs(text)) === text;
}

/** The day `days` later (earlier when negative). */
export const addDays = (date: CivilDate, days: number): CivilDate => fromMs(toMs(date) + days * DAY_MS);

/** Whole days from `start` to `end`; negative when `end` is earlier. */
export const daysBetween = (start: CivilDate, end: CivilDate): number => (toMs(end) - toMs(start)) / DAY_MS;

/** 0 for Sunday to 6 for Saturday. */
// oxlint-disable-next-line no-restricted-globals -- reckoned from a day that is given
export const weekday = (date: CivilDate): number => new Date(toMs(date)).getUTCDay();

/**
 * Reads a day as people promise it: `Friday`, `today`, `tomorrow`, `27 Nov`, `Nov 27`, `2026-11-27`.
 * A weekday is the coming one, today included unless today's last pick-up has gone; a day and month
 * without a year is the next such day.
 *
 * @param text what was typed
 * @param today the shop's local day
 * @param todayIsOver true once today's last cut-off has passed
 * @returns the day, or null when it is not understood
 */
export function parseDay(text: string, today: CivilDate, todayIsOver = false): CivilDate | null {
  const plain = text.trim().toLowerCase().replace(/\.$/, '');
  if (plain === 'today') return today;
  if (plain === 'tomorrow') return addDays(today, 1);
  const named = plain.length >= 3 ? WEEKDAYS.findIndex((day) => day.startsWith(plain)) : -1;
  if (named >= 0) {
    const ahead = (named - weekday(today) + 7) % 7;
    return addDays(today, ahead === 0 && todayIsOver ? 7 : ahead);
  }
  if (/^\d{4}-\d{1,2}-\d{1,2}$/.test(plain)) {
    const [year, month, day] = plain.split('-').map(Number) as [number, number, number];
    return existing(year, month, day);
  }
  const match = /^(?:(\d{1,2})\s+([a-z]{3,})|([a-z]{3,})\s+(\d{1,2}))$/.exec(plain);
  if (!match) return null;
  const month = MONTHS.indexOf((match[2] ?? match[3])!.slice(0, 3)) + 1;
  const day = Number(match[1] ?? match[4]);
  if (month === 0) return null;
  const year = Number(today.slice(0, 4));
  const thisYear = existing(year, month, day);
  return thisYear && thisYear >= today ? thisYear : existing(year + 1, month, day);
}

function existing(year: number, month: number, day: number): CivilDate | null {
  const date = `${year}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
  return isCivilDate(date) ? date : null;
}

// oxlint-disable-next-line no-restricted-globals -- reckoned from a day that is given
const toMs = (date: CivilDate): number => Date.parse(`${date}T00:00:00Z`);
// oxlint-disable-next-line no-restricted-globals -- reckoned from a day that is given
const fromMs = (ms: number): CivilDate => (Number.isFinite(ms) ? new Date(ms).toISOString().slice(0, 10) : '');
