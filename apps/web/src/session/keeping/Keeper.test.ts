import fc from 'fast-check';
import { clashes, type KeepAnswer, type KeptChange, type Mark, type Verdict } from '@inch-nest/contracts';
import { Keeper, Refused } from './Keeper.ts';

// A keeper is driven against a server that judges as the real one does, over a line that delays, loses, doubles and
// refuses, with a second person at work and pages that are reloaded; time is the test's own.

type Parts = Record<string, { value: unknown; mark: Mark | undefined }>;
interface Whole {
  revision: number;
  parts: Parts;
}

/** Time that goes on only when asked to; whatever is due is done in its order. */
class Clock {
  now = 0;
  #due: { at: number; order: number; act: () => void }[] = [];
  #order = 0;
  readonly after = (ms: number, act: () => void): (() => void) => {
    const one = { at: this.now + ms, order: this.#order++, act };
    this.#due.push(one);
    return () => {
      this.#due = this.#due.filter((other) => other !== one);
    };
  };
  /** Goes on until nothing is due before `until`; promises settle in between. */
  async run(until: number): Promise<void> {
    for (;;) {
      for (let i = 0; i < 12; i++) await Promise.resolve();
      const next = [...this.#due].sort((a, b) => a.at - b.at || a.order - b.order)[0];
      if (!next || next.at > until) break;
      this.#due = this.#due.filter((one) => one !== next);
      this.now = Math.max(this.now, next.at);
      next.act();
    }
    this.now = Math.max(this.now, until);
  }
}

/** What the server does with changes: the same judgement as every repository's. */
class Server {
  whole: Whole = { revision: 1, parts: {} };
  readonly seen = new Map<string, number>();
  /** Every change that was taken, in order. */
  readonly taken: { path: string; value: unknown; by: string }[] = [];

  keep(personId: string, changes: readonly KeptChange[]): KeepAnswer<Whole> {
    const verdicts = changes.map(({ id, path, value, basedOn }): Verdict => {
      const part = this.whole.parts[path];
      if (this.seen.has(id)) return { path, kind: 'kept', revision: this.whole.revision };
      if (clashes(part?.mark, { basedOn, personId }) && part?.value !== value)
        return { path, kind: 'clash', theirs: { text: String(part?.value), by: part!.mark!.by, revision: this.whole.revision } };
      if (value === 'refuse') return { path, kind: 'refused', problem: 'not so' };
      this.seen.set(id, this.whole.revision);
      const revision = this.whole.revision + 1;
      this.whole = { revision, parts: { ...this.whole.parts, [path]: { value, mark: { revision, by: personId } } } };
      this.taken.push({ path, value, by: personId });
      return { path, kind: 'kept', revision };
    });
    return { verdicts, whole: this.whole };
  }
}

/** How the line treats one command. */
type Weather = { there: number; back: number; lost: 'no' | 'there' | 'back'; twice: boolean };

/** A page of one person: what she sees is the newest whole under what waits. */
class Page {
  held: Whole;
  keeper: Keeper<Whole>;
  /** What the screen said was kept, with the value it showed then. */
  constructor(
    readonly person: string,
    private readonly server: Server,
    private readonly clock: Clock,
    private readonly weather: () => Weather,
    private readonly nextId: () => string,
  ) {
    this.held = server.whole;
    this.keeper = this.open();
  }

  open(): Keeper<Whole> {
    const { server, clock } = this;
    const keeper = new Keeper<Whole>({
      newId: this.nextId,
      after: clock.after,
      send: (changes) =>
        new Promise((resolve, reject) => {
          const { there, back, lost, twice } = this.weather();
          const patience = clock.after(6000, () => reject(new Error('nobody answered')));
          const arrive = () => {
            const answer = server.keep(this.person, changes);
            if (twice) server.keep(this.person, changes);
            if (lost !== 'back')
              clock.after(back, () => {
                patience();
                resolve(answer);
              });
          };
          if (lost !== 'there') clock.after(there, arrive);
        }),
    });
    keeper.onWhole = (whole) => this.look(whole);
    return keeper;
  }

  look(whole: Whole): void {
    if (whole.revision >= this.held.revision) this.held = whole;
  }

  reload(): void {
    void this.keeper.flush();
    this.keeper = this.open();
    this.held = this.server.whole;
  }

  type(path: string, value: unknown): void {
    this.keeper.set([{ path, value, seen: this.held.revision }]);
  }

  shown(path: string): unknown {
    const waits = this.keeper.pending().find((one) => one.path === path);
    return waits ? waits.value : this.held.parts[path]?.value;
  }
}

const PATHS = ['size', 'weight', 'boxes/a/onHand', 'boxes/b/onHand'];
const weather: fc.Arbitrary<Weather> = fc.record({
  there: fc.integer({ min: 0, max: 3000 }),
  back: fc.integer({ min: 0, max: 3000 }),
  lost: fc.constantFrom('no', 'no', 'no', 'no', 'there', 'back'),
  twice: fc.boolean(),
});
type Act =
  | { kind: 'type'; who: 0 | 1; path: string; value: number }
  | { kind: 'wait'; ms: number }
  | { kind: 'look'; who: 0 | 1 }
  | { kind: 'settle'; who: 0 | 1; mine: boolean };
const act: fc.Arbitrary<Act> = fc.oneof(
  {
    weight: 5,
    arbitrary: fc.record({
      kind: fc.constant('type' as const),
      who: fc.constantFrom(0, 1),
      path: fc.constantFrom(...PATHS),
      value: fc.nat(99),
    }),
  },
  { weight: 4, arbitrary: fc.record({ kind: fc.constant('wait' as const), ms: fc.integer({ min: 0, max: 2500 }) }) },
  { weight: 1, arbitrary: fc.record({ kind: fc.constant('look' as const), who: fc.constantFrom(0, 1) }) },
  { weight: 1, arbitrary: fc.record({ kind: fc.constant('settle' as const), who: fc.constantFrom(0, 1), mine: fc.boolean() }) },
);

function world(forecast: readonly Weather[], people: readonly string[]) {
  const clock = new Clock();
  const server = new Server();
  let [i, ids] = [0, 0];
  const sky = () => forecast[i++ % forecast.length]!;
  const pages = people.map((person) => new Page(person, server, clock, sky, () => `id-${ids++}`));
  return { clock, server, pages };
}

async function live({ clock, server, pages }: ReturnType<typeof world>, acts: readonly Act[]): Promise<void> {
  for (const one of acts) {
    if (one.kind === 'wait') await clock.run(clock.now + one.ms);
    else if (one.kind === 'type') pages[one.who]?.type(one.path, one.value);
    else if (one.kind === 'look') pages[one.who]?.look(server.whole);
    else for (const waits of pages[one.who]?.keeper.pending() ?? []) if (waits.clash) pages[one.who]!.keeper.settle(waits.path, one.mine);
    truthful({ server, pages });
  }
}

/** Whatever a page shows as kept stands on the server, or did when it was last looked at. */
function truthful({ server, pages }: Pick<ReturnType<typeof world>, 'server' | 'pages'>): void {
  for (const page of pages)
    for (const path of PATHS)
      if (!page.keeper.pending().some((one) => one.path === path)) {
        const shown = page.shown(path);
        const ever = shown === undefined || server.taken.some((one) => one.path === path && one.value === shown);
        expect(ever).toBe(true);
      }
}

/** The line is quiet, everybody settles what clashed, and looks. */
async function calm(of: ReturnType<typeof world>): Promise<void> {
  for (let round = 0; round < 12; round++) {
    await of.clock.run(of.clock.now + 40_000);
    for (const page of of.pages) for (const waits of page.keeper.pending()) if (waits.clash) page.keeper.settle(waits.path, false);
  }
  for (const page of of.pages) page.look(of.server.whole);
}

test('one person never clashes with herself, and at the end everything she typed last stands', async () =>
  fc.assert(
    fc.asyncProperty(fc.array(weather, { minLength: 1, maxLength: 12 }), fc.array(act, { maxLength: 40 }), async (forecast, acts) => {
      const of = world([...forecast, { there: 5, back: 5, lost: 'no', twice: false }], ['odile']);
      await live(
        of,
        acts.filter((one) => one.kind !== 'settle'),
      );
      expect(of.pages[0]!.keeper.pending().filter((one) => one.clash)).toEqual([]);
      await calm(of);
      expect(of.pages[0]!.keeper.state()).toBe('kept');
      for (const path of PATHS) {
        const last = acts.findLast((one) => one.kind === 'type' && one.who === 0 && one.path === path);
        if (last?.kind === 'type') expect(of.server.whole.parts[path]?.value).toBe(last.value);
      }
    }),
    { numRuns: 300 },
  ));

test('two people: every change is counted once, nobody is overwritten unseen, all screens agree at the end', async () =>
  fc.assert(
    fc.asyncProperty(fc.array(weather, { minLength: 1, maxLength: 12 }), fc.array(act, { maxLength: 40 }), async (forecast, acts) => {
      const of = world([...forecast, { there: 5, back: 5, lost: 'no', twice: false }], ['odile', 'tam']);
      await live(of, acts);
      await calm(of);
      for (const page of of.pages) {
        expect(page.keeper.state()).toBe('kept');
        for (const path of PATHS) expect(page.shown(path)).toEqual(of.server.whole.parts[path]?.value);
      }
      // somebody who touched a part alone has her last word there
      for (const path of PATHS) {
        const typed = acts.filter((one) => one.kind === 'type' && one.path === path);
        const who = new Set(typed.map((one) => (one.kind === 'type' ? one.who : 0)));
        const last = typed.at(-1);
        if (who.size === 1 && last?.kind === 'type') expect(of.server.whole.parts[path]?.value).toBe(last.value);
      }
      // ids under which changes were taken are each taken once
      expect(of.server.taken.length).toBe(of.server.seen.size);
    }),
    { numRuns: 300 },
  ));

test('what was said to be kept stands after a reload, whatever was on its way', async () =>
  fc.assert(
    fc.asyncProperty(fc.array(weather, { minLength: 1, maxLength: 6 }), fc.array(act, { maxLength: 20 }), async (forecast, acts) => {
      const of = world(forecast, ['odile']);
      await live(
        of,
        acts.filter((one) => one.kind !== 'settle'),
      );
      const [page] = of.pages as [Page];
      const waiting = page.keeper.pending().map((one) => one.path);
      const acknowledged = PATHS.filter((path) => !waiting.includes(path)).map((path) => [path, page.shown(path)] as const);
      page.reload();
      await of.clock.run(of.clock.now + 60_000);
      for (const [path, value] of acknowledged) expect(of.server.whole.parts[path]?.value).toEqual(value);
    }),
    { numRuns: 200 },
  ));

test('typing on while the first half is on its way keeps the whole', async () => {
  const of = world([{ there: 700, back: 700, lost: 'no', twice: false }], ['odile']);
  const [page] = of.pages as [Page];
  page.type('weight', '1 lb');
  await of.clock.run(900);
  page.type('weight', '1 lb 2 oz');
  await of.clock.run(30_000);
  expect(of.server.whole.parts['weight']!.value).toBe('1 lb 2 oz');
  expect(page.keeper.state()).toBe('kept');
});

test('four ticks 400 ms apart on a line slowed by 0.7 s are four ticks', async () => {
  const of = world([{ there: 350, back: 350, lost: 'no', twice: false }], ['odile']);
  const [page] = of.pages as [Page];
  const ticks: string[] = [];
  for (const tick of ['locked', 'barrier', 'slack', 'lid']) {
    ticks.push(tick);
    page.type('steadying', JSON.stringify(ticks));
    await of.clock.run(of.clock.now + 400);
    expect(page.shown('steadying')).toBe(JSON.stringify(ticks));
  }
  await of.clock.run(of.clock.now + 30_000);
  expect(of.server.whole.parts['steadying']!.value).toBe(JSON.stringify(ticks));
});

test('a clash holds one part up and no other; mine or theirs, it ends', async () => {
  for (const mine of [true, false]) {
    const of = world([{ there: 10, back: 10, lost: 'no', twice: false }], ['odile', 'tam']);
    const [odile, tam] = of.pages as [Page, Page];
    odile.type('size', 'hers');
    tam.type('size', 'his');
    tam.type('weight', 'his too');
    await of.clock.run(2000);
    expect(of.server.whole.parts['size']!.value).toBe('hers');
    expect(of.server.whole.parts['weight']!.value).toBe('his too');
    expect(tam.keeper.state()).toBe('notKept');
    expect(tam.keeper.pending()).toMatchObject([{ path: 'size', value: 'his', clash: { by: 'odile', text: 'hers' } }]);
    tam.keeper.settle('size', mine);
    await of.clock.run(5000);
    expect(of.server.whole.parts['size']!.value).toBe(mine ? 'his' : 'hers');
    expect([tam.keeper.state(), tam.shown('size')]).toEqual(['kept', mine ? 'his' : 'hers']);
  }
});

test('what cannot be so stays to be seen with its reason, and the next thing typed is tried', async () => {
  const of = world([{ there: 10, back: 10, lost: 'no', twice: false }], ['odile']);
  const [page] = of.pages as [Page];
  page.type('size', 'refuse');
  await of.clock.run(2000);
  expect(page.keeper.pending()).toEqual([{ path: 'size', value: 'refuse', clash: null, problem: 'not so' }]);
  expect(page.keeper.state()).toBe('notKept');
  page.type('size', '9 x 6 x 6');
  await of.clock.run(4000);
  expect(page.keeper.state()).toBe('kept');
});

test('a command that is refused as a whole is not sent for ever', async () => {
  const clock = new Clock();
  let sent = 0;
  const keeper = new Keeper<Whole>({
    newId: () => `id-${sent}`,
    after: clock.after,
    send: () => {
      sent++;
      return Promise.reject(new Refused('nobody of this shop'));
    },
  });
  keeper.set([{ path: 'size', value: '9', seen: 1 }]);
  await clock.run(200_000);
  expect(sent).toBe(1);
  expect(keeper.pending()).toMatchObject([{ problem: 'nobody of this shop' }]);
  keeper.drop('size');
  expect(keeper.state()).toBe('kept');
});

test('a thousand cells go out a few hundred at a time, each once', async () => {
  const of = world([{ there: 1, back: 1, lost: 'no', twice: true }], ['odile']);
  const [page] = of.pages as [Page];
  page.keeper.set(Array.from({ length: 1000 }, (_, i) => ({ path: `boxes/${i}/onHand`, value: i, seen: 1 })));
  await of.clock.run(60_000);
  expect(of.server.taken).toHaveLength(1000);
  expect(page.keeper.state()).toBe('kept');
});
