// Keeps the shell and the parcels that were opened, so that the bench goes on while the server is away.
// What it keeps it shows only when the network does not answer; nothing is bought or changed through it.
const STORE = 'inch-nest-1';
const PATIENCE_MS = 4000;

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
const isKept = (url) =>
  url.pathname.startsWith('/parcels/') ||
  /^\/api\/(shop|shelf)$/.test(url.pathname) ||
  /^\/api\/parcels\/[\w-]+$/.test(url.pathname) ||
  /^\/api\/photos\/[\w-]+$/.test(url.pathname);

/** The same page asked for as a document and as data are two things; what changes with each asking is no part of the name. */
function nameOf(request) {
  const url = new URL(request.url);
  const asData = request.headers.has('rsc');
  url.searchParams.delete('_rsc');
  if (asData) url.searchParams.set('as', request.headers.has('next-router-prefetch') ? 'prefetch' : 'data');
  return url.href;
}

async function keptFirst(request) {
  const store = await caches.open(STORE);
  const kept = await store.match(request.url);
  if (kept) return kept;
  const answer = await fetch(request);
  if (answer.ok) await store.put(request.url, answer.clone());
  return answer;
}

async function networkFirst(request) {
  const store = await caches.open(STORE);
  const name = nameOf(request);
  const kept = await store.match(name);
  try {
    const answer = await fetch(request, kept ? { signal: AbortSignal.timeout(PATIENCE_MS) } : {});
    if (answer.ok && !answer.redirected) await store.put(name, answer.clone());
    return answer;
  } catch (error) {
    if (kept) return kept;
    throw error;
  }
}

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin) return;
  if (isBuilt(url)) event.respondWith(keptFirst(request));
  else if (isKept(url)) event.respondWith(networkFirst(request));
});

/** Keeps a page with everything it is built of, before anybody has gone there. */
async function keepPage(path) {
  const url = new URL(path, self.location.origin);
  if (!isKept(url)) return;
  const answer = await fetch(url).catch(() => null);
  if (!answer?.ok || answer.redirected) return;
  const text = await answer.clone().text();
  await (await caches.open(STORE)).put(url.href, answer);
  const parts = new Set(text.match(/\/_next\/static\/[^"'\\\s)]+\.(?:js|css|woff2)/g) ?? []);
  await Promise.all([...parts].map((part) => keptFirst(new Request(new URL(part, url))).catch(() => undefined)));
}

self.addEventListener('message', (event) => {
  const paths = event.data?.keep;
  if (Array.isArray(paths)) event.waitUntil(Promise.all(paths.map(keepPage)));
});
