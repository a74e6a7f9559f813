import type { House } from '../../house/House.ts';
import { piecesIn } from '../box/stowInBox.ts';
import { worthOfAll } from '../item/worthOfAll.ts';
import { judgeParcel } from '../frontier/judgeParcel.ts';
import type { PlanOption } from '../frontier/PlanOption.ts';
import { isDear, priceCarriage, type Carriage } from '../rate/rateParcel.ts';

/** Share of claims that are paid, by what can be shown of the packing. */
export const claimsPaid = ({ photographs, claimAcceptedPhotographed, claimAcceptedBare }: House): number =>
  photographs ? claimAcceptedPhotographed : claimAcceptedBare;

/**
 * A nest that stands, with cover where that is worth its price: what it pays more, times the chance that the piece
 * breaks and the claim is paid, against what it costs more. Protection is bought first, insurance after.
 *
 * @param carriages those that were searched
 */
export function coverFor(option: PlanOption, carriages: readonly Carriage[], house: House, locked: boolean | undefined): PlanOption {
  const { rated, choice } = option;
  const worth = worthOfAll(piecesIn(rated.weighed.filled.stowed));
  if (locked !== undefined || house.cover !== 'byRisk' || rated.coverAdded || isDear(worth, house)) return option;
  const carriage = carriages.find(({ service }) => service.key === rated.quote.service);
  if (!carriage || worth <= rated.quote.coverMinor) return option;
  const covered = priceCarriage(rated.weighed, { ...carriage, coverAdded: true });
  if (typeof covered === 'function') return option;
  const paidMore = Math.min(worth, covered.coverMinor) - Math.min(worth, rated.quote.coverMinor);
  const costsMore = covered.totalMinor - rated.quote.totalMinor;
  if (option.chance * claimsPaid(house) * paidMore <= costsMore) return option;
  return judgeParcel(rated.weighed, house)({ quote: covered, coverAdded: true, signature: rated.signature }, choice.baseGapIn);
}
