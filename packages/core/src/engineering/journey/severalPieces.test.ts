import { journey } from '../../../tests/sampleJourney.ts';
import { dropHeightAtG } from '../cushion/dropHeight.ts';
import { seededRandom } from '../numeric/seededRandom.ts';
import { DROP_SPREAD, dropsPerJourney, medianDropIn } from './dropHeights.ts';
import { breakingDrop, drawFate, weakestZ } from './oneJourney.ts';
import { shockChance, type Journey } from './shockChance.ts';

/** Sends so many journeys with every piece drawn by itself, all struck by the same drops; the share in which any breaks. */
function sendPieces(way: Journey, pieces: number, journeys: number, seed: number): number {
  const random = seededRandom(seed);
  const medianIn = medianDropIn(way.grossWeightLb, way.handlingFactor);
  let broken = 0;
  for (let i = 0; i < journeys; i++) {
    const strengths = Array.from({ length: pieces }, () => Math.exp(way.spread * random.normal()));
    let any = false;
    for (let drop = 0; drop < dropsPerJourney(way.zone); drop++) {
      const heightIn = medianIn * Math.exp(DROP_SPREAD * random.normal());
      let draw = random.uniform();
      const face = way.faces.find(({ chance }) => (draw -= chance) < 0) ?? way.faces.at(-1)!;
      const stacks = [face.layers, ...(face.others ?? [])];
      any ||= strengths.some(
        (m, piece) => heightIn > way.ownHeightIn * m + dropHeightAtG(stacks[piece % stacks.length]!, way.weightLb, way.criticalG * m),
      );
    }
    if (any) broken++;
  }
  return broken / journeys;
}

test.each([2, 6, 31])('of %s alike pieces: as when each is drawn by itself and one drop strikes all', (pieces) => {
  const way = journey();
  const chance = shockChance({ ...way, pieces });
  const journeys = 5_000;
  const error = Math.sqrt((chance * (1 - chance)) / journeys);
  expect(Math.abs(sendPieces(way, pieces, journeys, 7 + pieces) - chance)).toBeLessThan(4 * error);
});

test('between that of one and that of as many parcels, and more with each', () => {
  const way = journey();
  const one = shockChance(way);
  let before = one;
  for (const pieces of [2, 3, 6, 12, 60]) {
    const chance = shockChance({ ...way, pieces });
    expect(chance).toBeGreaterThan(before);
    expect(chance).toBeLessThan(1 - (1 - one) ** pieces);
    before = chance;
  }
});

test('pieces of known strength break together or not at all', () => {
  const way = journey({ spread: 0 });
  expect(shockChance({ ...way, pieces: 6 })).toBe(shockChance(way));
});

test('two rules agree: of one piece the weakest is itself', () => {
  const way = journey();
  // the trapezoid rule for several, taken to one piece by a power that is hardly one
  expect(shockChance({ ...way, pieces: 1 + 1e-9 }) / shockChance(way)).toBeCloseTo(1, 3);
});

test('where they stand differently the weakest is taken to stand where it is struck hardest: an upper bound, and not far above', () => {
  const way = journey();
  const thinner = way.faces.map((face) => ({
    ...face,
    others: [face.layers.map((layer) => ({ ...layer, areaIn2: layer.areaIn2 / 2 }))],
  }));
  const chance = shockChance({ ...way, faces: thinner, pieces: 4 });
  const sent = sendPieces({ ...way, faces: thinner }, 4, 5_000, 3);
  expect(chance).toBeGreaterThan(sent - 4 * Math.sqrt((sent * (1 - sent)) / 5_000));
  expect(chance).toBeLessThan(2 * sent);
  // the same stacks told twice change nothing
  const told = way.faces.map((face) => ({ ...face, others: [face.layers] }));
  expect(shockChance({ ...way, faces: told, pieces: 4 })).toBeCloseTo(shockChance({ ...way, pieces: 4 }), 12);
});

test('a simulated parcel has the weakest of its pieces: the least of n uniforms, exactly', () => {
  // the median of the least of n: Φ⁻¹(1 − 2^(−1/n)); for two, Φ⁻¹(0.29289) = −0.54495 (from tables of Φ)
  expect(weakestZ(0, 2)).toBeCloseTo(-0.54495, 4);
  expect(weakestZ(1.3, 1)).toBe(1.3);
  const way = { ...journey(), pieces: 6 };
  const random = seededRandom(11);
  const journeys = 5_000;
  let broken = 0;
  for (let i = 0; i < journeys; i++) if (breakingDrop(way, drawFate(random, dropsPerJourney(9)))) broken++;
  const chance = shockChance(way);
  expect(Math.abs(broken / journeys - chance)).toBeLessThan(4 * Math.sqrt((chance * (1 - chance)) / journeys));
});
