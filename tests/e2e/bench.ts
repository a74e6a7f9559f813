import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, expect, test as plain, type BrowserContext, type BrowserContextOptions, type Page } from '@playwright/test';
import axe from 'axe-core';
import type { Happening } from '@inch-nest/core';
import { planRequestFor, type ParcelView, type SearchAnswer, type ShelfTag, type ShopView } from '@inch-nest/contracts';
import { BROWSER_OPTIONS } from '../../scripts/lib/browser.mjs';
import { createThrowAwayApp } from '../../scripts/lib/throwAwayApp.mjs';

const root = join(import.meta.dirname, '../..');

/** The application on a throw-away cluster with the demo in it; database and application can be restarted. */
export interface App {
  address: string;
  stop(): Promise<void>;
  start(): Promise<void>;
  shelf(): Promise<ShelfTag[]>;
  /** Address of the carriers' stand-in. */
  counter: string;
  /** Asks the stand-in something with the secret it knows the application by. */
  atCounter(path: string, init?: RequestInit): Promise<Response>;
  crash(which: 'web' | 'counter'): Promise<void>;
  openCounter(): Promise<void>;
  openWeb(): Promise<void>;
  /** One more server process over the same database, files and counter. */
  another(port?: number): Promise<{ address: string; stop(signal?: 'SIGTERM' | 'SIGKILL'): Promise<void> }>;
  /** A code by which somebody of the demo chooses a password. */
  codeFor(name: string): string;
  close(): Promise<void>;
}

interface Own {
  /** Opens a demo parcel at a station; returns its address. */
  open: (title: string, station: string) => Promise<string>;
  /** Sells something new, so that no other test meets it, and opens it at a station; with `take`, its recommended nest is kept. */
  sell: (line: string, station: string | null, take?: boolean) => Promise<string>;
}

/** Where a browser keeps the answers it has worked out before: the same question has the same answer, whoever asks. */
const ANSWERS = 'inch-nest-answers';

/** Puts what the server has answered where the browser keeps its answers, so that it need not search for the same again. */
async function remember(page: Page, address: string, program: string, question: unknown, answer: SearchAnswer): Promise<void> {
  if (!page.url().startsWith(address)) await page.goto(`${address}/api/health`);
  await page.evaluate(
    async ({ name, asked, found }) => {
      const hash = new Uint8Array(await crypto.subtle.digest('SHA-256', new TextEncoder().encode(asked)));
      const key = [...hash].map((byte) => byte.toString(16).padStart(2, '0')).join('');
      const open = indexedDB.open(name, 1);
      open.onupgradeneeded = () => open.result.createObjectStore('answers').createIndex('at', 'at');
      await new Promise((resolve) => (open.onsuccess = resolve));
      const kept = open.result.transaction('answers', 'readwrite');
      kept.objectStore('answers').put({ answer: found, at: Date.now() }, key);
      await new Promise((resolve) => (kept.oncomplete = resolve));
      open.result.close();
    },
    { name: ANSWERS, asked: `${program}\n${JSON.stringify(question)}`, found: answer },
  );
}

/** Goes to a page as a link would, which takes a quarter of the time that opening it anew does; anew where none is open yet. */
async function go(page: Page, address: string): Promise<void> {
  if (!page.url().startsWith(new URL(address).origin)) {
    await page.goto(address);
    return;
  }
  await page.evaluate((to) => (window as unknown as { next: { router: { push(to: string): void } } }).next.router.push(to), address);
  await page.waitForURL(address);
}

/** A browser with a folder of its own: only there does it keep what it has compiled, so that no page need compile the same again. */
interface Kept {
  context: BrowserContext;
  close(): Promise<void>;
}
async function openKept(options: BrowserContextOptions): Promise<Kept> {
  const folder = await mkdtemp(join(tmpdir(), 'inch-nest-browser-'));
  const context = await chromium.launchPersistentContext(folder, { ...BROWSER_OPTIONS, ...options });
  const close = async () => {
    await context.close();
    await rm(folder, { recursive: true, force: true });
  };
  return { context, close };
}

/** Nothing of one test is there for the next but files and answers, which are the same for all. */
async function forget(context: BrowserContext, address: string): Promise<void> {
  const page = await context.newPage();
  for (const other of context.pages()) if (other !== page) await other.close();
  await context.unrouteAll();
  await context.clearCookies();
  await page.goto(`${address}/api/health`);
  await page.evaluate(async (kept) => {
    localStorage.clear();
    await Promise.all((await navigator.serviceWorker.getRegistrations()).map((worker) => worker.unregister()));
    await Promise.all((await caches.keys()).map((name) => caches.delete(name)));
    const others = (await indexedDB.databases()).flatMap(({ name }) => (name && name !== kept ? name : []));
    const gone = (name: string) => new Promise((resolve) => (indexedDB.deleteDatabase(name).onsuccess = resolve));
    await Promise.all(others.map(gone));
  }, ANSWERS);
  await page.close();
}

/** The planner's program, by its address, once a page has started it. */
interface Program {
  address: string | null;
}

export const test = plain.extend<Own, { app: App; program: Program; browsers: Map<string, Kept> }>({
  program: [async ({}, use) => use({ address: null }), { scope: 'worker' }],
  browsers: [
    async ({}, use) => {
      const browsers = new Map<string, Kept>();
      await use(browsers);
      for (const kept of browsers.values()) await kept.close();
    },
    { scope: 'worker' },
  ],
  // a browser that has been here before has its files and needs half the time; one for each kind of machine that is tried
  context: async ({ app, browsers, hasTouch, colorScheme, contextOptions, serviceWorkers, viewport }, use) => {
    const options = { ...contextOptions, hasTouch: hasTouch ?? false, colorScheme, serviceWorkers };
    const kind = JSON.stringify(options);
    const kept = browsers.get(kind) ?? (await openKept({ ...options, viewport }));
    browsers.set(kind, kept);
    await use(kept.context);
    await forget(kept.context, app.address).catch(async () => {
      browsers.delete(kind);
      await kept.close();
    });
  },
  page: async ({ context, viewport, program }, use) => {
    const page = await context.newPage();
    page.on('worker', (worker) => (program.address = worker.url()));
    if (viewport) await page.setViewportSize(viewport);
    await use(page);
  },
  app: [
    async ({}, use) => {
      const app = await createThrowAwayApp(root);
      await use(app);
      await app.close();
    },
    { scope: 'worker', timeout: 300_000 },
  ],
  open: async ({ app, page }, use) => {
    await use(async (title, station) => {
      const tag = (await app.shelf()).find((one) => one.title.includes(title));
      if (!tag) throw new Error(`no ${title} on the shelf`);
      const address = `${app.address}/parcels/${tag.id}/${station}`;
      await go(page, address);
      return address;
    });
  },
  sell: async ({ app, page, program }, use) => {
    await use(async (line, station, take = true) => {
      const shop = (await (await fetch(`${app.address}/api/shop`)).json()) as ShopView;
      const id = crypto.randomUUID();
      const personId = shop.people[0]!.id;
      const ask = async (method: 'post' | 'patch', path: string, data: unknown) => {
        const answer = await page.request[method](`${app.address}${path}`, { headers: { origin: app.address }, data });
        expect(answer.ok(), await answer.text()).toBe(true);
        return (await answer.json()) as unknown;
      };
      await ask('post', '/api/parcels', { id, personId, line });
      if (take) {
        const view = (await (await fetch(`${app.address}/api/parcels/${id}?person=${personId}`)).json()) as ParcelView;
        const question = planRequestFor(view, shop, shop.people[0]!.system);
        const found = (await ask('post', '/api/plan', question)) as SearchAnswer;
        if (found.kind !== 'planned') throw new Error(`no nest for ${line}`);
        if (program.address) await remember(page, app.address, program.address, ['search', question], found);
        const value = { set: found.recommended.choice, drop: [], pin: {}, unpin: [] };
        await ask('patch', `/api/parcels/${id}/kept`, {
          personId,
          changes: [{ id: crypto.randomUUID(), path: 'nest', value, basedOn: view.nest.revision }],
        });
      }
      if (station === null) return id;
      await page.goto(`${app.address}/parcels/${id}/${station}`);
      await settled(page);
      return id;
    });
  },
});

export { expect };

/**
 * No violation of WCAG 2.2 AA on the page as it stands.
 *
 * @param rules of the checker; all of that standard without
 */
export async function expectAccessible(page: Page, rules?: readonly string[]): Promise<void> {
  const violations = await lookedThrough(page, rules ?? OF_THE_STANDARD);
  const found: string[] = [];
  for (const { id, targets } of violations) {
    for (const target of targets) if (id !== 'target-size' || (await isSmallInFull(page, target))) found.push(`${id}: ${target}`);
  }
  expect(found).toEqual([]);
}

/** How long anything may take to come to rest; looked at with each picture the browser draws, not by a clock that counts in seconds. */
const PATIENCE = { timeout: 60_000, polling: 'raf' } as const;

/** A tablet, a phone, and a page of 1280 enlarged four times. */
const NARROWER = [
  [820, 1180],
  [390, 844],
  [320, 640],
] as const;
/** What of a page depends on how wide it is. */
const BY_WIDTH = ['target-size', 'scrollable-region-focusable'];
/** Where things stand otherwise than on a wide one, and some in other colours. */
const PHONE = 390;

/**
 * What reaches beyond a page that is wider than its screen, once that has come to rest: a drawing is as wide as its place is
 * when that has been measured.
 */
async function runsOff({ width, patience }: { width: number; patience: number }): Promise<string[]> {
  const drawn = () => new Promise(requestAnimationFrame);
  const right = (one: Element) => one.getBoundingClientRect().right;
  const scrolls = (one: Element): boolean =>
    getComputedStyle(one).overflowX !== 'visible' || (one.parentElement !== null && scrolls(one.parentElement));
  const far = () => {
    if (document.documentElement.scrollWidth <= width) return [];
    // what is pushed along in a part of the page widens nothing
    return [...document.querySelectorAll('body *')].filter((one) => right(one) > width + 1 && !scrolls(one.parentElement!));
  };
  await drawn();
  for (const end = Date.now() + patience; far().length > 0 && Date.now() < end;) await drawn();
  return far()
    .slice(0, 8)
    .map((one) => `${one.tagName}.${one.getAttribute('class') ?? ''} “${one.textContent.slice(0, 60)}” to ${right(one)}`);
}

/** Nothing runs off the page as it stands on narrower screens, and all of it is reached and read there. */
export async function expectRoomFor(page: Page): Promise<void> {
  for (const [width, height] of NARROWER) {
    await page.setViewportSize({ width, height });
    expect(await page.evaluate(runsOff, { width, patience: PATIENCE.timeout }), `${page.url()} at ${width}`).toEqual([]);
    await expectAccessible(page, width === PHONE ? [...BY_WIDTH, 'color-contrast'] : BY_WIDTH);
  }
}

/** The rules of WCAG 2.2 AA, as the checker marks them. */
const OF_THE_STANDARD = { type: 'tag' as const, values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'] };

/** What a checker finds, and where; it is put into a page once, and tells nothing of what passes: a third of the time. */
async function lookedThrough(page: Page, rules: typeof OF_THE_STANDARD | readonly string[], only = 'html') {
  if (!(await page.evaluate(() => 'axe' in globalThis))) await page.evaluate(axe.source);
  return page.evaluate(
    async ({ within, runOnly }) => {
      const { run } = (globalThis as unknown as { axe: typeof axe }).axe;
      const { violations } = await run(within, { resultTypes: ['violations'], runOnly });
      return violations.map(({ id, nodes }) => ({ id, targets: nodes.map(({ target }) => target.join(' ')) }));
    },
    { within: only, runOnly: 'type' in rules ? rules : [...rules] },
  );
}

/** True where a target is too small even when nothing lies over it: what is half under an edge is reached by scrolling. */
async function isSmallInFull(page: Page, target: string): Promise<boolean> {
  await page
    .locator(target)
    .first()
    .evaluate((one) => one.scrollIntoView({ block: 'center' }));
  return (await lookedThrough(page, ['target-size'], target)).some(({ id }) => id === 'target-size');
}

/** Who sits at the machine of the demo, by the application's address: asked once. */
const FIRST_OF = new Map<string, Promise<string>>();
function firstPerson(address: string, ask = async (url: string): Promise<unknown> => (await fetch(url)).json()): Promise<string> {
  const asked = async () => ((await ask(`${address}/api/shop`)) as ShopView).people[0]!.id;
  const known = FIRST_OF.get(address) ?? asked();
  FIRST_OF.set(address, known);
  return known;
}

/** The open parcel as the server keeps it. */
export async function kept(page: Page): Promise<ParcelView> {
  const address = new URL(page.url());
  const id = /parcels\/([\w-]+)/.exec(address.pathname)![1]!;
  const person = await firstPerson(address.origin, async (url) => (await page.request.get(url)).json());
  return page.evaluate(async (path) => (await (await fetch(path)).json()) as ParcelView, `/api/parcels/${id}?person=${person}`);
}

/** Waits until everything typed is in the database. */
export async function saved(page: Page): Promise<void> {
  const isSaved = () => [...document.querySelectorAll('[role="status"]')].some((one) => one.textContent === '✓ saved');
  await page.waitForFunction(isSaved, null, PATIENCE);
}

/** The chance on the slip, once the search has settled. */
export async function settled(page: Page): Promise<string> {
  await page.waitForFunction(
    () => document.querySelector('aside[aria-label="Slip"]')?.getAttribute('aria-busy') === 'false',
    null,
    PATIENCE,
  );
  return (await page.locator('.chance').textContent()) ?? '';
}

/** Tells the server what happened to a parcel, as a screen would. */
export async function told(app: App, id: string, happening: Happening): Promise<void> {
  const answer = await fetch(`${app.address}/api/parcels/${id}/events`, {
    method: 'POST',
    headers: { origin: app.address, 'content-type': 'application/json' },
    body: JSON.stringify({ personId: await firstPerson(app.address), eventId: crypto.randomUUID(), happening }),
  });
  expect(answer.ok, await answer.clone().text()).toBe(true);
}

/** A parcel's papers as their own button asks for them: a form, answered with a link that is followed. */
export async function printed(page: Page, app: App, id: string, kinds: string) {
  return page.request.post(`${app.address}/api/parcels/${id}/papers`, {
    headers: { origin: app.address },
    form: { personId: await firstPerson(app.address), kinds },
  });
}
