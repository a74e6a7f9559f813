/** What a scale says at one moment. */
export type ScaleReading =
  | { readonly state: 'settled' | 'moving'; readonly pounds: number }
  | { readonly state: 'zero' }
  | { readonly state: 'underZero' | 'overLimit' | 'fault' | 'needsCalibration' | 'needsZero' | 'unknownUnit' };

/**
 * A bench scale. A real one fills this by telling every reading it makes; the page decides which of them
 * count.
 */
export interface Scale {
  readonly name: string;
  /** Begins to tell readings; `null` once it is gone. Returns how to stop. */
  listen(tell: (reading: ScaleReading | null) => void): () => void;
}
