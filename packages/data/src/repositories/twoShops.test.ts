import { randomUUID } from 'node:crypto';
import { freshDatabase } from '../../tests/freshDatabase.ts';
import { bowl, keepOne, NOW, RATE, smallShop, tell } from '../../tests/smallShop.ts';
import {
  addressOf,
  addPhoto,
  applyTemplate,
  beginPurchase,
  findScanned,
  inShop,
  keepShop,
  keepTemplate,
  listBins,
  listCards,
  listPast,
  listPickups,
  listShelf,
  Missing,
  openSeal,
  orderOfRate,
  pictureOf,
  picturesOf,
  putTogether,
  readCard,
  readDay,
  readParcel,
  readShop,
  Refused,
  removePhoto,
  sealParcel,
  settlePurchase,
  beginVoid,
  settleVoid,
  takeBack,
  templatesFor,
  useAddress,
  type ShopDatabase,
} from '../index.ts';

// Two shops on one server: each reads, writes, scans and guesses the other's ids, and finds nothing there.

let fresh: Awaited<ReturnType<typeof freshDatabase>>;
let ours: ShopDatabase;
let theirs: ShopDatabase;
let shop: Awaited<ReturnType<typeof smallShop>>;
let stranger: Awaited<ReturnType<typeof smallShop>>;
/** Ids of the other shop's. */
let id: { parcel: string; label: string; photo: string; template: string; sale: string; card: string };

beforeAll(async () => {
  fresh = await freshDatabase();
  shop = await smallShop(fresh.database);
  stranger = await smallShop(fresh.database, true);
  [ours, theirs] = [inShop(fresh.database, shop.id), inShop(fresh.database, stranger.id)];
  const me = stranger.people[0]!.id;
  const parcel = await bowl(theirs, stranger);
  await keepOne(theirs, stranger, parcel, {
    path: `piece/${(await readParcel(theirs, parcel, me)).pieceId}/bin`,
    value: 'B4',
    basedOn: 0,
    personId: me,
  });
  const say = (happening: Parameters<typeof tell>[2]) =>
    theirs.sequelize.transaction(async (transaction) => {
      const { appendEvent } = await import('./eventRepository.ts');
      await appendEvent(theirs, { id: randomUUID(), parcelId: parcel, personId: me, happening, now: NOW, undoOf: null }, transaction);
    });
  await say({ kind: 'weighed', readingsLb: [3.5], outsideIn: [12, 12, 12] });
  await say({ kind: 'rated', rate: RATE });
  const label = await beginPurchase(theirs, stranger, parcel, me, NOW);
  const purchase = { key: label.key, tracking: 'AL60000861', chargedMinor: 985, boughtAt: NOW.toISOString(), voided: false };
  await settlePurchase(theirs, label.id, { kind: 'bought', purchase }, NOW);
  const [photo, template] = [randomUUID(), randomUUID()];
  await addPhoto(theirs, stranger, parcel, { id: photo, personId: me, of: 'piece' }, { content: 'c'.repeat(64), width: 2, height: 2 }, NOW);
  await useAddress(theirs, stranger, parcel, { act: 'keep', personId: me, name: 'Edda Vik', lines: ['Skarvik 12'], basedOn: 0 }, NOW);
  await fresh.database.models.template.create({
    id: template,
    shopId: stranger.id,
    name: 'bowl',
    piece: {},
    others: [],
    boxes: [],
    choice: {} as never,
    locks: {},
    personId: me,
    at: NOW,
  });
  const card = (await listCards(theirs, stranger))[0]!.id;
  id = { parcel, label: label.id, photo, template, sale: (await readParcel(theirs, parcel, me)).saleId, card };
});
afterAll(() => fresh.drop());

const mine = () => shop.people[0]!.id;
const told = () => ({ eventId: randomUUID(), personId: mine(), now: NOW });

test.each<[string, () => Promise<unknown>]>([
  ['a parcel is read', () => readParcel(ours, id.parcel, mine())],
  ['a change is kept', () => keepOne(ours, shop, id.parcel, { path: 'sale/soldMinor', value: '1', basedOn: 0, personId: mine() })],
  ['a change is taken back', () => takeBack(ours, shop, id.parcel, { personId: mine(), direction: 'undo' }, NOW)],
  ['it is sealed', () => sealParcel(ours, shop, id.parcel, told())],
  ['its seal is opened', () => openSeal(ours, shop, id.parcel, { ...told(), reason: 'x', reused: [] })],
  ['a label is bought for it', () => beginPurchase(ours, shop, id.parcel, mine(), NOW)],
  ['its rate is asked for', () => orderOfRate(ours, shop, id.parcel)],
  ['its label is given back', () => beginVoid(ours, shop, { parcelId: id.parcel, labelId: id.label, personId: mine() })],
  ['its label is noted as given back', () => settleVoid(ours, id.label, NOW)],
  ['a purchase of it is settled', () => settlePurchase(ours, id.label, { kind: 'closed' }, NOW)],
  ['its address is shown', () => useAddress(ours, shop, id.parcel, { act: 'show', personId: mine(), eventId: randomUUID() }, NOW)],
  [
    'a picture is added',
    () =>
      addPhoto(
        ours,
        shop,
        id.parcel,
        { id: randomUUID(), personId: mine(), of: 'piece' },
        { content: 'd'.repeat(64), width: 1, height: 1 },
        NOW,
      ),
  ],
  ['a picture is taken away', () => removePhoto(ours, shop, id.parcel, { id: id.photo, removed: true, personId: shop.people[0]!.id }, NOW)],
  ['a picture is fetched', () => pictureOf(ours, id.photo)],
  ['a template is made of it', () => keepTemplate(ours, shop, id.parcel, { id: randomUUID(), personId: mine(), name: 'x' }, NOW)],
  ['templates are offered for it', () => templatesFor(ours, shop, id.parcel)],
  [
    'it is put together with ours',
    async () => putTogether(ours, shop, { personId: mine(), parcelIds: [await bowl(ours, shop), id.parcel] }),
  ],
  ['its tracking number is scanned', () => findScanned(ours, { of: 'tracking', name: 'AL60000861' })],
  ['its bin is scanned', () => findScanned(ours, { of: 'bin', name: 'B4' })],
  ['its card is read', () => readCard(ours, shop, id.card)],
])('%s: there is no such thing here', async (_, ask) => expect(ask()).rejects.toThrow(Missing));

test('its code leads nowhere', async () => {
  const { code } = await readParcel(theirs, id.parcel, stranger.people[0]!.id);
  await expect(findScanned(ours, { of: 'parcel', name: code })).rejects.toThrow(Missing);
});

test('a template of theirs cannot be taken', async () =>
  expect(applyTemplate(ours, shop, await bowl(ours, shop), { templateId: id.template, personId: mine() }, NOW)).rejects.toThrow(Missing));

test('lists hold none of theirs', async () => {
  const all = [
    ...(await listShelf(ours)).map((tag) => tag.id),
    ...(await listPast(ours, {}, null)).tags.map((tag) => tag.id),
    ...(await listPast(ours, { tracking: 'AL60000861' }, null)).tags.map((tag) => tag.id),
    ...(await readDay(ours, shop)).pull.map((piece) => piece.id),
    ...(await listPickups(ours, shop)).carriers.flatMap((one) => one.parcels.map((parcel) => parcel.id)),
  ];
  expect(all).not.toContain(id.parcel);
  expect(await listBins(ours)).not.toContain('B4');
  expect(await addressOf(ours, id.sale)).toBeNull();
  expect(await picturesOf(ours, id.parcel)).toEqual([]);
});

test('their people are nobody here, and our rules are not theirs', async () => {
  const change = [{ id: randomUUID(), path: 'house/care', value: 9, basedOn: 0 }];
  await expect(keepShop(ours, shop, { personId: stranger.people[0]!.id, changes: change }, NOW)).rejects.toThrow(Refused);
  expect(await keepShop(ours, shop, { personId: mine(), changes: change }, NOW)).toMatchObject([{ kind: 'kept' }]);
  expect((await readShop(ours, NOW)).house.care).toBe(9);
  expect((await readShop(theirs, NOW)).house.care).toBe(stranger.house.care);
  const cell = [{ id: randomUUID(), path: `boxes/${shop.stock.boxes[0]!.key}/onHand`, value: 777, basedOn: 0 }];
  await keepShop(ours, shop, { personId: mine(), changes: cell }, NOW);
  expect((await readShop(theirs, NOW)).stock.boxes.map((box) => box.onHand)).not.toContain(777);
});

test('whatever the other shop did, theirs is as it was', async () => {
  const view = await readParcel(theirs, id.parcel, stranger.people[0]!.id);
  expect([view.life.state, view.photos.length, view.labels[0]!.state, view.address.kept]).toEqual(['labelled', 1, 'bought', true]);
});
