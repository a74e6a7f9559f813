import type { Kappa } from '../../house/House.ts';
/** What became of one parcel, for learning: the chance it was sent with and what happened. */
export interface Outcome {
  /** The chance of breakage at the time it was sent, with the κ of that time taken out. */
  readonly modelChance: number;
  readonly fate: 'arrived' | 'broken' | 'returned' | 'refused' | 'lost' | 'underWay';
  /** Days since it was handed over. */
  readonly daysSince: number;
  /** Its method and leading cause, for learning by group. */
  readonly method: string;
  readonly cause: string;
  /** Weight and minutes as they were, over as they were predicted; null where nobody measured. */
  readonly weightRatio: number | null;
  readonly minutesRatio: number | null;
}

/** What a shop learned, ready to be handed to the next planning. */
export interface Calibration {
  /** κ with its 90% interval. */
  readonly kappa: Kappa;
  readonly broken: number;
  readonly exposure: number;
  /** By group where there is enough. */
  readonly byCause: readonly GroupKappa[];
  readonly byMethod: readonly GroupKappa[];
  /** Robust means of actual over predicted; 1 where nothing was measured. */
  readonly weightRatio: number;
  readonly minutesRatio: number;
}

export interface GroupKappa {
  readonly group: string;
  readonly parcels: number;
  readonly kappa: Calibration['kappa'];
}
