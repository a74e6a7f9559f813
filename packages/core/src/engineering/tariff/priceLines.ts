import { roundMinor, type Minor } from '../../units/index.ts';
import { ON_THE_STEP_LB } from './billableWeight.ts';
import { coverPriceMinor } from './coverPrice.ts';
import { sortedSides } from './girth.ts';
import type { PriceLine, Shipment } from './Quote.ts';
import type { Service, Surcharge } from './RateCard.ts';
import { prefixWithin } from './zoneOf.ts';

/** Every line of a price: base, surcharges in card order, fuel on what it falls on, cover, signature. */
export function priceLines(
  service: Service,
  shipment: Shipment,
  baseMinor: Minor,
  base: Omit<PriceLine, 'kind' | 'amountMinor'>,
): PriceLine[] {
  const lines: PriceLine[] = [{ kind: 'base', ...base, amountMinor: baseMinor }];
  let fuelled = baseMinor;
  for (const surcharge of service.surcharges) {
    if (!surchargeApplies(surcharge.when, shipment)) continue;
    lines.push({ kind: 'surcharge', label: surcharge.name, amountMinor: surcharge.priceMinor });
    if (surcharge.fuelled) fuelled += surcharge.priceMinor;
  }
  if (service.fuelPercent > 0)
    lines.push({ kind: 'fuel', label: `fuel ${service.fuelPercent}%`, amountMinor: roundMinor((fuelled * service.fuelPercent) / 100) });
  const cover = coverPriceMinor(service.cover, shipment.coverMinor ?? 0);
  if (cover > 0) lines.push({ kind: 'cover', label: 'cover', amountMinor: cover });
  if (shipment.signature && service.signatureMinor !== null)
    lines.push({ kind: 'signature', label: 'signature', amountMinor: service.signatureMinor });
  return lines;
}

/** True when a shipment bears the surcharge; a side, volume or weight on the threshold does not. */
export function surchargeApplies(when: Surcharge['when'], shipment: Shipment): boolean {
  const [longest, second] = sortedSides(shipment.sizeIn);
  switch (when.kind) {
    case 'longestAbove':
      return longest > when.inches + 1e-6;
    case 'secondAbove':
      return second > when.inches + 1e-6;
    case 'volumeAbove':
      return shipment.sizeIn[0] * shipment.sizeIn[1] * shipment.sizeIn[2] > when.in3 + 1e-6;
    case 'weightAbove':
      return shipment.weightLb > when.lb + ON_THE_STEP_LB;
    case 'destination':
      return prefixWithin(shipment.destinationPostcode, when.from, when.to);
    case 'nonRectangular':
      return shipment.nonRectangular;
    case 'peak':
      return shipment.shipDate >= when.from && shipment.shipDate <= when.to;
  }
}
