import { randomUUID } from 'node:crypto';
import { freshDatabase } from '../../tests/freshDatabase.ts';
import { bowl, smallShop } from '../../tests/smallShop.ts';
import {
  addCodes,
  addDevice,
  comeCodes,
  credentialOf,
  endSession,
  endSessionsOf,
  findDevice,
  findSession,
  hashOf,
  hashOfCode,
  inShop,
  keepCredential,
  keepShop,
  lockSession,
  newCode,
  newToken,
  noteAccess,
  openSession,
  personByName,
  readAudit,
  readPeople,
  readSignIn,
  revokeDevice,
  spendCode,
  touchSession,
  type ShopDatabase,
} from '../index.ts';

// Two shops on one server, each with an Odile: sessions, devices and codes of one open nothing of the other.

const NOW = new Date('2026-11-23T10:00:00Z');
const later = (minutes: number) => new Date(NOW.getTime() + minutes * 60_000);
const DAY_MIN = 24 * 60;

let fresh: Awaited<ReturnType<typeof freshDatabase>>;
let [ours, theirs]: ShopDatabase[] = [];
let [shop, stranger]: Awaited<ReturnType<typeof smallShop>>[] = [];
beforeEach(async () => {
  fresh = await freshDatabase();
  shop = await smallShop(fresh.database);
  stranger = await smallShop(fresh.database, true);
  [ours, theirs] = [inShop(fresh.database, shop.id), inShop(fresh.database, stranger.id)];
});
afterEach(() => fresh.drop());

const odile = () => shop!.people[0]!;
async function signedIn(deviceId: string | null = null, lastsMin = 60, room = ours!, personId = odile().id): Promise<string> {
  const token = newToken();
  await openSession(room, { id: randomUUID(), tokenHash: hashOf(token), personId, deviceId, madeAt: NOW, endsAt: later(lastsMin) });
  return token;
}
const found = (token: string, at = NOW) => findSession(fresh.database, hashOf(token), at);

test('a session says who and of which shop; another number, or its own after it has ended, says nobody', async () => {
  const token = await signedIn();
  expect(await found(token)).toMatchObject({ shopId: shop!.id, person: { id: odile().id, role: 'owner' }, device: null, locked: false });
  expect(await found(newToken())).toBeNull();
  expect(await found(token, later(60))).toBeNull();
  // only its hash is kept
  const [row] = await fresh.database.models.session.findAll();
  expect(JSON.stringify(row)).not.toContain(token);
  await endSession(ours!, row!.id);
  expect(await found(token)).toBeNull();
});

test('one ends all that are hers, but the one she asks from; what has run out is swept as somebody comes', async () => {
  const [one, two] = [await signedIn(), await signedIn()];
  const tams = await signedIn(null, 60, ours, shop!.people[1]!.id);
  await endSessionsOf(ours!, odile().id, (await found(one))!.id);
  expect([await found(one), await found(two), await found(tams)].map(Boolean)).toEqual([true, false, true]);
  await signedIn(null, -1);
  await signedIn();
  expect(await fresh.database.models.session.count()).toBe(3);
});

test('it is locked by hand, or after longer than its device allows without a touch', async () => {
  const device = await addDevice(ours!, { name: 'the bench', keyHash: hashOf('key'), addedBy: odile().id, idleMinutes: 15 }, NOW);
  const token = await signedIn(device, DAY_MIN);
  const locked = async (at: Date) => (await found(token, at))!.locked;
  expect([await locked(later(15)), await locked(later(19))]).toEqual([false, true]);
  await touchSession(ours!, (await found(token))!.id, later(14));
  expect([await locked(later(30)), await locked(later(33))]).toEqual([false, true]);
  await lockSession(ours!, (await found(token))!.id);
  expect(await locked(later(14))).toBe(true);
});

test('a device that is taken away, or whoever has left, is out at once', async () => {
  const device = await addDevice(ours!, { name: 'the bench', keyHash: hashOf('key'), addedBy: odile().id, idleMinutes: null }, NOW);
  const [at, tams] = [await signedIn(device), await signedIn(null, 60, ours, shop!.people[1]!.id)];
  expect(await findDevice(fresh.database, hashOf('key'))).toMatchObject({ id: device, shopId: shop!.id });
  await expect(revokeDevice(theirs!, device, NOW)).rejects.toThrow('no such device');
  await revokeDevice(ours!, device, NOW);
  expect([await found(at), await findDevice(fresh.database, hashOf('key'))]).toEqual([null, null]);
  const gone = { id: randomUUID(), path: `people/${shop!.people[1]!.id}/gone`, value: true, basedOn: shop!.revision };
  expect(await keepShop(ours!, shop!, { personId: odile().id, changes: [gone] }, NOW)).toMatchObject([{ kind: 'kept' }]);
  expect(await found(tams)).toBeNull();
  expect(await personByName(ours!, ' tam ')).toBeNull();
});

test('a code serves once, in its time, for whom and in the shop it was made for', async () => {
  const code = newCode();
  expect(code).toMatch(/^[2-9A-HJKMNP-Z]{5}(-[2-9A-HJKMNP-Z]{5}){2}$/);
  await addCodes(ours!, [hashOfCode(code)], { kind: 'come', personId: odile().id, madeBy: null, madeAt: NOW, endsAt: later(2) });
  const typed = hashOfCode(code.toLowerCase().replaceAll('-', ' '));
  expect(await spendCode(theirs!, typed, ['come'], NOW)).toBeNull();
  expect(await spendCode(ours!, typed, ['device'], NOW)).toBeNull();
  expect(await spendCode(ours!, typed, ['come'], NOW, shop!.people[1]!.id)).toBeNull();
  expect(await spendCode(ours!, typed, ['come'], later(2))).toBeNull();
  const both = await Promise.all([spendCode(ours!, typed, ['come'], NOW), spendCode(ours!, typed, ['come'], NOW)]);
  expect(both.filter(Boolean)).toEqual([{ kind: 'come', personId: odile().id, madeBy: null }]);
});

test('of two thousand codes none is another, and each sign is as likely as the next', () => {
  const codes = Array.from({ length: 2000 }, newCode);
  expect(new Set(codes).size).toBe(2000);
  const counts = new Map<string, number>();
  for (const sign of codes.join('').replaceAll('-', '')) counts.set(sign, (counts.get(sign) ?? 0) + 1);
  expect(counts.size).toBe(31);
  // chi squared over 30 degrees of freedom stays below 73 in all but one of 20,000 tries (table of the distribution, from memory)
  const expected = 30_000 / 31;
  expect([...counts.values()].reduce((sum, count) => sum + (count - expected) ** 2 / expected, 0)).toBeLessThan(73);
});

test('each shop has its own Odile, its own people to sign in and its own record of who did what', async () => {
  expect((await personByName(theirs!, 'ODILE'))!.id).toBe(stranger!.people[0]!.id);
  expect(await readSignIn(fresh.database, null)).toMatchObject({ people: null, shops: [{}, {}] });
  expect((await readSignIn(fresh.database, shop!.id)).people!.map(({ id }) => id)).toEqual(shop!.people.map(({ id }) => id));
  await keepCredential(ours!, odile().id, { passwordHash: 'a' }, NOW);
  await keepCredential(ours!, odile().id, { pinHash: 'b' }, NOW);
  expect(await credentialOf(ours!, odile().id)).toMatchObject({ passwordHash: 'a', pinHash: 'b' });
  expect(await credentialOf(theirs!, odile().id)).toBeNull();
  await noteAccess(theirs!, { personId: stranger!.people[0]!.id, deviceId: null, act: 'signedIn', about: null, at: NOW });
  await bowl(ours!, shop!);
  const audit = await readAudit(ours!, {});
  expect(audit.lines.length).toBeGreaterThan(1);
  expect(audit.lines.some(({ what }) => what.of === 'access')).toBe(false);
  expect((await readAudit(theirs!, { of: 'access' })).lines).toMatchObject([
    { personId: stranger!.people[0]!.id, what: { act: 'signedIn' } },
  ]);
  expect((await readPeople(ours!, shop!.people, null, NOW)).access).toMatchObject([
    { hasPassword: true, hasPin: true, sessions: 0 },
    { hasPassword: false, hasPin: false, sessions: 0 },
  ]);
});

test('the record is read on page by page: every line once, the latest first', async () => {
  for (let i = 0; i < 150; i++)
    await noteAccess(ours!, { personId: odile().id, deviceId: null, act: 'locked', about: String(i), at: later(Math.floor(i / 7)) });
  const lines: string[] = [];
  const times: string[] = [];
  for (let before: string | undefined; ;) {
    const page = await readAudit(ours!, { of: 'access', ...(before ? { before } : {}) });
    lines.push(...page.lines.map(({ key }) => key));
    times.push(...page.lines.map(({ at }) => at));
    if (page.next === null) break;
    before = page.next;
  }
  expect([lines.length, new Set(lines).size]).toEqual([150, 150]);
  expect(times).toEqual([...times].sort().reverse());
});

test('whoever keeps the machine has a code for the owner of each shop in which nobody can sign in yet', async () => {
  await keepCredential(theirs!, stranger!.people[0]!.id, { passwordHash: 'a' }, NOW);
  const made = await comeCodes(fresh.database, { ifNobody: true }, NOW);
  expect(made).toMatchObject([{ shop: shop!.name, name: 'Odile' }]);
  expect(await spendCode(ours!, hashOfCode(made[0]!.code), ['come'], NOW, odile().id)).not.toBeNull();
  await expect(comeCodes(fresh.database, { name: 'Nobody' }, NOW)).rejects.toThrow('nobody here is called Nobody');
});
