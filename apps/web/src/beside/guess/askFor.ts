import { planBundles, takenSide, turnsWords, type House, type PlanDocument } from '@inch-nest/core';

const WHOLE = 50;

/** What a parcel costs beside the piece: postage, wrap, box, fill, labour and what is put by for breakage. */
export const sendingMinor = (plan: PlanDocument): number => plan.expectedMinor;

/** What a listing asks of the buyer beside the price, and what sending puts on the price; both up to the next half dollar. */
export interface Asking {
  readonly shippingMinor: number;
  readonly onPriceMinor: number;
}

/**
 * What to ask for, so that the average zone pays for itself: the postage alone, all of sending, or nothing because the price
 * carries it, as the house has it; all of sending where nobody has said.
 */
export function askFor(plans: readonly PlanDocument[], house: House): Asking {
  const side = takenSide(house, 'postage');
  const mean = (of: (plan: PlanDocument) => number) =>
    plans.length === 0 ? 0 : Math.ceil(plans.reduce((sum, plan) => sum + of(plan), 0) / plans.length / WHOLE - 1e-9) * WHOLE;
  if (side === 'collected') return { shippingMinor: mean((plan) => plan.quote.totalMinor), onPriceMinor: 0 };
  const all = mean(sendingMinor);
  return side === 'builtIn' ? { shippingMinor: 0, onPriceMinor: all } : { shippingMinor: all, onPriceMinor: 0 };
}

/** What is left of a sale: price and shipping collected, less the piece and all that sending it is expected to cost. */
export const leftMinor = (plan: PlanDocument, soldMinor: number, paidMinor: number, collectedMinor: number): number =>
  soldMinor + collectedMinor - paidMinor - sendingMinor(plan);

/** One sentence for the buyer about how it will come. */
export function buyerSentence(plans: readonly PlanDocument[], money: (minor: number) => string, weight: (lb: number) => string): string {
  const [first] = plans;
  if (!first) return '';
  const postage = plans.map((plan) => plan.quote.totalMinor);
  const [low, high] = [Math.min(...postage), Math.max(...postage)];
  const bundles = planBundles(first);
  const several = bundles.length > 1 || first.block.pieces > 1;
  const turns = bundles[0].layers.reduce((sum, layer) => sum + (layer.stiff || layer.sleeve ? 0 : layer.turns), 0);
  const how = first.inner
    ? 'boxed twice, the inner box bedded all round'
    : first.box.style === 'slotted'
      ? 'in a sturdy box, bedded all round'
      : `in a ${first.box.style === 'padded' ? 'padded' : 'stiff'} envelope`;
  const wrapped =
    bundles.length > 1
      ? 'wrapped by itself'
      : turns > 0
        ? `wrapped in ${turnsWords(turns)}`
        : first.layers.some(({ stiff }) => stiff)
          ? 'between cards'
          : first.layers.some(({ sleeve }) => sleeve)
            ? 'in an envelope'
            : 'as it is';
  return `${several ? `Each travels ${wrapped}, all of them` : `It travels ${wrapped} and`} packed ${how}, about ${weight(first.weight.grossLb)} in all; postage is ${low === high ? money(low) : `${money(low)} to ${money(high)}`} depending on where you are.`;
}
