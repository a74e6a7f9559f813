import { roundedTogether, roundMinor, type CostLine, type ParcelLife, type PlanDocument } from '@inch-nest/core';

/** What a nest costs as it is written: whole cents, line by line, and their sum, which is the total that stands everywhere. */
export interface CostShown {
  readonly lines: readonly CostLine[];
  readonly costMinor: number;
  /** The service that was chosen for it, where one was and the price still holds. */
  readonly rated: ParcelLife['rate'];
}

/** The lines of a plan with the postage that was really chosen in place of the one reckoned. */
export function costShown(
  { costLines }: Pick<PlanDocument, 'costLines'>,
  { rate, rateStale }: Pick<ParcelLife, 'rate' | 'rateStale'>,
): CostShown {
  const rated = rate && !rateStale ? rate : null;
  const of = (key: CostLine['key']) => costLines.find((line) => line.key === key)?.amountMinor ?? 0;
  const exact = costLines.map(({ key, amountMinor }) =>
    rated && key === 'postage' ? rated.priceMinor - of('cover') - of('signature') : amountMinor,
  );
  const whole = roundedTogether(exact);
  return {
    lines: costLines.map((line, at) => ({ ...line, amountMinor: whole[at]! })),
    costMinor: roundMinor(exact.reduce((sum, amount) => sum + amount, 0)),
    rated,
  };
}
