import type { Minor } from '../../units/index.ts';
import type { Triple } from '../geometry/wrapLayer.ts';
import { sortedSides } from './girth.ts';
import type { Quote, Shipment } from './Quote.ts';
import { priceService } from './quoteService.ts';
import type { RateCard, Service } from './RateCard.ts';

/** A price edge near a parcel: how far away it is, and what crossing it does to the price. */
export interface EdgeNudge {
  readonly by: 'weight' | 'length' | 'volume';
  /** `less` crosses downward and saves, `more` is the room left before it costs. */
  readonly direction: 'less' | 'more';
  /** Pounds; inches off the longest side for length and volume. */
  readonly amount: number;
  /** Price after minus price now: negative saves; null when the service would refuse it. */
  readonly deltaMinor: Minor | null;
}

const PAST_EDGE = 1e-4;

/**
 * The nearest price edges of a quoted parcel, both ways: weight steps, thresholds on sides and volume,
 * cubic tiers, limits. Each is found by pricing the parcel again just beyond it, so that whatever else
 * the change does to the price is in the figure. Nearest first; edges that change nothing are left out.
 *
 * @param quote the quote of this very shipment
 */
export function edgeNudges(card: RateCard, service: Service, shipment: Shipment, quote: Quote): EdgeNudge[] {
  const price = (changed: Shipment): Minor | null => {
    const again = priceService(card, service, changed, quote);
    return typeof again === 'function' ? null : again.totalMinor;
  };
  const found: EdgeNudge[] = [];
  const consider = (by: EdgeNudge['by'], direction: EdgeNudge['direction'], amount: number, changed: Shipment) => {
    const after = price(changed);
    const deltaMinor = after === null ? null : after - quote.totalMinor;
    if (direction === 'less' ? deltaMinor !== null && deltaMinor < 0 : deltaMinor === null || deltaMinor > 0)
      found.push({ by, direction, amount, deltaMinor });
  };
  for (const edge of weightEdges(service)) {
    const away = shipment.weightLb - edge;
    if (away > 1e-6 && edge > 0) consider('weight', 'less', away, { ...shipment, weightLb: edge });
    else consider('weight', 'more', Math.max(0, -away), { ...shipment, weightLb: edge + PAST_EDGE });
  }
  for (const { by, inches } of lengthEdges(service, shipment)) {
    const [longest] = sortedSides(shipment.sizeIn);
    const away = longest - inches;
    if (away > 1e-6 && inches > 0) consider(by, 'less', away, withLongest(shipment, inches));
    else consider(by, 'more', Math.max(0, -away), withLongest(shipment, inches + PAST_EDGE));
  }
  return nearest(found);
}

/** The nearest of each kind and direction. */
function nearest(found: readonly EdgeNudge[]): EdgeNudge[] {
  const sorted = [...found].sort((a, b) => a.amount - b.amount);
  return sorted.filter((one, i) => sorted.findIndex((other) => other.by === one.by && other.direction === one.direction) === i);
}

const weightEdges = (service: Service): number[] => [
  ...(service.containers === null ? service.steps.map((step) => step.upToLb) : []),
  ...service.surcharges.flatMap(({ when }) => (when.kind === 'weightAbove' ? [when.lb] : [])),
  service.limits.weightLb,
];

interface LengthEdge {
  readonly by: 'length' | 'volume';
  readonly inches: number;
}

/** Lengths of the longest side at which something changes. */
function lengthEdges(service: Service, { sizeIn }: Shipment): LengthEdge[] {
  const [, second, third] = sortedSides(sizeIn);
  const byVolume = (in3: number): LengthEdge => ({ by: 'volume', inches: in3 / (second * third) });
  const byLength = (inches: number): LengthEdge => ({ by: 'length', inches });
  return [
    ...service.surcharges.flatMap(({ when }): LengthEdge[] =>
      when.kind === 'longestAbove' ? [byLength(when.inches)] : when.kind === 'volumeAbove' ? [byVolume(when.in3)] : [],
    ),
    ...(service.limits.longestIn === null ? [] : [byLength(service.limits.longestIn)]),
    ...(service.limits.lengthPlusGirthIn === null ? [] : [byLength(service.limits.lengthPlusGirthIn - 2 * (second + third))]),
    ...(service.cubic ?? []).map((tier) => byVolume(tier.upToIn3)),
    ...(service.volumetric ? volumetricEdges(service, sizeIn).map(byLength) : []),
  ];
}

/** Where the longest side makes volume or volumetric weight cross a step, sides rounded as the service does. */
function volumetricEdges(service: Service, sizeIn: Triple): number[] {
  const { divisorIn3PerLb, aboveIn3, sideRounding } = service.volumetric!;
  const [longest, second, third] = sortedSides(sizeIn);
  if (sideRounding !== 'none') return [Math.ceil(longest - 1e-6) - 1, Math.ceil(longest - 1e-6)];
  return [aboveIn3, ...service.steps.map((step) => step.upToLb * divisorIn3PerLb)].map((in3) => in3 / (second * third));
}

function withLongest(shipment: Shipment, inches: number): Shipment {
  const at = shipment.sizeIn.indexOf(Math.max(...shipment.sizeIn));
  return { ...shipment, sizeIn: shipment.sizeIn.map((side, i) => (i === at ? inches : side)) as unknown as Triple };
}
