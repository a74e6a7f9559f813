import { box, request, STOCK, told } from '../../../tests/sampleRequest.ts';
import { CUSHION_MATERIALS } from '../../engineering/cushion/cushionMaterials.ts';
import { ORDINARY_FILLS } from '../../engineering/materials/ordinaryStock.ts';
import type { BoxStock } from '../../engineering/materials/stock.ts';
import { BEDDED_HOUSE } from '../../house/House.ts';
import { inspectItem } from '../item/inspectItem.ts';
import { driftChance, driftedGaps, effectiveGaps, SINKING_PSI } from '../fill/effectiveGaps.ts';
import { emptyGap, fillsByRoom } from '../fill/leastRoom.ts';
import { FACES } from '../../engineering/pieces/hardPoints.ts';
import { faceLayers, layersOn } from '../fill/faceLayers.ts';
import { fillAmount } from '../fill/fillAmount.ts';
import { fillVoids } from '../fill/fillVoids.ts';
import { weighParcel } from '../weight/weighParcel.ts';
import { wrapItem } from '../wrap/wrapItem.ts';
import type { BoxRoom } from './BoxChoices.ts';
import { gapsAround, leastGap } from './gapsAround.ts';
import { heldBare, heldInBoxes, shellsRound, stow, type Held } from './stowInBox.ts';
import type { Wraps } from '../wrap/WrappedItem.ts';
import { stowAsTold } from './stowAsTold.ts';
import { whyNot } from './whyNot.ts';

const wrapped = (facts: Parameters<typeof request>[0] = {}, turns = 2): Wraps => {
  const { order } = request(facts);
  return [wrapItem(inspectItem(order, order.pieces[0]!), [{ material: 'largeBubble', turns }], STOCK, BEDDED_HOUSE)];
};
const room = (...boxes: BoxStock[]) => ({ boxes, linerBoard: STOCK.linerBoard });
/** Every way of stowing a bundle, bare or in a box. */
const offers = (held: Held[], at: BoxRoom, house = BEDDED_HOUSE) =>
  held.flatMap((one) => shellsRound(one, at, house).map((shell) => stow(one, shell)));

describe('boxes', () => {
  // bundle 7.8 × 6.8 × 6.8: with 2 in all round it needs 11.8 × 10.8 × 10.8
  test('all that are a hair larger; in a strict house only those with its bedding', () => {
    const found = offers(heldBare(wrapped()), room(...STOCK.boxes));
    expect(new Set(found.map((one) => one.shell.box.key))).toEqual(new Set(['8x8x8', '10x10x10', '12x12x12', '16x14x12']));
    const strict = offers(heldBare(wrapped()), room(...STOCK.boxes), { ...BEDDED_HOUSE, strictGaps: true });
    expect(new Set(strict.map((one) => one.shell.box.key))).toEqual(new Set(['12x12x12', '16x14x12']));
    expect(strict.every((one) => leastGap(one.gaps) >= 2 - 1e-9)).toBe(true);
  });

  test('this way up keeps the height upright', () => {
    const found = offers(heldBare(wrapped({ keepUpright: true, heightIn: 7 })), room(box([20, 20, 20])));
    expect(found.length).toBeGreaterThan(0);
    expect(found.every((one) => one.bundles[0].orientation[2] === 2)).toBe(true);
  });

  test('an inner box stands in an outer one with its own bedding', () => {
    const boxes = [box([8, 8, 8]), box([14, 14, 14])];
    const found = offers([...heldInBoxes(wrapped(), boxes, BEDDED_HOUSE)], room(...boxes));
    expect(found.length).toBeGreaterThan(0);
    for (const one of found) {
      expect(one.inner!.outsideIn[0] + one.gaps.left + one.gaps.right).toBeCloseTo(14, 10);
      expect(leastGap(one.gaps)).toBeGreaterThanOrEqual(2);
    }
  });

  test('why not: which side, by how much, or none left', () => {
    const boxes = [box([10, 10, 10]), box([12, 12, 12], { onHand: 0 }), box([16, 16, 16])];
    expect(whyNot(wrapped(), boxes, BEDDED_HOUSE).map(({ box: { key } }) => key)).toEqual(['12x12x12']);
    const reasons = whyNot(wrapped(), boxes, { ...BEDDED_HOUSE, strictGaps: true });
    expect(reasons.map(({ box: { key }, reason }) => [key, reason])).toEqual([
      ['10x10x10', '1 13/16 in too little long with 2 in of bedding'],
      ['12x12x12', 'none left'],
    ]);
  });

  test('bedding below may be set by hand; the top gets the rest', () => {
    const stowed = stowAsTold(wrapped(), told(box([12, 12, 12]), { baseGapIn: 3.2 }))!;
    expect(stowed.gaps).toMatchObject({ bottom: 3.2, top: expect.closeTo(2, 10) as number });
  });
});

describe('gaps on the way', () => {
  const load = {
    weightLb: 2,
    baseAreaIn2: 40,
    insideDepthIn: 12,
    overfillShare: 0,
    onBoard: false,
    sinkingPsi: SINKING_PSI.bundle,
  };
  const gaps = gapsAround([8, 8, 8], [12, 12, 12]);
  const { mouldedFill, crumpledPaper, airPillows } = CUSHION_MATERIALS;

  // by hand: settle 6% of 4 in = 0.24 off the top, 2·6% of 2 in off each side; stress 2/40 = 0.05 psi, so the base keeps
  // 1 − (0.05/0.14)² of its 2 in, and the top gains nothing
  test('settle comes off the top and off both sides, sinking goes from the bottom', () => {
    const after = effectiveGaps(gaps, load, mouldedFill);
    expect(after.bottom).toBeCloseTo(2 * (1 - (0.05 / 0.14) ** 2), 12);
    expect(after.top).toBeCloseTo(2 - 0.24, 12);
    expect(after.left).toBeCloseTo(2 - 0.24, 12);
  });

  test('overfill makes up for settling, never more', () => {
    expect(effectiveGaps(gaps, { ...load, overfillShare: 0.01 }, mouldedFill).top).toBeCloseTo(2 - 0.12, 12);
    expect(effectiveGaps(gaps, { ...load, overfillShare: 0.08 }, mouldedFill).top).toBeCloseTo(2, 12);
  });

  // common practice, no source: a heavy dense piece sinks through loose fill to the bottom; a board, or a box, helps
  test('a dense piece sinks to a tenth; a board keeps it up, a box with its flat bottom sinks far less', () => {
    expect(effectiveGaps(gaps, { ...load, weightLb: 40 }, mouldedFill).bottom).toBeCloseTo(0.2, 12);
    expect(effectiveGaps(gaps, { ...load, weightLb: 40, onBoard: true }, mouldedFill).bottom).toBe(2);
    expect(effectiveGaps(gaps, { ...load, weightLb: 40 }, crumpledPaper).bottom).toBe(2);
    expect(effectiveGaps(gaps, { ...load, weightLb: 5, sinkingPsi: SINKING_PSI.box }, mouldedFill).bottom).toBeCloseTo(
      2 * (1 - (0.125 / 0.56) ** 2),
      12,
    );
  });

  test('pillows lose their empty ones, more of them under what is heavy; gaps never go below nothing', () => {
    // by hand: 0.03·(1 + (0.05/0.05)²) = 0.06 empty
    expect(effectiveGaps(gaps, load, airPillows).bottom).toBeCloseTo(2 * 0.94, 12);
    expect(effectiveGaps(gaps, { ...load, weightLb: 40 }, airPillows).bottom).toBe(0);
    expect(
      effectiveGaps(gapsAround([11.9, 11.9, 11.9], [12, 12, 12]), { ...load, weightLb: 400 }, mouldedFill).bottom,
    ).toBeGreaterThanOrEqual(0);
  });

  test('what drifts loses half of its base; a box of its own drifts a fifth as often', () => {
    expect(driftedGaps(gaps)).toEqual({ ...gaps, bottom: 1 });
    expect(driftChance(mouldedFill, false)).toBe(0.15);
    expect(driftChance(mouldedFill, true)).toBeCloseTo(0.03, 12);
  });
});

describe('room for a fill', () => {
  const { mouldedFill, airPillows, crumpledPaper, foldedBubble } = ORDINARY_FILLS;
  // common practice, no source: pillows want an inch and a quarter, loose fill three quarters, paper a quarter
  test.each([
    [mouldedFill, 0.74, true],
    [mouldedFill, 0.76, false],
    [airPillows, 1.2, true],
    [airPillows, 1.25, false],
    [crumpledPaper, 0.25, false],
    [foldedBubble, 0.15, true],
    [foldedBubble, 0.2, false],
  ])('$name in a gap of %s in leaves it empty: %s', (fill, gapIn, empty) => {
    const even = gapsAround([8, 8, 8], [8 + 2 * gapIn, 8 + 2 * gapIn, 8 + 2 * gapIn]);
    expect(emptyGap(even, fill, 0) !== null).toBe(empty);
  });

  test('a tenth of an inch is tight and needs none, two tenths round a good wrap', () => {
    const even = (gapIn: number) => gapsAround([8, 8, 8], [8 + 2 * gapIn, 8 + 2 * gapIn, 8 + 2 * gapIn]);
    expect(emptyGap(even(0.1), mouldedFill, 0)).toBeNull();
    expect(emptyGap(even(0.2), mouldedFill, 0)).not.toBeNull();
    expect(emptyGap(even(0.2), mouldedFill, 0.45)).toBeNull();
  });

  test('the finder names just those fills that leave no gap empty', () => {
    const all = [mouldedFill, airPillows, crumpledPaper, foldedBubble];
    const find = fillsByRoom(all);
    for (const gapIn of [0.15, 0.22, 0.5, 1, 1.3, 3]) {
      const gaps = gapsAround([8, 8, 8], [8 + 2 * gapIn, 8 + 2 * gapIn, 12]);
      expect(find(gaps, 0)).toEqual(all.filter((fill) => emptyGap(gaps, fill, 0) === null));
    }
    expect(find(gapsAround([8, 8, 8], [8.1, 8.1, 8.1]), 0)).toEqual([crumpledPaper, foldedBubble]);
  });
});

test('fill by place adds up to the void', () => {
  const amount = fillAmount(ORDINARY_FILLS.mouldedFill, 'outer', [8, 7, 6], [12, 12, 12], gapsAround([8, 7, 6], [12, 12, 12]), 0.06);
  const voidFt3 = (12 ** 3 - 8 * 7 * 6) / 1728;
  expect(amount.baseFt3 + amount.sidesFt3 + amount.topFt3).toBeCloseTo(voidFt3, 12);
  expect(amount.boughtFt3).toBeCloseTo(voidFt3 * 1.06, 12);
  expect(amount.units).toBe(Math.ceil((amount.boughtFt3 / 0.25) * 2) / 2);
});

test('layers on a face: wraps, then the gap; through an inner box the load goes on, a little wider', () => {
  const bare = fillVoids(stowAsTold(wrapped(), told(box([12, 12, 12])))!, STOCK.fills[0]!, null, BEDDED_HOUSE);
  expect(faceLayers(bare, 'bottom').map((layer) => layer.thicknessIn)).toEqual([0.9, expect.closeTo(bare.effectiveGaps.bottom, 12)]);
  const floated = fillVoids(
    stowAsTold(wrapped(), told(box([14, 14, 14]), { inner: box([8, 8, 8]) }))!,
    STOCK.fills[0]!,
    STOCK.fills[0]!,
    BEDDED_HOUSE,
  );
  const layers = faceLayers(floated, 'bottom');
  expect(layers).toHaveLength(3);
  const within = floated.effectiveInnerGaps!.bottom;
  const gap = floated.effectiveGaps.bottom;
  const { sizeIn, bearing } = floated.stowed.bundles[0].wrapped.piece;
  const side = (axis: 0 | 1) => Math.min(sizeIn[axis] * Math.sqrt(bearing[2]) + 2 * (0.9 + within) + 0.32, 8 + 2 * 0.156);
  expect(layers[2]!.areaIn2).toBeCloseTo((side(0) + gap) * (side(1) + gap), 8);
});

test('layers asked for again are the same ones; a gap that drift has changed has its own, and no other face', () => {
  const filled = fillVoids(stowAsTold(wrapped(), told(box([12, 12, 12])))!, STOCK.fills[0]!, null, BEDDED_HOUSE);
  const on = layersOn(filled);
  const columns = filled.stowed.bundles[0].layout.columns;
  const [still, drifted] = [filled.effectiveGaps, driftedGaps(filled.effectiveGaps)];
  for (const face of FACES) {
    const column = columns[face][0]!;
    const before = on(face, still, 0, column);
    expect(before).toEqual(faceLayers(filled, face));
    expect(on(face, still, 0, column)).toBe(before);
    const after = on(face, drifted, 0, column);
    expect(after === before).toBe(face !== 'bottom');
    expect(after).toEqual(faceLayers(filled, face, drifted));
  }
});

test('weight is the sum of its parts, each with its own ±', () => {
  const filled = fillVoids(stowAsTold(wrapped(), told(box([12, 12, 12])))!, STOCK.fills[0]!, null, BEDDED_HOUSE);
  const { parts, grossLb, plusMinusLb } = weighParcel(filled, STOCK, BEDDED_HOUSE);
  expect(parts.map((part) => part.part)).toEqual(['piece', 'wraps', 'fill', 'box', 'tape and papers']);
  expect(grossLb).toBeCloseTo(
    parts.reduce((sum, part) => sum + part.weightLb, 0),
    12,
  );
  expect(plusMinusLb).toBeCloseTo(Math.sqrt(parts.reduce((sum, part) => sum + part.plusMinusLb ** 2, 0)), 12);
  expect(grossLb).toBeGreaterThan(2.5);
  expect(grossLb).toBeLessThan(4.5);
});
