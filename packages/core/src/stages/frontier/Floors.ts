import type { FillStock } from '../../engineering/materials/stock.ts';
import type { Gaps } from '../box/StowedBox.ts';
import type { Harm } from './harms.ts';
import type { Packed, ShellFigures } from './searchFigures.ts';
import type { Least } from './Trace.ts';

/** The least that plans can cost, break and be expected to cost. */
export type Floor = Least;

/** What two floors have in common. */
export const lower = (one: Floor, other: Floor): Floor => ({
  costMinor: Math.min(one.costMinor, other.costMinor),
  chance: Math.min(one.chance, other.chance),
  expectedMinor: Math.min(one.expectedMinor, other.expectedMinor),
});

/** The least chance of breaking, the least of the pieces' worth expected to go, and the least share of what goes with the parcel. */
export interface Risk {
  readonly chance: number;
  readonly worthMinor: number;
  readonly share: number;
}

/** A bundle in a shell, fill and carriage still open, with its floor. */
export interface Stowed extends Floor, OpenShell {
  readonly packed: Packed;
  readonly voidFt3: number;
  readonly mishap: Harm;
  /** In whatever fill, by the easiest way. */
  readonly easily: Risk;
}

/** A shell round something held: the gaps, and what may fill them. */
export interface OpenShell {
  readonly figures: ShellFigures;
  readonly gaps: Gaps;
  readonly fills: readonly (FillStock | null)[];
}

/** A filled shell whose carriage is still open. */
export interface Filled {
  readonly stowed: Stowed;
  readonly fill: FillStock | null;
  readonly gaps: Gaps;
  readonly grossLb: number;
  /** All but postage. */
  readonly costMinor: number;
}

/** What is known of plans before they are worked out: floors of cost and chance, wider open first. */
export interface PlanFloors {
  /**
   * Floor of a bundle in its inner box whatever lies round it, in any of the shells that fit that box; null
   * where nothing can be sent.
   *
   * @param extraLb weight it may have beyond its own
   */
  round(packed: Packed, extraLb: number, shells: readonly ShellFigures[]): Floor | null;
  /**
   * Floor of every fill and carriage; null where nothing can be sent.
   *
   * @param rulesOut true for floors with which nothing can be gained: they are answered as beaten
   */
  stowed(packed: Packed, open: OpenShell, rulesOut: (floor: Floor) => boolean): Stowed | 'beaten' | null;
  /** The shell filled; null where its board is not certified for the weight, or where it is ruled out by its cost and the least risk of any fill. */
  filled(stowed: Stowed, fill: FillStock | null, rulesOut: (floor: Floor) => boolean): Filled | null;
  /** Floor of every carriage that is not ruled out, shock coarsely; null where all are. */
  coarse(filled: Filled, rulesOut: (floor: Floor) => boolean): Floor | null;
  /** The floor of each carriage by its place in the space, shock finely; null where all are ruled out. */
  fine(filled: Filled, rulesOut: (floor: Floor) => boolean): ((carriage: number) => Floor) | null;
}
