import { formatArea, formatLength, formatRun, formatSize, formatTear, formatVolume, formatWeight, type UnitSystem } from '@inch-nest/core';

/** How one person reads money, sizes, weights and days: every figure with a unit on screen and paper goes through here. */
export interface Writers {
  readonly system: UnitSystem;
  readonly money: (minor: number) => string;
  readonly length: (inches: number) => string;
  /** What is torn off a roll: up to what a hand tears. */
  readonly tear: (inches: number) => string;
  /** A question mark for a side that is not known. */
  readonly size: (inches: readonly (number | null)[]) => string;
  readonly weight: (pounds: number) => string;
  /** Fill, from cubic feet. */
  readonly volume: (cubicFeet: number, digits?: number) => string;
  /** Sheet and board, from square feet. */
  readonly area: (squareFeet: number) => string;
  /** Tape and rolls, from feet. */
  readonly run: (feet: number) => string;
  readonly day: (date: string) => string;
}

/** What stands in the place of an amount for somebody who does not see money. */
export const NO_MONEY = '···';

/**
 * @param today days equal to it are called so; left out on paper
 * @param seesMoney false for somebody who is shown no amounts
 */
export function writersFor(system: UnitSystem, currency: string, today?: string, seesMoney = true): Writers {
  const money = new Intl.NumberFormat('en-US', { style: 'currency', currency });
  const day = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' });
  return {
    system,
    money: (minor) => (seesMoney ? money.format(Math.round(minor) / 100) : NO_MONEY),
    length: (inches) => formatLength(inches, system),
    tear: (inches) => formatTear(inches, system),
    size: (inches) => formatSize(inches, system),
    weight: (pounds) => formatWeight(pounds, system),
    volume: (cubicFeet, digits) => formatVolume(cubicFeet, system, digits),
    area: (squareFeet) => formatArea(squareFeet, system),
    run: (feet) => formatRun(feet, system),
    day: (date) => (date === today ? 'today' : day.format(new Date(`${date}T00:00:00Z`))),
  };
}
