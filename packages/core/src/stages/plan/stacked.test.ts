import { box, CHOICE, finish, point, request, STOCK } from '../../../tests/sampleRequest.ts';
import { ORDINARY_WRAPS } from '../../engineering/materials/ordinaryStock.ts';
import { planParcel, planSpace, stackedNest } from '../../planParcel.ts';
import { tearList } from '../bench/tearList.ts';
import { writeBenchSteps } from '../bench/writeBenchSteps.ts';
import { knockChance } from '../frontier/touching.ts';
import { traceFrontier } from '../frontier/traceFrontier.ts';
import type { PlanChoice, PlanOption } from '../frontier/PlanOption.ts';
import { laidWords, stackedWords } from '../wrap/laidWords.ts';
import { derivePlan } from './derivePlan.ts';
import { findFaults } from './findFaults.ts';
import { waysToStack, withStacks } from './stackThem.ts';
import { stockUsed } from './stockUsed.ts';
import { verifyPlan } from './verifyPlan.ts';
import { writePlanDocument } from './writePlanDocument.ts';

// Flat things in stacks with a sheet between each two: exact mathematics, and rules of the trade (common practice, no source).

const TILES = { archetype: 'compactCeramic', form: 'block', count: 22, lengthIn: 6, widthIn: 5, heightIn: 0.5, weightLb: 0.75 } as const;
const SHEETS = [ORDINARY_WRAPS.foamSheet16, ORDINARY_WRAPS.foamSheet8].map((wrap) => ({ ...wrap, onHandFt2: 100 }));
const stock = { ...STOCK, wraps: [...STOCK.wraps, ...SHEETS], boxes: [box([16, 14, 12]), box([24, 18, 16])] };
const asked = (more: Parameters<typeof request>[0] = {}) => request({ ...TILES, ...more }, { stock });
const NEST: PlanChoice = { ...CHOICE, layers: [{ material: 'largeBubble', turns: 2 }], box: '24x18x16' };
const derive = (more: Parameters<typeof request>[0] = {}): PlanOption => {
  const derived = derivePlan(asked(more), NEST);
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  return derived.option;
};
const stowedOf = (option: PlanOption) => option.rated.weighed.filled.stowed;
const knocks = (more: Parameters<typeof request>[0]) => knockChance(stowedOf(derive(more)), 10);
const inStacks = { stackOf: 8, interleaf: 'foamSheet8' } as const;
const stacked = derive(inStacks);

describe('a stack and what lies in it', () => {
  test('is as high as its pieces and the sheets between them, with the wraps round it', () => {
    const { wrapped } = stowedOf(stacked).bundles[0];
    // 22 in three stacks: 8, 7, 7; the fullest is 8 × 1/2 + 7 × 0.12 high; two turns of large bubble add 2 × 2 × 0.45 to every side
    expect(wrapped.piece.stacks).toEqual([8, 7, 7]);
    [6 + 1.8, 5 + 1.8, 8 * 0.5 + 7 * 0.12 + 1.8].forEach((side, at) => expect(wrapped.bundleIn[at]).toBeCloseTo(side, 12));
  });

  test('takes one sheet fewer than each stack has pieces: by area, weight, stock, bench and roll', () => {
    // 7 + 6 + 6 sheets of 6 × 5
    const areaFt2 = (19 * 30) / 144;
    const foam = stockUsed(stacked).find(({ key }) => key === 'foamSheet8')!;
    expect(foam.amount).toBeCloseTo(areaFt2, 12);
    const wraps = (option: PlanOption) => option.rated.weighed.parts.find(({ part }) => part === 'wraps')!.weightLb;
    const rounds = stowedOf(stacked).bundles[0].wrapped.layers.reduce((sum, { weightLb }) => sum + weightLb, 0);
    expect(wraps(stacked) - 3 * rounds).toBeCloseTo(areaFt2 * 0.012, 12);
    const steps = writeBenchSteps(stacked, asked().house);
    expect(steps[0]!.says).toMatch(/^Cut 19 sheets of foam sheet 1\/8, 6 in × 5 in, and lay one between each two/);
    expect(steps.reduce((sum, { minutes }) => sum + minutes, 0)).toBeCloseTo(stacked.minutes, 9);
    const document = writePlanDocument(stacked, asked().house);
    expect(document.interleaved).toMatchObject({ sheets: 19, sheetIn: [6, 5], short: false });
    expect(verifyPlan(document, asked(inStacks))).toEqual([]);
    const roll = tearList([{ code: 'AAAA', plan: document }]).rolls.find(({ key }) => key === 'foamSheet8')!;
    expect(roll).toMatchObject({ feet: (19 * 6) / 12, pieces: [{ count: 19, lengthIn: 6, between: true }] });
  });

  test('where they go into one another a sheet raises each by its thickness over the lean of the wall', () => {
    const bowls = { lengthIn: 12, widthIn: 12, heightIn: 6, count: 3, stackOf: 3, nestStepIn: 1.5, weightLb: 2 } as const;
    const high = (interleaf: string | null) => stowedOf(derive({ ...bowls, interleaf })).bundles[0].wrapped.bundleIn[2];
    expect(high(null)).toBeCloseTo(6 + 2 * 1.5 + 1.8, 12);
    // a foot 0.45 of a 12-inch rim: the wall leans 3.3 out over 6 up
    expect(high('foamSheet8') - high(null)).toBeCloseTo((2 * 0.12 * Math.hypot(3.3, 6)) / 3.3, 12);
  });

  test('each wrapped by itself is as it was, whatever is said to lie between', () => {
    const of = (interleaf: string | null) => derive({ count: 1, interleaf });
    expect(writePlanDocument(of('foamSheet8'), asked().house)).toEqual(writePlanDocument(of(null), asked().house));
  });
});

test('stacks are told in words, with what lies between', () => {
  const told = (more: Parameters<typeof request>[0]) => stackedWords(writePlanDocument(derive(more), asked().house));
  expect(told(inStacks)).toBe('stacks of 8, 7 and 7, foam sheet 1/8 between each two');
  expect(told({ count: 3, stackOf: 3 })).toBe('a stack of 3');
  expect(told({ count: 3 })).toBeNull();
  expect(laidWords({ turns: 1, between: true })).toBe('between those of a stack');
});

describe('piece against piece within a stack', () => {
  test('bare is hardly ever well, and is a fault; a sheet mends both, a thicker one more', () => {
    const bare = { stackOf: 8, interleaf: null };
    expect(knocks(bare)).toBeGreaterThan(0.9);
    const faults = (more: Parameters<typeof request>[0]) => findFaults(derive(more).rated.weighed, asked().house).map(({ kind }) => kind);
    expect(faults(bare)).toContain('bareTogether');
    expect(faults(inStacks)).not.toContain('bareTogether');
    const by = ['foamSheet16', 'foamSheet8', 'smallBubble'].map((interleaf) => knocks({ stackOf: 8, interleaf }));
    expect(by).toEqual([...by].sort((a, b) => b - a));
    expect(by[0]).toBeLessThan(0.02);
  });

  test('of neighbours that each harm one another by themselves one pair at least does: n − 1 of them', () => {
    const pair = knocks({ count: 2, stackOf: 2, interleaf: 'foamSheet16' });
    for (const count of [3, 7, 12])
      expect(knocks({ count, stackOf: count, interleaf: 'foamSheet16' })).toBeCloseTo(1 - (1 - pair) ** (count - 1), 12);
  });

  test('what a shop no longer keeps lies between nothing: said as bare', () => {
    const gone = derive({ stackOf: 8, interleaf: 'gone' });
    expect(findFaults(gone.rated.weighed, asked().house)[0]).toMatchObject({ kind: 'bareTogether', together: 8 });
  });
});

describe('what hands stack', () => {
  const ways = (more: Parameters<typeof request>[0] = {}) => waysToStack(asked(more)).map(([one]) => one && [one.most, one.interleaf]);

  test('no higher than it is wide, no more than a dozen, no heavier than one wraps; half as high too', () => {
    // 5 in wide over 1/2 in: ten; 22 in three stacks, or in six
    expect(ways()).toEqual([
      [8, 'foamSheet16'],
      [4, 'foamSheet16'],
    ]);
    expect(ways({ heightIn: 0.25 })[0]).toEqual([11, 'foamSheet16']);
    // 12 lb: four of 2 3/4 lb
    expect(ways({ weightLb: 2.75 })[0]).toEqual([4, 'foamSheet16']);
  });

  test.each<[string, Parameters<typeof request>[0]]>([
    ['two', { count: 2 }],
    ['jars', { heightIn: 6 }],
    ['bowls, which go into one another', { lengthIn: 7, widthIn: 7, heightIn: 2 }],
    ['cups, by their handles', { hardPoints: [point('handle', 'right')] }],
    ['what is stacked', inStacks],
    ['what goes into one another', { nestStepIn: 0.25 }],
    ['what is in cases', { archetype: 'casedInstrument' }],
    ['what keeps its way up', { keepUpright: true }],
  ])('not %s', (_, more) => expect(waysToStack(asked(more))).toEqual([]));

  test('paper lies on paper; what scratches has a sheet that does not; of what there is too little of nothing is made', () => {
    expect(ways({ archetype: 'paperStack', count: 5 })[0]).toEqual([5, null]);
    expect(ways({ archetype: 'fineMetal', finish: 'polished' })[0]).toEqual([8, 'foamSheet16']);
    const of = (wraps: typeof STOCK.wraps) => waysToStack({ ...asked(), stock: { ...stock, wraps } }).map(([one]) => one?.interleaf);
    const [thin, thick] = SHEETS as [(typeof SHEETS)[0], (typeof SHEETS)[0]];
    expect(of([{ ...thin, onHandFt2: 3.9 }, thick])).toEqual(['foamSheet8', 'foamSheet8']);
    expect(of(STOCK.wraps)).toEqual(['smallBubble', 'smallBubble']);
    expect(of([])).toEqual([]);
  });

  test('stacked they want a smaller box than each by itself, and break no more often than the ceiling', () => {
    const of = asked({ count: 12 });
    const singly = finish(planParcel(of));
    const best = finish(stackedNest(of))!;
    if (singly.kind === 'noPlan') throw new Error(singly.reasons.join());
    expect(best.option.expectedMinor).toBeLessThan(singly.recommended.expectedMinor);
    expect(best.option.chance).toBeLessThan(0.02);
    const derived = derivePlan(withStacks(of, best.stackings), best.option.choice);
    expect(derived.kind === 'noPlan' ? null : derived.option.expectedMinor).toBeCloseTo(best.option.expectedMinor, 9);
    expect(finish(stackedNest(asked({ heightIn: 6 })))).toBeNull();
  });

  test('the pruned search of a stack answers as the one that skips nothing', () => {
    const few = { ...stock, boxes: [box([10, 10, 10]), box([12, 12, 12])], wraps: stock.wraps.slice(0, 3).concat(SHEETS[0]!) };
    const space = planSpace(request({ ...TILES, count: 4, stackOf: 4, interleaf: 'foamSheet16' }, { stock: few }));
    const [every, pruned] = [finish(traceFrontier(space, true)), finish(traceFrontier(space))];
    expect(pruned.best!.option.expectedMinor).toBeCloseTo(every.best!.option.expectedMinor, 6);
    expect(pruned.evaluated).toBeLessThan(every.evaluated / 5);
  });
});
