import type { PriceLine } from '@inch-nest/core';
import type { Writers } from './writers.ts';

/** A line of a price. A carrier's step stays in its card's own units, with the person's beside them where they are others. */
export function priceLineWords({ label, upToLb }: PriceLine, write: Writers): string {
  if (upToLb === undefined || write.system === 'imperial') return label;
  const [step, ...rest] = label.split(' to zone ');
  return rest.length > 0 ? `${step} (${write.weight(upToLb)}) to zone ${rest.join(' to zone ')}` : label;
}
