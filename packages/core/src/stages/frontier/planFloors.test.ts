import { box, CARD, FACTS, point, request, SERVICE, STOCK } from '../../../tests/sampleRequest.ts';
import { planSpace } from '../../planParcel.ts';
import { gapsIn, stow } from '../box/stowInBox.ts';
import { fillVoids } from '../fill/fillVoids.ts';
import type { PlanRequest } from '../plan/PlanRequest.ts';
import { rateParcel } from '../rate/rateParcel.ts';
import type { PieceFacts } from '../sale/Order.ts';
import { weighParcel } from '../weight/weighParcel.ts';
import { judgeParcel } from './judgeParcel.ts';
import type { PlanOption } from './PlanOption.ts';
import type { Floor } from './Floors.ts';
import { everyHeld, fillFinder, shellFinder } from './PlanSpace.ts';
import { planFloors } from './planFloors.ts';
import { certificateHolds } from './quietCauses.ts';
import { packer, shellFigurer } from './searchFigures.ts';

// What may be left out of a search rests on this: no floor is above what it stands for, at any stage, whatever is packed.

/** A piece of glass, one of metal, and one with a handle, in few boxes by three services. */
const JAR: Partial<PieceFacts> = {
  archetype: 'blownGlass',
  lengthIn: 3.5,
  widthIn: 3.5,
  heightIn: 6,
  weightLb: 0.7,
  replacementMinor: 9000,
};
const IRON: Partial<PieceFacts> = { archetype: 'rigidMetal', lengthIn: 4, widthIn: 3, heightIn: 2, weightLb: 5, replacementMinor: 1500 };
const CUP: Partial<PieceFacts> = {
  archetype: 'handledWare',
  lengthIn: 4.5,
  widthIn: 3.2,
  heightIn: 3,
  weightLb: 0.6,
  replacementMinor: 4000,
  hardPoints: [point('handle', 'right')],
};

/** Thin glass, which bends until it breaks. */
const PANE: Partial<PieceFacts> = {
  archetype: 'glazedFlat',
  lengthIn: 7,
  widthIn: 5,
  heightIn: 0.3,
  weightLb: 0.6,
  replacementMinor: 6000,
};

const idOf = (at: number): string => `00000000-0000-4000-8000-0000000000${10 + at}`;
const BOXES = [box([9, 8, 6]), box([12, 10, 9]), box([16, 14, 12]), box([20, 16, 14]), box([26, 20, 18])];

function asked(pieces: readonly Partial<PieceFacts>[], more: Parameters<typeof request>[1] = {}): PlanRequest {
  const one = request(
    {},
    {
      ...more,
      stock: { ...STOCK, boxes: BOXES, wraps: STOCK.wraps.slice(0, 3) },
      cards: [
        {
          ...CARD,
          services: [
            SERVICE,
            { ...SERVICE, key: 'rough', handlingFactor: 1.3, crushFactor: 1.5, fuelPercent: -10 },
            { ...SERVICE, key: 'soft', handlingFactor: 0.8, fuelPercent: 12 },
          ],
        },
      ],
    },
  );
  const all = pieces.map((facts, at) => ({ ...FACTS, ...facts, id: idOf(at) }));
  return { ...one, order: { ...one.order, pieces: all }, pieceIds: all.map(({ id }) => id) };
}

/** So many of a space's plans, taken evenly: what each comes to beside every floor that stands for it. */
function* plansWithFloors(of: PlanRequest, oneOf: number): Generator<{ stage: string; floor: Floor; plan: PlanOption }> {
  const space = planSpace(of);
  const { house, carriages } = space;
  const floors = planFloors(space);
  const [shellsOf, fills, pack, figure] = [shellFinder(space), fillFinder(space), packer(space), shellFigurer(space)];
  const never = () => false;
  let met = 0;
  for (const held of everyHeld(space)) {
    for (const shell of shellsOf(held)) {
      const gaps = gapsIn(held, shell);
      for (const innerFill of fills.inner(held)) {
        for (const fill of fills.outer(held, shell, gaps)) {
          if (met++ % oneOf > 0) continue;
          const weighed = weighParcel(fillVoids(stow(held, shell), fill, innerFill, house), space.tapes, house);
          if (!certificateHolds(weighed)) continue;
          const judge = judgeParcel(weighed, house);
          const stowed = floors.stowed(pack(held, innerFill), { figures: figure(shell), gaps, fills: [fill] }, never);
          if (!stowed || stowed === 'beaten') throw new Error('a plan that can be sent has no floor');
          const filled = floors.filled(stowed, fill, never)!;
          const coarse = floors.coarse(filled, never)!;
          const fine = floors.fine(filled, never)!;
          for (const rated of rateParcel(weighed, carriages).rated) {
            const plan = judge(rated);
            const at = carriages.findIndex(({ service }) => service.key === plan.choice.service);
            yield { stage: 'stowed', floor: stowed, plan };
            yield { stage: 'coarse', floor: coarse, plan };
            yield { stage: 'fine', floor: fine(at), plan };
          }
        }
      }
    }
  }
}

test.each([
  ['one', 43, [CUP], 1],
  ['one that bends', 7, [PANE], 1],
  ['six alike', 5, [{ ...JAR, count: 6 }], 1],
  ['four that sit in one another', 5, [{ ...JAR, lengthIn: 6, widthIn: 6, heightIn: 3, count: 4, nestStepIn: 0.75 }], 1],
  [
    'a cup in a jar, beside iron',
    43,
    [{ ...JAR, lengthIn: 6, widthIn: 6 }, { ...CUP, within: { pieceId: idOf(0), standsOutIn: 0 } }, IRON],
    1,
  ],
  ['six alike that are a set', 5, [{ ...JAR, count: 6, wholeOrNothing: true }], 1],
  ['three of three kinds', 97, [JAR, IRON, CUP], 1],
  ['the same where breakage is rarer than the model has it', 97, [JAR, IRON, CUP], 0.4],
  ['and where it is more frequent', 97, [JAR, IRON, CUP], 2.5],
  ['some alike among others', 29, [CUP, { ...JAR, count: 4 }, IRON], 1.7],
] as const)('%s: no floor is above the plan it stands for', (_, oneOf, pieces, kappa) => {
  const house = { care: 2, innerBoxes: true, kappa: { shape: 3, value: kappa, low: kappa / 3, high: kappa * 2 } };
  let plans = 0;
  let boxed = 0;
  const closest: number[] = [];
  for (const { stage, floor, plan } of plansWithFloors(asked(pieces, { house }), oneOf)) {
    const { nestCostMinor, chance, expectedMinor, choice } = plan;
    const over = floor.costMinor > nestCostMinor || floor.chance > chance || floor.expectedMinor > expectedMinor;
    if (over) throw new Error(JSON.stringify({ stage, floor, nestCostMinor, chance, expectedMinor, choice }));
    plans++;
    if (choice.inner) boxed++;
    if (stage === 'fine') closest.push(floor.chance / chance);
  }
  expect(plans).toBeGreaterThan(200);
  expect(boxed).toBeGreaterThan(10);
  // and none is so low that it says nothing
  const half = closest.toSorted((a, b) => a - b)[closest.length >> 1]!;
  expect(half).toBeGreaterThan(0.7);
});
