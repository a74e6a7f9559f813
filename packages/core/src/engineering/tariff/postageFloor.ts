import type { Triple } from '../geometry/wrapLayer.ts';
import { ON_THE_STEP_LB, volumetricWeightLb } from './billableWeight.ts';
import { basePrice } from './basePrice.ts';
import { coverPriceMinor } from './coverPrice.ts';
import { surchargeApplies } from './priceLines.ts';
import type { Shipment } from './Quote.ts';
import { refusal, type Lane } from './quoteService.ts';
import type { RateCard, Service } from './RateCard.ts';

/** The least a service asks, in minor units, for a parcel of one outside size and at least this weight; infinite where it refuses. */
export type PostageFloor = (weightLb: number) => number;

/** A step's end with the least price of it and all dearer steps. */
interface FloorStep {
  readonly upToLb: number;
  readonly leastMinor: number;
}

/**
 * Floors of one service's prices, for a search that must not skip what might be cheapest. Prices need not
 * rise with weight: a floor holds for every weight from the one asked about.
 *
 * @param shipment all but size, weight and container, which the parcels differ in
 */
export function postageFloors(
  card: RateCard,
  service: Service,
  { zone }: Pick<Lane, 'zone'>,
  shipment: Omit<Shipment, 'sizeIn' | 'weightLb' | 'container'>,
): (sizeIn: Triple, container: string | null) => PostageFloor {
  const steps = service.cubic === null ? floorSteps(service, zone) : null;
  const added = coverPriceMinor(service.cover, shipment.coverMinor ?? 0) + (shipment.signature ? (service.signatureMinor ?? 0) : 0);
  const fuel = 1 + service.fuelPercent / 100;
  const heavier = service.surcharges.filter((one) => one.when.kind === 'weightAbove');
  return (sizeIn, container) => {
    const light: Shipment = { ...shipment, sizeIn, weightLb: 1e-9, container };
    const carried = (atLb: number) =>
      refusal(card, service, { ...light, weightLb: atLb }, zone, basePrice(service, { sizeIn, weightLb: atLb }, zone)) === null;
    if (!carried(light.weightLb) && !service.steps.some((step) => carried(step.upToLb))) return () => Infinity;
    const volumetricLb = service.volumetric ? (volumetricWeightLb(service.volumetric, sizeIn) ?? 0) : 0;
    let [plain, fuelled] = [added, service.cubic === null ? 0 : basePrice(service, light, zone).priceMinor!];
    for (const { when, priceMinor, fuelled: bears } of service.surcharges) {
      if (when.kind === 'weightAbove' || !surchargeApplies(when, light)) continue;
      if (bears) fuelled += priceMinor;
      else plain += priceMinor;
    }
    // fuel is rounded by less than half a minor unit
    const slack = service.fuelPercent > 0 ? 0.5 : 0;
    return (weightLb) => {
      if (weightLb > service.limits.weightLb + ON_THE_STEP_LB) return Infinity;
      let bare = plain;
      let burdened = fuelled;
      for (const { when, priceMinor, fuelled: bears } of heavier) {
        if (!surchargeApplies(when, { ...light, weightLb })) continue;
        if (bears) burdened += priceMinor;
        else bare += priceMinor;
      }
      return bare + (burdened + (steps ? leastFrom(steps, Math.max(weightLb, volumetricLb)) : 0)) * fuel - slack;
    };
  };
}

function floorSteps({ steps }: Service, zone: number | null): FloorStep[] {
  let leastMinor = Infinity;
  return steps
    .map(({ upToLb, byZone }) => ({ upToLb, priceMinor: byZone[String(zone)] ?? Infinity }))
    .reverse()
    .map(({ upToLb, priceMinor }) => ({ upToLb, leastMinor: (leastMinor = Math.min(leastMinor, priceMinor)) }))
    .reverse();
}

function leastFrom(steps: readonly FloorStep[], weightLb: number): number {
  let low = 0;
  let high = steps.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (steps[middle]!.upToLb >= weightLb - ON_THE_STEP_LB) high = middle;
    else low = middle + 1;
  }
  return steps[low]?.leastMinor ?? Infinity;
}
