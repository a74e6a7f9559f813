import { ceilingOf } from '../frontier/recommend.ts';
import { box, CHOICE, finish, point, request, STOCK } from '../../../tests/sampleRequest.ts';
import { boxToGet, explainOtherWays, laidDown, outsideStock, planParcel } from '../../planParcel.ts';
import { ORDINARY_FILLS, ORDINARY_WRAPS } from '../../engineering/materials/ordinaryStock.ts';
import type { PieceFacts } from '../sale/Order.ts';
import { cheapestCrossing } from './cheapestCrossing.ts';
import { derivePlan } from './derivePlan.ts';
import { isWorthLaying } from './laidDown.ts';
import { nextBestChanges } from './nextBestChanges.ts';
import { wayOf } from './otherWays.ts';
import { packedVerdict } from './packedVerdict.ts';
import type { PlanRequest } from './PlanRequest.ts';
import { boxedBeside, eitherSide, isBetter, isThriftier } from './sideBySide.ts';

const plan = (asked: PlanRequest) => {
  const chosen = finish(planParcel(asked));
  if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join());
  return chosen;
};

describe('over- and under-packed', () => {
  const hand = { nestCostMinor: 2000, chance: 0.01, expectedMinor: 2400, faults: [] };
  const CEILING = 0.02;
  const other = (nestCostMinor: number, expectedMinor: number, chance = 0.01) => ({ nestCostMinor, expectedMinor, chance });
  test.each<[string, ReturnType<typeof other>, string, number | undefined]>([
    ['a cheaper plan expects 60 cents less', other(1800, 2340), 'overPacked', 60],
    ['a dearer plan expects 60 cents less', other(2100, 2340), 'underPacked', 60],
    ['40 cents are not worth a word', other(1800, 2360), 'right', undefined],
    ['a dearer one that expects more', other(2500, 2600), 'right', undefined],
  ])('%s', (_, one, kind, byMinor) => {
    const verdict = packedVerdict(hand, [one], CEILING);
    expect(verdict.kind).toBe(kind);
    expect('byMinor' in verdict ? verdict.byMinor : undefined).toBe(byMinor);
  });

  test('a cheaper plan above the ceiling is no reason to pack less', () =>
    expect(packedVerdict(hand, [other(1000, 1500, 0.05), other(2050, 2395)], CEILING).kind).toBe('right'));

  test('a nest above the ceiling is under-packed where another is below, whatever it expects', () =>
    expect(packedVerdict({ ...hand, chance: 0.05 }, [other(2600, 2700)], CEILING)).toMatchObject({ kind: 'underPacked', byMinor: 0 }));

  test('where all are above the ceiling nothing riskier is better, however much less it expects; what is as safe may be', () => {
    const risky = { ...hand, chance: 0.12 };
    expect(packedVerdict(risky, [other(1500, 1900, 0.15)], CEILING).kind).toBe('right');
    expect(packedVerdict(risky, [other(1500, 1900, 0.12)], CEILING)).toMatchObject({ kind: 'overPacked', byMinor: 500 });
  });

  test('the safer of a tie is packed about right: within 2 % of what the cheaper costs, or 50 cents', () => {
    const dear = { ...hand, nestCostMinor: 4500, expectedMinor: 4700 };
    expect(packedVerdict(dear, [other(4400, 4700 - 88, 0.011)], CEILING).kind).toBe('right');
    expect(packedVerdict(dear, [other(4400, 4700 - 89, 0.011)], CEILING).kind).toBe('overPacked');
    // as safe for less is no tie
    expect(packedVerdict(dear, [other(4400, 4700 - 88, 0.01)], CEILING).kind).toBe('overPacked');
  });

  test.each([20, 84, 300, 900])('what is recommended of a piece sold for $%d is packed about right', (dollars) => {
    for (const archetype of ['handledWare', 'blownGlass', 'clockwork'] as const) {
      const { recommended, frontier, ceiling, aboveCeiling } = plan(request({ archetype }, { soldMinor: 100 * dollars }));
      if (aboveCeiling) continue;
      expect(packedVerdict({ ...recommended, faults: [] }, frontier, ceiling).kind).toBe('right');
    }
  });

  test('of small money a twentieth is worth a word', () =>
    expect(packedVerdict({ ...hand, nestCostMinor: 300, expectedMinor: 400 }, [other(290, 375)], CEILING).kind).toBe('overPacked'));

  test('a nest that fails a rule is under-packed whatever it costs; a wish of the house is no rule', () => {
    const fault = { kind: 'certificate', blocks: true } as const;
    expect(packedVerdict({ ...hand, faults: [fault] }, [other(1, 1)], CEILING)).toEqual({ kind: 'underPacked', byMinor: null, fault });
    const wish = { kind: 'gap', blocks: false, face: 'top', gapIn: 1, wantedIn: 2 } as const;
    expect(packedVerdict({ ...hand, faults: [wish] }, [other(2000, 2400)], CEILING).kind).toBe('right');
  });
});

describe('better, thriftier, more careful', () => {
  const now = { nestCostMinor: 2000, chance: 0.01, expectedMinor: 2200, riskMinor: 100 };
  test('better is what expects less and breaks no more; riskier only by more than a tie', () => {
    expect(isBetter({ ...now, expectedMinor: 2190, chance: 0.009 }, now)).toBe(true);
    expect(isBetter({ ...now, expectedMinor: 2190, chance: 0.011 }, now)).toBe(false);
    expect(isBetter({ ...now, expectedMinor: 2100, chance: 0.011 }, now)).toBe(true);
    expect(isBetter({ ...now, expectedMinor: 2210, chance: 0.001 }, now)).toBe(false);
  });
  test('thriftier saves at least 25 cents or a fiftieth, and breaks at least a third more often', () => {
    expect(isThriftier({ ...now, nestCostMinor: 1950, chance: 0.014 }, now)).toBe(true);
    expect(isThriftier({ ...now, nestCostMinor: 1970, chance: 0.014 }, now)).toBe(false);
    expect(isThriftier({ ...now, nestCostMinor: 1900, chance: 0.012 }, now)).toBe(false);
  });
  test('either side of a recommended plan, and what halving the chance costs; where there is none, none', () => {
    const cheap = { nestCostMinor: 1800, chance: 0.02, expectedMinor: 2250, riskMinor: 225 };
    const safe = { nestCostMinor: 2300, chance: 0.004, expectedMinor: 2400, riskMinor: 45 };
    const alike = { nestCostMinor: 2010, chance: 0.0095, expectedMinor: 2205, riskMinor: 97 };
    expect(eitherSide(now, [cheap, now, alike, safe], 2)).toEqual({ thriftier: cheap, moreCareful: safe, halved: safe });
    expect(eitherSide(now, [now, alike], 2)).toEqual({ thriftier: null, moreCareful: null, halved: null });
  });
  test('nothing is called better on the recommended plan that is only cheaper and riskier', () => {
    const asked = request({ archetype: 'handledWare', hardPoints: [point('handle', 'right')] });
    const { recommended } = plan(asked);
    for (const change of nextBestChanges(asked, recommended.choice)) {
      if (change.better) expect(change.expectedMinor).toBeLessThan(recommended.expectedMinor);
      if (change.thriftier) expect(change.chance).toBeGreaterThan(recommended.chance);
    }
  });
});

describe('boxes nobody has', () => {
  /** A shop that has one large box alone: whoever looks sees that a smaller one would do. */
  const onlyLarge = request({ lengthIn: 5, widthIn: 5, heightIn: 5, weightLb: 1.5 }, { stock: { boxes: [box([20, 20, 20])] } });

  test('a nearer box is told where the stockroom has only a large one: cheaper, and no nest of the stockroom matches it', () => {
    const chosen = plan(onlyLarge);
    const nests = finish(outsideStock(onlyLarge, chosen));
    expect(nests.length).toBeGreaterThan(0);
    expect(nests.length).toBeLessThanOrEqual(3);
    expect(Math.min(...nests.map((one) => one.nestCostMinor))).toBeLessThan(chosen.frontier[0]!.nestCostMinor);
    for (const { nestCostMinor, chance, savesMinor, insideIn } of nests) {
      const asSafe = chosen.frontier.filter((one) => one.chance <= chance);
      expect(asSafe.every((one) => one.nestCostMinor > nestCostMinor)).toBe(true);
      if (savesMinor !== null) expect(Math.min(...asSafe.map((one) => one.nestCostMinor)) - nestCostMinor).toBeCloseTo(savesMinor, 6);
      // it is what planning with that box in the stockroom comes to
      const held = {
        ...onlyLarge,
        stock: { ...onlyLarge.stock, boxes: [...onlyLarge.stock.boxes, box(insideIn, { key: 'held', priceMinor: 0 })] },
      };
      expect(plan(held).recommended.nestCostMinor).toBeLessThanOrEqual(nestCostMinor + 1e-6);
    }
    // from the cheapest on, each safer than the one before
    nests.slice(1).forEach((one, i) => {
      expect(one.nestCostMinor).toBeGreaterThanOrEqual(nests[i]!.nestCostMinor);
      expect(one.chance).toBeLessThan(nests[i]!.chance);
    });
  });

  test('no size that the stockroom has is told, and where every whole inch is there, nothing is', () => {
    const sides = [8, 9, 10, 11, 12, 13, 14, 15, 16];
    const all = { ...onlyLarge, stock: { ...onlyLarge.stock, boxes: sides.map((side) => box([side, side, side], { key: `b${side}` })) } };
    expect(
      finish(outsideStock(all, plan(all)))
        .map(({ insideIn }) => insideIn)
        .filter(([l, w, d]) => l === w && w === d),
    ).toEqual([]);
  });
});

describe('the ceiling on the chance', () => {
  const frail = { archetype: 'clockwork', lengthIn: 8, widthIn: 7, heightIn: 9, weightLb: 3 } as const;
  const at = (mostChance: number, facts: Partial<PieceFacts> = {}) => request({ ...frail, ...facts }, { house: { mostChance } });

  test('is kept wherever a plan is below it', () => {
    const loose = plan(at(1));
    const tight = plan(at(loose.recommended.chance * 0.9));
    expect(tight.aboveCeiling || tight.recommended.chance <= tight.ceiling).toBe(true);
    expect(tight.recommended.chance).toBeLessThanOrEqual(loose.recommended.chance);
  });

  test('where nothing is below, the safest is taken, and a box that would do is named', () => {
    const asked = at(1e-5);
    const { recommended, frontier, aboveCeiling } = plan(asked);
    expect(aboveCeiling).toBe(true);
    expect(recommended.chance).toBeLessThanOrEqual(frontier.at(-1)!.chance * 1.02);
    const near = plan(at(recommended.chance * 0.98));
    if (near.aboveCeiling) {
      const toGet = boxToGet(at(recommended.chance * 0.98), near);
      if (toGet) expect(toGet.chance).toBeLessThanOrEqual(near.ceiling);
    }
  });

  test('a tall piece that keeps its way up is asked whether it may lie, where that halves the chance and more', () => {
    const boxes = [box([17, 17, 17]), box([24, 12, 10])];
    const tall = (keepUpright: boolean) =>
      request({ archetype: 'thinFigure', lengthIn: 5, widthIn: 4, heightIn: 15, weightLb: 2, keepUpright }, { stock: { ...STOCK, boxes } });
    const standing = plan(tall(true));
    expect(standing.aboveCeiling).toBe(true);
    const lying = finish(laidDown(tall(true)))!;
    expect(lying.choice).toEqual(plan(tall(false)).recommended.choice);
    expect(lying.chance).toBeLessThan(standing.recommended.chance / 2);
    expect(isWorthLaying(lying, standing.recommended, standing.ceiling)).toBe(true);
    expect(finish(laidDown(tall(false)))).toBeNull();
  });

  test('and so is one that lies for less, below the ceiling; not where that saves little or breaks too often', () => {
    const now = { expectedMinor: 2000, chance: 1 / 300 };
    const worth = (expectedMinor: number, chance: number) => isWorthLaying({ expectedMinor, chance }, now, 0.02);
    expect([worth(1900, 1 / 60), worth(1900, 1 / 400)]).toEqual([true, true]);
    expect([worth(1960, 1 / 900), worth(1500, 1 / 40)]).toEqual([false, false]);
    // above the ceiling safety counts, and where there is none at all any will do
    expect(isWorthLaying({ expectedMinor: 2500, chance: 0.04 }, { expectedMinor: 2000, chance: 0.1 }, 0.02)).toBe(true);
    expect(isWorthLaying({ expectedMinor: 2500, chance: 0.06 }, { expectedMinor: 2000, chance: 0.1 }, 0.02)).toBe(false);
    expect(isWorthLaying({ expectedMinor: 2500, chance: 0.5 }, null, 0.02)).toBe(true);
  });

  test('is lower for what cannot be replaced', () => {
    const { ceiling, recommended } = plan(at(0.02, { irreplaceable: true }));
    expect(ceiling).toBe(0.005);
    expect(recommended.chance).toBeLessThanOrEqual(plan(at(0.02)).recommended.chance);
  });

  test('is what was said of this piece, else of its kind, else of all; of what cannot be replaced never more than of such', () => {
    const house = { mostChance: 0.02, mostChanceByKind: { clockwork: 0.01 }, mostChanceIrreplaceable: 0.005 };
    const ceiling = (facts: Partial<PieceFacts>, more: Partial<typeof house> = {}) => {
      const asked = request({ ...frail, ...facts }, { house: { ...house, ...more } });
      return ceilingOf({ facts: asked.order.pieces[0]! }, asked.house);
    };
    expect(ceiling({ archetype: 'textile' })).toBe(0.02);
    expect(ceiling({})).toBe(0.01);
    expect(ceiling({ irreplaceable: true })).toBe(0.005);
    expect(ceiling({ irreplaceable: true }, { mostChanceByKind: { clockwork: 0.001 } })).toBe(0.001);
    expect(ceiling({ mostChance: 0.03 })).toBe(0.03);
    expect(ceiling({ mostChance: 0.0002, irreplaceable: true })).toBe(0.0002);
  });

  test('said of one piece it changes that one’s nest', () => {
    const loose = plan(at(1));
    const said = plan(at(1, { mostChance: loose.recommended.chance * 0.8 }));
    expect(said.ceiling).toBeCloseTo(loose.recommended.chance * 0.8, 12);
    expect(said.recommended.chance).toBeLessThan(loose.recommended.chance);
  });
});

describe('why the other ways of packing lost', () => {
  const asked = request({}, { stock: { boxes: [...STOCK.boxes, box([16, 16, 20]), box([18, 18, 18])] } });
  const { recommended } = plan(asked);
  const ways = finish(explainOtherWays(asked, recommended, (minor) => `$${(minor / 100).toFixed(2)}`));

  test('one sentence each, none for the way that won', () => {
    expect(ways.map((one) => one.way)).toEqual(['boxInBox', 'cutDown', 'lined', 'envelope', 'carrierBox']);
    expect(ways.every((one) => one.whyNot.length > 10)).toBe(true);
  });

  test('the best of each way is of that way and expects more; the sentence has both figures', () => {
    for (const { way, best, whyNot } of ways.filter((one) => one.best)) {
      expect(wayOf(best!)).toBe(way);
      expect(best!.expectedMinor).toBeGreaterThan(recommended.expectedMinor - 1e-9);
      expect(whyNot).toMatch(/\$\d+\.\d\d.* and breaks .+ instead of .+: /);
    }
    expect(ways.filter((one) => one.best).map((one) => one.way)).toEqual(['boxInBox', 'cutDown', 'lined']);
  });

  test('a way that cannot be done says what it lacks', () => {
    const why = Object.fromEntries(ways.map((one) => [one.way, one.whyNot]));
    expect(why['envelope']).toBe('an envelope is for what is flat or soft');
    expect(why['carrierBox']).toBe('no carrier’s card lists a free box');
  });
});

describe('no plan: what would make it possible', () => {
  const none = (asked: PlanRequest) => {
    const chosen = finish(planParcel(asked));
    if (chosen.kind === 'planned') throw new Error('planned after all');
    return chosen;
  };

  // 6 × 5 × 5 in, one turn of large bubble 6.9 × 5.9 × 5.9 is thin (1 in wanted): two turns, 7.8 × 6.8 × 6.8, and 2 in all round
  test('a box that would do, and the bedding with which one on hand would, in a house that is strict', () => {
    const { wouldHelp } = none(
      request(
        {},
        {
          house: { strictGaps: true },
          stock: { boxes: [box([10, 10, 10])], wraps: STOCK.wraps.filter((one) => one.key === 'largeBubble') },
        },
      ),
    );
    expect(wouldHelp[0]).toBe('a box of at least 11 13/16 × 10 13/16 × 10 13/16 in inside');
    expect(wouldHelp[1]).toBe('1 1/8 in of bedding instead of 2 in: then 10×10×10 would do');
  });

  test.each<[string, PlanRequest, RegExp]>([
    ['no bubble', request({}, { stock: { wraps: [] } }), /bubble enough for 7\/16 in of cover/],
    ['no bubble for a handle', request({ hardPoints: [point('handle', 'left')] }, { stock: { wraps: [] } }), /bubble enough for 11\/16 in/],
    [
      'no soft layer',
      request({ finish: 'rubsOff' }, { stock: { wraps: STOCK.wraps.filter((one) => one.key !== 'tissue') } }),
      /tissue or thin foam/,
    ],
    ['no fill trusted', request({}, { house: { refusedFills: ['mouldedFill', 'crumpledPaper'] } }), /any fill the house trusts/],
    ['no service', request({}, { to: '99999' }), /a service that carries it/],
    [
      'what must stand, where a box holds it lying',
      request({ keepUpright: true, lengthIn: 4, widthIn: 4, heightIn: 12 }, { stock: { boxes: [box([16, 8, 8])] } }),
      /^laying it down, if that may be: then 16×8×8 would do; a box of at least/,
    ],
    [
      'what must stand, where none holds it either way',
      request({ keepUpright: true, lengthIn: 4, widthIn: 4, heightIn: 17 }, { stock: { boxes: [box([16, 8, 8])] } }),
      /^a box of at least/,
    ],
    ['a pinned box', request({ lengthIn: 9 }, { locks: { box: '8x8x8' } }), /letting go of the pinned box/],
  ])('%s', (_, asked, helps) => expect(none(asked).wouldHelp.join('; ')).toMatch(helps));
});

describe('single changes', () => {
  const hollow = { id: 'h', name: 'inside', volumeIn3: 30, filled: false, material: null };
  const asked = request(
    { hollows: [hollow], hardPoints: [point('spout', 'left')] },
    { stock: { boxes: [...STOCK.boxes, box([14, 14, 18])] } },
  );
  const choice = { ...CHOICE, box: '14x14x18', layers: [{ material: 'largeBubble', turns: 2 }] };
  const changes = nextBestChanges(asked, choice);
  const of = (kind: string) => changes.find((one) => one.change.kind === kind);

  // what costs more than so many others are expected to cost at all stands behind them, whatever its risk
  test.each<[string, PlanRequest, typeof choice]>([
    ['too deep a box', asked, choice],
    ['a box that is too small', asked, { ...choice, box: '8x8x8' }],
    ['above the ceiling', request({ archetype: 'blownGlass', weightLb: 6 }, { stock: asked.stock }), { ...choice, layers: [] }],
    [
      'two of them',
      request({ count: 2, lengthIn: 4, widthIn: 4, heightIn: 4 }, { stock: asked.stock }),
      { ...choice, grid: [2, 1, 1] as const },
    ],
  ])('the best few are the first of all of them, and what turns it is among them: %s', (_, of_, from) => {
    const all = nextBestChanges(of_, from);
    expect(all.length).toBeGreaterThan(6);
    for (const most of [1, 3, 6, 12]) {
      const few = nextBestChanges(of_, from, most);
      expect(few.slice(0, most)).toEqual(all.slice(0, most));
      expect(few.length).toBeLessThanOrEqual(all.length);
      expect(few.filter(({ change }) => change.kind === 'turned')).toEqual(all.filter(({ change }) => change.kind === 'turned'));
    }
    expect(nextBestChanges(of_, from, 1).length).toBeLessThan(all.length);
  });

  test('a box too deep may be cut down, lined, given a board; a hollow filled; a spout guarded', () => {
    for (const kind of ['cutDown', 'liner', 'board', 'hollow', 'guard', 'turns', 'box', 'fill', 'turned'])
      expect([kind, of(kind) !== undefined]).toEqual([kind, true]);
    expect([...new Set(changes.filter((one) => one.beyondChart).map((one) => one.change.kind))].sort()).toEqual([
      'doubled',
      'guard',
      'hollow',
      'turns',
    ]);
    const spoutless = request({ hollows: [hollow] }, { stock: asked.stock });
    const filled = nextBestChanges(spoutless, choice).find((one) => one.change.kind === 'hollow')!;
    const now = derivePlan(spoutless, choice);
    expect(filled.chance).toBeLessThan(now.kind === 'plan' ? now.option.chance : 0);
  });

  // what a packer would laugh at: common practice, no source
  test('no card is offered for what does not bend, and no envelope for what is not flat', () => {
    const card = { ...ORDINARY_WRAPS.backingCard, onHandFt2: 100 };
    const flat = box([12, 9, 2], { key: 'flat', style: 'stiffened' });
    const offered = (facts: Partial<PieceFacts>) => {
      const of = request(facts, { stock: { ...STOCK, boxes: [...STOCK.boxes, flat], wraps: [...STOCK.wraps, card] } });
      const changes = nextBestChanges(of, plan(of).recommended.choice).map(({ change }) => change);
      return {
        card: changes.some((one) => one.kind === 'turns' && one.material === card.key),
        envelope: changes.some((one) => one.kind === 'box' && one.box === 'flat'),
      };
    };
    expect(offered({ archetype: 'rigidMetal', lengthIn: 8, widthIn: 6, heightIn: 0.25, weightLb: 1 })).toEqual({
      card: false,
      envelope: false,
    });
    expect(offered({ archetype: 'paperGoods', lengthIn: 8, widthIn: 6, heightIn: 0.25, weightLb: 1 }).card).toBe(true);
  });
  test('each is what deriving it gives', () => {
    const cut = of('cutDown')!;
    const derived = derivePlan(asked, cut.choice);
    expect(derived.kind === 'plan' && derived.option.costMinor).toBe(cut.costMinor);
    expect(cut.choice.newDepthIn).toBeLessThan(18);
  });

  test('parts of a turn are offered, and called better only where they are worth more than a tie', () => {
    const fine = changes.filter(({ change }) => change.kind === 'doubled' || (change.kind === 'turns' && change.turns % 1 !== 0));
    expect(fine.map(({ change }) => (change.kind === 'turns' ? change.turns : change.kind === 'doubled' ? change.face : null))).toEqual(
      expect.arrayContaining([2.5, 'bottom', 'left']),
    );
    const now = derivePlan(asked, choice);
    if (now.kind === 'noPlan') throw new Error('no plan');
    for (const { choice: after, better, deltaExpectedMinor } of fine) {
      if (better) expect(-deltaExpectedMinor).toBeGreaterThan(Math.max(50, 0.02 * now.option.nestCostMinor) - 1e-9);
      // a doubled sheet is taken off again
      if (after.layers[0]?.doubled)
        expect(nextBestChanges(asked, after).some(({ change }) => change.kind === 'doubled' && !change.face)).toBe(true);
    }
  });

  test('the cheapest crossing lowers the postage and saves in all', () => {
    const crossing = cheapestCrossing(changes)!;
    expect(crossing.deltaPostageMinor).toBeLessThan(0);
    expect(crossing.deltaCostMinor).toBeLessThan(0);
    expect(crossing.deltaCostMinor).toBe(
      Math.min(
        ...changes
          .filter((one) => (one.better || one.thriftier) && !one.blocks && one.deltaPostageMinor < 0 && one.change.kind !== 'service')
          .map((one) => one.deltaCostMinor),
      ),
    );
    expect(cheapestCrossing([])).toBeNull();
    // what only breaks more often is no saving, however much postage it takes off
    const risky = changes.map((one) => ({ ...one, better: false, thriftier: false, deltaPostageMinor: -900, deltaCostMinor: -900 }));
    expect(cheapestCrossing(risky)).toBeNull();
  });

  test('the fill of an inner box is a change of its own', () => {
    const floated = { ...CHOICE, box: '16x14x12', inner: { box: '8x8x8', fill: 'mouldedFill' } };
    const inBox = nextBestChanges(
      request({ lengthIn: 4, widthIn: 4, heightIn: 4, weightLb: 1 }, { stock: { fills: [...STOCK.fills, ORDINARY_FILLS.airPillows] } }),
      floated,
    );
    expect(inBox.filter((one) => one.change.kind === 'innerFill')).toHaveLength(2);
  });
});

test('the box in a box that is named is the best of its like on the frontier; none beside one, or where there is none', () => {
  const figures = (expectedMinor: number, inner: object | null) => ({
    nestCostMinor: 2000,
    chance: 0.01,
    riskMinor: 100,
    expectedMinor,
    choice: { inner },
  });
  const bare = figures(2200, null);
  const [good, better] = [figures(2400, {}), figures(2300, {})];
  expect(boxedBeside(bare, [good, bare, better])).toBe(better);
  expect(boxedBeside(good, [better])).toBeNull();
  expect(boxedBeside(bare, [bare])).toBeNull();
});
