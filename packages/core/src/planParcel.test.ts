import fc from 'fast-check';
import { alikeChance } from './engineering/pareto/alikeChance.ts';
import { BEDDED_HOUSE } from './house/House.ts';
import { carefulMinor } from './stages/frontier/recommend.ts';
import { box, CARD, finish, point, request, SERVICE, STOCK } from '../tests/sampleRequest.ts';
import { ORDINARY_FILLS, ORDINARY_WRAPS } from './engineering/materials/ordinaryStock.ts';
import { planParcel } from './planParcel.ts';
import { derivePlan } from './stages/plan/derivePlan.ts';
import { withTurns } from './stages/plan/bundleChanges.ts';
import { nextBestChanges } from './stages/plan/nextBestChanges.ts';
import { verifyPlan } from './stages/plan/verifyPlan.ts';
import { writePlanDocument } from './stages/plan/writePlanDocument.ts';
import type { PlanRequest } from './stages/plan/PlanRequest.ts';
import type { PlanChoice } from './stages/frontier/PlanOption.ts';

const plan = (asked: PlanRequest, every = false) => {
  const chosen = finish(planParcel(asked, every));
  if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join('; '));
  return chosen;
};

const anyStock = fc.record({
  boxes: fc.uniqueArray(fc.tuple(fc.integer({ min: 6, max: 22 }), fc.integer({ min: 6, max: 18 }), fc.integer({ min: 6, max: 18 })), {
    minLength: 2,
    maxLength: 5,
    selector: (one) => one.join(),
  }),
  prices: fc.array(fc.integer({ min: 0, max: 600 }), { minLength: 5, maxLength: 5 }),
  fills: fc.subarray(Object.values(ORDINARY_FILLS), { minLength: 1, maxLength: 3 }),
  turns: fc.integer({ min: 1, max: 3 }),
  handling: fc.double({ min: 0.7, max: 1.4, noNaN: true }),
  care: fc.constantFrom(0.5, 1, 5),
  weightLb: fc.double({ min: 0.4, max: 9, noNaN: true }),
});

describe('the search', () => {
  test('skips nothing that the exhaustive one would keep, on any small stockroom', () => {
    fc.assert(
      fc.property(anyStock, ({ boxes, prices, fills, handling, care, weightLb }) => {
        const asked = request(
          { weightLb, hardPoints: [point('handle', 'right')], archetype: 'handledWare' },
          {
            stock: { boxes: boxes.map((inside, i) => box(inside, { priceMinor: prices[i]! })), fills, wraps: [ORDINARY_WRAPS.largeBubble] },
            house: { care },
            cards: [
              {
                ...CARD,
                services: [
                  SERVICE,
                  {
                    ...SERVICE,
                    key: 'rough',
                    handlingFactor: handling,
                    steps: SERVICE.steps.map((step) => ({ ...step, byZone: { '5': Math.round(step.byZone['5']! * 0.9) } })),
                  },
                ],
              },
            ],
          },
        );
        const [pruned, every] = [finish(planParcel(asked)), finish(planParcel(asked, true))];
        expect(pruned.kind).toBe(every.kind);
        if (pruned.kind === 'noPlan' || every.kind === 'noPlan') return;
        const figures = (chosen: typeof pruned) => chosen.frontier.map((option) => [option.nestCostMinor, alikeChance(option.chance)]);
        expect(figures(pruned)).toEqual(figures(every));
        expect(pruned.recommended.expectedMinor).toBe(every.recommended.expectedMinor);
        expect(pruned.considered).toBe(every.considered);
        expect(pruned.evaluated).toBeLessThanOrEqual(every.evaluated);
      }),
      { numRuns: 25 },
    );
  });

  test('its frontier falls in chance as it rises in cost; the recommended expects the least, or is even with it and safer', () => {
    const { frontier, recommended } = plan(request());
    frontier.slice(1).forEach((option, i) => {
      expect(option.costMinor).toBeGreaterThan(frontier[i]!.costMinor);
      expect(option.chance).toBeLessThan(frontier[i]!.chance);
    });
    const least = frontier.reduce((best, option) => (option.expectedMinor < best.expectedMinor ? option : best));
    expect(recommended.expectedMinor - least.expectedMinor).toBeLessThanOrEqual(Math.max(50, 0.02 * least.nestCostMinor));
    expect(recommended.chance).toBeLessThanOrEqual(least.chance);
    expect(carefulMinor(recommended, BEDDED_HOUSE)).toBeLessThanOrEqual(carefulMinor(least, BEDDED_HOUSE));
  });

  test('every plan it offers holds when derived again', () => {
    const asked = request({ finish: 'polished', hardPoints: [point('spout', 'left')] });
    for (const option of plan(asked).frontier) expect(verifyPlan(writePlanDocument(option, asked.house), asked)).toEqual([]);
  });

  test('more to choose from never worsens the best; scaling all money scales it', () => {
    const least = (more: Parameters<typeof request>[1]) => plan(request({}, more)).recommended.expectedMinor;
    const now = least({});
    expect(least({ stock: { boxes: [...STOCK.boxes, box([14, 13, 12], { priceMinor: 40 })] } })).toBeLessThanOrEqual(now);
    expect(least({ stock: { fills: [...STOCK.fills, ORDINARY_FILLS.airPillows] } })).toBeLessThanOrEqual(now);
    expect(least({ cards: [{ ...CARD, services: [SERVICE, { ...SERVICE, key: 'second', handlingFactor: 0.8 }] }] })).toBeLessThanOrEqual(
      now,
    );
  });

  test('more care never takes a likelier breakage', () => {
    const chance = (care: number) => plan(request({}, { house: { care } })).recommended.chance;
    expect(chance(5)).toBeLessThanOrEqual(chance(1));
    expect(chance(1)).toBeLessThanOrEqual(chance(0.5));
  });

  test('pinned choices stay', () => {
    const { frontier } = plan(
      request({}, { locks: { box: '16x14x12', fill: 'crumpledPaper', inner: null, layers: [{ material: 'largeBubble', turns: 2 }] } }),
    );
    expect(frontier.length).toBeGreaterThan(0);
    for (const { choice } of frontier)
      expect(choice).toMatchObject({
        box: '16x14x12',
        fill: 'crumpledPaper',
        inner: null,
        layers: [{ material: 'largeBubble', turns: 2 }],
      });
  });

  test.each<[string, PlanRequest, RegExp]>([
    ['too large', request({ lengthIn: 40, widthIn: 30, heightIn: 30 }), /no box on hand holds it.*too little/],
    [
      'in the box that is chosen',
      request({ lengthIn: 9, widthIn: 9, heightIn: 9 }, { locks: { box: '8x8x8' } }),
      /^the box that is chosen does not hold it; 8×8×8: [^;]*$/,
    ],
    ['too heavy for any service', request({ archetype: 'rigidMetal', weightLb: 140 }), /no service carries it.*at most 70 lb|certified/],
    ['nothing to wrap it in', request({}, { stock: { wraps: [] } }), /feel test/],
    ['nowhere to send it', request({}, { to: '99999' }), /no service carries it.*does not go/],
  ])('no plan: %s', (_, asked, why) => {
    const chosen = finish(planParcel(asked));
    expect(chosen.kind === 'noPlan' && chosen.reasons.join('; ')).toMatch(why);
  });

  test('what it would answer so far is a plan that holds, never better than the last word, and there is one early', () => {
    const asked = request({ archetype: 'handledWare', hardPoints: [point('handle', 'right')] });
    const early: { evaluated: number; document: ReturnType<typeof writePlanDocument> }[] = [];
    const steps = planParcel(asked);
    let step = steps.next();
    for (; !step.done; step = steps.next()) {
      const { evaluated, soFar } = step.value;
      const chosen = soFar();
      expect(chosen.kind).toBe(evaluated > 0 ? 'planned' : 'noPlan');
      if (chosen.kind === 'planned') early.push({ evaluated, document: writePlanDocument(chosen.recommended, asked.house) });
    }
    if (step.value.kind !== 'planned') throw new Error('not planned');
    const last = step.value;
    expect(early[0]!.evaluated).toBeLessThan(last.evaluated / 4);
    for (const { document } of early) expect(verifyPlan(document, asked)).toEqual([]);
    // what is recommended is even with the least expected, so compare what is least of each
    const least = (plans: readonly { readonly expectedMinor: number }[]) => Math.min(...plans.map((one) => one.expectedMinor));
    const all = [...last.frontier, last.recommended];
    expect(least(all)).toBeLessThanOrEqual(Math.min(...early.map(({ document }) => document.expectedMinor)) + 1e-6);
  });
  test('yields often enough to be stopped', () => {
    const steps = planParcel(request());
    let yields = 0;
    for (let step = steps.next(); !step.done; step = steps.next()) yields++;
    expect(yields).toBeGreaterThan(3);
  });
});

describe('one plan', () => {
  const asked = request({ hardPoints: [point('handle', 'right')], archetype: 'handledWare' });
  const { choice } = plan(asked).recommended;
  const derive = (more: Partial<PlanChoice>, from = asked) => {
    const derived = derivePlan(from, { ...choice, ...more });
    if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
    return writePlanDocument(derived.option, from.house);
  };

  test('a forged figure is found by its path', () => {
    const honest = derive({});
    expect(verifyPlan(honest, asked)).toEqual([]);
    expect(verifyPlan({ ...honest, chance: honest.chance / 2 }, asked).join()).toMatch(/^chance/);
    expect(verifyPlan({ ...honest, costMinor: honest.costMinor - 100 }, asked).join()).toMatch(/cost: lines do not add up/);
    expect(verifyPlan({ ...honest, weight: { ...honest.weight, grossLb: 1 } }, asked).join()).toMatch(/weight: parts/);
    expect(verifyPlan({ ...honest, gaps: { ...honest.gaps, left: 9 } }, asked).join()).toMatch(/gaps/);
  });

  test('too little wrap is worked out, and said to be wrong first', () => {
    const thin = derive({ layers: [{ material: 'largeBubble', turns: 0.5 }] });
    expect(thin.faults[0]).toMatchObject({ kind: 'feel', blocks: true, where: 'the handle' });
    expect(thin.chance).toBeGreaterThan(derive({}).chance);
  });

  test('every blocking fault has its kind', () => {
    expect(derive({ baseGapIn: 0.5 }).faults).toContainEqual(expect.objectContaining({ kind: 'gap', face: 'bottom', gapIn: 0.5 }));
    const damp = request({ dampSensitive: true, finish: 'uncured' });
    expect(derive({}, damp).faults.map((fault) => fault.kind)).toEqual(expect.arrayContaining(['softFirstLayer', 'dampBarrier']));
  });

  test.each<[string, Partial<PlanChoice>, RegExp]>([
    ['a box nobody has', { box: 'none' }, /not in the stockroom/],
    ['a fill nobody has', { fill: 'feathers' }, /not in the stockroom/],
    ['a wrap nobody has', { layers: [{ material: 'velvet', turns: 1 }] }, /velvet/],
  ])('no plan: %s', (_, more, why) => {
    const derived = derivePlan(asked, { ...choice, ...more });
    expect(derived.kind === 'noPlan' && derived.reasons.join()).toMatch(why);
  });

  test('a box it does not go into stays as it was chosen: which side, by how much, and what mends it', () => {
    const small = derive({ box: '8x8x8', layers: [{ material: 'largeBubble', turns: 4 }] });
    const [fault] = small.faults;
    expect(small.faults).toHaveLength(1);
    const short = Math.max(...small.bundleIn.map((side) => side - 8));
    expect(fault).toMatchObject({ kind: 'tooSmall', blocks: true, box: 'box', shortIn: expect.closeTo(short, 9) as number });
    expect(small.choice.box).toBe('8x8x8');
    expect(verifyPlan(small, asked)).toEqual([]);
    const mend = nextBestChanges(asked, small.choice)[0]!;
    const mended = derivePlan(asked, mend.choice);
    expect(mended.kind === 'plan' && writePlanDocument(mended.option, asked.house).faults.map(({ kind }) => kind)).not.toContain(
      'tooSmall',
    );
  });

  test('a service that does not take it stays chosen, at a price reckoned as by hand, with what it says', () => {
    const heavy = request({ weightLb: 120 });
    const refused = derive({ board: true }, heavy);
    expect(refused.faults[0]).toMatchObject({ kind: 'noService', blocks: true, why: expect.stringMatching(/at most|heavier/) as string });
    expect(refused.choice.service).toBe(choice.service);
    // carried on from the top of the table: no cheaper than its last step
    expect(refused.quote.totalMinor).toBeGreaterThanOrEqual(CARD.services[0]!.steps.at(-1)!.byZone['5']!);
    expect(refused.chance).toBeGreaterThan(0);
    expect(verifyPlan(refused, heavy)).toEqual([]);
  });

  test('next best changes: the first mends what is wrong, and says what it costs', () => {
    const thin = { ...choice, layers: [{ material: 'largeBubble', turns: 1 }] };
    const [first, ...rest] = nextBestChanges(asked, thin);
    expect(first!.blocks).toBe(false);
    expect(first!.chance).toBeLessThan(derive({ layers: thin.layers }).chance);
    expect(rest.every((change, i) => i === 0 || change.blocks || change.expectedMinor >= rest[i - 1]!.expectedMinor)).toBe(true);
    expect([first!, ...rest].some((change) => change.guard?.guard === 'foamTube')).toBe(true);
  });

  test('a new layer takes its place by role', () => {
    expect(withTurns([{ material: 'largeBubble', turns: 1 }], STOCK.wraps, 'tissue', 1).map((layer) => layer.material)).toEqual([
      'tissue',
      'largeBubble',
    ]);
    expect(
      withTurns(
        [
          { material: 'tissue', turns: 1 },
          { material: 'largeBubble', turns: 1 },
        ],
        STOCK.wraps,
        'smallBubble',
        2,
      ).map((layer) => layer.material),
    ).toEqual(['tissue', 'smallBubble', 'largeBubble']);
    expect(withTurns([{ material: 'tissue', turns: 1 }], STOCK.wraps, 'tissue', 0)).toEqual([]);
  });
});
