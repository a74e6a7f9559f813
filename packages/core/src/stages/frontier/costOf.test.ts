import { box, CARD, CHOICE, finish, request, SERVICE, STOCK } from '../../../tests/sampleRequest.ts';
import { planParcel } from '../../planParcel.ts';
import { derivePlan } from '../plan/derivePlan.ts';
import type { PlanDocument } from '../plan/PlanDocument.ts';
import { writePlanDocument } from '../plan/writePlanDocument.ts';
import type { PlanChoice, PlanOption } from './PlanOption.ts';

const plan = (choice: Partial<PlanChoice> = {}, asked = request()) => {
  const derived = derivePlan(asked, { ...CHOICE, ...choice });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  return writePlanDocument(derived.option, asked.house);
};
const line = (key: string, of = plan()) => of.costLines.find((one) => one.key === key)?.amountMinor;

describe('cost lines, worked by hand', () => {
  // a compact ceramic piece is round: π·5 + π·0.45 = 17.122 in long; width 6 + 5 + 0.9 → one sheet of 24: 410.9 in², of a roll of 24 × 780 in at 1950
  test('wrap with its scrap', () => {
    const areaIn2 = (Math.PI * 5 + Math.PI * 0.45) * 24;
    expect(line('wraps')).toBeCloseTo((areaIn2 * 1.08 * 1950) / (24 * 780), 8);
  });

  test('fill by the cubic foot, with its overfill', () => {
    const voidFt3 = (1728 - 6.9 * 5.9 * 5.9) / 1728;
    expect(line('fill')).toBeCloseTo(voidFt3 * 1.06 * 160, 8);
  });

  // tape: one strip twice the shortest side of the bundle; seams 2·((12 + 4) + 2·(12 + 4)) in; papers 8
  test('tape and papers', () => expect(line('sundries')).toBeCloseTo((1.6 * 2 * 5.9) / 12 + (0.9 * 2 * (16 + 32)) / 12 + 8, 8));

  test('labour by the minute, nothing twice', () => {
    const { minutes, costLines, costMinor } = plan();
    expect(line('labour')).toBeCloseTo((minutes * 1800) / 60, 8);
    expect(costMinor).toBeCloseTo(
      costLines.reduce((sum, one) => sum + one.amountMinor, 0),
      8,
    );
  });

  test('an inner box adds its price and its minutes', () => {
    const asked = request({}, { stock: { boxes: [...STOCK.boxes, box([18, 18, 18])] } });
    const floated = plan({ inner: { box: '8x8x8', fill: 'mouldedFill' }, box: '18x18x18' }, asked);
    expect(line('box', floated)).toBe(200);
    expect(floated.minutes - plan({ box: '18x18x18' }, asked).minutes).toBeGreaterThan(3);
    expect(floated.inner).toMatchObject({ key: '8x8x8' });
  });

  test('cover and signature have lines of their own', () => {
    const dear = request({ replacementMinor: 25_000 });
    const covered = plan({ coverAdded: true, signature: true }, dear);
    expect(line('cover', covered)).toBe(2 * 165);
    expect(line('signature', covered)).toBe(300);
    expect(line('postage', covered)).toBe(line('postage', plan({}, dear)));
  });
});

describe('loss and expectation', () => {
  const postage = plan().quote.totalMinor;

  // piece 84.00 + postage refunded + 30 min of trouble at 18.00; a piece that breaks is gone, whoever pays for it
  test('a loss is the piece, the postage and the trouble; cover takes nothing off', () => {
    expect(plan().lossMinor).toBeCloseTo(8400 + postage + 900, 8);
    const dear = request({ replacementMinor: 30_000 });
    const covered = plan({ coverAdded: true, signature: true }, dear);
    expect(covered.lossMinor).toBeCloseTo(30_000 + postage + 900, 8);
    expect(covered.expectedMinor).toBeCloseTo(plan({}, dear).expectedMinor, 8);
    expect(covered.costMinor - covered.nestCostMinor).toBe(2 * 165 + 300);
  });

  test('cover is bought for a nest that stands where a claim is worth more than its price', () => {
    const chosen = (pricePerStepMinor: number, locks = {}) => {
      const cover = { ...SERVICE.cover, pricePerStepMinor };
      const answer = finish(
        planParcel(request({ replacementMinor: 100_000 }, { cards: [{ ...CARD, services: [{ ...SERVICE, cover }] }], locks })),
      );
      if (answer.kind === 'noPlan') throw new Error(answer.reasons.join());
      return answer.recommended;
    };
    const { chance } = chosen(1000);
    // nine steps of 100.00 beyond the included one, paid seven times in ten
    const worth = (chance * 0.7 * 90_000) / 9;
    expect(chosen(Math.floor(worth * 0.9)).choice.coverAdded).toBe(true);
    expect(chosen(Math.ceil(worth * 1.1)).choice.coverAdded).toBe(false);
    expect(chosen(Math.ceil(worth * 1.1), { coverAdded: true }).choice.coverAdded).toBe(true);
    const without = ({ choice }: PlanOption) => ({ ...choice, coverAdded: false });
    expect(without(chosen(1))).toEqual(without(chosen(1000)));
  });

  test('care weighs the expected loss, and only that', () => {
    const expected = (care: number) => plan({}, request({}, { house: { care } })).expectedMinor - plan().nestCostMinor;
    expect(expected(3) / expected(1)).toBeCloseTo(3, 9);
  });

  test('kept = sold + shipping − paid − cost', () => {
    const { keptMinor, costMinor } = plan();
    expect(keptMinor).toBeCloseTo(8400 + 1250 - 1000 - costMinor, 8);
  });

  // where shock does not limit it only κ is unsure: ln H of Gamma(3, 3) has the median −0.176 and the variance 0.395
  test('the range of what shock does not limit comes from κ alone', () => {
    const { chance, chanceLow, chanceHigh } = plan({}, request({ archetype: 'rigidMetal' }));
    const h = (p: number) => -Math.log1p(-p);
    const middle = Math.log(h(chance)) - 0.1758;
    expect(Math.log(h(chanceLow))).toBeCloseTo(middle - 1.645 * Math.sqrt(0.3949), 3);
    expect(Math.log(h(chanceHigh))).toBeCloseTo(middle + 1.645 * Math.sqrt(0.3949), 3);
  });

  test('a kind whose strength nobody is sure of has a wider range than κ’s', () => {
    const width = ({ chanceLow, chanceHigh }: PlanDocument) => Math.log(chanceHigh / chanceLow);
    const thin = { layers: [{ material: 'smallBubble', turns: 1 }], box: '8x8x8', fill: 'crumpledPaper' };
    const known = width(plan({}, request({ archetype: 'rigidMetal' })));
    expect(width(plan(thin, request({ archetype: 'thinFigure' })))).toBeGreaterThan(known * 1.2);
  });
});

test('scaling all money scales all cost', () => {
  const scale = (n: number) => {
    const asked = request();
    return plan(
      {},
      {
        ...asked,
        order: { ...asked.order, soldMinor: asked.order.soldMinor * n },
        house: { ...asked.house, labourMinorPerHour: asked.house.labourMinorPerHour * n },
        stock: {
          ...asked.stock,
          boxes: asked.stock.boxes.map((one) => ({ ...one, priceMinor: one.priceMinor * n })),
          wraps: asked.stock.wraps.map((one) => ({ ...one, priceMinor: one.priceMinor * n })),
          fills: asked.stock.fills.map((one) => ({ ...one, minorPerFt3: one.minorPerFt3 * n })),
        },
        cards: [
          {
            ...CARD,
            services: CARD.services.map((one) => ({
              ...one,
              steps: one.steps.map((step) => ({ ...step, byZone: { '5': step.byZone['5']! * n } })),
              cover: { ...one.cover, includedMinor: one.cover.includedMinor * n },
            })),
          },
        ],
      },
    );
  };
  const sundries = (n: number) => line('sundries', scale(n))!;
  expect(scale(10).costMinor - sundries(10)).toBeCloseTo(10 * (scale(1).costMinor - sundries(1)), 6);
});
