import { roundMinor, type Minor } from '../../units/index.ts';
import type { Cover } from './RateCard.ts';

/** Price of covering a value beyond the included amount; 0 where that is enough. */
export function coverPriceMinor(cover: Cover, valueMinor: Minor): Minor {
  const extra = valueMinor - cover.includedMinor;
  if (extra <= 0) return 0;
  return cover.percent === null ? Math.ceil(extra / cover.stepMinor) * cover.pricePerStepMinor : roundMinor((extra * cover.percent) / 100);
}

/** The most a service covers. */
export const coverCeilingMinor = ({ ceilingMinor, includedMinor }: Cover): Minor => Math.max(ceilingMinor, includedMinor);
