import { randomUUID } from 'node:crypto';
import type { ShopView } from '@inch-nest/contracts';
import type { Happening } from '@inch-nest/core';
import type { AddressInfo } from 'node:net';
import { NEW_STATE, type CounterState } from '../../apps/counter/src/Counter.ts';
import { counterServer } from '../../apps/counter/src/counterServer.ts';
import { httpCounter } from '../../apps/web/src/server/counter/httpCounter.ts';
import { CARD, SERVICE } from '../../packages/core/tests/sampleRequest.ts';
import {
  addressOf,
  beginPurchase,
  keepPickup,
  listPickups,
  orderOfRate,
  putTogether,
  readParcel,
  readShop,
  Refused,
  settlePurchase,
  useAddress,
  inShop,
  type ShopDatabase,
} from '../../packages/data/src/index.ts';
import { freshDatabase } from '../../packages/data/tests/freshDatabase.ts';
import { bowl, NOW, ODILE, RATE, smallShop, TAM, tell } from '../../packages/data/tests/smallShop.ts';

let fresh: Awaited<ReturnType<typeof freshDatabase>>;
let shop: ShopView;
let room: ShopDatabase;
beforeAll(async () => {
  fresh = await freshDatabase();
  shop = await smallShop(fresh.database);
  room = inShop(fresh.database, shop.id);
});
afterAll(() => fresh.drop());

const read = (id: string) => readParcel(room, id, ODILE);
const report = (parcelId: string, happening: Happening) => tell(room, parcelId, happening, NOW);
const labelled = async (tracking: string): Promise<string> => {
  const id = await bowl(room, shop);
  await report(id, { kind: 'weighed', readingsLb: [3.5], outsideIn: [12, 12, 12] });
  await report(id, { kind: 'rated', rate: RATE });
  const label = await beginPurchase(room, shop, id, ODILE, NOW);
  const purchase = { key: label.key, tracking, chargedMinor: 985, boughtAt: NOW.toISOString(), voided: false };
  await settlePurchase(room, label.id, { kind: 'bought', purchase }, NOW);
  return id;
};

describe('where the buyer lives', () => {
  test('is in no view of a parcel, is shown to whoever asks, and the asking is an event', async () => {
    const id = await bowl(room, shop);
    const keep = { act: 'keep' as const, personId: ODILE, name: 'Edda Vik', lines: ['Skarvik 12'], basedOn: 0 };
    await useAddress(room, shop, id, keep, NOW);
    const view = await read(id);
    expect(view.address).toEqual({ kept: true, revision: 1 });
    expect(JSON.stringify(view)).not.toMatch(/Edda|Skarvik/);
    const eventId = randomUUID();
    for (let twice = 0; twice < 2; twice++)
      expect(await useAddress(room, shop, id, { act: 'show', personId: TAM, eventId }, NOW)).toEqual({
        name: 'Edda Vik',
        lines: ['Skarvik 12'],
        revision: 1,
      });
    const asked = (await read(id)).events.filter((event) => event.kind === 'addressShown');
    expect(asked.map((event) => event.personId)).toEqual([TAM]);
    expect(JSON.stringify(asked)).not.toMatch(/Edda|Skarvik/);
    expect((await addressOf(room, view.saleId))!.name).toBe('Edda Vik');
  });

  test('two people at once: the second is told, nothing is written over', async () => {
    const id = await bowl(room, shop);
    const keep = (personId: string, name: string) =>
      useAddress(room, shop, id, { act: 'keep', personId, name, lines: ['Quay 1'], basedOn: 0 }, NOW);
    await keep(ODILE, 'Edda Vik');
    await expect(keep(TAM, 'Edda Wick')).rejects.toThrow(Refused);
    expect((await addressOf(room, (await read(id)).saleId))!.name).toBe('Edda Vik');
  });
});

describe('parcels that go together', () => {
  test('are 1 and 2 of 2 until one goes alone; elsewhere they do not go together', async () => {
    const [one, two, other] = [await bowl(room, shop), await bowl(room, shop), await bowl(room, shop)];
    await putTogether(room, shop, { personId: ODILE, parcelIds: [one, two] });
    const set = (await read(one)).set;
    expect(set.map((member) => member.id).sort()).toEqual([one, two].sort());
    expect(set.map((member) => member.code)).toEqual([...set.map((member) => member.code)].sort());
    expect((await read(two)).set).toEqual(set);
    expect((await read(other)).set).toEqual([]);
    await fresh.database.models.sale.update({ destinationPostcode: '99999' }, { where: { id: (await read(other)).saleId } });
    await expect(putTogether(room, shop, { personId: ODILE, parcelIds: [one, other] })).rejects.toThrow(Refused);
    await putTogether(room, shop, { personId: ODILE, parcelIds: [two] });
    expect((await read(one)).set).toEqual([]);
    expect((await read(two)).set).toEqual([]);
  });
});

describe('pick-ups', () => {
  test('what is labelled waits for its carrier by the next cut-off; handed over it is gone', async () => {
    const id = await labelled('CA1');
    // 2026-11-23 is a Monday; the sample service is fetched on weekdays until its cut-off
    const at = async (time: string) => {
      const list = await listPickups(room, { ...shop, today: '2026-11-23', time });
      return list.carriers[0]!.parcels.find((parcel) => parcel.id === id)!;
    };
    expect((await at('09:00')).day).toBe('2026-11-23');
    expect((await at(SERVICE.cutOff)).day).toBe('2026-11-23');
    expect((await at('23:30')).day).toBe('2026-11-24');
    expect(await at('09:00')).toMatchObject({ tracking: 'CA1', cutOff: SERVICE.cutOff, matched: false });
    await report(id, { kind: 'tagMatched' });
    expect((await at('09:00')).matched).toBe(true);
    await report(id, { kind: 'handedOver' });
    expect((await listPickups(room, shop)).carriers.flatMap((one) => one.parcels.map((parcel) => parcel.id))).not.toContain(id);
  });

  test('asked for twice with one id it is one pick-up, at the counter and here', async () => {
    await labelled('CA2');
    const state = structuredClone<CounterState>(NEW_STATE);
    const server = counterServer(state, () => undefined);
    await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
    const counter = httpCounter(`http://127.0.0.1:${(server.address() as AddressInfo).port}`, 2000);
    const order = { id: randomUUID(), cardId: CARD.id, day: '2026-11-24', tracking: ['CA2'] };
    const references = [(await counter.pickup(order)).reference, (await counter.pickup(order)).reference];
    expect(new Set(references).size).toBe(1);
    expect(Object.keys(state.pickups)).toEqual([order.id]);
    const wanted = { id: order.id, personId: TAM, cardId: CARD.id, day: order.day };
    for (const reference of references) await keepPickup(room, shop, wanted, order.tracking, reference, NOW);
    const today = await readShop(room, NOW);
    expect((await listPickups(room, today)).carriers.find((one) => one.cardId === CARD.id)!.asked).toEqual({
      day: '2026-11-24',
      reference: references[0],
      count: 1,
      by: 'Tam',
    });
    server.closeAllConnections();
    server.close();
  });
});

test('the counter quotes what an order would cost, and buys nothing by it', async () => {
  const state = structuredClone<CounterState>(NEW_STATE);
  const server = counterServer(state, () => undefined);
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  const address = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  const id = await bowl(room, shop);
  expect(await orderOfRate(room, shop, id)).toBeNull();
  await report(id, { kind: 'weighed', readingsLb: [3.5], outsideIn: [12, 12, 12] });
  await report(id, { kind: 'rated', rate: RATE });
  const order = (await orderOfRate(room, shop, id))!;
  expect(await httpCounter(address, 2000).quote(order)).toEqual({ priceMinor: 980 });
  await fetch(`${address}/switches`, { method: 'PUT', body: JSON.stringify({ dearerMinor: 40 }) });
  expect(await httpCounter(address, 2000).quote(order)).toEqual({ priceMinor: 1020 });
  expect(Object.keys(state.purchases)).toEqual([]);
  server.closeAllConnections();
  server.close();
});
