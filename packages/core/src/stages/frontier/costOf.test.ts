import { box, CARD, CHOICE, request, STOCK } from '../../../tests/sampleRequest.ts';
import { BEDDED_HOUSE } from '../../house/House.ts';
import { derivePlan } from '../plan/derivePlan.ts';
import { writePlanDocument } from '../plan/writePlanDocument.ts';
import type { PlanChoice } from './PlanOption.ts';

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

  // piece 84.00 + postage refunded + 30 min of trouble at 18.00 − 0.7 × (covered to 84.00)
  test('a photographed claim pays seven in ten of what is covered', () => {
    expect(plan().lossMinor).toBeCloseTo(8400 + postage + 900 - 0.7 * 8400, 8);
    expect(plan({}, request({}, { house: { photographs: false } })).lossMinor).toBeCloseTo(8400 + postage + 900 - 0.1 * 8400, 8);
  });

  test('beyond the included amount only added cover pays', () => {
    const dear = request({ replacementMinor: 30_000 });
    expect(plan({}, dear).lossMinor).toBeCloseTo(30_000 + postage + 900 - 0.7 * 10_000, 8);
    const covered = plan({ coverAdded: true }, dear);
    expect(covered.lossMinor).toBeCloseTo(30_000 + covered.quote.totalMinor + 900 - 0.7 * 30_000, 8);
  });

  test('care weighs the expected loss, and only that', () => {
    const expected = (care: number) => plan({}, request({}, { house: { care } })).expectedMinor - plan().costMinor;
    expect(expected(3) / expected(1)).toBeCloseTo(3, 9);
  });

  test('kept = sold + shipping − paid − cost', () => {
    const { keptMinor, costMinor } = plan();
    expect(keptMinor).toBeCloseTo(8400 + 1250 - 1000 - costMinor, 8);
  });

  test('the range comes from κ’s interval', () => {
    const { chance, chanceLow, chanceHigh } = plan();
    expect(chanceLow).toBeCloseTo(1 - (1 - chance) ** BEDDED_HOUSE.kappa.low, 9);
    expect(chanceHigh).toBeCloseTo(1 - (1 - chance) ** BEDDED_HOUSE.kappa.high, 9);
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
