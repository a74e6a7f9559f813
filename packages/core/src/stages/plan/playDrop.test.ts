import { dropHeightAtG } from '../../engineering/cushion/dropHeight.ts';
import { samplePlan } from '../../../tests/samplePlan.ts';
import { playDrop } from './playDrop.ts';

const { shock } = samplePlan({});

test('the energy the layers take up is the fall’s: weight times height, within 1%', () => {
  const played = playDrop(shock!, 30, 'bottom', 40)!;
  const forceG = played.peakG;
  expect(Math.abs(dropHeightAtG(shock!.faces.bottom.layers, shock!.weightLb, forceG) / 30 - 1)).toBeLessThan(0.01);
  expect(played.layers.reduce((sum, { energyShare }) => sum + energyShare, 0)).toBeCloseTo(1, 9);
});

test('a corner is harder than any of its three faces', () => {
  const corner = playDrop(shock!, 30, 'corner', 10)!;
  for (const face of ['bottom', 'front', 'left'] as const) expect(corner.peakG).toBeGreaterThan(playDrop(shock!, 30, face, 10)!.peakG);
});

test('a higher drop breaks more, and no drop squeezes a layer beyond itself', () => {
  const [low, high] = [playDrop(shock!, 10, 'bottom', 30)!, playDrop(shock!, 60, 'bottom', 30)!];
  expect(high.breaks).toBeGreaterThan(low.breaks);
  for (const { squeezeIn } of high.moments)
    squeezeIn.forEach((inches, i) => expect(inches).toBeLessThanOrEqual(high.layers[i]!.thicknessIn + 1e-9));
});

test('where nothing lies on a face there is nothing to play', () => {
  const faces = {
    ...shock!.faces,
    top: { ...shock!.faces.top, layers: shock!.faces.top.layers.map((one) => ({ ...one, thicknessIn: 0 })) },
  };
  expect(playDrop({ ...shock!, faces }, 30, 'top', 10)).toBeNull();
});
