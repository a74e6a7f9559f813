import { countryOf, customsForm, takenSide, type UnitSystem } from '@inch-nest/core';
import {
  benchPlanFor,
  heldIn,
  moneyOf,
  packingShots,
  shotWords,
  type AddressView,
  type ParcelView,
  type ShopView,
} from '@inch-nest/contracts';
import { lifeByDay, spanWords, timesWords } from '../../words/lifeByDay.ts';
import { writersFor } from '../../words/writers.ts';
import { SHEETS } from './paper.ts';
import type { PaperFacts } from './PaperFacts.ts';
import { titleOf, titleOfPiece } from '../../words/titleOf.ts';

/** Gathers what papers say of a parcel, in the units of whoever prints them. */
export function gatherFacts(view: ParcelView, shop: ShopView, address: AddressView | null, system: UnitSystem): PaperFacts {
  const { sale, life } = view;
  const held = heldIn(view);
  const plan = view.nest.plan?.document ?? null;
  const bought = view.labels.find((label) => label.state === 'bought');
  const size = life.weighing?.outsideIn ?? plan?.box.outsideIn ?? null;
  const weightLb = life.weighing?.weightLb ?? plan?.weight.grossLb ?? null;
  const write = writersFor(system, shop.currency);
  const materials = [...shop.stock.wraps, ...shop.stock.fills];
  const words = { ...write, nameOf: (key: string) => materials.find((one) => one.key === key)?.name ?? key };
  const toPostcode = String(sale.destinationPostcode.value);
  const country = countryOf(toPostcode);
  const declaration = sale.customs.value;
  const steps = benchPlanFor(view, shop, system)?.steps ?? [];
  return {
    sheets: SHEETS[shop.paper],
    shopName: shop.name,
    fromPostcode: shop.originPostcode,
    toPostcode,
    tag: sale.buyer.value ?? toPostcode,
    address,
    code: view.code,
    title: titleOf(view),
    pieces: held.map((one) => titleOfPiece(one) + (one.piece.serial.value ? `, number ${one.piece.serial.value}` : '')),
    accessories: held.flatMap((one) => one.piece.accessories.value.map(({ count, name }) => `${count} × ${name}`)),
    serial: held.flatMap((one) => one.piece.serial.value ?? []).join(', ') || null,
    photographs: shotWords(packingShots(view.photos, steps)),
    weight: weightLb === null ? 'not weighed' : write.weight(weightLb),
    size: size ? write.size(size) : 'not measured',
    day: shop.today,
    plan,
    steps,
    keepUpright: held.some((one) => one.piece.keepUpright.value),
    marks: takenSide(shop.house, 'marks'),
    label: bought?.tracking
      ? {
          carrier: shop.cards.find((card) => card.id === life.label?.rate.cardId)?.carrier ?? '',
          serviceName: bought.serviceName,
          tracking: bought.tracking,
          signature: life.label?.rate.signature ?? false,
        }
      : null,
    set: view.set.length > 1 ? { number: view.set.findIndex((one) => one.id === view.id) + 1, parcels: view.set } : null,
    letter: sale.letter.value,
    customs: country && declaration ? { declaration, form: customsForm(declaration, shop.house.customsSimplifiedToMinor) } : null,
    life: lifeByDay(view.events, shop, words).flatMap(({ day, lines }) => [
      day,
      ...lines.map((one) => `${spanWords(one)} ${timesWords(one)}, ${one.who}${one.takenBack ? ' (taken back)' : ''}`),
    ]),
    money: [
      [view.share ? 'Its share of what was sold' : 'Sold for', write.money(moneyOf(view).soldMinor)],
      [
        view.share ? 'Its share of what was paid for shipping' : 'Buyer paid for shipping',
        write.money(moneyOf(view).shippingCollectedMinor),
      ],
      ...(life.label ? [['Postage', write.money(bought?.chargedMinor ?? life.label.rate.priceMinor)] as const] : []),
      ...(plan ? [['Packing and labour, reckoned', write.money(Math.round(plan.costMinor - plan.quote.totalMinor))] as const] : []),
    ],
    write,
  };
}
