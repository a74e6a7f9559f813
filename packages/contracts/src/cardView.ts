/** One version of a carrier's card as lists show it. */
export interface CardVersionView {
  id: string;
  cardKey: string;
  version: number;
  carrier: string;
  validFrom: string;
  validTo: string | null;
  /** Taken out of force by somebody. */
  withdrawn: boolean;
  /** Used for planning and rating on the shop's day. */
  inForce: boolean;
  services: string[];
}

/** What taking a card in came to: it is in, or somebody is asked first. */
export type CardIntake =
  | { readonly kind: 'taken'; readonly cards: readonly CardVersionView[] }
  | { readonly kind: 'cautions'; readonly cautions: readonly string[] };
