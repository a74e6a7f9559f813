import type { ArchetypeKey } from '../../engineering/pieces/Archetype.ts';
import type { CivilDate, Minor, Span, UnitSystem } from '../../units/index.ts';
import type { Job } from './jobs.ts';

/** What one typed line says of a sale; a field that was not said is absent. */
export interface SaleLine {
  title?: string;
  /** So many alike; absent for one. Size and weight are of one, money is of all. */
  count?: number;
  archetype?: ArchetypeKey;
  /** One, two or three sides as it stands; null for one that was not told, beside one told by its name. */
  sizeIn?: readonly (number | null)[];
  weightLb?: number;
  soldMinor?: Minor;
  paidMinor?: Minor;
  shippingCollectedMinor?: Minor;
  destinationPostcode?: string;
  shipBy?: CivilDate;
  bin?: string;
  buyer?: string;
  /** Absent for what was sold. */
  job?: Exclude<Job, 'sale'>;
  /** The line piece by piece, with what each was taken to mean. */
  readings: SaleLineReading[];
}

/** One part of the line: the text as typed, the field it fills, or the problem. */
export interface SaleLineReading {
  at: Span;
  text: string;
  /** What of it is meant for the field, without the words that lead it. */
  said?: string;
  field: SaleLineField | null;
  problem: string | null;
  /** Why it was taken into the title although it looks like something else. */
  doubt?: string;
  /** It was said of each of several. */
  each?: true;
  /** What it leaves open, as a question. */
  asks?: string;
}

export type SaleLineField =
  | 'title'
  | 'sizeIn'
  | 'weightLb'
  | 'soldMinor'
  | 'paidMinor'
  | 'shippingCollectedMinor'
  | 'destinationPostcode'
  | 'shipBy'
  | 'bin'
  | 'job'
  | 'buyer';

/** Letters of a title. */
export const MOST_TITLE = 80;

/** A size or a weight that was told before; of several pieces it may be the next one’s. */
export const MEASURED_TWICE = 'said twice: a + goes between two pieces';

/** True where something was said of each of several. */
export const saidOfEach = ({ readings }: Pick<SaleLine, 'readings'>, field: SaleLineField): boolean =>
  readings.some((reading) => reading.field === field && reading.each);

/** The day as the shop sees it, and the units in which bare numbers are typed. */
export interface SaleLineSetting {
  today: CivilDate;
  todayIsOver?: boolean;
  system?: UnitSystem;
  /** The shop's; an amount with another sign is asked about. */
  currency?: string;
}
