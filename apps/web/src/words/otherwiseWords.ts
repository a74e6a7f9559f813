import { formatChance, type OtherwiseMade } from '@inch-nest/core';
import type { Writers } from './writers.ts';

/** A change smaller than this is none, minor units and minutes. */
const NOTHING = { minor: 0.5, minutes: 0.05 };

/** What another way would have made of a parcel in the mean, against the shop as it is. */
export function otherwiseWords({ parcels, unfit, moved, costMinor, minutes, breaksNow, breaks }: OtherwiseMade, write: Writers): string {
  const none = unfit > 0 ? `${unfit} ${unfit === 1 ? 'parcel has' : 'parcels have'} no nest that way` : '';
  if (parcels === 0) return none || 'no parcel to go by';
  if (moved === 0) return none || 'no parcel would have gone otherwise';
  const each = (sum: number) => sum / parcels;
  const cost = each(costMinor);
  const time = each(minutes);
  const parts = [
    Math.abs(cost) < NOTHING.minor ? 'as dear' : `${write.money(Math.abs(cost))} ${cost > 0 ? 'dearer' : 'cheaper'} a parcel`,
    Math.abs(time) < NOTHING.minutes ? '' : `${Math.abs(time).toFixed(1)} min ${time > 0 ? 'longer' : 'shorter'}`,
    sameChance(breaks, breaksNow, parcels)
      ? ''
      : `breaks ${formatChance(breaks / parcels)} instead of ${formatChance(breaksNow / parcels)}`,
    none,
  ];
  return parts.filter(Boolean).join(', ');
}

const sameChance = (one: number, other: number, parcels: number): boolean => formatChance(one / parcels) === formatChance(other / parcels);

/** Parcels that were looked at: those both ways have a nest for, and those that have none the other way. */
export const parcelsLooked = ({ parcels, unfit }: OtherwiseMade): number => parcels + unfit;

/** Over how long parcels came. */
export const weeksWords = (weeks: number): string => (weeks < 1.5 ? 'a week' : `${Math.round(weeks)} weeks`);
