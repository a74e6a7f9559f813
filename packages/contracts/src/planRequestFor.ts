import { ARCHETYPES, houseByMethod, type ArchetypeKey, type Order, type PieceFacts, type PlanRequest } from '@inch-nest/core';
import type { KeptField, ParcelView } from './parcelView.ts';
import type { PieceField } from './fields.ts';
import type { ShopView } from './shopView.ts';

/** Facts of a piece from its kept fields; drafts are not facts. */
export function pieceFactsOf(id: string, piece: Record<PieceField, KeptField>): PieceFacts {
  const sides = (piece.size.value as (number | null)[] | null) ?? [null, null, null];
  const archetype = piece.archetype.value as ArchetypeKey;
  return {
    id,
    title: (piece.title.value as string | null) ?? ARCHETYPES[archetype].name,
    archetype,
    form: piece.form.value as PieceFacts['form'],
    lengthIn: sides[0] ?? null,
    widthIn: sides[1] ?? null,
    heightIn: sides[2] ?? null,
    weightLb: piece.weight.value as number | null,
    finish: piece.finish.value as PieceFacts['finish'],
    dampSensitive: piece.dampSensitive.value as boolean,
    keepUpright: piece.keepUpright.value as boolean,
    hardPoints: piece.hardPoints.value as PieceFacts['hardPoints'],
    hollows: piece.hollows.value as PieceFacts['hollows'],
    movingParts: piece.movingParts.value as PieceFacts['movingParts'],
    replacementMinor: piece.replacementMinor.value as number | null,
  };
}

/** The order of a parcel as the core wants it. Sent today, or on the ship-by day when that is later. */
export function orderOf(
  view: Pick<ParcelView, 'saleId' | 'pieceId' | 'sale' | 'piece'>,
  shop: Pick<ShopView, 'originPostcode' | 'today'>,
): Order {
  const { sale } = view;
  const shipBy = sale.shipBy.value as string;
  return {
    id: view.saleId,
    soldMinor: sale.soldMinor.value as number,
    paidMinor: sale.paidMinor.value as number,
    shippingCollectedMinor: sale.shippingCollectedMinor.value as number,
    originPostcode: shop.originPostcode,
    destinationPostcode: sale.destinationPostcode.value as string,
    shipDate: shipBy > shop.today ? shipBy : shop.today,
    pieces: [pieceFactsOf(view.pieceId, view.piece)],
  };
}

/** All a planning of this parcel depends on. The browser and the server build it alike. */
export function planRequestFor(view: Pick<ParcelView, 'saleId' | 'pieceId' | 'sale' | 'piece' | 'nest'>, shop: ShopView): PlanRequest {
  return {
    order: orderOf(view, shop),
    pieceId: view.pieceId,
    stock: shop.stock,
    house: houseByMethod(shop.house, view.nest.locks.method),
    cards: shop.cards,
    locks: view.nest.locks,
  };
}
