import { box, CHOICE, finish, request } from '../../tests/sampleRequest.ts';
import type { ArchetypeKey } from '../engineering/pieces/Archetype.ts';
import { ARCHETYPES } from '../engineering/pieces/archetypes.ts';
import { ORDINARY_FILLS, ORDINARY_WRAPS } from '../engineering/materials/ordinaryStock.ts';
import { planParcel } from '../planParcel.ts';
import { writeBenchSteps } from '../stages/bench/writeBenchSteps.ts';
import { derivePlan } from '../stages/plan/derivePlan.ts';
import { verifyPlan } from '../stages/plan/verifyPlan.ts';
import { writePlanDocument } from '../stages/plan/writePlanDocument.ts';
import { BEDDED_HOUSE, type House } from './House.ts';
import { QUESTIONS, sidesOf, takeSides } from './questions.ts';
import { houseOfSet, READY_SETS } from './readySets.ts';

const figuresOf = (house: House) => ({ ...house, sides: {} });

describe('the questions', () => {
  test('each has two sides or more, each key once', () => {
    for (const { sides } of QUESTIONS) {
      expect(sides.length).toBeGreaterThan(1);
      expect(new Set(sides.map((one) => one.key)).size).toBe(sides.length);
    }
    expect(new Set(QUESTIONS.map((one) => one.key)).size).toBe(QUESTIONS.length);
  });

  test('every side taken is the side read back, whether or not it moves a figure', () => {
    for (const { key, sides } of QUESTIONS)
      for (const side of sides) {
        const taken = takeSides(BEDDED_HOUSE, { [key]: side.key });
        expect(taken).toMatchObject(side.sets);
        expect(sidesOf(taken)[key]).toBe(side.key);
      }
  });

  test('a side stands no longer once its figures are changed by hand', () => {
    const proud = takeSides(BEDDED_HOUSE, { care: 'spend' });
    expect(sidesOf({ ...proud, care: 3 }).care).toBeNull();
    expect(sidesOf({ ...proud, care: 0.5 }).care).toBe('save');
  });

  test('a side leaves nothing behind when another is taken', () => {
    for (const { key, sides } of QUESTIONS)
      for (const one of sides)
        for (const other of sides) {
          const after = takeSides(takeSides(BEDDED_HOUSE, { [key]: one.key }), { [key]: other.key });
          expect(figuresOf(after)).toEqual(figuresOf(takeSides(BEDDED_HOUSE, { [key]: other.key })));
        }
  });

  test('a ready set is the same house whichever set stood before', () => {
    for (const set of READY_SETS)
      for (const before of READY_SETS) {
        expect(figuresOf(houseOfSet(set, houseOfSet(before)))).toEqual(figuresOf(houseOfSet(set)));
      }
  });

  test('every side moves a figure of the house or a step at the bench, or says what else it does', () => {
    const cased = request({ archetype: 'casedInstrument', lengthIn: 7, widthIn: 5, heightIn: 4, weightLb: 4 }, {});
    const derived = derivePlan(cased, CHOICE);
    if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
    for (const { key, sides } of QUESTIONS) {
      const doing = sides.map((side) => {
        const house = takeSides(BEDDED_HOUSE, { [key]: side.key });
        const steps = writeBenchSteps(derived.option, house).map((step) => [step.key, step.says]);
        return { name: side.key, does: JSON.stringify([figuresOf(house), steps]), says: side.does };
      });
      const alike = doing.filter((one) => doing.some((other) => other !== one && other.does === one.does));
      // what a guess ahead asks for is the one thing that lies outside of plan and bench
      expect([key, alike.map(({ name }) => name)]).toEqual([key, key === 'postage' ? sides.map((side) => side.key) : []]);
      for (const { says } of alike) expect(says).toMatch(/guess ahead/);
    }
  });

  test('a strange side is a mistake', () =>
    expect(() => takeSides(BEDDED_HOUSE, { lid: 'open' })).toThrow(/lid must be one of proud, moderate, level/));
});

const STOCKED = {
  boxes: [
    ...[6, 8, 10, 12, 14, 16, 18, 22, 26].map((side) => box([side, side, side])),
    box([12, 10, 6]),
    box([20, 14, 8]),
    box([24, 18, 8]),
    box([26, 20, 12]),
    box([22, 16, 6]),
    box([18, 14, 4]),
    box([24, 18, 2], { key: 'stiff', style: 'stiffened' }),
  ],
  wraps: [
    ORDINARY_WRAPS.tissue,
    ORDINARY_WRAPS.packingPaper,
    ORDINARY_WRAPS.foamSheet16,
    ORDINARY_WRAPS.smallBubble,
    ORDINARY_WRAPS.largeBubble,
    ORDINARY_WRAPS.dampBag,
  ],
  fills: [ORDINARY_FILLS.mouldedFill, ORDINARY_FILLS.airPillows],
};

describe.each(READY_SETS)('the $key set', (set) => {
  const house = houseOfSet(set);
  const results = (Object.keys(ARCHETYPES) as ArchetypeKey[]).map((archetype) => {
    const { typicalSizeIn, typicalLbPerIn3, finish: usual, dampSensitive, keepUpright } = ARCHETYPES[archetype];
    const [lengthIn, widthIn, heightIn] = typicalSizeIn;
    const weightLb = typicalLbPerIn3 * lengthIn * widthIn * heightIn;
    const asked = request(
      { archetype, lengthIn, widthIn, heightIn, weightLb, finish: usual, dampSensitive, keepUpright },
      { house, stock: STOCKED },
    );
    return { archetype, asked, chosen: finish(planParcel(asked)) };
  });

  test.each(results)('plans $archetype by its own rules, or says why not', ({ asked, chosen }) => {
    if (chosen.kind === 'noPlan') {
      expect(chosen.reasons.length).toBeGreaterThan(0);
      expect(chosen.wouldHelp.length).toBeGreaterThan(0);
      return;
    }
    const document = writePlanDocument(chosen.recommended, house);
    expect(verifyPlan(document, asked)).toEqual([]);
    expect(document.faults.filter((fault) => fault.blocks)).toEqual([]);
    if (house.floats) expect(document.inner !== null || document.box.style !== 'slotted').toBe(true);
    if (set.key === 'tightRoll' && document.box.style === 'slotted') expect(document.box.liner).toBe(true);
  });

  test('has a plan for most kinds of piece', () =>
    expect(results.filter(({ chosen }) => chosen.kind === 'planned').length).toBeGreaterThanOrEqual(13));
});

describe('what a house decides', () => {
  const derive = (house: Partial<typeof BEDDED_HOUSE>, facts: Parameters<typeof request>[0] = {}) => {
    const asked = request(facts, { house });
    const derived = derivePlan(asked, CHOICE);
    if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
    return writePlanDocument(derived.option, asked.house);
  };

  test('a rule switched off is no fault; its risk counts', () => {
    const damp = { finish: 'uncured' as const, dampSensitive: true };
    expect(derive({}, damp).faults.map((fault) => fault.kind)).toEqual(expect.arrayContaining(['softFirstLayer', 'dampBarrier']));
    const free = derive({ rules: { softFirstLayer: false, dampBarrier: false } }, damp);
    expect(free.faults).not.toContainEqual(expect.objectContaining({ kind: 'softFirstLayer' }));
    expect(free.causes.map((cause) => cause.key)).toEqual(expect.arrayContaining(['scuff', 'wet']));
  });

  test('strong inner tape is on every layer, and a risk only without a note', () => {
    expect(derive({}).layers.every((layer) => layer.tape.easyOff)).toBe(true);
    const strong = derive({ strongInnerTape: true });
    expect(strong.layers.some((layer) => layer.tape.easyOff)).toBe(false);
    expect(strong.causes.some((cause) => cause.key === 'opening')).toBe(false);
    expect(derive({ strongInnerTape: true, openingNote: false }).causes.some((cause) => cause.key === 'opening')).toBe(true);
  });

  test('more seams, more tape', () => {
    const tape = (seams: (typeof BEDDED_HOUSE)['seams']) =>
      derive({ seams }).weight.parts.find((part) => part.part === 'tape and papers')!.weightLb;
    expect(tape('everyEdge')).toBeGreaterThan(tape('crossAndSide'));
    expect(tape('skin')).toBeLessThan(tape('crossAndSide'));
  });
});
