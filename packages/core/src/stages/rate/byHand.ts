import { HEAVIEST_LB } from '../../engineering/journey/dropSchedule.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { Quote, QuoteRefusal } from '../../engineering/tariff/Quote.ts';
import { laneOf, priceService } from '../../engineering/tariff/quoteService.ts';
import type { RateCard, Service } from '../../engineering/tariff/RateCard.ts';
import type { Minor } from '../../units/index.ts';
import type { Order } from '../sale/Order.ts';

/** Where no card names a zone, the journey is taken to be of middling length; judgement. */
const MIDDLING_ZONE = 5;
/** What a pound is taken to cost where no card has a price for the way; judgement. */
const MIDDLING_MINOR_PER_LB = 120;
/** Common tariff divisor, in³ a pound. */
const DIVISOR_IN3_PER_LB = 139;
/** The reckoned table goes on by pounds to here, then by tens. */
const BY_POUND_TO_LB = 200;
const TABLE_TO_LB = 3000;
/** Cover agreed by hand, percent of the value; judgement. */
const COVER_PERCENT = 3;

/** The service that stands for a price agreed by hand. */
export const BY_HAND = 'byHand';

/**
 * What a parcel might cost that no service in reach carries: a table that carries on, pound for pound, from the top of
 * the cheapest table that goes there. It is a reckoning, so that a smaller box still comes out cheaper; the price itself
 * is agreed by hand. The journey is as long as any card says it is.
 */
export function handCard(cards: readonly RateCard[], order: Order): RateCard {
  const lanes = cards.flatMap((card) => card.services.map((service) => ({ service, zone: laneOf(card, service, order).zone })));
  const zones = lanes.flatMap(({ zone }) => (zone === null ? [] : [zone]));
  const zone = zones.length > 0 ? Math.max(...zones) : MIDDLING_ZONE;
  const tops = lanes.flatMap((lane) => (lane.zone === null ? [] : topOf(lane.service, lane.zone)));
  const at = (lb: number): Minor =>
    Math.round(
      tops.length > 0 ? Math.min(...tops.map((top) => Math.max(top.minor, (top.minor / top.lb) * lb))) : MIDDLING_MINOR_PER_LB * lb,
    );
  const pounds = Array.from({ length: BY_POUND_TO_LB }, (_, i) => i + 1);
  for (let lb = BY_POUND_TO_LB + 10; lb <= TABLE_TO_LB; lb += 10) pounds.push(lb);
  return {
    id: BY_HAND,
    version: 0,
    carrier: 'By hand',
    currency: cards[0]?.currency ?? 'USD',
    validFrom: '0001-01-01',
    validTo: null,
    zones: [{ originFrom: '', originTo: '', destinationFrom: '', destinationTo: '', zone }],
    services: [
      {
        key: BY_HAND,
        name: 'Price by hand',
        bought: 'counter',
        transitDays: 7,
        pickupWeekdays: [1, 2, 3, 4, 5],
        cutOff: '12:00',
        steps: pounds.map((lb) => ({ upToLb: lb, byZone: { [String(zone)]: at(lb) } })),
        cubic: null,
        containers: null,
        rounding: 'step',
        volumetric: { divisorIn3PerLb: DIVISOR_IN3_PER_LB, aboveIn3: 0, sideRounding: 'up' },
        limits: { weightLb: HEAVIEST_LB, longestIn: null, lengthPlusGirthIn: null, leastIn: null },
        surcharges: [],
        fuelPercent: 0,
        cover: {
          includedMinor: 0,
          stepMinor: 100,
          pricePerStepMinor: 0,
          percent: COVER_PERCENT,
          ceilingMinor: Number.MAX_SAFE_INTEGER,
          excludes: [],
        },
        signatureMinor: 0,
        handlingFactor: 1,
        crushFactor: 1,
      },
    ],
    containers: [],
    holidays: [],
  };
}

/** The last priced step of a service's table for a zone, if it prices the shop's own packaging by weight. */
function topOf({ steps, containers }: Service, zone: number): { lb: number; minor: Minor }[] {
  if (containers !== null) return [];
  const top = steps.filter((step) => step.byZone[String(zone)] !== undefined).at(-1);
  return top ? [{ lb: top.upToLb, minor: top.byZone[String(zone)]! }] : [];
}

/** The price of a parcel on a service that does not carry it: reckoned as by hand, in that service's name. */
export function byHand(
  cards: readonly RateCard[],
  order: Order,
  { service, serviceName, carrier }: QuoteRefusal,
  parcel: { readonly weightLb: number; readonly sizeIn: Triple },
): Quote {
  const card = handCard(cards, order);
  const shipment = { ...order, ...parcel, coverMinor: null, signature: false, container: null, nonRectangular: false, goods: [] };
  const quote = priceService(card, card.services[0]!, shipment, laneOf(card, card.services[0]!, order));
  if (typeof quote === 'function') throw new RangeError(`no price can be reckoned: ${quote()}`);
  return { ...quote, carrier, service, serviceName };
}
