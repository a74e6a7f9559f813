import fc from 'fast-check';
import { box, CHOICE, point, request, STOCK } from '../../../tests/sampleRequest.ts';
import { ORDINARY_FILLS, ORDINARY_WRAPS } from '../../engineering/materials/ordinaryStock.ts';
import type { PlanChoice } from '../frontier/PlanOption.ts';
import { derivePlan } from './derivePlan.ts';
import { nextBestChanges, type NextChange } from './nextBestChanges.ts';
import type { PlanDocument, PlanFault } from './PlanDocument.ts';
import type { PlanRequest } from './PlanRequest.ts';
import { writePlanDocument } from './writePlanDocument.ts';

const WRAPS = [ORDINARY_WRAPS.tissue, ORDINARY_WRAPS.smallBubble, ORDINARY_WRAPS.largeBubble, ORDINARY_WRAPS.jumboBubble];
const FILLS = [ORDINARY_FILLS.mouldedFill, ORDINARY_FILLS.crumpledPaper, ORDINARY_FILLS.airPillows, ORDINARY_FILLS.foldedBubble];
const BOXES = [box([8, 8, 8]), box([9, 7, 7]), box([10, 10, 10]), box([12, 12, 12]), box([16, 14, 12])];

const anyNest = fc
  .record({
    archetype: fc.constantFrom('compactCeramic' as const, 'handledWare' as const, 'denseGlass' as const, 'optics' as const),
    finish: fc.constantFrom('plain' as const, 'polished' as const, 'rubsOff' as const),
    handle: fc.boolean(),
    hollow: fc.boolean(),
    weightLb: fc.double({ min: 0.5, max: 6, noNaN: true }),
    strictGaps: fc.boolean(),
    layers: fc.uniqueArray(
      fc.record({ material: fc.constantFrom(...WRAPS.map(({ key }) => key)), turns: fc.integer({ min: 1, max: 4 }) }),
      {
        maxLength: 3,
        selector: ({ material }) => material,
      },
    ),
    box: fc.constantFrom(...BOXES.map(({ key }) => key)),
    fill: fc.constantFrom(...FILLS.map(({ key }) => key)),
    liner: fc.boolean(),
    baseGapIn: fc.option(fc.double({ min: 0, max: 3, noNaN: true })),
  })
  .map(({ archetype, finish, handle, hollow, weightLb, strictGaps, ...choice }): { asked: PlanRequest; choice: PlanChoice } => ({
    asked: request(
      {
        archetype,
        finish,
        weightLb,
        hardPoints: handle ? [point('handle', 'right')] : [],
        hollows: hollow ? [{ id: 'h', name: 'inside', volumeIn3: 12, filled: false, material: null }] : [],
      },
      { stock: { ...STOCK, boxes: BOXES, wraps: WRAPS, fills: FILLS }, house: { strictGaps } },
    ),
    choice: { ...CHOICE, ...choice },
  }));

const documentOf = (asked: PlanRequest, choice: PlanChoice): PlanDocument | null => {
  const derived = derivePlan(asked, choice);
  return derived.kind === 'plan' ? writePlanDocument(derived.option, asked.house) : null;
};

/** The request after a change: a guard and a filled hollow are facts of the piece. */
const after = (asked: PlanRequest, { change }: NextChange): PlanRequest => {
  const [facts] = asked.order.pieces;
  const piece =
    change.kind === 'guard'
      ? { ...facts!, hardPoints: facts!.hardPoints.map((one) => (one.id === change.hardPointId ? { ...one, guard: change.guard } : one)) }
      : change.kind === 'hollow'
        ? { ...facts!, hollows: facts!.hollows.map((one) => (one.id === change.hollowId ? { ...one, filled: true } : one)) }
        : facts!;
  return { ...asked, order: { ...asked.order, pieces: [piece] } };
};

/** How far a fault is from being mended; what cannot be measured is one whole. */
const missing = (fault: PlanFault): number =>
  fault.kind === 'tooSmall'
    ? fault.shortIn
    : fault.kind === 'feel'
      ? fault.wantedIn - fault.coverIn
      : fault.kind === 'hollowGap' || fault.kind === 'gap'
        ? fault.wantedIn - fault.gapIn
        : 1;
const blocking = (plan: PlanDocument) => plan.faults.filter(({ blocks }) => blocks);

test('every change offered breaks no rule that was kept, and is what it says it is', () => {
  fc.assert(
    fc.property(anyNest, ({ asked, choice }) => {
      const now = documentOf(asked, choice);
      if (!now) return;
      const impossible = now.faults.some(({ kind }) => kind === 'tooSmall');
      for (const change of nextBestChanges(asked, choice)) {
        const then = documentOf(after(asked, change), change.choice)!;
        expect(then.chance).toBeCloseTo(change.chance, 12);
        expect(then.faults.some(({ kind }) => kind === 'tooSmall')).toBe(false);
        if (!impossible) expect(blocking(then).length).toBeLessThanOrEqual(blocking(now).length);
        if (change.better) expect(then.expectedMinor).toBeLessThan(now.expectedMinor);
        if (change.thriftier) expect([then.nestCostMinor < now.nestCostMinor, then.chance > now.chance]).toEqual([true, true]);
        expect(change.blocks).toBe(blocking(then).length > 0);
      }
    }),
    { numRuns: 200 },
  );
});

test('what mends a nest mends the fault that stood first, wholly or by some', () => {
  fc.assert(
    fc.property(anyNest, ({ asked, choice }) => {
      const now = documentOf(asked, choice);
      const first = now && blocking(now)[0];
      if (!first) return;
      for (const change of nextBestChanges(asked, choice).filter((one) => !one.blocks)) {
        const then = documentOf(after(asked, change), change.choice)!;
        const same = then.faults.find(({ kind, blocks }) => blocks && kind === first.kind);
        expect(same ? missing(same) : 0).toBeLessThan(missing(first));
      }
    }),
    { numRuns: 200 },
  );
});

test('a bundle that was measured as it is wrapped is not unwrapped for a better figure: box, fill and how it lies stay open', () => {
  const asked = request({ hardPoints: [point('handle', 'right')] }, { stock: { ...STOCK, boxes: BOXES, wraps: WRAPS, fills: FILLS } });
  const layers = [{ material: WRAPS[1]!.key, turns: 2 }];
  const choice = { ...CHOICE, layers, box: BOXES[3]!.key, fill: FILLS[0]!.key };
  const kinds = (locks: PlanRequest['locks']) => new Set(nextBestChanges({ ...asked, locks }, choice).map(({ change }) => change.kind));
  const free = kinds({});
  expect([free.has('turns'), free.has('guard')]).toEqual([true, true]);
  const wrapped = kinds({ layers, bundle: { sizeIn: [7, 6.5, 6.5], weightLb: null } });
  for (const kind of ['turns', 'doubled', 'guard', 'hollow'] as const) expect(wrapped.has(kind)).toBe(false);
  expect([wrapped.has('box'), wrapped.has('fill')]).toEqual([true, true]);
  // measured in other layers than these it binds nothing
  expect(kinds({ layers: [{ material: WRAPS[1]!.key, turns: 3 }], bundle: { sizeIn: [7, 6.5, 6.5], weightLb: null } }).has('turns')).toBe(
    true,
  );
});

test('a measured bundle is told by the content of its layers: a database keeps their parts in an order of its own', () => {
  const asked = request({}, { stock: { ...STOCK, boxes: BOXES, wraps: WRAPS, fills: FILLS } });
  const material = WRAPS[1]!.key;
  const bundle = { sizeIn: [7, 6.5, 6.25] as const, weightLb: 3 };
  const sizeOf = (layers: PlanChoice['layers']) =>
    documentOf({ ...asked, locks: { layers: [{ turns: 2, material }], bundle } }, { ...CHOICE, layers, box: BOXES[3]!.key })!.bundleIn;
  expect([...sizeOf([{ material, turns: 2 }])].sort()).toEqual([6.25, 6.5, 7]);
  expect([...sizeOf([{ material, turns: 3 }])].sort()).not.toEqual([6.25, 6.5, 7]);
});
