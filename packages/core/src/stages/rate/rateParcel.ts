import type { Quote, QuoteRefusal, Shipment } from '../../engineering/tariff/Quote.ts';
import { laneOf, priceService, type Lane, type Refusing } from '../../engineering/tariff/quoteService.ts';
import type { RateCard, Service } from '../../engineering/tariff/RateCard.ts';
import type { House } from '../../house/House.ts';
import type { Minor, UnitSystem } from '../../units/index.ts';
import type { InspectedPiece } from '../item/InspectedPiece.ts';
import { worthOfAll } from '../item/worthOfAll.ts';
import type { WeighedParcel } from '../weight/WeighedParcel.ts';
import type { RatedParcel, Rating } from './RatedParcel.ts';

/** The pieces of a parcel, all of one order. */
export type Pieces = readonly [InspectedPiece, ...InspectedPiece[]];

/** Choices about the carriage that somebody has pinned. */
export interface RateLocks {
  readonly service?: string;
  readonly coverAdded?: boolean;
  readonly signature?: boolean;
}

/** One way of sending a parcel: a service of a card, with cover beyond the included amount or without. */
export interface Carriage extends Lane {
  readonly card: RateCard;
  readonly service: Service;
  readonly coverAdded: boolean;
  readonly signature: boolean;
}

/** Every service of the cards, with cover and signature as house and locks allow. */
export function carriages(cards: readonly RateCard[], pieces: Pieces, house: House, locks: RateLocks = {}): Carriage[] {
  const { order } = pieces[0];
  const value = worthOfAll(pieces);
  const dear = isDear(value, house);
  const rule = dear ? 'always' : house.cover;
  const coverChoices =
    // by the risk: for a nest that stands, see `coverFor`
    locks.coverAdded === undefined ? { byRisk: [false], included: [false], always: [true] }[rule] : [locks.coverAdded];
  const signature = locks.signature ?? (dear || (house.signatureFromMinor !== null && order.soldMinor >= house.signatureFromMinor));
  return cards.flatMap((card) =>
    card.services
      .filter((service) => locks.service === undefined || service.key === locks.service)
      .flatMap((service) => {
        const lane = laneOf(card, service, order);
        return coverChoices
          .filter((coverAdded) => !coverAdded || value > service.cover.includedMinor || coverChoices.length === 1)
          .map((coverAdded) => ({ card, service, coverAdded, signature, ...lane }));
      }),
  );
}

/** True for a piece that the house covers in full and has signed for, whatever the risk says. */
export const isDear = (valueMinor: Minor, { dearFromMinor }: Pick<House, 'dearFromMinor'>): boolean =>
  dearFromMinor !== null && valueMinor >= dearFromMinor;

/** Prices a parcel on one carriage; a refusal is put into words only when they are asked for. */
export function priceCarriage(weighed: WeighedParcel, carriage: Carriage): Quote | Refusing {
  const { shell, bundles } = weighed.filled.stowed;
  const pieces = bundles.map(({ wrapped }) => wrapped.piece) as unknown as Pieces;
  return priceService(
    carriage.card,
    carriage.service,
    { ...carriageShipment(pieces, carriage), sizeIn: shell.outsideIn, weightLb: weighed.grossLb, container: shell.box.container },
    carriage,
  );
}

/** What is to be carried of pieces on a carriage, all but the parcel's size, weight and container. */
export const carriageShipment = (
  pieces: Pieces,
  { coverAdded, signature }: Pick<Carriage, 'coverAdded' | 'signature'>,
): Omit<Shipment, 'sizeIn' | 'weightLb' | 'container'> => ({
  originPostcode: pieces[0].order.originPostcode,
  destinationPostcode: pieces[0].order.destinationPostcode,
  shipDate: pieces[0].order.shipDate,
  coverMinor: coverAdded ? worthOfAll(pieces) : null,
  signature,
  nonRectangular: false,
  goods: pieces.map(({ archetype }) => archetype.key),
});

/** Prices a parcel on every carriage. */
export function rateParcel(weighed: WeighedParcel, ways: readonly Carriage[]): Rating {
  const rated: RatedParcel[] = [];
  const refusals: ((units?: UnitSystem) => QuoteRefusal)[] = [];
  for (const way of ways) {
    const priced = priceCarriage(weighed, way);
    if (typeof priced === 'function') {
      const { card, service } = way;
      refusals.push((units) => ({ carrier: card.carrier, service: service.key, serviceName: service.name, refused: priced(units) }));
    } else rated.push({ weighed, quote: priced, coverAdded: way.coverAdded, signature: way.signature });
  }
  const refused = (units?: UnitSystem) =>
    [...new Map(refusals.map((refusal) => refusal(units)).map((one) => [one.service, one])).values()].filter(
      (one) => !rated.some(({ quote }) => quote.service === one.service),
    );
  return { rated, refused };
}
