// Keeps the shell and the parcels that lie on the bench, so that packing goes on while the server is away: no other parcel, no
// other buyer, and nothing once a parcel is sealed or somebody else signs on. What it keeps it shows only when the network does
// not answer; nothing is bought or changed through it.
const STORE = 'inch-nest-2';
const PATIENCE_MS = 4000;
/** Says that a page is to be kept, so that it comes without the other parcels' tags. */
const KEEPING = { 'x-inch-nest-keep': 'bench' };

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) =>
  event.waitUntil(
    caches
      .keys()
      .then((names) => Promise.all(names.filter((name) => name !== STORE).map((name) => caches.delete(name))))
      .then(() => self.clients.claim()),
  ),
);

const isBuilt = (url) => url.pathname.startsWith('/_next/static/');
/** The parcel an address is about, or nothing. */
const parcelOf = (url) => /^\/(?:api\/)?parcels\/([\w-]+)/.exec(url.pathname)?.[1];
const isPage = (url) => /^\/parcels\/[\w-]+\/(bench|weigh)$/.test(url.pathname);
const isData = (url) => /^\/api\/parcels\/[\w-]+$/.test(url.pathname);
const isPicture = (url) => /^\/api\/photos\/[\w-]+$/.test(url.pathname);

let turn = Promise.resolve();
/** What is kept and what is let go of takes turns, so that nothing is put back behind a forgetting. */
const inTurn = (act) => (turn = turn.then(act, act));
/** How often each parcel, or all, was let go of. */
const letGo = new Map();
const timesLetGo = (parcelId) => (letGo.get(parcelId) ?? 0) + (letGo.get('all') ?? 0);

/** The parcels that are kept: those whose bench page is. */
async function keptParcels(store) {
  const pages = (await store.keys()).map((request) => new URL(request.url)).filter(isPage);
  return new Set(pages.map(parcelOf));
}

async function keptFirst(request) {
  const store = await caches.open(STORE);
  const kept = await store.match(request.url);
  if (kept) return kept;
  const answer = await fetch(request);
  if (answer.ok) await store.put(request.url, answer.clone());
  return answer;
}

/**
 * The network's answer, or the kept one where it does not come.
 *
 * @param keeps whether what comes is kept in its place
 */
async function networkFirst(request, keeps) {
  const store = await caches.open(STORE);
  const kept = await store.match(request.url);
  try {
    const answer = await fetch(request, kept ? { signal: AbortSignal.timeout(PATIENCE_MS) } : {});
    if (answer.ok && !answer.redirected) {
      const copy = answer.clone();
      await inTurn(async () => (await keeps(store)) && store.put(request.url, copy));
    }
    return answer;
  } catch (error) {
    if (kept) return kept;
    throw error;
  }
}

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin || request.headers.has('rsc')) return;
  if (isBuilt(url)) event.respondWith(keptFirst(request));
  else if (url.pathname === '/api/shop') event.respondWith(networkFirst(request, () => true));
  else if (isPage(url)) event.respondWith(networkFirst(request, () => false));
  else if (isData(url)) event.respondWith(networkFirst(request, async (store) => (await keptParcels(store)).has(parcelOf(url))));
  else if (isPicture(url)) event.respondWith(networkFirst(request, (store) => ofKept(store, event.clientId)));
});

/** Whether a page that asks for a picture is about a parcel that is kept. */
async function ofKept(store, clientId) {
  const client = await self.clients.get(clientId);
  return client ? (await keptParcels(store)).has(parcelOf(new URL(client.url))) : false;
}

/** Keeps a page with everything it is built of, before anybody has gone there. */
async function keepPage(path) {
  const url = new URL(path, self.location.origin);
  if (!isPage(url)) return;
  const times = timesLetGo(parcelOf(url));
  const answer = await fetch(url, { headers: KEEPING }).catch(() => null);
  if (!answer?.ok || answer.redirected) return;
  const text = await answer.clone().text();
  const store = await caches.open(STORE);
  await inTurn(() => timesLetGo(parcelOf(url)) === times && store.put(url.href, answer));
  const parts = new Set(text.match(/\/_next\/static\/[^"'\\\s)]+\.(?:js|css|woff2)/g) ?? []);
  await Promise.all([...parts].map((part) => keptFirst(new Request(new URL(part, url))).catch(() => undefined)));
}

/** Lets go of one parcel, or of all of them; what the application is built of stays. */
async function forget(parcelId) {
  letGo.set(parcelId, (letGo.get(parcelId) ?? 0) + 1);
  const store = await caches.open(STORE);
  for (const request of await store.keys()) {
    const url = new URL(request.url);
    if (isBuilt(url)) continue;
    if (parcelId === 'all' || parcelOf(url) === parcelId || isPicture(url)) await store.delete(request);
  }
}

self.addEventListener('message', (event) => {
  const { keep, forget: gone } = event.data ?? {};
  if (Array.isArray(keep)) event.waitUntil(Promise.all(keep.map(keepPage)));
  if (typeof gone === 'string') event.waitUntil(inTurn(() => forget(gone)));
});
