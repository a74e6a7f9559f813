/** One version of a carrier's card as lists show it. */
export interface CardVersionView {
  id: string;
  cardKey: string;
  version: number;
  carrier: string;
  validFrom: string;
  validTo: string | null;
  /** Used for planning and rating on the shop's day. */
  inForce: boolean;
  services: string[];
}
