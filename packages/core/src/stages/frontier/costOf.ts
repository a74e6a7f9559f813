import { boxesWithin } from '../box/boxed.ts';
import { overAll, piecesIn } from '../box/stowInBox.ts';
import { worthOfAll } from '../item/worthOfAll.ts';
import type { House } from '../../house/House.ts';
import type { PriceLineKind, Quote } from '../../engineering/tariff/Quote.ts';
import type { RatedParcel } from '../rate/RatedParcel.ts';
import type { CostLine } from './PlanOption.ts';

/** Hands-on minutes of a plan: guards, wraps, fill, boxes and the standing steps. */
export function minutesOf({ weighed }: RatedParcel): number {
  const { filled, sundries } = weighed;
  return overAll(filled.stowed, ({ piece, minutes }) => piece.guards.minutes + minutes) + filled.minutes + sundries.minutes;
}

/** What a plan costs the shop, line by line, unrounded. */
export function costLines(rated: RatedParcel, house: House): CostLine[] {
  const { weighed, quote } = rated;
  const { filled, sundries } = weighed;
  const { stowed } = filled;
  const of = (kind: PriceLineKind) => quote.lines.filter((line) => line.kind === kind).reduce((sum, line) => sum + line.amountMinor, 0);
  const cover = of('cover');
  const signature = of('signature');
  const lines: CostLine[] = [
    { key: 'postage', amountMinor: postageMinor(quote) },
    { key: 'cover', amountMinor: cover },
    { key: 'signature', amountMinor: signature },
    { key: 'box', amountMinor: boxesWithin(stowed).reduce((sum, { box, times }) => sum + times * box.priceMinor, stowed.shell.costMinor) },
    { key: 'wraps', amountMinor: overAll(stowed, ({ piece, costMinor }) => costMinor + piece.guards.costMinor) },
    { key: 'fill', amountMinor: filled.costMinor },
    { key: 'sundries', amountMinor: sundries.costMinor },
    { key: 'labour', amountMinor: (minutesOf(rated) * house.labourMinorPerHour) / 60 },
  ];
  return lines.filter((line) => line.amountMinor !== 0 || line.key === 'postage');
}

/** Postage proper: what a service asks without cover and signature. */
export const postageMinor = ({ lines, totalMinor }: Pick<Quote, 'lines' | 'totalMinor'>): number =>
  totalMinor - lines.filter(({ kind }) => kind === 'cover' || kind === 'signature').reduce((sum, line) => sum + line.amountMinor, 0);

/**
 * What a total loss costs: the piece, the outbound postage refunded and the handling of the trouble. No claim is
 * counted on, since a piece that breaks is gone.
 */
export function lossMinor(rated: RatedParcel, house: House): number {
  const trouble = (house.troubleMinutes * house.labourMinorPerHour) / 60;
  return worthOfAll(piecesIn(rated.weighed.filled.stowed)) + postageMinor(rated.quote) + trouble;
}
