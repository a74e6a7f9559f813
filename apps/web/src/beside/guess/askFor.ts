import type { PlanDocument } from '@inch-nest/core';

const WHOLE = 50;

/** What a parcel costs beside the piece: postage, wrap, box, fill, labour and what is put by for breakage. */
export const sendingMinor = (plan: PlanDocument): number => plan.expectedMinor;

/** A flat amount to ask for shipping so that the average zone pays for itself, up to the next half dollar. */
export function askForShipping(plans: readonly PlanDocument[]): number {
  if (plans.length === 0) return 0;
  const mean = plans.reduce((sum, plan) => sum + sendingMinor(plan), 0) / plans.length;
  return Math.ceil(mean / WHOLE - 1e-9) * WHOLE;
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
  const turns = first.layers.reduce((sum, layer) => sum + layer.turns, 0);
  const how = first.inner
    ? 'boxed twice, the inner box bedded all round'
    : first.box.style === 'slotted'
      ? 'in a sturdy box, bedded all round'
      : 'in a stiff envelope';
  return `It travels wrapped in ${turns} ${turns === 1 ? 'turn' : 'turns'} and packed ${how}, about ${weight(first.weight.grossLb)} in all; postage is ${low === high ? money(low) : `${money(low)} to ${money(high)}`} depending on where you are.`;
}
