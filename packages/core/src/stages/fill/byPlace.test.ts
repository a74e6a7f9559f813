import fc from 'fast-check';
import { box, CHOICE, finish, request } from '../../../tests/sampleRequest.ts';
import { CUSHION_MATERIALS } from '../../engineering/cushion/cushionMaterials.ts';
import { ORDINARY_FILLS } from '../../engineering/materials/ordinaryStock.ts';
import type { House } from '../../house/House.ts';
import { planParcel } from '../../planParcel.ts';
import { writeBenchSteps } from '../bench/writeBenchSteps.ts';
import type { PlanChoice, PlanOption } from '../frontier/PlanOption.ts';
import { derivePlan } from '../plan/derivePlan.ts';
import { blockingFaults, findFaults } from '../plan/findFaults.ts';
import { stockUsed } from '../plan/stockUsed.ts';
import { verifyPlan } from '../plan/verifyPlan.ts';
import { writePlanDocument } from '../plan/writePlanDocument.ts';
import { effectiveGaps, type GapLoad } from './effectiveGaps.ts';
import { ALL_PLACES } from './fillPlaces.ts';
import { handedOut, handStep, unitsOf } from './handAmounts.ts';

const { mouldedFill, crumpledPaper, foldedBubble, airPillows } = ORDINARY_FILLS;
const FILLS = [mouldedFill, crumpledPaper, foldedBubble, airPillows].map((fill) => ({ ...fill, onHandFt3: 50 }));
const asked = (facts = {}, house: Partial<House> = {}) =>
  request(
    { lengthIn: 6, widthIn: 5, heightIn: 4, weightLb: 3, ...facts },
    { stock: { boxes: [box([12, 12, 12]), box([8, 12, 10])], fills: FILLS }, house },
  );
const derive = (choice: Partial<PlanChoice>, facts = {}): PlanOption => {
  const derived = derivePlan(asked(facts), { ...CHOICE, box: '12x12x12', fill: 'mouldedFill', ...choice });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  return derived.option;
};
const amounts = (option: PlanOption) => option.rated.weighed.filled.amounts;
const ft3 = (option: PlanOption) => amounts(option).reduce((sum, { boughtFt3 }) => sum + boughtFt3, 0);

describe('a fill for each place', () => {
  test('all places named with the one fill are the same nest as none', () => {
    const one = derive({});
    const named = derive({ fillApart: { base: 'mouldedFill', frontBack: 'mouldedFill', leftRight: 'mouldedFill', top: 'mouldedFill' } });
    expect(named.chance).toBe(one.chance);
    expect(named.costMinor).toBe(one.costMinor);
    expect(named.choice).toEqual(one.choice);
  });

  // the room round a block is what the box holds less the block: exact geometry, however it is divided
  test('fills by place make up all of the room', () => {
    const whole = ft3(derive({}));
    for (const fillApart of [{ base: 'foldedBubble' }, { frontBack: 'crumpledPaper', top: 'crumpledPaper' }, { leftRight: 'airPillows' }]) {
      const option = derive({ fillApart });
      expect(ft3(option)).toBeCloseTo(whole, 10);
      for (const { baseFt3, sidesFt3, topFt3, places } of amounts(option)) {
        const sum = Object.values(places!).reduce((all, one) => all + one, 0);
        expect(sum).toBeCloseTo(baseFt3 + sidesFt3 + topFt3, 12);
      }
    }
    // a bundle of b long and wide in a box of L × W: front and back L·(W − w) of the side room, left and right w·(L − l)
    const option = derive({ fillApart: { frontBack: 'crumpledPaper' } });
    const { blockIn, shell } = option.rated.weighed.filled.stowed;
    const [l, w, h] = blockIn;
    const [L, W] = shell.insideIn;
    const paper = amounts(option).find(({ stock }) => stock.key === 'crumpledPaper')!;
    expect(paper.places!.frontBack).toBeCloseTo((L * (W - w) * h) / 1728, 10);
    const loose = amounts(option).find(({ stock }) => stock.key === 'mouldedFill')!;
    expect(loose.places!.leftRight).toBeCloseTo((w * (L - l) * h) / 1728, 10);
  });

  // 3 lb on 30 in² is 0.1 psi of 0.14: loose fill keeps 1 − 0.51 = 0.49 of the base; folded bubble does not sink
  test('each face settles and sinks by its own fill', () => {
    const gaps = { bottom: 2, top: 2, front: 2, back: 2, left: 2, right: 2 };
    const load: GapLoad = { weightLb: 3, baseAreaIn2: 30, insideDepthIn: 10, overfillShare: 0, onBoard: false, sinkingPsi: 0.14 };
    const { mouldedFill: loose, largeBubble: bubble } = CUSHION_MATERIALS;
    const mixed = effectiveGaps(gaps, load, (face) => (face === 'bottom' ? bubble : loose));
    const plain = effectiveGaps(gaps, load, loose);
    const firm = effectiveGaps(gaps, load, bubble);
    expect(plain.bottom).toBeCloseTo(2 * (1 - (0.1 / 0.14) ** 2), 9);
    expect(mixed.bottom).toBe(firm.bottom);
    for (const side of ['front', 'back', 'left', 'right'] as const) expect(mixed[side]).toBe(plain[side]);
    expect(mixed.top).toBeCloseTo(2 - (0.03 * 2 + 0.06 * 2), 12);
  });

  // common practice, no source: what is dense stands on folded bubble, and loose fill goes round it
  test('folded bubble under a dense piece keeps it from sinking, for the price of the base alone', () => {
    const dense = { weightLb: 12 };
    const [loose, mixed, bubble] = [
      derive({}, dense),
      derive({ fillApart: { base: 'foldedBubble' } }, dense),
      derive({ fill: 'foldedBubble' }, dense),
    ];
    expect(mixed.chance).toBeLessThan(loose.chance);
    expect(mixed.costMinor).toBeLessThan(bubble.costMinor);
    expect(stockUsed(mixed).map(({ key }) => key)).toEqual(expect.arrayContaining(['mouldedFill', 'foldedBubble']));
  });

  test('a slit that loose fill cannot go into takes a fold of bubble there alone', () => {
    const facts = { lengthIn: 5.2, widthIn: 5, heightIn: 4 };
    const choice = { box: '8x12x10', layers: [{ material: 'largeBubble', turns: 2 }] };
    const loose = derive(choice, facts);
    const faults = (option: PlanOption) => findFaults(option.rated.weighed, asked().house).map(({ kind }) => kind);
    expect(faults(loose)).toContain('hollowGap');
    expect(faults(derive({ ...choice, fillApart: { leftRight: 'foldedBubble' } }, facts))).not.toContain('hollowGap');
    expect(faults(derive({ ...choice, fillApart: { frontBack: 'foldedBubble' } }, facts))).toContain('hollowGap');
  });

  test('the bench says which goes where, and the amounts add up to what is bought', () => {
    const option = derive({ fillApart: { base: 'foldedBubble', leftRight: 'crumpledPaper' } });
    const steps = writeBenchSteps(option, asked().house).filter(({ key }) => /^box:(base|sides|frontBack|leftRight|top)$/.test(key));
    expect(steps.map(({ title, says }) => [title, says])).toEqual([
      ['Base of the box', expect.stringMatching(/squares? of large bubble, folded, level/)],
      ['Front and back of the box', expect.stringMatching(/scoops? of moulded loose fill, pressed/)],
      ['Left and right of the box', expect.stringMatching(/sheets? of crumpled paper, tight, pressed/)],
      ['Top of the box', expect.stringMatching(/scoops? of moulded loose fill, slightly above/)],
    ]);
    for (const { stock, units } of amounts(option)) {
      const said = steps.flatMap((step) => step.amounts).filter(({ what }) => what === stock.name);
      expect(said.reduce((sum, { amount }) => sum + amount, 0)).toBeCloseTo(units, 9);
    }
  });

  test('a side may have its own beside the other of its pair: its room is its gap’s, the whole stays the whole', () => {
    const whole = ft3(derive({}));
    const option = derive({ fillApart: { frontBack: 'crumpledPaper', front: 'foldedBubble' }, orientation: [0, 1, 2] });
    const { blockIn, shell, gaps } = option.rated.weighed.filled.stowed;
    const placesOf = (key: string) => amounts(option).find(({ stock }) => stock.key === key)!.places!;
    // exact geometry: the front is as long as the box, as high as what is held and as deep as its gap
    expect(placesOf('foldedBubble').front).toBeCloseTo((shell.insideIn[0] * gaps.front * blockIn[2]) / 1728, 10);
    expect(placesOf('crumpledPaper')).toEqual({ back: expect.closeTo((shell.insideIn[0] * gaps.back * blockIn[2]) / 1728, 10) as number });
    expect(ft3(option)).toBeCloseTo(whole, 10);
    // what is the same on both sides is told as their pair, and is the same nest
    const [pair, each] = [{ leftRight: 'airPillows' }, { left: 'airPillows', right: 'airPillows' }].map((fillApart) =>
      derive({ fillApart }),
    );
    expect(amounts(each!)).toEqual(amounts(pair!));
    expect([each!.chance, each!.costMinor]).toEqual([pair!.chance, pair!.costMinor]);
  });

  test('corners are the four between the sides: exact geometry; they cushion no face', () => {
    const option = derive({ fillApart: { corners: 'crumpledPaper' } });
    const { blockIn, gaps } = option.rated.weighed.filled.stowed;
    const paper = amounts(option).find(({ stock }) => stock.key === 'crumpledPaper')!;
    const corners = (gaps.front + gaps.back) * (gaps.left + gaps.right) * blockIn[2];
    expect(paper.places).toEqual({ corners: expect.closeTo(corners / 1728, 10) as number });
    expect(ft3(option)).toBeCloseTo(ft3(derive({})), 10);
    const light = { ...crumpledPaper, lbPerFt3: mouldedFill.lbPerFt3, key: 'feather' };
    const of = { ...asked(), stock: { ...asked().stock, fills: [...FILLS, light] } };
    const chanceOf = (fillApart: PlanChoice['fillApart']) => {
      const derived = derivePlan(of, { ...CHOICE, box: '12x12x12', fill: 'mouldedFill', ...(fillApart ? { fillApart } : {}) });
      return derived.kind === 'noPlan' ? null : derived.option.chance;
    };
    expect(chanceOf({ corners: 'feather' })).toBeCloseTo(chanceOf(undefined)!, 12);
    expect(chanceOf({ front: 'feather' })).not.toBe(chanceOf(undefined));
  });

  const anyFill = fc.option(fc.constantFrom(...FILLS.map(({ key }) => key)), { nil: undefined });
  test('however places are told, fills make up the room, and steps hand out all that is bought', () => {
    fc.assert(
      fc.property(fc.record(Object.fromEntries(ALL_PLACES.map((place) => [place, anyFill]))), (told) => {
        const fillApart = Object.fromEntries(Object.entries(told).filter(([, key]) => key !== undefined));
        const option = derive({ fillApart });
        expect(ft3(option)).toBeCloseTo(ft3(derive({})), 9);
        const steps = writeBenchSteps(option, asked().house).filter(({ key }) => /^box:/.test(key));
        for (const { stock, units } of amounts(option)) {
          const said = steps.flatMap((step) => step.amounts).filter(({ what }) => what === stock.name);
          expect(said.reduce((sum, { amount }) => sum + amount, 0)).toBeCloseTo(units, 9);
        }
        expect(verifyPlan(writePlanDocument(option, asked().house), asked())).toEqual([]);
      }),
      { numRuns: 60 },
    );
  });

  test('the bench says which side, and where the corners come', () => {
    const option = derive({ fillApart: { corners: 'crumpledPaper', left: 'foldedBubble' } });
    const steps = writeBenchSteps(option, asked().house).filter(({ key }) =>
      /^box:(base|corners|sides|[a-z]+Back|left|right|top)/.test(key),
    );
    expect(steps.map(({ title }) => title)).toEqual([
      'Base of the box',
      'Corners of the box',
      'Front and back of the box',
      'Left end of the box',
      'Right end of the box',
      'Top of the box',
    ]);
    expect(steps[1]!.says).toMatch(/crumpled paper, tight, one lot upright in each of the four/);
  });

  test('a fill nobody has is refused in words', () => {
    const derived = derivePlan(asked(), { ...CHOICE, box: '12x12x12', fill: 'mouldedFill', fillApart: { top: 'straw' } });
    expect(derived).toMatchObject({ kind: 'noPlan', reasons: ['that fill is not in the stockroom'] });
  });
});

describe('a house that mixes', () => {
  const best = (house: Partial<House>, facts = {}) => {
    const of = asked(facts, house);
    const chosen = finish(planParcel(of));
    if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join());
    return { of, chosen, option: chosen.recommended };
  };
  test.each([[{}], [{ weightLb: 12 }], [{ lengthIn: 9, widthIn: 3, weightLb: 1 }]])('never does worse than with one fill: %j', (facts) => {
    const one = best({}, facts);
    const mixed = best({ mixesFills: true }, facts);
    const weighed = ({ nestCostMinor, riskMinor }: PlanOption) => nestCostMinor + one.of.house.care * riskMinor;
    // of two that are even the safer is taken
    expect(weighed(mixed.option)).toBeLessThanOrEqual(weighed(one.option) + Math.max(50, 0.02 * one.option.nestCostMinor));
    expect(verifyPlan(writePlanDocument(mixed.option, mixed.of.house), mixed.of)).toEqual([]);
    expect(blockingFaults(mixed.option, mixed.of.house)).toEqual([]);
    const costs = mixed.chosen.kind === 'planned' ? mixed.chosen.frontier.map((option) => [option.nestCostMinor, option.chance]) : [];
    for (const [i, [cost, chance]] of costs.entries())
      if (i > 0) expect([cost! > costs[i - 1]![0]!, chance! < costs[i - 1]![1]!]).toEqual([true, true]);
  });

  test('a dense piece gets a base of its own', () => {
    const { option } = best({ mixesFills: true }, { weightLb: 12, lengthIn: 5, widthIn: 5, heightIn: 5 });
    expect(Object.keys(option.choice.fillApart ?? {}).length).toBeGreaterThan(0);
  });

  test('a pinned fill stays alone', () => {
    const of = { ...asked({ weightLb: 12 }, { mixesFills: true }), locks: { fill: 'mouldedFill' } };
    const chosen = finish(planParcel(of));
    expect(chosen.kind === 'planned' && chosen.recommended.choice.fillApart).toBeUndefined();
  });
});

describe('amounts as a hand takes them', () => {
  // common practice, no source: a pillow is whole, 3 and not 2.5; a scoop or a sheet is halved
  test('pillows are whole, scoops and sheets go by halves', () => {
    expect(unitsOf(airPillows, 2.3 * airPillows.unitFt3)).toBe(3);
    expect(unitsOf(mouldedFill, 2.3 * mouldedFill.unitFt3)).toBe(2.5);
    expect(unitsOf(crumpledPaper, 2 * crumpledPaper.unitFt3)).toBe(2);
  });

  test('handed out over places they add up, each within a step of its share or taken from the largest', () => {
    const shares = fc.array(fc.double({ min: 0, max: 5, noNaN: true }), { minLength: 1, maxLength: 4 });
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 40 }), fc.constantFrom(0.5, 1), shares, (steps, step, list) => {
        const given = handedOut(steps * step, step, list);
        const sum = list.reduce((all, one) => all + one, 0);
        expect(given.reduce((all, one) => all + one, 0)).toBeCloseTo(sum > 0 ? steps * step : 0, 9);
        for (const [i, one] of given.entries()) {
          expect(Math.abs(one / step - Math.round(one / step))).toBeLessThan(1e-9);
          if (sum > 0) expect(Math.abs(one - (steps * step * list[i]!) / sum)).toBeLessThan(list.length * step + 1e-9);
        }
      }),
    );
    expect(handedOut(3, 1, [1, 1, 1])).toEqual([1, 1, 1]);
    expect(handedOut(3, 1, [2, 4, 2])).toEqual([1, 1, 1]);
    expect(handedOut(2.5, 0.5, [1, 3, 1])).toEqual([0.5, 1.5, 0.5]);
    expect(handStep(airPillows)).toBe(1);
  });
});
