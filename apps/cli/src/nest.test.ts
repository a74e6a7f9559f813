import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import DxfParser from 'dxf-parser';
import { ORDINARY_FILLS, ORDINARY_WRAPS, PRACTICE_BANDS } from '@inch-nest/core';
import { runNest } from './runNest.ts';
import { box, CARD, request, SERVICE } from '../../../packages/core/tests/sampleRequest.ts';

const root = join(__dirname, '../../..');

/** One run in here: what a program of its own adds to that is its start, and is tried below. */
const run = (args: string[], input: string, tell: (progress: string) => void = () => {}) =>
  runNest(args, { read: (path) => (path === undefined ? input : readFileSync(path, 'utf8')), tell });
const answer = (command: string, asked: unknown): Record<string, unknown> => {
  const done = run([command], JSON.stringify(asked));
  if (done.status !== 0) throw new Error(done.err);
  return JSON.parse(done.out) as Record<string, unknown>;
};

describe('a program of its own', () => {
  const program = (args: readonly string[], input: string) =>
    spawnSync(process.execPath, ['--import', 'tsx', 'apps/cli/src/main.ts', ...args], { cwd: root, encoding: 'utf8', input });
  test.each([
    ['an answer', ['parse'], '{"text":"3 1/2 in"}', 0],
    ['no such file', ['parse', 'nowhere.json'], '', 2],
  ] as const)('%s: says on its two outputs what the run comes to', (_, args, input, status) => {
    const { out, err } = run([...args], input);
    const done = program(args, input);
    expect([done.status, done.stdout, done.stderr]).toEqual([status, out, err]);
  });
});

const refused = (command: string, asked: unknown) => {
  const { status, out, err } = run([command], typeof asked === 'string' ? asked : JSON.stringify(asked));
  return { status, out, lines: err.trim().split('\n') };
};

/** Numbers within 1e-6 of themselves, everything else as it stands. */
const near = (value: unknown): unknown => {
  if (typeof value === 'number') return Number.isInteger(value) ? value : expect.closeTo(value, 3);
  if (Array.isArray(value)) return value.map(near);
  if (value !== null && typeof value === 'object')
    return Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, near(inner)]));
  return value;
};

describe('the examples of docs/formats.md', () => {
  const text = readFileSync(join(root, 'docs/formats.md'), 'utf8');
  const examples = [...text.matchAll(/### (\w+)\n\n```json\n([^`]*)```\n\n```json\n([^`]*)```/g)].map(
    ([, command, asked, given]) => [command!, asked!, given!] as const,
  );

  test('there is one for each command that has a short one', () =>
    expect(examples.map(([command]) => command)).toEqual([
      'parse',
      'wrap',
      'shock',
      'curve',
      'crush',
      'journey',
      'pack',
      'cut',
      'rate',
      'judge',
    ]));

  test.each(examples)('%s', (command, asked, given) =>
    expect(answer(command, JSON.parse(asked))).toMatchObject(near(JSON.parse(given)) as object),
  );
});

describe('answers', () => {
  test('shock: a drop height from a peak, shares in order, warnings', () => {
    const layers = [
      { area: 30, thickness: 0.3, a: 3.3, b: 0.56, p: 1.4 },
      { area: 60, thickness: 2, a: 4.4, b: 0.4167, p: 1.4 },
    ];
    const { dropHeight, share } = answer('shock', { weight: 2, layers, peakG: 80 }) as { dropHeight: number; share: number[] };
    expect(answer('shock', { weight: 2, layers, dropHeight })['peakG']).toBeCloseTo(80, 6);
    expect(share[0]! + share[1]!).toBeCloseTo(1, 12);
    expect(
      answer('shock', { weight: 90, layers: [{ area: 4, thickness: 0.1, a: 1, b: 0.2, p: 1.1 }], dropHeight: 60 })['warnings'],
    ).toEqual(['layers.0: its curve implies a strain above 1', 'layers.0: bottomed, beyond any published fit']);
  });

  test('journey: by quadrature and by whole journeys', () => {
    const { chance, simulated } = answer('journey', {
      weight: 3,
      grossWeight: 5,
      zone: 8,
      criticalG: 70,
      spread: 0.3,
      simulate: { journeys: 20_000, seed: 5 },
      faces: [
        { chance: 0.6, layers: [{ area: 30, thickness: 1.5, a: 4.4, b: 0.4167, p: 1.4 }] },
        { chance: 0.4, layers: [{ area: 40, thickness: 2.5, a: 4.4, b: 0.4167, p: 1.4 }] },
      ],
    }) as { chance: number; simulated: { chance: number; standardError: number } };
    expect(simulated.standardError).toBeCloseTo(Math.sqrt((simulated.chance * (1 - simulated.chance)) / 20_000), 12);
    expect(Math.abs(chance - simulated.chance)).toBeLessThan(4 * simulated.standardError);
  });

  test('crush: below the table none, thick board taken for double, shallow boxes warned', () => {
    expect(answer('crush', { ect: 20, caliper: 0.1, size: [10, 10, 10] })['certificate']).toBeNull();
    expect(answer('crush', { ect: 50, caliper: 0.25, size: [10, 10, 10] })['certificate']).toEqual({
      maxGross: 100,
      maxUnited: 95,
      wall: 'double',
    });
    expect(answer('crush', { ect: 50, caliper: 0.25, wall: 'single', size: [10, 10, 10] })['certificate']).toMatchObject({
      wall: 'single',
    });
    expect(answer('crush', { ect: 32, caliper: 0.156, size: [20, 20, 4] })['warnings']).toHaveLength(1);
  });

  test('rate: a refusal says why, beside the other’s price', () => {
    const { quotes, nudges } = answer('rate', {
      card: { ...CARD, services: [SERVICE, { ...SERVICE, key: 'tight', limits: { ...SERVICE.limits, weightLb: 2 } }] },
      parcel: { size: [10, 10, 10], weight: 3.2, from: '10115', to: '40217', shipDate: '2026-11-24' },
    }) as { quotes: object[]; nudges: object[] };
    expect(quotes).toEqual([
      expect.objectContaining({ service: 'ground', price: 980 }),
      { service: 'tight', refused: 'weighs 3 lb 3.2 oz, at most 2 lb' },
    ]);
    // 3.2 lb: 0.2 lb over the 3 lb step, 60 cents cheaper; 0.8 lb to spare before the next, 60 dearer
    expect(nudges).toEqual(
      expect.arrayContaining([
        { service: 'ground', by: 'weight', direction: 'less', amount: expect.closeTo(0.2, 9) as number, priceChange: -60 },
        { service: 'ground', by: 'weight', direction: 'more', amount: expect.closeTo(0.8, 9) as number, priceChange: 60 },
      ]),
    );
  });

  test('cut: the drawings hold what the figures say', () => {
    const cross = { kind: 'cross', inside: [12, 9], height: 4, caliper: 0.16 };
    const svg = run(['cut'], JSON.stringify({ ...cross, format: 'svg' })).out;
    const { length, diagonal, slotAt } = answer('cut', cross) as Record<string, number>;
    expect(diagonal).toBe(15);
    expect(length).toBeCloseTo(15 - (0.16 * 12) / 9, 12);
    expect(slotAt).toBeCloseTo(length! / 2, 12);
    expect(Number(/^<svg [^>]*width="([\d.]+)in"/.exec(svg)![1])).toBeCloseTo(length! + 1, 9);
    expect(svg.match(/class="knife"/g)).toHaveLength(2 * (4 + 3));
    const dxf = new DxfParser().parseSync(run(['cut'], JSON.stringify({ ...cross, format: 'dxf' })).out)!;
    const xs = dxf.entities.flatMap((entity) => (entity as unknown as { vertices: { x: number }[] }).vertices.map((vertex) => vertex.x));
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(length!, 9);
    expect(dxf.entities).toHaveLength(14);
    const lowered = new DxfParser().parseSync(
      run(['cut'], JSON.stringify({ kind: 'lower', box: [16, 12, 12], newDepth: 9, format: 'dxf' })).out,
    )!;
    expect(lowered.entities.filter((entity) => entity.layer === 'score')).toHaveLength(1);
    expect(answer('cut', { kind: 'liner', inside: [12, 10, 8], caliper: 0.25 })['insideIn']).toEqual([11.5, 9.5, 7.5]);
  });

  test.each<[string, Record<string, unknown>, Record<string, unknown>]>([
    [
      'cells',
      { inside: [12, 9], cells: [3, 2], height: 5, caliper: 0.15 },
      { slotWidth: 0.15, slotDepth: 2.5, boardUsed: 150, insideAfter: null },
    ],
    ['shorten', { box: [16, 12, 10], side: 'length', new: 13 }, { insideAfter: [13, 12, 10], slice: 3, flap: 6, trim: 0, joint: 22 }],
    ['pads', { inside: [12, 10, 8], count: 2, caliper: 0.156 }, { boardUsed: 2 * 11.75 * 9.75, waste: 0 }],
    ['tubes', { inside: [12, 10, 8], diameter: 1.5, gap: 1 }, { count: 4, each: 8, insideAfter: [10, 8, 8] }],
    ['core', { inside: [30, 6, 5], diameter: 4, wall: 0.25 }, { bore: 3.5, boardUsed: 0 }],
    ['wrapAround', { inside: [10, 7, 3], caliper: 0.15 }, { insideAfter: [10, 7, 3] }],
    ['collar', { radius: 2, degrees: 180, diameter: 1, bore: 0.5 }, { wedges: 6, wedgeDegrees: 30 }],
  ])('cut: %s, with its parts, its board and what becomes of inside and outside', (kind, asked, figures) => {
    const made = answer('cut', { kind, ...asked });
    expect(made).toMatchObject(figures);
    for (const name of ['parts', 'boardUsed', 'waste', 'insideAfter', 'outsideAfter']) expect(made).toHaveProperty(name);
    const dxf = new DxfParser().parseSync(run(['cut'], JSON.stringify({ kind, ...asked, format: 'dxf' })).out)!;
    const parts = made['parts'] as { knife: unknown[]; score: unknown[] }[];
    expect(dxf.entities).toHaveLength(parts.reduce((sum, { knife, score }) => sum + 4 + knife.length + score.length, 0));
  });

  test('plan: pruned and exhaustive agree; the chosen one says everything about itself', () => {
    const { stock, house } = request();
    const asked = {
      piece: { archetype: 'compactCeramic', size: [6, 5, 5], weight: 2 },
      stock,
      house,
      card: CARD,
      from: '10115',
      to: '40217',
      shipDate: '2026-11-24',
      sale: 8400,
    };
    const [pruned, every] = [answer('plan', asked), answer('plan', { ...asked, search: 'every' })] as {
      chosen: Record<string, unknown>;
      frontier: unknown[];
      evaluated: number;
      considered: number;
      milliseconds: number;
    }[];
    expect(pruned!.frontier).toEqual(every!.frontier);
    expect(pruned!.chosen).toEqual(every!.chosen);
    expect(pruned!.evaluated).toBeLessThan(every!.evaluated);
    expect(Object.keys(pruned!.chosen)).toEqual(
      expect.arrayContaining(['layers', 'box', 'innerBox', 'fill', 'service', 'size', 'weight', 'cost', 'costLines', 'chance', 'causes']),
    );
    expect(answer('plan', { ...asked, piece: { ...asked.piece, size: [60, 60, 60] } })).toMatchObject({
      chosen: null,
      reasons: ['no box on hand holds it', expect.any(String), expect.any(String), expect.any(String)],
    });
  });

  test('parse: several pieces on one line, told apart by a plus, with their counts; money summed', () => {
    expect(
      answer('parse', { sale: 'binnacle glass 9 x 9 x 11, 2 lb, sold 30, to 40217 + two stands, 30 x 6 x 6, 7 lb each, sold 20 each' }),
    ).toMatchObject({
      pieces: [
        { title: 'binnacle glass', count: 1, size: [9, 9, 11], weight: 2 },
        { title: 'stands', count: 2, size: [30, 6, 6], weight: 7 },
      ],
      sold: 7000,
      to: '40217',
    });
  });

  test('plan: several pieces with their parts, each bundle by its letter with its chance, and what decides', () => {
    const { stock, house } = request();
    const asked = {
      stock: { ...stock, boxes: [box([20, 16, 14]), box([24, 18, 16])] },
      house,
      card: CARD,
      from: '10115',
      to: '40217',
      shipDate: '2026-11-24',
      sale: 12_000,
    };
    const jar = { title: 'jars', count: 2, archetype: 'blownGlass', size: [3.5, 3.5, 6], weight: 0.7 };
    const lamp = { title: 'lamp', archetype: 'fineMetal', size: [6, 6, 9], weight: 4 };
    const chimney = { title: 'chimney', archetype: 'blownGlass', size: [4, 4, 8], weight: 0.5, loosens: 'two screws' };
    const { chosen } = answer('plan', { ...asked, pieces: [{ ...lamp, parts: [chimney] }, jar] }) as unknown as {
      chosen: {
        breaks: number;
        decides: string;
        bundles: { bundle: string; piece: string; chance: number; layers: object[]; at: number[]; size: number[] }[];
      };
    };
    expect(chosen.bundles.map(({ bundle, piece }) => `${bundle} ${piece}`)).toEqual(['A lamp', 'B chimney', 'C jars', 'D jars']);
    for (const { chance, layers } of chosen.bundles) {
      expect(chance).toBeLessThan(chosen.breaks);
      expect(layers.length).toBeGreaterThan(0);
    }
    expect(chosen.decides).toMatch(/^(lamp|chimney|jars): /);
    // none stands in another
    const pieces = chosen.bundles.map(({ bundle, size }) => ({ id: bundle, size, upright: true }));
    expect(answer('pack', { box: [20, 16, 14], pieces })['fits']).toBe(true);
    // one of a list is the same as one alone
    const figures = ({ chosen: one }: Record<string, unknown>) => one;
    expect(figures(answer('plan', { ...asked, pieces: [lamp] }))).toEqual(figures(answer('plan', { ...asked, piece: lamp })));
  });

  test('plan: bowls that nest stand in one another, each its step and both wraps further', () => {
    const { stock, house } = request();
    const asked = { stock, house, card: CARD, from: '10115', to: '40217', shipDate: '2026-11-24', sale: 12_000 };
    const bowl = { title: 'bowls', count: 3, archetype: 'compactCeramic', size: [9, 9, 4], weight: 2 };
    const bundles = (more: object) => {
      const boxes = [box([16, 14, 14]), box([20, 16, 14]), box([16, 16, 16])];
      const { chosen } = answer('plan', { ...asked, stock: { ...stock, boxes }, piece: { ...bowl, ...more } });
      return (chosen as { bundles: { at: number[]; size: number[] }[] }).bundles;
    };
    const [first, second, third] = bundles({ nestStep: 1 });
    const stepsIn = [0, 1, 2].map((axis) => second!.at[axis]! - first!.at[axis]!);
    const axis = stepsIn.findIndex((step) => step > 0);
    // 9 × 9 × 4 in bare: what is over is wrap, raised by what lies between two walls that lean as such a bowl's do
    const acrossIn = Math.max(...first!.size.filter((_, side) => side !== axis)) - 9;
    const raisedIn = acrossIn / Math.sin(Math.atan((9 - 0.45 * 9) / 2 / 4));
    expect(stepsIn[axis]).toBeCloseTo(1 + Math.max(first!.size[axis]! - 4, raisedIn), 9);
    expect(stepsIn[axis]).toBeLessThan(first!.size[axis]!);
    expect(third!.at[axis]! - second!.at[axis]!).toBeCloseTo(stepsIn[axis]!, 9);
    expect(stepsIn.filter((step) => step !== 0)).toHaveLength(1);
    expect(refused('plan', { ...asked, piece: { ...bowl, nestStep: 0 } }).lines.join()).toMatch(/piece.nestStep/);
  });

  test('plan: a stack with a sheet between each two is so much higher; a sheet that is not in the stock is said', () => {
    const { stock, house } = request();
    const asked = { stock, house, card: CARD, from: '10115', to: '40217', shipDate: '2026-11-24', sale: 12_000 };
    const tiles = { title: 'tiles', count: 6, stackOf: 6, archetype: 'compactCeramic', form: 'block', size: [6, 6, 0.5], weight: 0.75 };
    const { chosen } = answer('plan', { ...asked, piece: { ...tiles, interleaf: 'smallBubble' } });
    const [all] = (chosen as { bundles: { size: number[]; pieces: number }[] }).bundles;
    const [low, wide, deep] = [...all!.size].sort((a, b) => a - b);
    // 6 × 1/2 and 5 × 0.17 against 6: what is round them is as much on every side
    expect(wide! - low!).toBeCloseTo(6 - (6 * 0.5 + 5 * 0.17), 9);
    expect(deep).toBe(wide);
    expect(refused('plan', { ...asked, piece: { ...tiles, interleaf: 'silk' } }).lines.join()).toMatch(/piece.interleaf.*no wrap silk/);
  });

  test('plan: a piece that goes into another stands in it, by its title; one that is not there is said', () => {
    const { stock, house } = request();
    const asked = { stock, house, card: CARD, from: '10115', to: '40217', shipDate: '2026-11-24', sale: 12_000 };
    const pot = { title: 'pot', archetype: 'compactCeramic', size: [9, 9, 6], weight: 4, keepUpright: true };
    const lid = { ...pot, title: 'lid', size: [8, 8, 2], weight: 1 };
    const boxes = [box([16, 14, 14]), box([20, 16, 14]), box([16, 16, 16])];
    const plan = (within: object | null) => answer('plan', { ...asked, stock: { ...stock, boxes }, pieces: [pot, { ...lid, within }] });
    const { chosen } = plan({ piece: 'pot', standsOut: 0.5 });
    const [outer, inner] = (chosen as { bundles: { at: number[]; size: number[]; within?: string }[] }).bundles;
    expect([outer!.within, inner!.within]).toEqual([undefined, 'A']);
    // in the middle of it, its rim higher by what it stands out, raised by both wraps; half an inch is between them bare
    const endsIn = (one: typeof outer) => one!.at[2]! + one!.size[2]!;
    const wrapsIn = (bare: readonly number[], one: typeof outer) => one!.size.map((side, axis) => (side - bare[axis]!) / 2);
    const [around, own] = [wrapsIn([9, 9, 6], outer), wrapsIn([8, 8, 2], inner)];
    const leans = Math.atan((9 - 0.45 * 9) / 2 / 6);
    const walls = [0, 1].map((axis) => (around[axis]! + own[axis]! - 0.5 * Math.cos(leans)) / Math.sin(leans));
    const raisedIn = Math.max(around[2]! + own[2]!, ...walls);
    expect(endsIn(inner) - endsIn(outer)).toBeCloseTo(0.5 + raisedIn - around[2]! + own[2]!, 9);
    for (const side of [0, 1]) expect(inner!.at[side]! + inner!.size[side]! / 2).toBeCloseTo(outer!.at[side]! + outer!.size[side]! / 2, 9);
    expect(refused('plan', { ...asked, pieces: [pot, { ...lid, within: { piece: 'kettle' } }] }).lines.join()).toMatch(
      /pieces.1.within.piece: there is no other piece called kettle/,
    );
    expect(refused('plan', { ...asked, pieces: [pot, { ...lid, within: { piece: 'pot', standsOut: -1 } }] }).lines.join()).toMatch(
      /standsOut/,
    );
    expect(refused('plan', { ...asked, pieces: [{ ...pot, beside: 'pot' }, lid] }).lines.join()).toMatch(
      /pieces.0.beside: there is no other piece called pot/,
    );
  });

  test('plan: parts that wait for one another, one that is not there, too many, and both or neither of piece and pieces', () => {
    const { stock, house } = request();
    const asked = { stock, house, card: CARD, from: '10115', to: '40217', shipDate: '2026-11-24', sale: 12_000 };
    const piece = { title: 'lamp', archetype: 'fineMetal', size: [6, 6, 9], weight: 4 };
    const part = (title: string, after: string | null) => ({ ...piece, title, after });
    const wrong = (pieces: object) => refused('plan', { ...asked, pieces }).lines.join();
    expect(wrong([{ ...piece, parts: [part('a', 'b'), part('b', 'a')] }])).toMatch(/a and b would each have to come off before the other/);
    expect(wrong([{ ...piece, parts: [part('a', 'handle')] }])).toMatch(/lamp has no part called handle/);
    expect(wrong(Array.from({ length: 13 }, () => piece))).toMatch(/pieces/);
    expect(wrong([{ ...piece, count: 0 }])).toMatch(/pieces.0.count/);
    expect(wrong([{ ...piece, count: 10_000 }])).toMatch(/pieces.0.count/);
    expect(refused('plan', asked).lines.join()).toMatch(/give one of piece and pieces/);
  });

  test('bands: every row of practice with its chance, and that it holds', () => {
    const { bands, hold } = answer('bands', {}) as { bands: { case: string; breaks: number; holds: boolean }[]; hold: boolean };
    expect(bands.map((band) => band.case)).toEqual(PRACTICE_BANDS.map(({ name }) => name));
    expect(bands.every(({ holds }) => holds) && hold).toBe(true);
  });

  test('judge: what is poor breaks far more than what is good; a count breaks more, names stand for keys', () => {
    const jug = { kind: 'handled or spouted ware', size: [7, 6, 6], weight: 2.2, hardPoints: [{ kind: 'handle', face: 'right' }] };
    const judge = (more: object) =>
      answer('judge', { piece: jug, layers: [{ material: 'smallBubble', turns: 1 }], fill: 'crumpledPaper', gapsIn: 1, ...more });
    const [poor, good] = [
      judge({}),
      judge({
        layers: [
          { material: 'smallBubble', turns: 1 },
          { material: 'largeBubble', turns: 2 },
        ],
        fill: 'mouldedFill',
        gapsIn: 2,
      }),
    ];
    expect(poor['breaks']).toBeGreaterThan(20 * (good['breaks'] as number));
    expect(judge({ count: 2 })['breaks']).toBeCloseTo(1 - (1 - (poor['breaks'] as number)) ** 2, 6);
    for (const { breaks, low, high } of [poor, good] as { breaks: number; low: number; high: number }[])
      expect(low < breaks && breaks < high).toBe(true);
    expect(judge({ gapsIn: { bottom: 2, top: 2 } })['breaks']).not.toBe(poor['breaks']);
  });

  test('drop: a plan is dropped on a face and on a corner, played in time, and breaks the more the higher', () => {
    const { stock, house } = request();
    const { chosen: plan } = answer('plan', {
      piece: { archetype: 'compactCeramic', size: [6, 5, 5], weight: 2 },
      stock,
      house,
      card: CARD,
      from: '10115',
      to: '40217',
      shipDate: '2026-11-24',
      sale: 8400,
    });
    const drop = (heightIn: number, face: string) =>
      answer('drop', { plan, heightIn, face, steps: 30 }) as {
        peakG: number;
        stands: number;
        breaks: number;
        trace: { ms: number; g: number; squeezeIn: Record<string, number> }[];
      };
    const [low, high] = [drop(6, 'bottom'), drop(30, 'bottom')];
    expect(high.breaks).toBeGreaterThan(low.breaks);
    expect(high.peakG).toBeGreaterThan(low.peakG);
    expect(low.stands).toBeGreaterThan(0);
    expect(low.trace).toHaveLength(30);
    expect(Math.max(...low.trace.map(({ g }) => g)) / low.peakG).toBeCloseTo(1, 1);
    expect(Object.keys(low.trace[0]!.squeezeIn).length).toBeGreaterThan(1);
    expect(drop(30, 'corner').peakG).toBeGreaterThanOrEqual(high.peakG);
  });

  test('plan: every refuses above two million plans, with the count', () => {
    const { stock, house } = request();
    const many = Array.from({ length: 120 }, (_, i) => box([6 + (i % 14), 6 + (i % 11), 6 + (i % 13)], { key: `box-${i}` }));
    const { status, out, lines } = refused('plan', {
      piece: { archetype: 'compactCeramic', size: [4, 4, 4], weight: 1 },
      stock: { ...stock, boxes: many, wraps: Object.values(ORDINARY_WRAPS), fills: Object.values(ORDINARY_FILLS) },
      house: { ...house, liners: 'mayBe', cutsDown: true },
      card: { ...CARD, services: Array.from({ length: 12 }, (_, i) => ({ ...SERVICE, key: `s${i}` })) },
      from: '10115',
      to: '40217',
      shipDate: '2026-11-24',
      sale: 8400,
      search: 'every',
    });
    expect({ status, out }).toEqual({ status: 2, out: '' });
    expect(lines).toEqual([expect.stringMatching(/^search: every would work out \d{7,} plans, at most 2000000/)]);
  });

  test('plan --batch: one plan a line, progress beside it; bad lines by their line, and nothing planned', () => {
    const folder = mkdtempSync(join(tmpdir(), 'nest-batch-'));
    const csv = join(folder, 'sold.csv');
    const base = JSON.stringify({
      ...request(),
      order: undefined,
      pieceIds: undefined,
      cards: undefined,
      locks: undefined,
      card: CARD,
      from: '10115',
      shipDate: '2026-11-24',
    });
    writeFileSync(
      csv,
      'title,archetype,size,weight,to,sold\nbowl,compactCeramic,6 x 5 x 5 in,2 lb,40217,84.00\n"crate, big",rigidMetal,60 x 60 x 60,,10117,12\n',
    );
    const heard: string[] = [];
    const done = run(['plan', '--batch', csv], base, (progress) => heard.push(progress));
    expect(done.status).toBe(0);
    const { plans } = JSON.parse(done.out) as { plans: { line: number; title: string; chosen: object | null }[] };
    expect(plans).toEqual([
      expect.objectContaining({ line: 2, title: 'bowl', chosen: expect.objectContaining({ service: 'ground' }) as object }),
      expect.objectContaining({ line: 3, title: 'crate, big', chosen: null }),
    ]);
    expect(heard).toEqual(['1/2 bowl: planned', '2/2 crate, big: no plan']);
    writeFileSync(csv, 'title,archetype,size,weight,to,sold\nbowl,teacup,6 x,2 lb,402,84.00\n');
    const bad = run(['plan', '--batch', csv], base);
    expect({ status: bad.status, out: bad.out }).toEqual({ status: 2, out: '' });
    expect(
      bad.err
        .trim()
        .split('\n')
        .map((line) => line.split(': ')[0]),
    ).toEqual(['batch.csv:2:archetype', 'batch.csv:2:to', 'batch.csv:2:size']);
    rmSync(folder, { recursive: true });
  });

  test('card: to CSV and back, equal', () => {
    const { csv } = answer('card', { card: CARD }) as { csv: Record<string, string> };
    expect(answer('card', { csv })).toEqual({ card: CARD });
  });

  test('every command prints its schema', () => {
    for (const command of ['parse', 'wrap', 'shock', 'curve', 'crush', 'journey', 'rate', 'pack', 'card', 'cut', 'plan'])
      expect(JSON.parse(run(['schema', command], '').out)).toHaveProperty('$schema');
  });
});

describe('bad input: exit 2, nothing said but the path and what is wrong', () => {
  const layer = { area: 30, thickness: 1, a: 3, b: 0.5, p: 1.4 };
  const faces = [{ chance: 1, layers: [layer] }];
  test.each<[string, unknown, RegExp]>([
    ['parse', { text: '3 furlongs' }, /^text: .*furlongs/],
    ['parse', { text: '9 x 6 1/' }, /^text: .*fraction/],
    ['parse', { txt: '3' }, /text|txt/],
    ['wrap', { form: 'block', size: [9, 6, -6], layers: [{ thickness: 0.1, turns: 1, rollWidth: 12 }] }, /^size\.2: /],
    ['wrap', { form: 'block', size: [9, 6, 6], layers: [{ thickness: 0.1, turns: 0.3, rollWidth: 12 }] }, /^layers\.0\.turns: /],
    ['shock', { weight: 2, layers: [layer] }, /^dropHeight: give one/],
    ['shock', { weight: 2, layers: [layer], dropHeight: 10, peakG: 50 }, /^dropHeight: give one/],
    ['judge', { piece: { kind: 'teapot', size: [6, 6, 6], weight: 2 }, layers: [], fill: null, gapsIn: 0 }, /^piece\.kind: must be one of/],
    ['judge', { piece: { kind: 'optics', size: [6, 6, 6], weight: 2 }, layers: [], fill: 'mouldedFill', gapsIn: -1 }, /^gapsIn: /],
    ['drop', { plan: {}, heightIn: 10 }, /^plan\.shock: /],
    ['shock', { weight: 2, layers: [{ ...layer, p: 0.9 }], dropHeight: 10 }, /^layers\.0\.p: /],
    ['shock', { weight: '2', layers: [layer], dropHeight: 10 }, /^weight: /],
    ['shock', { weight: 2, layers: [{ ...layer, colour: 'red' }], dropHeight: 10 }, /^layers\.0: .*colour/],
    ['curve', { bestStaticStress: 0, leastG: 50, dropHeight: 24, thickness: 2 }, /^bestStaticStress: /],
    ['crush', { ect: 32, caliper: 0.1, size: [10, 10] }, /^size/],
    ['journey', { weight: 2, zone: 5, criticalG: 90, spread: 0.3, faces: [{ chance: 0.9, layers: [layer] }] }, /^faces: .*sum to 1/],
    ['journey', { weight: 160, zone: 5, criticalG: 90, spread: 0.3, faces }, /^weight: .*150/],
    ['journey', { weight: 2, zone: 10, criticalG: 90, spread: 0.3, faces }, /^zone: /],
    ['cut', { kind: 'lower', box: [16, 12, 9], newDepth: 12 }, /^newDepth: /],
    ['cut', { kind: 'star' }, /^kind: /],
    ['cut', { kind: 'liner', inside: [1, 1, 1], caliper: 0.6 }, /^caliper: leaves no inside/],
    ['cut', { kind: 'cells', inside: [12, 9], cells: [1, 1], height: 5, caliper: 0.15 }, /^cells: must be two at least/],
    ['cut', { kind: 'cells', inside: [12, 9], cells: [2.5, 1], height: 5, caliper: 0.15 }, /^cells\.0: /],
    ['cut', { kind: 'shorten', box: [16, 12, 9], side: 'width', new: 12 }, /^new: must be below/],
    ['cut', { kind: 'core', inside: [30, 6, 3], diameter: 4, wall: 0.25 }, /^diameter: must be at most 3/],
    ['cut', { kind: 'tubes', inside: [12, 10, 8], diameter: 0.5, gap: 1 }, /^diameter: does not reach/],
    ['cut', { kind: 'collar', run: 4, radius: 2, diameter: 1, bore: 0.5 }, /^run: either a straight run/],
    ['rate', { card: CARD, parcel: { size: [1, 1, 1], weight: 1, from: 'x', to: '40217', shipDate: '2026-11-24' } }, /^parcel\.from: /],
    ['plan', {}, /^piece: /],
    [
      'pack',
      {
        box: [3, 3, 3],
        pieces: [
          { id: 'a', size: [1, 1, 1] },
          { id: 'a', size: [1, 1, 1] },
        ],
      },
      /^pieces: .*id of its own/,
    ],
    ['pack', { box: [3, 3, 3], gap: -1, pieces: [{ id: 'a', size: [1, 1, 1] }] }, /^gap: /],
    ['card', {}, /^card: give one/],
    ['card', { csv: { 'zones.csv': 'zone\n1\n' } }, /^card\.csv: is missing/],
    ['pick', {}, /^\(command\): pick is not one of/],
    ['parse', '{', /^\(file\): not JSON/],
  ])('%s %j', (command, asked, problem) => {
    const { status, out, lines } = refused(command, asked);
    expect(status).toBe(2);
    expect(out).toBe('');
    expect(lines.some((line) => problem.test(line))).toBe(true);
  });
});
