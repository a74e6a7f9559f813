import { dropHeightAtG, GRAVITY_IN_PER_S2, impactVelocityInPerS } from '@inch-nest/core';
import { NEST_COMMANDS } from '@inch-nest/contracts';
import { answerDropTest } from './answerDropTest.ts';

const RATE = 5000;

/** An accelerometer's file of a fall from a height that ends in a half sine of a peak and gives back two fifths. */
function file(heightIn: number, peakG: number): string {
  const fallS = Math.sqrt((2 * heightIn) / GRAVITY_IN_PER_S2);
  const tauS = (1.4 * impactVelocityInPerS(heightIn)) / ((2 / Math.PI) * peakG * GRAVITY_IN_PER_S2);
  const lines = Array.from({ length: Math.ceil((0.1 + fallS + tauS) * RATE) }, (_, i) => {
    const timeS = i / RATE;
    const into = timeS - 0.05 - fallS;
    const g = timeS < 0.05 ? 1 : into < 0 || into > tauS ? 0 : peakG * Math.sin((Math.PI * into) / tauS);
    return `${(timeS * 1000).toFixed(3)},${g.toFixed(5)}`;
  });
  return ['ms,g', ...lines].join('\n');
}

const CURVE = { a: 4, b: 0.5, p: 1 };
const ON = { weight: 9, area: 30, thickness: 1.5 };
/** The peak that the curve gives a drop: found where the drop it withstands is this one. */
function peakOf(heightIn: number): number {
  const layers = [{ areaIn2: ON.area, thicknessIn: ON.thickness, curve: CURVE }];
  let [low, high] = [1, 4000];
  for (let i = 0; i < 80; i++) {
    const middle = (low + high) / 2;
    if (dropHeightAtG(layers, ON.weight, middle) < heightIn) low = middle;
    else high = middle;
  }
  return low;
}
const ask = (request: object) => answerDropTest(NEST_COMMANDS.dropTest.parse(request)) as Record<string, unknown>;

test('four drops on a known cushion give its curve back, and each says what it was', () => {
  const heights = [14, 18, 22, 26];
  const answer = ask({ ...ON, drops: heights.map((height) => ({ csv: file(height, peakOf(height)) })) });
  const drops = answer['drops'] as { height: number; peakG: number; restitution: number; duration: number }[];
  drops.forEach(({ height, restitution }, i) => {
    expect(Math.abs(height / heights[i]! - 1)).toBeLessThan(0.03);
    expect(Math.abs(restitution - 0.4)).toBeLessThan(0.06);
  });
  const fit = answer['fit'] as { a: number; b: number; drops: number };
  expect(Math.abs(fit.b / CURVE.b - 1)).toBeLessThan(0.1);
  expect(Math.abs(fit.a / CURVE.a - 1)).toBeLessThan(0.25);
  expect(fit.drops).toBe(4);
});

test('one drop is read and makes no curve; one that is none says why, and holds up no other', () => {
  const answer = ask({ ...ON, drops: [{ csv: file(18, 60) }, { csv: 'ms,g\n0,1\n1,1\n2,1' }] });
  expect(answer['drops']).toMatchObject([
    { peakG: expect.closeTo(60, 0) as number },
    { whyNot: expect.stringMatching(/samples/) as string },
  ]);
  expect(answer).toMatchObject({ fit: null, whyNot: expect.stringMatching(/two at least/) as string });
});

test('a cell that is no number is told by file, line and column; no drops, no thickness and more are refused', () => {
  expect(() => ask({ ...ON, drops: [{ csv: 'ms,g\n0,1\n1,much' }] })).toThrow('drops.0.csv:3:g: a number is wanted');
  for (const wrong of [{ drops: [] }, { thickness: 0 }, { area: -1 }, { weight: '4' }, { colour: 'red' }])
    expect(NEST_COMMANDS.dropTest.safeParse({ ...ON, drops: [{ csv: 'ms,g' }], ...wrong }).success).toBe(false);
});
