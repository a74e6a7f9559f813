import { journey } from '../../../tests/sampleJourney.ts';
import { dropHeightAtG } from '../cushion/dropHeight.ts';
import { seededRandom } from '../numeric/seededRandom.ts';
import { anyOfSeveral } from './commonDrops.ts';
import { DROP_SPREAD, dropsPerJourney, medianDropIn } from './dropHeights.ts';
import { shockChance, type Journey } from './shockChance.ts';

/** Sends so many parcels of different pieces, each of a strength drawn once, all struck by the same drops; how often any breaks. */
function sendTogether(ways: readonly Journey[], journeys: number, seed: number): number {
  const random = seededRandom(seed);
  const [first] = ways as [Journey];
  const medianIn = medianDropIn(first.grossWeightLb, first.handlingFactor);
  let broken = 0;
  for (let i = 0; i < journeys; i++) {
    const strengths = ways.map(({ spread }) => Math.exp(spread * random.normal()));
    let any = false;
    for (let drop = 0; drop < dropsPerJourney(first.zone); drop++) {
      const heightIn = medianIn * Math.exp(DROP_SPREAD * random.normal());
      let draw = random.uniform();
      const struck = first.faces.findIndex(({ chance }) => (draw -= chance) < 0);
      const face = struck < 0 ? first.faces.length - 1 : struck;
      any ||= ways.some(({ faces, weightLb, criticalG, ownHeightIn }, at) => {
        const m = strengths[at]!;
        return heightIn > ownHeightIn * m + dropHeightAtG(faces[face]!.layers, weightLb, criticalG * m);
      });
    }
    if (any) broken++;
  }
  return broken / journeys;
}

const together = (ways: readonly Journey[]) => anyOfSeveral(ways, ways.map(shockChance));

describe('different pieces struck by the same drops', () => {
  const base = journey();
  const delicate = journey({ criticalG: base.criticalG * 0.7 });
  const light = journey({ criticalG: base.criticalG * 1.1, weightLb: base.weightLb * 0.5 });

  // against parcels sent one by one: within four errors of the simulation and a twentieth, which the share of one drop leaves out
  test.each([
    ['two alike', [base, base]],
    ['a delicate one and another', [delicate, base]],
    ['three of three kinds', [base, delicate, light]],
    ['five', [base, delicate, light, base, light]],
  ])('%s: as when each is drawn by itself', (_, ways) => {
    const journeys = 6_000;
    const chance = together(ways);
    const error = Math.sqrt((chance * (1 - chance)) / journeys);
    expect(Math.abs(sendTogether(ways, journeys, 11) - chance)).toBeLessThan(4 * error + chance / 20);
  });

  test('never less than the worst of them, never more than each in a parcel of its own', () => {
    for (const ways of [[base, delicate], [base, delicate, light], Array.from({ length: 12 }, () => base)]) {
      const chances = ways.map(shockChance);
      expect(together(ways)).toBeGreaterThanOrEqual(Math.max(...chances));
      expect(together(ways)).toBeLessThanOrEqual(1 - chances.reduce((none, chance) => none * (1 - chance), 1));
    }
  });

  test('of one piece its own chance; alike ones as the weakest of so many has it, within a twentieth', () => {
    expect(together([base])).toBeCloseTo(shockChance(base), 12);
    for (const pieces of [2, 3, 6])
      expect(together(Array.from({ length: pieces }, () => base)) / shockChance({ ...base, pieces })).toBeCloseTo(1, 1);
  });

  test('a piece that never breaks changes nothing', () => {
    const iron = journey({ criticalG: 1e5 });
    expect(together([base, iron]) / shockChance(base)).toBeCloseTo(1, 6);
  });
});
