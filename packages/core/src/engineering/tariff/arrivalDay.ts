import { addDays, weekday, type CivilDate } from '../../units/index.ts';
import type { Service } from './RateCard.ts';

const LONGEST_WAIT_DAYS = 31;

type Calendar = Pick<Service, 'pickupWeekdays' | 'cutOff'>;

/** True on a day when the carrier works: one of its pick-up weekdays and no holiday. */
const works = ({ pickupWeekdays }: Calendar, holidays: readonly CivilDate[], day: CivilDate): boolean =>
  pickupWeekdays.includes(weekday(day)) && !holidays.includes(day);

/**
 * The day a parcel is collected: the first working day from the ship date, or after it when it is ready
 * only past the cut-off.
 *
 * @param readyAt local time `HH:MM` on the ship date; null for in good time
 * @returns null when no pick-up comes within a month
 */
export function collectionDay(
  service: Calendar,
  holidays: readonly CivilDate[],
  shipDate: CivilDate,
  readyAt: string | null = null,
): CivilDate | null {
  const first = readyAt !== null && readyAt > service.cutOff ? addDays(shipDate, 1) : shipDate;
  return workingDayFrom(service, holidays, first);
}

/**
 * The day it should arrive: transit days counted in working days after the collection. Common tariff
 * rule, no source.
 */
export function arrivalDay(
  service: Calendar & Pick<Service, 'transitDays'>,
  holidays: readonly CivilDate[],
  shipDate: CivilDate,
  readyAt: string | null = null,
): CivilDate | null {
  let day = collectionDay(service, holidays, shipDate, readyAt);
  for (let left = service.transitDays; left > 0 && day !== null; left--) day = workingDayFrom(service, holidays, addDays(day, 1));
  return day;
}

function workingDayFrom(service: Calendar, holidays: readonly CivilDate[], first: CivilDate): CivilDate | null {
  for (let ahead = 0; ahead <= LONGEST_WAIT_DAYS; ahead++) {
    const day = addDays(first, ahead);
    if (works(service, holidays, day)) return day;
  }
  return null;
}
