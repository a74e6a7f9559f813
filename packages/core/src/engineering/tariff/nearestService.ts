import { billableWeight } from './billableWeight.ts';
import { lengthPlusGirthIn, sortedSides } from './girth.ts';
import type { Shipment } from './Quote.ts';
import type { RateCard, Service } from './RateCard.ts';
import { zoneOf } from './zoneOf.ts';

/** How much too heavy, too long and too thick a parcel is for a service. */
export interface Excess {
  readonly carrier: string;
  readonly serviceName: string;
  readonly lb: number;
  readonly longIn: number;
  /** Of length and girth together. */
  readonly aroundIn: number;
  /** It bills more by its size than the table goes to. */
  readonly bulky: boolean;
}

type Asked = Pick<Shipment, 'sizeIn' | 'weightLb' | 'originPostcode' | 'destinationPostcode'>;

/**
 * The service that goes there and is missed by least, as the greatest share by which the parcel exceeds any of its limits;
 * null where none is missed by size or weight.
 */
export function nearestService(cards: readonly RateCard[], asked: Asked): Excess | null {
  const missed = cards.flatMap((card) =>
    zoneOf(card, asked.originPostcode, asked.destinationPostcode) === null
      ? []
      : card.services.filter(({ containers }) => containers === null).map((service) => excessOn(card, service, asked)),
  );
  return missed.filter(({ share }) => share > 0).sort((a, b) => a.share - b.share)[0] ?? null;
}

function excessOn({ carrier }: RateCard, service: Service, { sizeIn, weightLb }: Asked): Excess & { readonly share: number } {
  const { weightLb: mostLb, longestIn, lengthPlusGirthIn: mostAroundIn } = service.limits;
  const table = service.steps.at(-1)?.upToLb ?? Infinity;
  const lb = Math.max(0, weightLb - Math.min(mostLb, table));
  const billed = Math.max(0, billableWeight(service, sizeIn, weightLb).billableLb / table - 1);
  const longIn = Math.max(0, sortedSides(sizeIn)[0] - (longestIn ?? Infinity));
  const aroundIn = Math.max(0, lengthPlusGirthIn(sizeIn) - (mostAroundIn ?? Infinity));
  const share = Math.max(billed, lb / mostLb, longIn / (longestIn ?? Infinity), aroundIn / (mostAroundIn ?? Infinity));
  return { carrier, serviceName: service.name, lb, longIn, aroundIn, bulky: billed > 0 && lb === 0, share };
}
