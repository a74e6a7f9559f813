import { box, CHOICE, finish, request, STOCK } from '../../../tests/sampleRequest.ts';
import { planParcel } from '../../planParcel.ts';
import { cutOf } from '../../engineering/boxshop/cutOf.ts';
import { cellsPart } from '../box/madeParts.ts';
import { layoutOf } from '../../engineering/stowage/Block.ts';
import { writeBenchSteps } from '../bench/writeBenchSteps.ts';
import { stockUsed } from './stockUsed.ts';
import { knockChance } from '../frontier/touching.ts';
import type { PlanChoice } from '../frontier/PlanOption.ts';
import { derivePlan } from './derivePlan.ts';
import { nextBestChanges } from './nextBestChanges.ts';
import { verifyPlan } from './verifyPlan.ts';
import { writePlanDocument } from './writePlanDocument.ts';

// Cells of board between several alike: exact geometry, and the same nest without them.

const CALIPER_IN = 0.16;
const SHEET = { ...STOCK.linerBoard!, board: { ...STOCK.linerBoard!.board, caliperIn: CALIPER_IN } };
const JARS = {
  archetype: 'blownGlass',
  lengthIn: 3.5,
  widthIn: 3.5,
  heightIn: 6,
  weightLb: 11 / 16,
  keepUpright: true,
  count: 12,
} as const;
const asked = (house: Parameters<typeof request>[1] = {}) =>
  request(JARS, { stock: { ...STOCK, boxes: [box([20, 16, 18]), box([24, 18, 20])], linerBoard: SHEET }, soldMinor: 9000, ...house });
const NEST: PlanChoice = { ...CHOICE, layers: [{ material: 'largeBubble', turns: 1 }], box: '24x18x20', grid: [3, 2, 2] };
const derive = (choice: Partial<PlanChoice>) => {
  const derived = derivePlan(asked(), { ...NEST, ...choice });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  return derived.option;
};
const [bare, celled] = [derive({}), derive({ cells: true })];
const [stowed, parted] = [bare, celled].map(({ rated }) => rated.weighed.filled.stowed) as [
  typeof celled.rated.weighed.filled.stowed,
  typeof celled.rated.weighed.filled.stowed,
];
const [l, w, h] = parted.bundles[0].bundleIn;

test('a wall between neighbours, none outside: 3 along, 2 across, 2 up are 2, 1 and 1 of them more', () => {
  expect(parted.bundles[0].bundleIn).toEqual(stowed.bundles[0].bundleIn);
  [2, 1, 1].forEach((walls, axis) => expect(parted.blockIn[axis]! - stowed.blockIn[axis]!).toBeCloseTo(walls * CALIPER_IN, 12));
});

test('cut of board: on each storey one strip along and two across, one sheet between the storeys; a tenth is lost', () => {
  const [length, width] = [3 * l + 2 * CALIPER_IN, 2 * w + CALIPER_IN];
  const areaFt2 = (2 * (length * h + 2 * width * h) + length * width) / 144;
  expect(celled.rated.weighed.grossLb - bare.rated.weighed.grossLb).toBeCloseTo(
    areaFt2 * SHEET.board.lbPerFt2 + fillLb(celled) - fillLb(bare),
    9,
  );
  expect(stockUsed(celled).find(({ kind }) => kind === 'board')!.amount).toBeCloseTo(areaFt2 * 1.1, 9);
  // seven parts at three quarters of a minute, and a touch less fill to put in
  const [part] = parted.shell.made;
  expect(part).toMatchObject({ key: 'cells', minutes: 7 * 0.75 });
  expect(part!.costMinor).toBeCloseTo(areaFt2 * 1.1 * SHEET.minorPerFt2, 9);
});
const fillLb = ({ rated }: typeof bare): number =>
  rated.weighed.parts.filter(({ part }) => /fill/.test(part)).reduce((sum, { weightLb }) => sum + weightLb, 0);

test('as the box shop cuts it: every bundle has a cell of its own size', () => {
  const [strips, sheets] = cellsPart([{ layout: layoutOf([3, 2, 2], 12), bundleIn: [l, w, h] }], [], SHEET).orders;
  const divider = cutOf(strips!.order);
  // on each of two storeys
  expect(strips!.times).toBe(2);
  expect(divider.parts.map(({ count, lengthIn, heightIn }) => [count, lengthIn, heightIn])).toEqual([
    [1, expect.closeTo(3 * l + 2 * CALIPER_IN, 9), h],
    [2, expect.closeTo(2 * w + CALIPER_IN, 9), h],
  ]);
  // between two slots of a strip there is room for one bundle
  const slots = (divider as { slotsAlongIn?: readonly number[] }).slotsAlongIn!;
  expect(slots[1]! - slots[0]! - CALIPER_IN).toBeCloseTo(l, 9);
  const [sheet, ...more] = cutOf(sheets!.order).parts;
  expect([sheet!.count, more.length]).toEqual([1, 0]);
  expect(sheet!.lengthIn).toBeCloseTo(3 * l + 2 * CALIPER_IN, 9);
  expect(cellsPart([{ layout: layoutOf([1, 1, 3], 3), bundleIn: [l, w, h] }], [], SHEET).orders.map(({ order }) => order.kind)).toEqual([
    'pads',
  ]);
});

test('two that would knock together are stopped four times in five, and the parcel breaks less often', () => {
  expect(knockChance(parted, 1)).toBeCloseTo(0.2 * knockChance(stowed, 1), 2);
  expect(knockChance(parted, 7)).toBeLessThan(knockChance(stowed, 7) / 3);
  expect(celled.chance).toBeLessThan(bare.chance);
});

test('it is a step on the base before they go in, and the plan holds: each as far from the next as the board is thick', () => {
  const steps = writeBenchSteps(celled, asked().house);
  const keys = steps.map(({ key }) => key);
  expect(keys.indexOf('box:cells')).toBe(keys.indexOf('box:in') - 1);
  expect(steps.reduce((sum, { minutes }) => sum + minutes, 0)).toBeCloseTo(celled.minutes, 9);
  const document = writePlanDocument(celled, asked().house);
  expect(document.block.wallIn).toBe(CALIPER_IN);
  expect(verifyPlan(document, asked())).toEqual([]);
  const close = { ...document, block: { ...document.block, wallIn: CALIPER_IN + 0.01 } };
  expect(verifyPlan(close, asked()).length).toBeGreaterThan(0);
});

test('searched where the house has them, by the pruned search as by the whole; pinned they are kept either way', () => {
  const fills = STOCK.fills.slice(0, 1);
  const wanted = { ...asked(), stock: { ...asked().stock, fills }, house: { ...asked().house, cells: true } };
  const [pruned, every, without, within] = [
    finish(planParcel(wanted)),
    finish(planParcel(wanted, true)),
    finish(planParcel({ ...wanted, locks: { cells: false } })),
    finish(planParcel({ ...wanted, locks: { cells: true } })),
  ];
  if (pruned.kind === 'noPlan' || every.kind === 'noPlan' || without.kind === 'noPlan' || within.kind === 'noPlan')
    throw new Error('no plan');
  expect(pruned.frontier.map(({ choice }) => choice)).toEqual(every.frontier.map(({ choice }) => choice));
  expect(within.frontier.every(({ choice }) => choice.cells === true)).toBe(true);
  expect(pruned.frontier.some(({ choice }) => choice.cells)).toBe(true);
  expect(without.frontier.every(({ choice }) => !choice.cells)).toBe(true);
});

describe('in an inner box', () => {
  const two = { ...JARS, count: 2, irreplaceable: true } as const;
  const boxed = (locks: Parameters<typeof request>[1] = {}) =>
    request(two, {
      stock: { ...STOCK, boxes: [box([12, 8, 8]), box([10, 10, 10]), box([18, 14, 14]), box([20, 16, 16])], linerBoard: SHEET },
      soldMinor: 9000,
      ...locks,
    });

  test('cells stand in it, not on the base of the outer box, and the parcel weighs and costs them once', () => {
    const inner = { box: '12x8x8', fill: STOCK.fills[1]!.key };
    const nest = { ...CHOICE, layers: [{ material: 'largeBubble', turns: 1 }], inner, box: '20x16x16', fill: STOCK.fills[0]!.key };
    const [without, within] = [false, true].map((cells) => {
      const derived = derivePlan(boxed(), { ...nest, cells });
      if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
      return derived.option;
    });
    const keys = writeBenchSteps(within!, boxed().house).map(({ key }) => key);
    expect(keys).not.toContain('box:cells');
    expect(keys.indexOf('inner:cells')).toBeGreaterThan(keys.indexOf('inner:base'));
    expect(keys.indexOf('inner:cells')).toBeLessThan(keys.indexOf('inner:in'));
    const cells = within!.rated.weighed.filled.stowed.shell.made.filter(({ key }) => key === 'cells');
    expect(cells).toHaveLength(1);
    expect(within!.rated.weighed.grossLb - without!.rated.weighed.grossLb - fillLb(within!) + fillLb(without!)).toBeCloseTo(
      cells[0]!.weightLb,
      9,
    );
    expect(within!.chance).toBeLessThan(without!.chance);
    expect(verifyPlan(writePlanDocument(within!, boxed().house), boxed())).toEqual([]);
  });

  test('searched there too where the house has them, by the pruned search as by the whole', () => {
    const stock = boxed().stock;
    const wanted = { ...boxed(), stock, house: { ...boxed().house, cells: true } };
    const asIs = { ...wanted, locks: { inner: '12x8x8' } };
    const [pruned, every] = [finish(planParcel(asIs)), finish(planParcel(asIs, true))];
    if (pruned.kind === 'noPlan' || every.kind === 'noPlan') throw new Error('no plan');
    expect(pruned.frontier.map(({ choice }) => choice)).toEqual(every.frontier.map(({ choice }) => choice));
    expect(pruned.considered).toBe(every.considered);
    expect(pruned.frontier.some(({ choice }) => choice.cells && choice.inner)).toBe(true);
  });

  test('with as much board on hand as they take they are made, with less they are not', () => {
    const { stock } = boxed();
    const found = (onHandFt2: number) => {
      const asIs = {
        ...boxed(),
        stock: { ...stock, linerBoard: { ...SHEET, onHandFt2 } },
        reserved: [],
        house: { ...boxed().house, cells: true, liners: 'never' as const },
        locks: { inner: '12x8x8' },
      };
      const chosen = finish(planParcel(asIs));
      return chosen.kind === 'planned' ? chosen.frontier.filter(({ choice }) => choice.cells) : [];
    };
    const [one] = found(100);
    const taken = stockUsed(one!).find(({ kind }) => kind === 'board')!.amount;
    expect(found(taken * 1.01).length).toBeGreaterThan(0);
    expect(found(taken * 0.99)).toEqual([]);
  });
});

test('offered as a change where several are alike, and for one piece never', () => {
  const kinds = (of: ReturnType<typeof asked>, choice: PlanChoice) => nextBestChanges(of, choice).map(({ change }) => change.kind);
  expect(kinds(asked(), NEST)).toContain('cells');
  expect(kinds(request({ ...JARS, count: 1 }, { stock: asked().stock }), NEST)).not.toContain('cells');
});
