import { randomUUID } from 'node:crypto';
import { addDays, BEDDED_HOUSE, planParcel, writePlanDocument, type Happening, type PlanDocument } from '@inch-nest/core';
import { benchPlanFor, planRequestFor, type ShopView } from '@inch-nest/contracts';
import type { Database } from '../database.ts';
import { demoChoices } from '../environment.ts';
import { inShop, type ShopDatabase } from '../inShop.ts';
import { useAddress } from '../repositories/addressRepository.ts';
import { appendEvent } from '../repositories/eventRepository.ts';
import { beginPurchase, settlePurchase } from '../repositories/labelRepository.ts';
import { splitParcel } from '../repositories/bundleRepository.ts';
import { keepParcel } from '../repositories/keepRepository.ts';
import { wholeNestChange } from '../repositories/nestRepository.ts';
import { createParcel } from '../repositories/parcelRepository.ts';
import { readParcel } from '../repositories/readParcel.ts';
import { createShop, readShop } from '../repositories/shopRepository.ts';
import { DEMO_CARDS } from './cards/index.ts';
import { chosenBefore } from './chosenBefore.ts';
import { REACHED, type DemoParcel, type Reached } from './DemoParcel.ts';
import { demoMoves } from './demoMoves.ts';
import { DEMO_PARCELS } from './demoParcels.ts';
import { DEMO_PEOPLE, DEMO_SHOP } from './demoPeople.ts';
import { DEMO_STOCK } from './demoStock.ts';

const MINUTE_MS = 60_000;

/** What loading the demo came to. */
export type Loaded = 'demo loaded' | 'demo loaded anew: an earlier loading was cut short' | 'data kept';

/**
 * Loads the demo into an empty database; leaves one that holds a shop as it is, unless that is the demo whose loading was cut
 * short: then it starts over.
 */
export async function loadDemo(database: Database, now: Date, parcels: readonly DemoParcel[] = DEMO_PARCELS): Promise<Loaded> {
  const { shop: shops } = database.models;
  const cut = (await shops.destroy({ where: { loading: true, demo: true } })) > 0;
  if ((await shops.count()) > 0) return 'data kept';
  await createShop(
    database,
    {
      shop: { ...DEMO_SHOP, house: BEDDED_HOUSE, demo: true, loading: true },
      people: DEMO_PEOPLE,
      stock: DEMO_STOCK,
      cards: DEMO_CARDS,
      moved: demoMoves(now, DEMO_PEOPLE[0]!.id),
    },
    now,
  );
  const room = inShop(database, DEMO_SHOP.id);
  const shop = await readShop(room, now);
  for (const [i, parcel] of parcels.entries()) {
    await loadParcel(room, shop, parcel, new Date(now.getTime() - (parcels.length - i) * 9 * MINUTE_MS), i);
  }
  await shops.update({ loading: false }, { where: { id: DEMO_SHOP.id } });
  return cut ? 'demo loaded anew: an earlier loading was cut short' : 'demo loaded';
}

const DAY_MS = 86_400_000;
const DAYS_ON_THE_WAY = 4;

async function loadParcel(database: ShopDatabase, shop: ShopView, parcel: DemoParcel, loaded: Date, i: number): Promise<void> {
  const personId = DEMO_PEOPLE[i % DEMO_PEOPLE.length]!.id;
  const { dueInDays, ...sale } = parcel.sale;
  // what was due some days ago was done then
  const now = new Date(loaded.getTime() + Math.min(0, dueInDays) * DAY_MS);
  const id = await createParcel(
    database,
    shop,
    {
      id: randomUUID(),
      personId,
      sale: {
        ...sale,
        shipBy: addDays(shop.today, dueInDays),
        ...(parcel.job ? { job: JSON.stringify(parcel.job) } : {}),
        ...(parcel.customs ? { customs: JSON.stringify(parcel.customs) } : {}),
      },
      piece: parcel.piece,
      ...(parcel.others ? { more: parcel.others.map(({ piece }) => piece) } : {}),
    },
    now,
  );
  const apart = await takeApart(database, shop, id, personId, parcel, now);
  const far = REACHED.indexOf(parcel.reached);
  const reaches = (step: Reached) => far >= REACHED.indexOf(step);
  if (parcel.address) await useAddress(database, shop, id, { act: 'keep', personId, basedOn: 0, ...parcel.address }, now);
  if (!reaches('kept')) return;
  for (const each of [id, ...apart]) await keepRecommended(database, shop, each, personId, parcel, now);
  if (!reaches('weighed')) return;
  const view = await readParcel(database, id, personId);
  const { document } = view.nest.plan!;
  if (reaches('labelled'))
    for (const test of benchPlanFor(view, shop)!.due)
      await tell(database, id, personId, { kind: 'testTried', test, result: 'passed' }, now);
  await weigh(database, id, personId, document, parcel.weighedOffLb ?? [0], now);
  if (reaches('rated')) await rate(database, id, personId, document, parcel.weighedOffLb ?? [0], now);
  if (reaches('labelled')) {
    const label = await beginPurchase(database, shop, id, personId, now);
    const purchase = {
      key: label.key,
      tracking: `${label.ordered.cardId.split('-')[0]!.slice(0, 1).toUpperCase()}L${60_000_000 + i * 41}`,
      chargedMinor: label.ordered.priceMinor,
      boughtAt: now.toISOString(),
      voided: false,
    };
    await settlePurchase(database, label.id, { kind: 'bought', purchase }, now);
  }
  const happened: [Happening, days: number][] = [
    ...(reaches('away')
      ? ([
          [{ kind: 'tagMatched' }, 0],
          [{ kind: 'handedOver' }, 0.2],
        ] as [Happening, number][])
      : []),
    ...(reaches('broken') ? ([[{ kind: 'damaged' }, DAYS_ON_THE_WAY]] as [Happening, number][]) : []),
  ];
  for (const [happening, days] of happened) await tell(database, id, personId, happening, new Date(now.getTime() + days * DAY_MS));
}

/** Says of parts what they come off, and sends what goes in a box of its own there; its parcel, if any. */
async function takeApart(
  database: ShopDatabase,
  shop: ShopView,
  id: string,
  personId: string,
  { others = [] }: DemoParcel,
  now: Date,
): Promise<string[]> {
  const view = await readParcel(database, id, personId);
  const changes = others.flatMap(({ comesOff }, at) =>
    comesOff === undefined
      ? []
      : [
          {
            id: randomUUID(),
            path: `piece/${view.others[at]!.pieceId}/partOf`,
            value: JSON.stringify({ pieceId: view.pieceId, after: null, loosens: comesOff }),
            basedOn: 0,
          },
        ],
  );
  if (changes.length > 0) await keepParcel(database, shop, id, { personId, changes }, now);
  const bundleIds = others.flatMap(({ inABoxOfItsOwn }, at) => (inABoxOfItsOwn ? view.others[at]!.bundleId : []));
  if (bundleIds.length === 0) return [];
  await splitParcel(database, shop, id, { act: 'split', personId, lots: [bundleIds.map((bundleId) => ({ bundleId }))] }, now);
  return (await readParcel(database, id, personId)).set.filter((one) => one.id !== id).map((one) => one.id);
}

const tell = (database: ShopDatabase, parcelId: string, personId: string, happening: Happening, now: Date): Promise<void> =>
  database.sequelize.transaction((transaction) =>
    appendEvent(database, { id: randomUUID(), parcelId, personId, happening, now, undoOf: null }, transaction),
  );

async function keepRecommended(
  database: ShopDatabase,
  shop: ShopView,
  id: string,
  personId: string,
  parcel: DemoParcel,
  now: Date,
): Promise<void> {
  const view = await readParcel(database, id, personId);
  const request = planRequestFor(view, shop);
  const choice = chosenBefore(demoChoices(), request, () => {
    const search = planParcel(request);
    let step = search.next();
    while (!step.done) step = search.next();
    if (step.value.kind === 'noPlan')
      throw new Error(`no plan for the demo’s ${String(parcel.piece['title'])}: ${step.value.reasons.join('; ')}`);
    return writePlanDocument(step.value.recommended, shop.house).choice;
  });
  const taken = parcel.by ? parcel.by(choice) : choice;
  const [verdict] = await keepParcel(
    database,
    shop,
    id,
    {
      personId,
      changes: [
        {
          id: randomUUID(),
          path: 'nest',
          value: wholeNestChange(taken),
          basedOn: 0,
        },
      ],
    },
    now,
  );
  if (verdict?.kind !== 'kept') throw new Error(`the demo’s ${String(parcel.piece['title'])} keeps no nest: ${JSON.stringify(verdict)}`);
}

async function weigh(
  database: ShopDatabase,
  parcelId: string,
  personId: string,
  { weight, box }: PlanDocument,
  offLb: readonly number[],
  now: Date,
): Promise<void> {
  const readingsLb = offLb.map((off) => Math.round((weight.grossLb + off) * 1600) / 1600);
  await tell(database, parcelId, personId, { kind: 'weighed', readingsLb, outsideIn: box.outsideIn }, now);
}

async function rate(
  database: ShopDatabase,
  parcelId: string,
  personId: string,
  { quote, weight, box, choice }: PlanDocument,
  offLb: readonly number[],
  now: Date,
): Promise<void> {
  const weightLb = Math.max(...offLb.map((off) => Math.round((weight.grossLb + off) * 1600) / 1600));
  const chosen = {
    service: quote.service,
    serviceName: quote.serviceName,
    cardId: quote.cardId,
    cardVersion: quote.cardVersion,
    weightLb,
    outsideIn: box.outsideIn,
    priceMinor: quote.totalMinor,
    coverAdded: choice.coverAdded,
    signature: choice.signature,
  };
  await tell(database, parcelId, personId, { kind: 'rated', rate: chosen }, now);
}
