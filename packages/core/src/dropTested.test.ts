import fc from 'fast-check';
import { dropsOn } from '../tests/sampleDrops.ts';
import { finish, request, STOCK } from '../tests/sampleRequest.ts';
import {
  besideCurve,
  CUSHION_MATERIALS,
  cushionOf,
  equivalentTurns,
  gAtLoad,
  peakG,
  planParcel,
  testedCurve,
  type CushionKey,
  type DropTest,
  type Stockroom,
} from './index.ts';

// heavy enough that every drop reaches the working range of every material
const HEAVY_LB = 60;
const curveOf = (drops: readonly DropTest[]) => {
  const fit = testedCurve(drops);
  if ('whyNot' in fit) throw new Error(fit.whyNot);
  return fit.curve;
};
const KEYS = Object.keys(CUSHION_MATERIALS) as CushionKey[];

describe('a curve by the shop’s own drops', () => {
  test.each(KEYS)('%s, dropped on as its curve has it, is that curve again, and settles and flows as it does', (cushion) => {
    const like = CUSHION_MATERIALS[cushion];
    const drops = dropsOn(like.curve, [24, 36, 48], Math.max(HEAVY_LB, 200 * (cushion === 'corrugatedPad' ? 1 : 0.3)));
    const { curve, provenance: from, ...rest } = cushionOf({ cushion, dropTests: drops });
    const { curve: known, provenance, ...same } = like;
    expect(curve.a / known.a).toBeCloseTo(1, 6);
    expect(curve.b / known.b).toBeCloseTo(1, 6);
    expect(rest).toEqual(same);
    expect([from.kind, provenance.kind]).toEqual(['measured', 'memory']);
  });

  test('whatever weights, faces, heights and thicknesses they were made with', () => {
    const { curve } = CUSHION_MATERIALS.mediumBubble;
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            weightLb: fc.double({ min: 8, max: 20, noNaN: true }),
            areaIn2: fc.double({ min: 16, max: 36, noNaN: true }),
            thicknessIn: fc.double({ min: 0.5, max: 2, noNaN: true }),
            heightIn: fc.double({ min: 24, max: 60, noNaN: true }),
          }),
          { minLength: 3, maxLength: 8 },
        ),
        (rigs) => {
          const drops = rigs.map((rig) => ({ ...rig, peakG: gAtLoad(curve, rig.weightLb / rig.areaIn2, rig.heightIn, rig.thicknessIn) }));
          const energies = rigs.map(({ weightLb, areaIn2, heightIn, thicknessIn }) => (weightLb * heightIn) / areaIn2 / thicknessIn);
          fc.pre(Math.max(...energies) > 1.1 * Math.min(...energies));
          expect(curveOf(drops).a / curve.a).toBeCloseTo(1, 5);
          expect(curveOf(drops).b / curve.b).toBeCloseTo(1, 5);
          // and each lands as the stack of one layer does
          for (const { weightLb, areaIn2, thicknessIn, heightIn, peakG: read } of drops)
            expect(peakG([{ areaIn2, thicknessIn, curve }], weightLb, heightIn).peakG / read).toBeCloseTo(1, 6);
        },
      ),
    );
  });

  test('the lowest point is where the published form has it: s = t/(b·h), G = a·e/s', () => {
    const { curve } = CUSHION_MATERIALS.largeBubble;
    const s = 2 / (curve.b * 24);
    expect(gAtLoad(curve, s, 24, 2)).toBeCloseTo((curve.a * Math.E) / s, 9);
    for (const beside of [0.8, 1.25]) expect(gAtLoad(curve, s * beside, 24, 2)).toBeGreaterThanOrEqual(gAtLoad(curve, s, 24, 2) - 1e-9);
  });

  test('one that lies off it is told so, and one too soft to reach the working range', () => {
    const { curve } = CUSHION_MATERIALS.mediumBubble;
    const [low, high] = dropsOn(curve, [6, 48]);
    expect(besideCurve(low!, curve).reaches).toBe(false);
    expect(besideCurve({ ...high!, peakG: high!.peakG * 1.2 }, curve).harderBy).toBeCloseTo(0.2, 9);
    expect(besideCurve(high!, curve)).toEqual({ reaches: true, harderBy: expect.closeTo(0, 9) as number });
  });

  test.each<[string, DropTest[], RegExp]>([
    ['none', [], /two at least/],
    ['one', dropsOn(CUSHION_MATERIALS.mediumBubble.curve, [30]), /two at least/],
    [
      'more give than there is',
      dropsOn({ ...CUSHION_MATERIALS.mediumBubble.curve, a: CUSHION_MATERIALS.mediumBubble.curve.a / 40 }, [24, 36, 48]),
      /more than it is thick/,
    ],
  ])('%s makes no curve, says why, and it stays what it is like', (_, drops, why) => {
    expect(testedCurve(drops)).toEqual({ whyNot: expect.stringMatching(why) as string });
    expect(cushionOf({ cushion: 'mediumBubble', dropTests: drops })).toBe(CUSHION_MATERIALS.mediumBubble);
  });
});

describe('nests by it', () => {
  /** The stockroom with every cushion dropped on as if its curve were stiffer by a share. */
  const tested = (stiffer: number): Stockroom => {
    const dropped = (cushion: CushionKey) => {
      const { curve } = CUSHION_MATERIALS[cushion];
      return dropsOn({ ...curve, a: curve.a * stiffer }, [24, 36, 48], HEAVY_LB);
    };
    return {
      ...STOCK,
      wraps: STOCK.wraps.map((wrap) => (wrap.cushion ? { ...wrap, dropTests: dropped(wrap.cushion) } : wrap)),
      fills: STOCK.fills.map((fill) => ({ ...fill, dropTests: dropped(fill.cushion) })),
    };
  };
  const planned = (stock: Stockroom) => {
    const chosen = finish(planParcel(request({}, { stock })));
    if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join('; '));
    return chosen.recommended;
  };

  test('drops that say what was taken for true anyway change nothing', () => {
    const [own, like] = [planned(tested(1)), planned(STOCK)];
    expect(own.choice).toEqual(like.choice);
    expect(own.chance / like.chance).toBeCloseTo(1, 6);
  });

  test('a material that lands harder than it was taken for breaks more, or costs more', () => {
    expect(planned(tested(1.4)).expectedMinor).toBeGreaterThan(planned(STOCK).expectedMinor);
    expect(planned(tested(0.8)).expectedMinor).toBeLessThan(planned(STOCK).expectedMinor);
  });

  test('so many turns stand for others as their own curves have it', () => {
    const [, small, large] = tested(1).wraps;
    expect(equivalentTurns(large!, 2, small!)).toBe(equivalentTurns(STOCK.wraps[2]!, 2, STOCK.wraps[1]!));
    const soft = { ...small!, dropTests: tested(0.6).wraps[1]!.dropTests };
    expect(equivalentTurns(large!, 2, soft)).not.toBe(equivalentTurns(large!, 2, small!));
  });
});
