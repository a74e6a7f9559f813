import type { Standing } from './permissions.ts';
import type { House, RateCard, Stockroom, UnitSystem } from '@inch-nest/core';

export interface Person extends Standing {
  id: string;
  name: string;
  system: UnitSystem;
}

/** What is known of a shop beside its people, its rules and its stock. */
export interface ShopFacts {
  name: string;
  zone: string;
  currency: string;
  originPostcode: string;
  /** Sheets in the printer. */
  paper: 'letter' | 'a4';
  /** Local time of the day's last pick-up, `HH:MM`. */
  lastCutOff: string;
}

/** What every screen knows of the shop. */
export interface ShopView extends ShopFacts {
  id: string;
  /** Counts the changes to rules, facts and stockroom. */
  revision: number;
  /** The shop's local day, and whether its last pick-up has gone. */
  today: string;
  /** Local time, `HH:MM`. */
  time: string;
  todayIsOver: boolean;
  people: Person[];
  house: House;
  stock: Stockroom;
  cards: RateCard[];
}
