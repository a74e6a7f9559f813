import { formatWeight, type Minor } from '../../units/index.ts';
import { billableWeight, ON_THE_STEP_LB } from './billableWeight.ts';
import type { Service } from './RateCard.ts';
import type { Shipment } from './Quote.ts';

/** The step of a price table that a shipment pays. */
export interface BasePrice {
  /** False above the last step. */
  readonly withinTable: boolean;
  /** Undefined without a price for the zone. */
  readonly priceMinor: Minor | undefined;
  readonly stepName: string;
  /** Weight at which the step ends and the one below it ends; by volume the service's own limit. */
  readonly upToLb: number;
  readonly belowLb: number;
}

/** Volumes within this of a tier's end stand on it, cubic inches. */
const ON_THE_TIER_IN3 = 1e-6;

/** The first step of a service's table not below what it bills: weight, or outside volume in place of it. */
export function basePrice(service: Service, { sizeIn, weightLb }: Pick<Shipment, 'sizeIn' | 'weightLb'>, zone: number | null): BasePrice {
  const at = String(zone);
  if (service.cubic) {
    const volumeIn3 = sizeIn[0] * sizeIn[1] * sizeIn[2];
    const tier = service.cubic.find((one) => one.upToIn3 >= volumeIn3 - ON_THE_TIER_IN3);
    return {
      withinTable: tier !== undefined,
      priceMinor: tier?.byZone[at],
      stepName: `up to ${tier?.upToIn3 ?? 0} cubic in`,
      upToLb: service.limits.weightLb,
      belowLb: 0,
    };
  }
  const { billableLb } = billableWeight(service, sizeIn, weightLb);
  const index = service.steps.findIndex((step) => step.upToLb >= billableLb - ON_THE_STEP_LB);
  const step = service.steps[index];
  return {
    withinTable: step !== undefined,
    priceMinor: step?.byZone[at],
    stepName: formatWeight(step?.upToLb ?? 0),
    upToLb: step?.upToLb ?? 0,
    belowLb: service.steps[index - 1]?.upToLb ?? 0,
  };
}
