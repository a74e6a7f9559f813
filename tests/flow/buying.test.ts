import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { CounterSwitches, ShopView } from '@inch-nest/contracts';
import { BY_HAND, type Happening } from '@inch-nest/core';
import { NEW_STATE, type CounterState } from '../../apps/counter/src/Counter.ts';
import { counterServer } from '../../apps/counter/src/counterServer.ts';
import type { CarrierCounter } from '../../apps/web/src/server/counter/CarrierCounter.ts';
import { httpCounter } from '../../apps/web/src/server/counter/httpCounter.ts';
import { purchases } from '../../apps/web/src/server/counter/purchases.ts';
import { inShop, noteHandLabel, readParcel, type ShopDatabase } from '../../packages/data/src/index.ts';
import { freshDatabase } from '../../packages/data/tests/freshDatabase.ts';
import { bowl, NOW, ODILE, RATE, keepOne, smallShop, tell } from '../../packages/data/tests/smallShop.ts';

/** The counter as a process that can be killed: what it wrote down outlives it, what it only remembered does not. */
function killableCounter() {
  let written = JSON.stringify(NEW_STATE);
  let server: Server | null = null;
  let port = 0;
  const open = async () => {
    const state = JSON.parse(written) as CounterState;
    server = counterServer(state, () => (written = JSON.stringify(state)));
    await new Promise<void>((done) => server!.listen(port, '127.0.0.1', done));
    port = (server.address() as AddressInfo).port;
  };
  const tell = (switches: Partial<CounterSwitches>) =>
    fetch(`http://127.0.0.1:${port}/switches`, { method: 'PUT', body: JSON.stringify(switches) });
  return {
    open,
    kill: () =>
      new Promise<void>((done) => {
        server!.closeAllConnections();
        server!.close(() => done());
      }),
    tell,
    client: () => httpCounter(`http://127.0.0.1:${port}`, 700),
    charges: () => Object.keys((JSON.parse(written) as CounterState).purchases).length,
  };
}

let fresh: Awaited<ReturnType<typeof freshDatabase>>;
let shop: ShopView;
let room: ShopDatabase;
let clock = NOW.getTime();
const now = () => new Date((clock += 1000));
beforeAll(async () => {
  fresh = await freshDatabase();
  shop = await smallShop(fresh.database);
  room = inShop(fresh.database, shop.id);
});
afterAll(() => fresh.drop());

const report = (parcelId: string, happening: Happening) => tell(room, parcelId, happening, now());
async function rated(): Promise<string> {
  const id = await bowl(room, shop);
  await report(id, { kind: 'weighed', readingsLb: [3.5], outsideIn: [12, 12, 12] });
  await report(id, { kind: 'rated', rate: RATE });
  return id;
}
const view = (id: string) => readParcel(room, id, ODILE);
const never = new Promise<never>(() => undefined);

/** The application dies at a moment of the purchase: whatever it was waiting for never comes. */
const dying: Readonly<Record<string, (real: CarrierCounter) => CarrierCounter>> = {
  'before it asks': (real) => ({ ...real, buy: () => never }),
  'between charge and answer': (real) => ({
    ...real,
    buy: (key, order) =>
      real.buy(key, order).then(
        () => never,
        () => never,
      ),
  }),
  'not at all': (real) => real,
};
const SWITCHES: [string, Partial<CounterSwitches>][] = [
  ['as it should', {}],
  ['slow beyond patience', { slowMs: 900 }],
  ['failing before it charges', { fails: 'beforeCharge' }],
  ['failing after it charged', { fails: 'afterCharge' }],
  ['dropping the line after it charged', { drops: true }],
  ['hearing everything twice', { hearsTwice: true }],
  ['asking another price', { dearerMinor: 35 }],
];
const MATRIX = SWITCHES.flatMap(([counter, switches]) =>
  Object.keys(dying).flatMap((app) => [false, true].map((counterDies) => [counter, app, counterDies, switches] as const)),
);

describe('a label is bought once and never lost', () => {
  test.each(MATRIX)(
    'a counter %s, the application dying %s, the counter dying too: %s',
    async (_, app, counterDies, switches) => {
      const counter = killableCounter();
      await counter.open();
      const id = await rated();
      await counter.tell(switches);
      const buying = purchases(fresh.database, dying[app]!(counter.client()), now).buy(shop, id, ODILE);
      if (app === 'not at all') await buying;
      else await new Promise((resolve) => setTimeout(resolve, 1100));
      if (counterDies) {
        await counter.kill();
        await counter.open();
      } else await counter.tell({});

      // both are back: what was pending is asked after
      const again = purchases(fresh.database, counter.client(), now, 0);
      await again.sweep();
      await again.sweep();
      const { labels, life } = await view(id);
      const bought = labels.filter((label) => label.state === 'bought');
      expect(labels.filter((label) => label.state === 'pending')).toEqual([]);
      expect(counter.charges()).toBe(bought.length);
      expect(life.label === null).toBe(bought.length === 0);
      for (const label of labels.filter((one) => one.state !== 'bought')) expect(label.problem).toMatch(/nothing was/);

      // and whoever tries again ends with one label and one charge
      if (bought.length === 0) await again.buy(shop, id, ODILE);
      else await expect(again.buy(shop, id, ODILE)).rejects.toThrow(/bought already/);
      const after = await view(id);
      expect(after.labels.filter((label) => label.state === 'bought')).toHaveLength(1);
      expect(after.life.state).toBe('labelled');
      expect(counter.charges()).toBe(1);
      await counter.kill();
    },
    30_000,
  );

  test('200 purchases at once of 50 parcels: 50 labels, 50 charges', async () => {
    const counter = killableCounter();
    await counter.open();
    const ids: string[] = [];
    for (let i = 0; i < 50; i++) ids.push(await rated());
    const till = purchases(fresh.database, counter.client(), now);
    const outcomes = await Promise.allSettled(Array.from({ length: 200 }, (_, i) => till.buy(shop, ids[i % 50]!, ODILE)));
    const refused = outcomes.filter((one): one is PromiseRejectedResult => one.status === 'rejected');
    expect(refused.map((one) => (one.reason as Error).message).filter((why) => !/bought already/.test(why))).toEqual([]);
    await purchases(fresh.database, counter.client(), now, 0).sweep();
    for (const id of ids) expect((await view(id)).labels.filter((label) => label.state === 'bought')).toHaveLength(1);
    expect(counter.charges()).toBe(50);
    await counter.kill();
  });

  test('given back it can be bought anew, under another key', async () => {
    const counter = killableCounter();
    await counter.open();
    const id = await rated();
    const till = purchases(fresh.database, counter.client(), now);
    await till.buy(shop, id, ODILE);
    const [first] = (await view(id)).labels;
    await till.void(shop, { parcelId: id, labelId: first!.id, personId: ODILE });
    expect((await view(id)).life.label).toBeNull();
    await till.buy(shop, id, ODILE);
    expect((await view(id)).labels.map((label) => label.state)).toEqual(['bought', 'voided']);
    expect(counter.charges()).toBe(2);
    await counter.kill();
  });
});

describe('giving a label back is settled as buying is', () => {
  const bought = async () => {
    const counter = killableCounter();
    await counter.open();
    const id = await rated();
    const till = purchases(fresh.database, counter.client(), now);
    await till.buy(shop, id, ODILE);
    const [label] = (await view(id)).labels;
    return { counter, id, till, labelId: label!.id, asked: { parcelId: id, labelId: label!.id, personId: ODILE } };
  };
  const states = async (id: string) => (await view(id)).labels.map(({ state }) => state);

  test('a counter that does not answer leaves it noted; nothing leaves with it, and the sweep finishes it', async () => {
    const { counter, id, till, asked } = await bought();
    await report(id, { kind: 'tagMatched' });
    await counter.kill();
    await till.void(shop, asked);
    expect(await states(id)).toEqual(['voiding']);
    await expect(report(id, { kind: 'handedOver' })).rejects.toThrow(/being given back/);
    await counter.open();
    await till.sweep();
    expect(await states(id)).toEqual(['voided']);
    expect((await view(id)).life.label).toBeNull();
    await counter.kill();
  });

  test('one given back at the counter itself is void here within a sweep, and says so', async () => {
    const { counter, id, till } = await bought();
    await report(id, { kind: 'tagMatched' });
    await counter.client().void((await fresh.database.models.label.findOne({ where: { parcelId: id } }))!.key);
    await till.sweep();
    expect((await view(id)).labels[0]).toMatchObject({ state: 'voided', problem: expect.stringMatching(/at the counter/) as string });
    await expect(report(id, { kind: 'handedOver' })).rejects.toThrow(/no label/);
    await counter.kill();
  });

  test('not after it has left, and not another parcel’s', async () => {
    const { counter, id, till, asked } = await bought();
    const other = await rated();
    await expect(till.void(shop, { ...asked, parcelId: other })).rejects.toThrow(/no such label/);
    await report(id, { kind: 'tagMatched' });
    await report(id, { kind: 'handedOver' });
    await expect(till.void(shop, asked)).rejects.toThrow(/has left/);
    expect(await states(id)).toEqual(['bought']);
    await counter.kill();
  });
});

describe('nothing is bought when what was rated has moved', () => {
  const refused = async (id: string, why: RegExp) => {
    const counter = killableCounter();
    await counter.open();
    await expect(purchases(fresh.database, counter.client(), now).buy(shop, id, ODILE)).rejects.toThrow(why);
    expect((await view(id)).labels).toEqual([]);
    expect(counter.charges()).toBe(0);
    await counter.kill();
  };

  test('weighed again', async () => {
    const id = await rated();
    await report(id, { kind: 'weighed', readingsLb: [3.6], outsideIn: [12, 12, 12] });
    await refused(id, /rate it again/);
  });

  test('measured again', async () => {
    const id = await rated();
    await report(id, { kind: 'weighed', readingsLb: [3.5], outsideIn: [13, 12, 12] });
    await refused(id, /rate it again/);
  });

  test('sent elsewhere', async () => {
    const id = await rated();
    const { sale } = await view(id);
    await keepOne(room, shop, id, {
      path: 'sale/destinationPostcode',
      value: '40218',
      basedOn: sale.destinationPostcode.revision,
      now: now(),
    });
    await refused(id, /address changed/);
  });

  test.each([
    ['one cent', { priceMinor: 1 }, /another price/],
    ['a service nobody has', { service: 'invented' }, /no rate card of the shop has that service/],
    ['a price agreed by hand', { service: BY_HAND, cardId: BY_HAND, cardVersion: 0 }, /agreed by hand/],
  ])('a client’s own price is never believed: %s', async (_, more, why) => {
    const id = await bowl(room, shop);
    await report(id, { kind: 'weighed', readingsLb: [3.5], outsideIn: [12, 12, 12] });
    await report(id, { kind: 'rated', rate: { ...RATE, ...more } });
    await refused(id, why);
  });

  test('a price agreed by hand takes the number of that carrier’s label, once, and goes out like any other', async () => {
    const id = await bowl(room, shop);
    await report(id, { kind: 'weighed', readingsLb: [3.5], outsideIn: [12, 12, 12] });
    await report(id, { kind: 'rated', rate: { ...RATE, service: BY_HAND, cardId: BY_HAND, cardVersion: 0, priceMinor: 6100 } });
    await noteHandLabel(room, shop, id, { personId: ODILE, tracking: 'HF 204 118' }, now());
    expect((await view(id)).labels).toMatchObject([{ state: 'bought', tracking: 'HF 204 118', chargedMinor: 6100, moved: [] }]);
    await expect(noteHandLabel(room, shop, id, { personId: ODILE, tracking: 'another' }, now())).rejects.toThrow(/bought already/);
    await report(id, { kind: 'tagMatched' });
    await report(id, { kind: 'handedOver' });
    expect((await view(id)).life.state).toBe('handedOver');
    // a carrier's own price is bought at the counter, not written down
    await expect(noteHandLabel(room, shop, await rated(), { personId: ODILE, tracking: 'x' }, now())).rejects.toThrow(/buy the label/);
  });

  test('a clock that was put back holds nothing up: order is the house’s own', async () => {
    const id = await bowl(room, shop);
    await report(id, { kind: 'weighed', readingsLb: [3.5], outsideIn: [12, 12, 12] });
    const { sale } = await view(id);
    await keepOne(room, shop, id, {
      path: 'sale/destinationPostcode',
      value: '40218',
      basedOn: sale.destinationPostcode.revision,
      now: now(),
    });
    // told with a time two hours before the address was changed
    await tell(room, id, { kind: 'rated', rate: RATE }, new Date(now().getTime() - 7_200_000));
    const counter = killableCounter();
    await counter.open();
    await purchases(fresh.database, counter.client(), now).buy(shop, id, ODILE);
    expect((await view(id)).labels.map(({ state }) => state)).toEqual(['bought']);
    await counter.kill();
  });

  test('never weighed', async () => refused(await bowl(room, shop), /weigh it/));
});
