import { randomUUID } from 'node:crypto';
import { join } from 'node:path';
import { expect, request as requests, test, type APIRequestContext, type APIResponse } from '@playwright/test';
import { may, RIGHT_SAYS, type Person, type Role, type ShopView } from '@inch-nest/contracts';
import type { App } from './bench.ts';
import { createThrowAwayApp } from '../../scripts/lib/throwAwayApp.mjs';
import { DOOR_RIGHTS } from '../../apps/web/src/server/people/doorRights.ts';
import { ALL_DOORS } from './theDoors.ts';
import { PAGE_RIGHTS } from '../../apps/web/src/session/pageRights.ts';

// Two people's shop that does not sign in by itself, with three more people in it.

const root = join(import.meta.dirname, '../..');
const PASSWORD = 'harbour lantern row';
const STAFF: Readonly<Record<string, Role>> = { Odile: 'owner', Pia: 'planner', Wim: 'packer', Lin: 'lookerOn' };

let app: App;
let parcelId: string;
const at: Record<string, APIRequestContext> = {};

const newcomer = () => requests.newContext({ baseURL: app.address, extraHTTPHeaders: { origin: app.address }, timeout: 120_000 });
const signIn = (as: APIRequestContext, data: object) => as.post('/api/sign-in', { data });
const problem = async (answer: APIResponse) =>
  ((await answer.json()) as { problems: { path: string; message: string }[] }).problems.map((one) => `${one.path} ${one.message}`).join();
const sessionOf = async (as: APIRequestContext) =>
  (await as.storageState()).cookies.find(({ name }) => name === 'inch-nest-session')?.value;

test.describe.configure({ mode: 'serial' });
test.beforeAll(async () => {
  app = await createThrowAwayApp(root, { byItself: false });
  at['Odile'] = await newcomer();
  const came = await signIn(at['Odile'], { act: 'code', name: 'Odile', code: app.codeFor('Odile'), password: PASSWORD });
  expect(came.ok(), await came.text()).toBe(true);
  const shop = (await (await at['Odile'].get('/api/shop')).json()) as ShopView;
  const personId = shop.people.find(({ name }) => name === 'Odile')!.id;
  const changes = Object.entries(STAFF)
    .filter(([name]) => name !== 'Odile')
    .map(([name, role]) => ({ id: randomUUID(), path: `people/${randomUUID()}`, value: { name, system: 'imperial', role }, basedOn: 0 }));
  const kept = await at['Odile'].patch('/api/shop/kept', { data: { personId, changes } });
  expect((await kept.json()) as object).toMatchObject({ verdicts: changes.map(() => ({ kind: 'kept' })) });
  for (const name of Object.keys(STAFF).slice(1)) {
    at[name] = await newcomer();
    expect((await signIn(at[name], { act: 'code', name, code: app.codeFor(name), password: PASSWORD })).ok()).toBe(true);
  }
  parcelId = ((await (await at['Odile'].get('/api/shelf')).json()) as { id: string }[])[0]!.id;
});
test.afterAll(() => app.close());

const person = (name: string): Pick<Person, 'role' | 'seesMoney' | 'sends' | 'gone'> => ({
  role: STAFF[name]!,
  seesMoney: false,
  sends: false,
  gone: false,
});
const doorsBuilt = ALL_DOORS.filter(({ page }) => !page).flatMap(({ path, methods }) => methods.map((method) => ({ path, method })));

test('every door and every page there is stands in its table of rights, and nothing else does', () => {
  const listed = Object.entries(DOOR_RIGHTS).flatMap(([path, methods]) => Object.keys(methods).map((method) => `${method} ${path}`));
  expect(listed.sort()).toEqual(doorsBuilt.map(({ path, method }) => `${method} ${path}`).sort());
  const pages = ALL_DOORS.filter(({ page, path }) => page && path !== '/').map(({ path }) => path);
  // a parcel's own address is the frame round its stations
  expect([...pages, '/parcels/[id]'].sort()).toEqual(Object.keys(PAGE_RIGHTS).sort());
});

const placed = (path: string) => path.replace('[id]', parcelId);

test('each door opens to whom the table says, and to nobody else', async () => {
  const stranger = await newcomer();
  for (const { path, method } of doorsBuilt) {
    const needs = DOOR_RIGHTS[path]![method as 'GET'];
    // what flows for as long as it is listened to is tried by itself
    if (path === '/api/live') continue;
    const ask = (as: APIRequestContext) => as.fetch(placed(path), { method, ...(method === 'GET' ? {} : { data: {} }) });
    const unknown = await ask(stranger);
    expect([401].includes(unknown.status()), `${method} ${path} without anybody: ${unknown.status()}`).toBe(needs !== 'anybody');
    if (needs === 'anybody' || needs === 'signedIn') continue;
    for (const name of Object.keys(STAFF)) {
      const answer = await ask(at[name]!);
      const shut = answer.status() === 403 && (await answer.text()).includes(`${name} may not ${RIGHT_SAYS[needs!]}`);
      expect(shut, `${method} ${path} as ${STAFF[name]}: ${answer.status()}`).toBe(!may(person(name), needs!));
      expect(answer.status()).not.toBe(401);
    }
  }
});

test('each page opens to whom the table says; to a stranger nothing of the shop is in it', async () => {
  const stranger = await newcomer();
  for (const [path, needs] of Object.entries(PAGE_RIGHTS)) {
    if (path === '/join' || path === '/parcels/[id]') continue;
    const unknown = await (await stranger.get(placed(path))).text();
    expect([path, /Odile|Lantern Row|Stoneware/.exec(unknown)?.[0]]).toEqual([path, undefined]);
    // a station is shut in the browser: what it would show never came there
    if (path.startsWith('/parcels/')) continue;
    for (const name of Object.keys(STAFF)) {
      const text = await (await at[name]!.get(path)).text();
      expect(text.includes(`may not <!-- -->${RIGHT_SAYS[needs]}`), `${path} as ${STAFF[name]}`).toBe(!may(person(name), needs));
    }
  }
});

test('to whoever sees no money no amount of it is sent: no door, no page', async () => {
  const reads = ['/api/shop', '/api/shelf', '/api/day', '/api/past', `/api/parcels/${parcelId}`, '/api/stock'];
  const pages = ['/day', '/past', '/stock', `/parcels/${parcelId}/bench`, `/parcels/${parcelId}/look-over`, `/parcels/${parcelId}/weigh`];
  const AMOUNT = /\\?"\w*[mM]inor\w*\\?":\s*-?[1-9]/;
  for (const path of [...reads, ...pages]) {
    const text = await (await at['Wim']!.get(path)).text();
    expect([path, AMOUNT.exec(text)?.[0], /\$\d+\.\d\d/.exec(text)?.[0]]).toEqual([path, undefined, undefined]);
  }
  expect(AMOUNT.test(await (await at['Odile']!.get(`/api/parcels/${parcelId}`)).text())).toBe(true);
});

test('a packer packs, and changes neither sale nor house; who did it is told by the session, never by what is sent', async () => {
  const shop = (await (await at['Odile']!.get('/api/shop')).json()) as ShopView;
  const id = (name: string) => shop.people.find((one) => one.name === name)!.id;
  const tell = (as: string, personId: string, happening: object) =>
    at[as]!.post(`/api/parcels/${parcelId}/events`, {
      data: { personId, eventId: randomUUID(), happening, undoOf: null, at: null },
    });
  expect((await tell('Wim', id('Wim'), { kind: 'contentChanged', what: 'a lid' })).status()).toBe(200);
  const forged = await tell('Wim', id('Odile'), { kind: 'contentChanged', what: 'forged' });
  expect(forged.status()).toBe(401);
  expect(await problem(forged)).toMatch(/Wim is signed in here now/);
  expect((await tell('Wim', id('Wim'), { kind: 'handedOver' })).status()).toBe(403);
  const keep = (path: string, where: string, value: unknown) =>
    at['Wim']!.patch(where, { data: { personId: id('Wim'), changes: [{ id: randomUUID(), path, value, basedOn: 0 }] } });
  for (const [path, where, value] of [
    ['sale/soldMinor', `/api/parcels/${parcelId}/kept`, '1'],
    ['house/care', '/api/shop/kept', 0.5],
    [`people/${id('Wim')}/role`, '/api/shop/kept', 'owner'],
    [`people/${id('Odile')}/system`, '/api/shop/kept', 'metric'],
  ] as const)
    expect(((await (await keep(path, where, value)).json()) as { verdicts: object[] }).verdicts, path).toMatchObject([
      { kind: 'refused', problem: expect.stringMatching(/Wim may not/) as unknown },
    ]);
  expect(
    ((await (await keep(`people/${id('Wim')}/system`, '/api/shop/kept', 'metric')).json()) as { verdicts: object[] }).verdicts,
  ).toMatchObject([{ kind: 'kept' }]);
  const audit = (await (await at['Odile']!.get(`/api/audit?person=${id('Wim')}`)).json()) as { lines: { what: { of: string } }[] };
  expect(audit.lines.map(({ what }) => what.of)).toEqual(expect.arrayContaining(['parcel', 'shop', 'access']));
});

test('a session is new at each coming in, ends when it is signed off, and serves nobody after', async () => {
  const as = await newcomer();
  const planted = 'planted-by-somebody-else-0123456789abcdef';
  const given = await requests.newContext({
    baseURL: app.address,
    extraHTTPHeaders: { origin: app.address, cookie: `inch-nest-session=${planted}` },
  });
  expect((await signIn(given, { act: 'password', name: 'Pia', password: PASSWORD, keepDevice: false })).ok()).toBe(true);
  expect(await sessionOf(given)).not.toBe(planted);
  expect((await signIn(as, { act: 'password', name: 'pia', password: PASSWORD, keepDevice: false })).ok()).toBe(true);
  const [cookie] = (await as.storageState()).cookies;
  expect(cookie).toMatchObject({ httpOnly: true, sameSite: 'Strict', path: '/' });
  const token = await sessionOf(as);
  const replay = await requests.newContext({
    baseURL: app.address,
    extraHTTPHeaders: { origin: app.address, cookie: `inch-nest-session=${token}` },
  });
  expect((await replay.get('/api/shelf')).status()).toBe(200);
  expect((await as.post('/api/session', { data: { act: 'off' } })).ok()).toBe(true);
  expect((await replay.get('/api/shelf')).status()).toBe(401);
});

test('a code serves once; a new password signs everybody else off who was in by the old one', async () => {
  const codes = (await (await at['Pia']!.post('/api/session', { data: { act: 'codes', password: PASSWORD } })).json()) as {
    codes: string[];
  };
  const [one] = codes.codes;
  const elsewhere = await newcomer();
  const by = (password: string, code = one) =>
    signIn(elsewhere, { act: 'code', name: 'Pia', code: code!.toLowerCase().replaceAll('-', ' '), password });
  expect(await problem(await by('short'))).toMatch(/at least 10 signs/);
  expect((await by('the tide is out today')).ok()).toBe(true);
  expect(await problem(await by('and once more, please'))).toMatch(/do not go together/);
  // somebody else's code is nobody's
  expect(await problem(await signIn(elsewhere, { act: 'code', name: 'Wim', code: codes.codes[1]!, password: PASSWORD }))).toMatch(
    /do not go/,
  );
  expect((await at['Pia']!.get('/api/shelf')).status()).toBe(401);
  at['Pia'] = elsewhere;
});

test('a device comes by a code that serves once; a PIN is enough there, it locks, and it is taken away', async () => {
  const owner = at['Odile']!;
  const shown = async () =>
    ((await (await owner.post('/api/people', { data: { act: 'device' } })).json()) as { shown: { code: string } }).shown.code;
  const code = await shown();
  const tablet = await newcomer();
  const names = async (as: APIRequestContext) =>
    ((await (await as.get('/api/sign-in')).json()) as { people: { id: string; name: string }[] | null }).people;
  expect(await names(tablet)).toBeNull();
  const bring = (as: APIRequestContext) => signIn(as, { act: 'device', code, deviceName: 'the bench’s tablet' });
  const [one, two] = await Promise.all([bring(tablet), bring(await newcomer())]);
  // of two who show it at once it serves one
  expect([one.ok(), two.ok()].filter(Boolean)).toHaveLength(1);
  const device = one.ok() ? tablet : await newcomer();
  if (!one.ok()) await signIn(device, { act: 'device', code: await shown(), deviceName: 'the bench’s tablet' });
  const wim = (await names(device))!.find(({ name }) => name === 'Wim')!.id;
  const pin = (told: string) => signIn(device, { act: 'pin', personId: wim, pin: told });
  expect(await problem(await pin('4711'))).toMatch(/not the PIN/);
  const choose = (told: string) => at['Wim']!.post('/api/session', { data: { act: 'pin', password: PASSWORD, pin: told } });
  expect(await problem(await choose('1234'))).toMatch(/too easily guessed/);
  expect((await choose('4711')).ok()).toBe(true);
  expect((await pin('4711')).ok()).toBe(true);
  // a PIN alone opens nothing anywhere else
  expect(await problem(await signIn(await newcomer(), { act: 'pin', personId: wim, pin: '4711' }))).toMatch(
    /only on the shop’s own devices/,
  );
  await device.post('/api/session', { data: { act: 'lock' } });
  expect(await problem(await device.get('/api/shelf'))).toMatch(/\(locked\)/);
  expect((await pin('4711')).ok()).toBe(true);
  expect((await device.get('/api/shelf')).status()).toBe(200);
  const { devices } = (await (await owner.get('/api/people')).json()) as { devices: { id: string; name: string }[] };
  const taken = devices.filter(({ name }) => name === 'the bench’s tablet');
  for (const { id } of taken) expect((await owner.post('/api/people', { data: { act: 'revoke', deviceId: id } })).ok()).toBe(true);
  expect((await device.get('/api/shelf')).status()).toBe(401);
  expect(await names(device)).toBeNull();
});

test('whoever guesses is stopped where she guesses from; nobody is locked out by it at a device of the shop', async () => {
  const owner = at['Odile']!;
  const { shown } = (await (await owner.post('/api/people', { data: { act: 'device' } })).json()) as { shown: { code: string } };
  const device = await newcomer();
  expect((await signIn(device, { act: 'device', code: shown.code, deviceName: 'a till' })).ok()).toBe(true);
  const guesser = await newcomer();
  const guess = (name: string) => signIn(guesser, { act: 'password', name, password: 'a guess or another', keepDevice: false });
  const said: string[] = [];
  for (let i = 0; i < 10; i++) said.push(await problem(await guess('Wim')));
  expect(said[0]).toMatch(/do not go together/);
  expect(said.at(-1)).toMatch(/too many wrong guesses from here: wait \d+ min/);
  // the right one does not get through there either, and a name there is not is answered alike
  expect(await problem(await signIn(guesser, { act: 'password', name: 'Wim', password: PASSWORD, keepDevice: false }))).toMatch(/too many/);
  expect(await problem(await guess('Nobody at all'))).toBe(said[0]);
  expect((await signIn(device, { act: 'password', name: 'Wim', password: PASSWORD, keepDevice: false })).ok()).toBe(true);
});

test('who has left is out at once, and stays in what she did', async () => {
  const shop = (await (await at['Odile']!.get('/api/shop')).json()) as ShopView;
  const id = (name: string) => shop.people.find((one) => one.name === name)!.id;
  const gone = await at['Odile']!.patch('/api/shop/kept', {
    data: { personId: id('Odile'), changes: [{ id: randomUUID(), path: `people/${id('Lin')}/gone`, value: true, basedOn: 0 }] },
  });
  expect(await gone.json()).toMatchObject({ verdicts: [{ kind: 'kept' }] });
  expect((await at['Lin']!.get('/api/shelf')).status()).toBe(401);
});
