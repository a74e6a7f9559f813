import { formatLength, formatSize, formatWeight, type CivilDate, type UnitSystem } from '../../units/index.ts';
import { arrivalDay } from './arrivalDay.ts';
import { basePrice, type BasePrice } from './basePrice.ts';
import { billableWeight, ON_THE_STEP_LB } from './billableWeight.ts';
import { coverCeilingMinor } from './coverPrice.ts';
import { lengthPlusGirthIn, sortedSides } from './girth.ts';
import { priceLines } from './priceLines.ts';
import type { Quote, QuoteRefusal, Shipment } from './Quote.ts';
import type { RateCard, Service } from './RateCard.ts';
import { zoneOf } from './zoneOf.ts';

/**
 * Prices a shipment on one service of a card, or says why it cannot be carried. Every shown line is
 * rounded half up once and the total is the sum of the shown lines.
 */
export function quoteService(card: RateCard, service: Service, shipment: Shipment, units?: UnitSystem): Quote | QuoteRefusal {
  const priced = priceService(card, service, shipment, laneOf(card, service, shipment));
  return typeof priced === 'function'
    ? { carrier: card.carrier, service: service.key, serviceName: service.name, refused: priced(units) }
    : priced;
}

/** Why a service cannot carry something, put into words when they are asked for, in whoever's units. */
export type Refusing = (units?: UnitSystem) => string;

/** What a service's price has in common for all parcels of one order. */
export interface Lane {
  readonly zone: number | null;
  readonly arrivesOn: CivilDate | null;
}

/** The lane of an order on one service. */
export const laneOf = (
  card: RateCard,
  service: Service,
  {
    originPostcode,
    destinationPostcode,
    shipDate,
    readyAt = null,
  }: Pick<Shipment, 'originPostcode' | 'destinationPostcode' | 'shipDate' | 'readyAt'>,
): Lane => ({
  zone: zoneOf(card, originPostcode, destinationPostcode),
  arrivesOn: arrivalDay(service, card.holidays, shipDate, readyAt),
});

/** As `quoteService`, with the lane known; a refusal is put into words only when they are asked for. */
export function priceService(card: RateCard, service: Service, shipment: Shipment, { zone, arrivesOn }: Lane): Quote | Refusing {
  const base = basePrice(service, shipment, zone);
  const refused = refusal(card, service, shipment, zone, base);
  if (refused !== null || zone === null || base.priceMinor === undefined) return refused ?? (() => 'no price');
  const weight = billableWeight(service, shipment.sizeIn, shipment.weightLb);
  const lines = priceLines(service, shipment, base.priceMinor, {
    label: `${base.stepName} to zone ${zone}`,
    ...(service.cubic ? {} : { upToLb: base.upToLb }),
  });
  const covered = !shipment.goods.some((kind) => service.cover.excludes.includes(kind));
  return {
    carrier: card.carrier,
    cardId: card.id,
    cardVersion: card.version,
    service: service.key,
    serviceName: service.name,
    zone,
    billableLb: weight.billableLb,
    volumetricLb: weight.volumetricLb,
    billedBy: service.cubic ? 'cubic' : weight.why,
    stepLb: base.upToLb,
    stepBelowLb: base.belowLb,
    lines,
    totalMinor: lines.reduce((sum, line) => sum + line.amountMinor, 0),
    transitDays: service.transitDays,
    arrivesOn,
    handlingFactor: service.handlingFactor,
    crushFactor: service.crushFactor,
    coverMinor: covered ? Math.max(service.cover.includedMinor, shipment.coverMinor ?? 0) : 0,
  };
}

/** Why a service cannot carry a parcel, to be put into words when asked for; null when it can. */
export function refusal(card: RateCard, service: Service, shipment: Shipment, zone: number | null, base: BasePrice): Refusing | null {
  const { weightLb: mostLb, longestIn, lengthPlusGirthIn: mostAroundIn, leastIn } = service.limits;
  const sides = sortedSides(shipment.sizeIn);
  const around = lengthPlusGirthIn(shipment.sizeIn);
  if (shipment.shipDate < card.validFrom || (card.validTo !== null && shipment.shipDate > card.validTo))
    return () => 'its rate card does not hold on that day';
  if (zone === null) return () => `does not go from ${shipment.originPostcode} to ${shipment.destinationPostcode}`;
  const inOwn = wrongContainer(card, service, shipment);
  if (inOwn) return inOwn;
  const heavy = shipment.weightLb > mostLb + ON_THE_STEP_LB;
  const long = longestIn !== null && sides[0] > longestIn + 1e-6;
  const thick = mostAroundIn !== null && around > mostAroundIn + 1e-6;
  if (heavy || long || thick)
    return (units) =>
      [
        ...(heavy ? [`weighs ${formatWeight(shipment.weightLb, units)}, at most ${formatWeight(mostLb, units)}`] : []),
        ...(long ? [`${formatLength(sides[0], units)} long, at most ${formatLength(longestIn, units)}`] : []),
        ...(thick ? [`length and girth ${formatLength(around, units)}, at most ${formatLength(mostAroundIn, units)}`] : []),
      ].join('; ');
  if (leastIn !== null && sides.some((side, i) => side < leastIn[i]! - 1e-6)) return (units) => `at least ${formatSize(leastIn, units)}`;
  if (!base.withinTable) return () => (service.cubic ? 'larger than its price table' : 'heavier than its price table');
  if (base.priceMinor === undefined) return () => `has no price for zone ${zone}`;
  if (shipment.signature && service.signatureMinor === null) return () => 'offers no signature';
  if (shipment.coverMinor !== null && shipment.goods.some((kind) => service.cover.excludes.includes(kind)))
    return () => 'does not cover that kind of goods';
  if ((shipment.coverMinor ?? 0) > coverCeilingMinor(service.cover)) return () => 'does not cover that much';
  return null;
}

/** A free box of a carrier goes by its own services only; a fixed-price service takes nothing else. */
function wrongContainer({ containers }: RateCard, service: Service, { container, weightLb }: Shipment): Refusing | null {
  const named = containers.find((one) => one.key === container);
  if (service.containers === null) return container === null ? null : () => 'a carrier’s free box goes by its own service only';
  if (container === null || !named || !service.containers.includes(container))
    return () =>
      `takes only ${containers
        .filter((one) => service.containers!.includes(one.key))
        .map((one) => one.name)
        .join(', ')}`;
  return weightLb > named.weightLb + ON_THE_STEP_LB
    ? (units) => `weighs ${formatWeight(weightLb, units)}, at most ${formatWeight(named.weightLb, units)} in ${named.name}`
    : null;
}
