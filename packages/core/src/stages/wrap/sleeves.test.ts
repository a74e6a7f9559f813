import { box, CHOICE, finish, request, STOCK } from '../../../tests/sampleRequest.ts';
import { envelopeTareLb } from '../../engineering/board/envelope.ts';
import { BOARD_GRADES } from '../../engineering/materials/boardGrades.ts';
import { ORDINARY_WRAPS } from '../../engineering/materials/ordinaryStock.ts';
import { PADDING, sleevedIn, spareInSleeve, wrapsIn } from '../../engineering/materials/sleeves.ts';
import type { BoxStock } from '../../engineering/materials/stock.ts';
import { planParcel } from '../../planParcel.ts';
import { tearList } from '../bench/tearList.ts';
import { writeBenchSteps } from '../bench/writeBenchSteps.ts';
import type { PlanChoice } from '../frontier/PlanOption.ts';
import { derivePlan } from '../plan/derivePlan.ts';
import { nextBestChanges } from '../plan/nextBestChanges.ts';
import type { PlanRequest } from '../plan/PlanRequest.ts';
import { stockUsed } from '../plan/stockUsed.ts';
import { verifyPlan } from '../plan/verifyPlan.ts';
import { writePlanDocument } from '../plan/writePlanDocument.ts';
import type { PieceFacts } from '../sale/Order.ts';
import { laidOf } from './laidWords.ts';
import type { LayerChoice } from './WrappedItem.ts';

// What is flat is slid into an envelope before it goes into a box. Common practice, no source.

const PADDED = box([10, 7, 1.5], { key: 'padded', name: '10×7, padded envelope', style: 'padded', priceMinor: 38 });
const STIFF = box([8, 6, 1.5], { key: 'stiff', name: '8×6, stiff envelope', style: 'stiffened', priceMinor: 95 });
const PANE: Partial<PieceFacts> = {
  title: 'pane',
  archetype: 'glazedFlat',
  lengthIn: 6,
  widthIn: 4,
  heightIn: 0.2,
  weightLb: 0.5,
  hardPoints: [],
};
const asked = (facts: Partial<PieceFacts> = PANE, envelopes: readonly BoxStock[] = [PADDED, STIFF], locks: PlanRequest['locks'] = {}) =>
  request(facts, { stock: { ...STOCK, boxes: [...STOCK.boxes, ...envelopes] }, locks });
const layered = (...layers: LayerChoice[]): PlanChoice => ({ ...CHOICE, layers });
function derive(of: PlanRequest, choice: PlanChoice) {
  const derived = derivePlan(of, choice);
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  return derived.option;
}
const lastLayer = (choice: PlanChoice) => derive(asked(), choice).rated.weighed.filled.stowed.bundles[0].wrapped.layers.at(-1)!;
const once = (material: string): LayerChoice => ({ material, turns: 1 });

describe('an envelope as what goes round a bundle', () => {
  test('only the shop’s own, and each as often as it is there', () => {
    const stock = { wraps: STOCK.wraps, boxes: [...STOCK.boxes, PADDED, { ...STIFF, container: 'carriers' }] };
    const sleeves = wrapsIn(stock).filter(({ role }) => role === 'sleeve');
    expect(sleeves.map(({ key }) => key)).toEqual(['padded']);
    expect(sleeves[0]!.onHandFt2).toBeCloseTo((5 * 2 * 10 * 7) / 144, 9);
    expect(wrapsIn(stock)).toBe(wrapsIn(stock));
  });

  test('it lies with its longest side along, however its axes are named', () => {
    expect(spareInSleeve([5, 0.5, 8], PADDED.insideIn)).toEqual([2, 2, 1]);
    expect(spareInSleeve([1, 12, 6], PADDED.insideIn)).toEqual([-2, 1, 0.5]);
  });

  test('one that is padded is folded over round it, one that is stiff stays as long and wide as it is', () => {
    expect(sleevedIn([5, 0.5, 6.5], PADDED.insideIn, { stiff: false }, 0.125)).toEqual([5.25, 0.75, 6.75]);
    expect(sleevedIn([5, 0.5, 6.5], STIFF.insideIn, { stiff: true }, 0.125)).toEqual([6.25, 0.75, 8.25]);
  });

  test('it weighs and costs what the envelope does, whatever is in it', () => {
    const { costMinor, weightLb, spareIn } = lastLayer(layered(once('smallBubble'), once('padded')));
    expect(costMinor).toBe(38);
    expect(weightLb).toBeCloseTo(envelopeTareLb(10, 7, BOARD_GRADES.ordinary.lbPerFt2), 12);
    const bubbleIn = ORDINARY_WRAPS.smallBubble.thicknessIn;
    expect(spareIn!.map((spare) => spare.toFixed(6))).toEqual([4, 3, 1.3].map((spare) => (spare - 2 * bubbleIn).toFixed(6)));
  });
});

describe('what it does', () => {
  test('its padding cushions as a turn of small bubble that is as thick', () => {
    const { chance } = derive(asked(), layered(once('largeBubble'), once('padded')));
    const turn = { ...ORDINARY_WRAPS.smallBubble, key: 'asThick', thicknessIn: PADDING.thicknessIn, onHandFt2: 100 };
    const wound = request(PANE, { stock: { ...STOCK, wraps: [...STOCK.wraps, turn] } });
    const shock = (option: ReturnType<typeof derive>) => option.causes.find(({ key }) => key === 'shock')!.chance;
    const other = derive(wound, layered(once('largeBubble'), once('asThick')));
    expect(shock(derive(asked(), layered(once('largeBubble'), once('padded'))))).toBeCloseTo(shock(other), 4);
    expect(chance).toBeLessThan(derive(asked(), layered(once('largeBubble'))).chance);
  });

  test('glass in a stiff one lies between two cards', () => {
    const bend = (...layers: LayerChoice[]) =>
      derive(asked(), layered(once('largeBubble'), ...layers)).causes.find(({ key }) => key === 'bend')!;
    // the law's own figures: 0.20 bare, 0.004 with card on both sides, a fifth of that in a box
    expect(bend().chance).toBeCloseTo(0.2 * 0.2, 9);
    expect(bend(once('stiff')).chance).toBeCloseTo(0.004 * 0.2, 9);
    expect(bend(once('padded')).chance).toBeCloseTo(0.2 * 0.2, 9);
  });

  test('it is searched: of a pane and no card in the stockroom, a stiff one is recommended, and no single change is better', () => {
    const chosen = finish(planParcel(asked()));
    if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join());
    const { choice } = chosen.recommended;
    expect(choice.layers.at(-1)).toEqual(once('stiff'));
    expect(nextBestChanges(asked(), choice, 400).filter(({ better }) => better)).toEqual([]);
    const without = finish(planParcel(asked(PANE, [])));
    if (without.kind === 'noPlan') throw new Error(without.reasons.join());
    expect(chosen.recommended.chance).toBeLessThan(without.recommended.chance);
    expect(verifyPlan(writePlanDocument(chosen.recommended, asked().house), asked())).toEqual([]);
  });

  test('what does not go into any gets none, and none that are gone are taken', () => {
    const takes = (of: PlanRequest) => {
      const chosen = finish(planParcel(of));
      if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join());
      return chosen.frontier.some(({ choice }) => choice.layers.some(({ material }) => ['padded', 'stiff'].includes(material)));
    };
    expect(takes(asked())).toBe(true);
    expect(takes(asked({ ...PANE, lengthIn: 11.5 }))).toBe(false);
    // a stiff one does nothing for what does not bend
    expect(takes(asked({ ...PANE, archetype: 'handledWare', heightIn: 0.9 }, [STIFF]))).toBe(false);
    expect(
      takes(
        asked(PANE, [
          { ...PADDED, onHand: 0 },
          { ...STIFF, onHand: 0 },
        ]),
      ),
    ).toBe(false);
    expect(takes(asked(PANE, [PADDED, STIFF], { without: ['padded', 'stiff'] }))).toBe(false);
  });
});

describe('as a change', () => {
  const kinds = (choice: PlanChoice) =>
    nextBestChanges(asked(), choice, 400).flatMap(({ change }) =>
      change.kind === 'turns' && ['padded', 'stiff'].includes(change.material) ? [`${change.material} ${change.turns}`] : [],
    );
  test('put round, taken off, another instead; never half of one, nor two', () => {
    expect(kinds(layered(once('largeBubble'))).toSorted()).toEqual(['padded 1', 'stiff 1']);
    expect(kinds(layered(once('smallBubble'), once('padded'))).toSorted()).toEqual(['padded 0', 'stiff 1']);
    const doubled = nextBestChanges(asked(), layered(once('smallBubble'), once('padded')), 400).filter(
      ({ change }) => change.kind === 'doubled' && change.material === 'padded',
    );
    expect(doubled).toEqual([]);
  });

  test('asked for wrongly a sentence says why', () => {
    const refused = (layer: LayerChoice) => {
      const derived = derivePlan(asked(), layered(once('largeBubble'), layer));
      return derived.kind === 'noPlan' ? derived.reasons.join() : 'taken';
    };
    expect(refused({ material: 'padded', turns: 2 })).toBe(
      '10×7, padded envelope goes round a bundle once: it has no turns and no face of it is doubled',
    );
    expect(refused({ ...once('padded'), doubled: 'top' })).toMatch(/no face of it is doubled/);
    expect(refused(once('gone'))).toBe('gone is not in the stockroom');
  });

  test('too thick for it is a fault that says by how much; a turn less mends it', () => {
    const thick = layered({ material: 'largeBubble', turns: 2 }, once('padded'));
    const document = writePlanDocument(derive(asked(), thick), asked().house);
    const [fault] = document.faults;
    // two turns on two sides and the pane, less what the envelope opens to; exact
    const shortIn = 4 * ORDINARY_WRAPS.largeBubble.thicknessIn + 0.2 - 1.5;
    expect(fault).toMatchObject({ kind: 'tooSmall', blocks: true, box: 'sleeve', side: 'deep', of: 'pane' });
    expect(fault!.kind === 'tooSmall' && fault!.shortIn).toBeCloseTo(shortIn, 9);
    const mends = nextBestChanges(asked(), thick, 400).filter(({ blocks }) => !blocks);
    expect(mends.map(({ change }) => change)).toContainEqual({ kind: 'turns', material: 'padded', turns: 0 });
    expect(mends.map(({ change }) => change)).toContainEqual({ kind: 'turns', material: 'largeBubble', turns: 1 });
  });
});

describe('on the way to the bench', () => {
  const option = derive(asked(), layered(once('smallBubble'), once('padded')));
  test('one envelope is counted from the boxes, nothing from the rolls, nothing is torn for it', () => {
    const uses = stockUsed(option);
    expect(uses).toContainEqual({ kind: 'box', key: 'padded', amount: 1 });
    expect(uses.filter(({ kind }) => kind === 'wrap').map(({ key }) => key)).toEqual(['smallBubble']);
    const list = tearList([{ code: 'AB', plan: writePlanDocument(option, asked().house) }]);
    expect(list.rolls.map(({ key }) => key)).toEqual(['smallBubble']);
    expect(list.boxes.map(({ name, count }) => [name, count])).toContainEqual(['10×7, padded envelope', 1]);
  });

  test('its step slides the bundle in; of what lies in it the words say so', () => {
    const steps = writeBenchSteps(option, asked().house, 'imperial');
    const step = steps.find(({ key }) => key.includes('layer:padded'))!;
    expect(step.title).toBe('Into the 10×7, padded envelope');
    expect(step.says).toMatch(/^Slide the bundle in flat, press the air out/);
    const layer = writePlanDocument(option, asked().house).layers.at(-1)!;
    expect([layer.sleeve, laidOf(layer)]).toEqual([true, 'the 10×7, padded envelope']);
  });
});
