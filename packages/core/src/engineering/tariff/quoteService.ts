import { formatLength, formatWeight, roundMinor, type CivilDate, type Minor } from '../../units/index.ts';
import type { Triple } from '../geometry/wrapLayer.ts';
import { billableWeight, ON_THE_STEP_LB } from './billableWeight.ts';
import { lengthPlusGirthIn, sortedSides } from './girth.ts';
import type { RateCard, Service, Surcharge } from './RateCard.ts';
import { prefixWithin, zoneOf } from './zoneOf.ts';

/** What is to be carried. */
export interface Shipment {
  readonly sizeIn: Triple;
  readonly weightLb: number;
  readonly originPostcode: string;
  readonly destinationPostcode: string;
  readonly shipDate: CivilDate;
  /** Value to cover beyond the included amount; null for the included amount only. */
  readonly coverMinor: Minor | null;
  readonly signature: boolean;
}

export interface PriceLine {
  readonly label: string;
  readonly amountMinor: Minor;
}

/** A service's price with every line that made it. */
export interface Quote {
  readonly carrier: string;
  readonly cardId: string;
  readonly cardVersion: number;
  readonly service: string;
  readonly serviceName: string;
  readonly zone: number;
  readonly billableLb: number;
  readonly volumetricLb: number | null;
  readonly billedBy: 'weight' | 'volume';
  readonly stepLb: number;
  /** Upper end of the step below; 0 on the first. */
  readonly stepBelowLb: number;
  readonly lines: readonly PriceLine[];
  readonly totalMinor: Minor;
  readonly transitDays: number;
  readonly handlingFactor: number;
  /** What a claim may pay at most. */
  readonly coverMinor: Minor;
}

/** A service that cannot carry it, and why. */
export interface QuoteRefusal {
  readonly carrier: string;
  readonly service: string;
  readonly serviceName: string;
  readonly refused: string;
}

/**
 * Prices a shipment on one service of a card, or says why it cannot be carried. Every shown line is
 * rounded half up once and the total is the sum of the shown lines.
 */
export function quoteService(card: RateCard, service: Service, shipment: Shipment): Quote | QuoteRefusal {
  const priced = priceService(card, service, shipment, zoneOf(card, shipment.originPostcode, shipment.destinationPostcode));
  return typeof priced === 'function'
    ? { carrier: card.carrier, service: service.key, serviceName: service.name, refused: priced() }
    : priced;
}

/** As `quoteService`, with the zone known; a refusal is put into words only when they are asked for. */
export function priceService(card: RateCard, service: Service, shipment: Shipment, zone: number | null): Quote | (() => string) {
  const weight = billableWeight(service, shipment.sizeIn, shipment.weightLb);
  const stepIndex = service.steps.findIndex((step) => step.upToLb >= weight.billableLb - ON_THE_STEP_LB);
  const base = zone === null ? undefined : service.steps[stepIndex]?.byZone[String(zone)];
  const refused = refusal(card, service, shipment, zone, stepIndex, base);
  if (refused !== null || zone === null || base === undefined) return refused ?? (() => 'no price');
  const step = service.steps[stepIndex]!;
  const lines = priceLines(service, shipment, base, `${formatWeight(step.upToLb)} to zone ${zone}`);
  return {
    carrier: card.carrier,
    cardId: card.id,
    cardVersion: card.version,
    service: service.key,
    serviceName: service.name,
    zone,
    billableLb: weight.billableLb,
    volumetricLb: weight.volumetricLb,
    billedBy: weight.why,
    stepLb: step.upToLb,
    stepBelowLb: service.steps[stepIndex - 1]?.upToLb ?? 0,
    lines,
    totalMinor: lines.reduce((sum, line) => sum + line.amountMinor, 0),
    transitDays: service.transitDays,
    handlingFactor: service.handlingFactor,
    coverMinor: Math.max(service.cover.includedMinor, shipment.coverMinor ?? 0),
  };
}

function priceLines(service: Service, shipment: Shipment, base: Minor, baseLabel: string): PriceLine[] {
  const lines: PriceLine[] = [{ label: baseLabel, amountMinor: base }];
  let fuelled = base;
  for (const surcharge of service.surcharges) {
    if (!applies(surcharge.when, shipment)) continue;
    lines.push({ label: surcharge.name, amountMinor: surcharge.priceMinor });
    if (surcharge.fuelled) fuelled += surcharge.priceMinor;
  }
  if (service.fuelPercent > 0)
    lines.push({ label: `fuel ${service.fuelPercent}%`, amountMinor: roundMinor((fuelled * service.fuelPercent) / 100) });
  const extra = (shipment.coverMinor ?? 0) - service.cover.includedMinor;
  if (extra > 0) lines.push({ label: 'cover', amountMinor: Math.ceil(extra / service.cover.stepMinor) * service.cover.pricePerStepMinor });
  if (shipment.signature && service.signatureMinor !== null) lines.push({ label: 'signature', amountMinor: service.signatureMinor });
  return lines;
}

function refusal(
  card: RateCard,
  service: Service,
  shipment: Shipment,
  zone: number | null,
  stepIndex: number,
  base: Minor | undefined,
): (() => string) | null {
  const { weightLb: mostLb, longestIn, lengthPlusGirthIn: mostAroundIn } = service.limits;
  const longest = sortedSides(shipment.sizeIn)[0];
  const around = lengthPlusGirthIn(shipment.sizeIn);
  if (shipment.shipDate < card.validFrom || (card.validTo !== null && shipment.shipDate > card.validTo))
    return () => 'its rate card does not hold on that day';
  if (zone === null) return () => `does not go from ${shipment.originPostcode} to ${shipment.destinationPostcode}`;
  if (shipment.weightLb > mostLb + ON_THE_STEP_LB)
    return () => `weighs ${formatWeight(shipment.weightLb)}, at most ${formatWeight(mostLb)}`;
  if (longestIn !== null && longest > longestIn + 1e-6) return () => `${formatLength(longest)} long, at most ${formatLength(longestIn)}`;
  if (mostAroundIn !== null && around > mostAroundIn + 1e-6)
    return () => `length and girth ${formatLength(around)}, at most ${formatLength(mostAroundIn)}`;
  if (stepIndex < 0) return () => 'heavier than its price table';
  if (base === undefined) return () => `has no price for zone ${zone}`;
  if (shipment.signature && service.signatureMinor === null) return () => 'offers no signature';
  if ((shipment.coverMinor ?? 0) > Math.max(service.cover.ceilingMinor, service.cover.includedMinor))
    return () => 'does not cover that much';
  return null;
}

function applies(when: Surcharge['when'], { sizeIn, weightLb, destinationPostcode }: Shipment): boolean {
  const [longest, second] = sortedSides(sizeIn);
  switch (when.kind) {
    case 'longestAbove':
      return longest > when.inches + 1e-6;
    case 'secondAbove':
      return second > when.inches + 1e-6;
    case 'volumeAbove':
      return sizeIn[0] * sizeIn[1] * sizeIn[2] > when.in3 + 1e-6;
    case 'weightAbove':
      return weightLb > when.lb + ON_THE_STEP_LB;
    case 'destination':
      return prefixWithin(destinationPostcode, when.from, when.to);
  }
}
