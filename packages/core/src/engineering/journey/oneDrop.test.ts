import { normalCdf } from '../numeric/normal.ts';
import { CUSHION_MATERIALS } from '../cushion/cushionMaterials.ts';
import { dropHeightAtG } from '../cushion/dropHeight.ts';
import { breaksAtDrop } from './oneDrop.ts';

const PIECE = { weightLb: 2, criticalG: 120, spread: 0.3, ownHeightIn: 2 };
const LAYERS = [{ areaIn2: 30, thicknessIn: 2, curve: CUSHION_MATERIALS.mouldedFill.curve }];
const median = PIECE.ownHeightIn + dropHeightAtG(LAYERS, PIECE.weightLb, PIECE.criticalG);

test('from the height that the median piece just stands, half break', () =>
  expect(breaksAtDrop(PIECE, LAYERS, median)).toBeCloseTo(0.5, 9));

test('of pieces so much stronger all but a twentieth stand', () => {
  const m = Math.exp(1.6448536 * PIECE.spread);
  const height = PIECE.ownHeightIn * m + dropHeightAtG(LAYERS, PIECE.weightLb, PIECE.criticalG * m);
  expect(breaksAtDrop(PIECE, LAYERS, height)).toBeCloseTo(normalCdf(1.6448536), 6);
});

test('higher never breaks fewer; a strength that is known breaks all or none', () => {
  const chances = [2, 6, 12, 24, 48].map((height) => breaksAtDrop(PIECE, LAYERS, height));
  expect([...chances].sort((a, b) => a - b)).toEqual(chances);
  const known = { ...PIECE, spread: 0 };
  expect([median * 0.99, median * 1.01].map((height) => breaksAtDrop(known, LAYERS, height))).toEqual([0, 1]);
});
