import {
  ARCHETYPES,
  countedStock,
  houseByMethod,
  stockName,
  type Along,
  type Order,
  type PieceFacts,
  type PlanRequest,
  type StockKind,
  type Stockroom,
  type StockUse,
  type UnitSystem,
} from '@inch-nest/core';
import type { Accessory } from './piece.ts';
import { valuesOf, type KeptFields, type PieceValues } from './keptFields.ts';
import { heldIn, moneyOf, type HeldView, type ParcelView } from './parcelView.ts';
import type { ShopView } from './shopView.ts';

/** Facts of a piece from its kept fields; drafts are not facts. */
export function pieceFactsOf(id: string, piece: KeptFields<PieceValues>): PieceFacts {
  const {
    size,
    weight,
    title,
    count,
    stackOf,
    interleaf,
    nestStepIn,
    within,
    beside,
    archetype,
    form,
    finish,
    dampSensitive,
    keepUpright,
    hardPoints,
    hollows,
    movingParts,
    accessories,
    partOf,
    standing,
    ...worth
  } = valuesOf(piece);
  return {
    id,
    title: title ?? ARCHETYPES[archetype].name,
    count,
    stackOf,
    interleaf,
    nestStepIn,
    within,
    beside,
    archetype,
    form,
    lengthIn: size?.[0] ?? null,
    widthIn: size?.[1] ?? null,
    heightIn: size?.[2] ?? null,
    weightLb: weight,
    finish,
    dampSensitive,
    keepUpright,
    hardPoints,
    hollows,
    movingParts,
    ownBoxIn: worth.originalBox === 'kept' ? worth.ownBoxIn : null,
    partOf,
    along: accessories.filter(({ part }) => part === 'apart' || part === 'off').map(alongOf),
    replacementMinor: worth.replacementMinor,
    irreplaceable: worth.irreplaceable,
    wholeOrNothing: worth.wholeOrNothing,
    standing,
    mostChance: worth.mostChance,
  };
}

/** What goes along weighs by itself; a part that comes off is weighed with its piece, and takes room beside it. */
const alongOf = ({ id, name, count, part, weightLb, sizeIn, place }: Accessory): Along => ({
  id,
  name,
  count,
  weightLb: part === 'apart' ? (weightLb ?? null) : null,
  sizeIn: sizeIn ?? null,
  place: place ?? 'beside',
});

/** The order of a parcel as the core wants it. Sent today, or on the ship-by day when that is later. */
export function orderOf(view: HeldView, shop: Pick<ShopView, 'originPostcode' | 'today'>): Order {
  const { destinationPostcode, shipBy } = valuesOf(view.sale);
  const { soldMinor, paidMinor, shippingCollectedMinor } = moneyOf(view);
  return {
    id: view.saleId,
    soldMinor,
    paidMinor,
    shippingCollectedMinor,
    originPostcode: shop.originPostcode,
    destinationPostcode,
    shipDate: shipBy > shop.today ? shipBy : shop.today,
    pieces: heldIn(view).map(({ pieceId, piece }) => pieceFactsOf(pieceId, piece)),
    ...(view.elsewhere.length > 0 ? { elsewhere: view.elsewhere } : {}),
  };
}

/** So much of anything is more than a parcel takes: with as much free, what others keep makes no difference. */
const PLENTY: Readonly<Record<StockKind, number>> = { wrap: 200, fill: 12, box: 1, board: 60 };

/** What others keep, where that leaves so little that it may matter: no search begins anew over the rest. */
function mattering(reserved: readonly StockUse[], stock: Stockroom): StockUse[] {
  if (reserved.length === 0) return [];
  const onHandOf = new Map(countedStock(stock).map((item) => [stockName(item), item.onHand]));
  return reserved.filter((use) => (onHandOf.get(stockName(use)) ?? 0) - use.amount < PLENTY[use.kind]);
}

/**
 * All a planning of this parcel depends on. The browser and the server build it alike; without what others keep
 * (`reserved`) the stockroom is taken as it is.
 */
export function planRequestFor(
  view: HeldView & Pick<ParcelView, 'nest'> & Partial<Pick<ParcelView, 'reserved'>>,
  shop: ShopView,
  units?: UnitSystem,
): PlanRequest {
  return {
    order: orderOf(view, shop),
    pieceIds: heldIn(view).map(({ pieceId }) => pieceId),
    stock: shop.stock,
    house: houseByMethod(shop.house, view.nest.locks.method),
    cards: shop.cards,
    locks: view.nest.locks,
    reserved: mattering(view.reserved ?? [], shop.stock),
    ...(units ? { units } : {}),
  };
}
