/** What is chosen of a box, or a core, that some of several bundles share. */
export interface SharedChoice {
  /** Which of the bundles, by their place in the parcel. */
  readonly of: readonly number[];
  readonly box: string;
  readonly fill: string;
}
