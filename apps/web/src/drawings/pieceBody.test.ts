import { ARCHETYPES, type ArchetypeKey, type Triple } from '@inch-nest/core';
import { pieceBody } from './pieceBody.ts';
import { PIECE_OUTLINES } from './pieceOutlines.ts';

const KINDS = Object.keys(ARCHETYPES) as ArchetypeKey[];
const UPRIGHT = [0, 1, 2] as const;
const LYING = [2, 0, 1] as const;
const SIZE: Triple = [9, 5, 4];

test.each(KINDS)('%s: a body as large as the piece however it lies, round its own middle', (kind) => {
  for (const axes of [UPRIGHT, LYING]) {
    const body = pieceBody({ kind, axes }, SIZE);
    body.computeBoundingBox();
    const { min, max } = body.boundingBox!;
    // length along x, depth up along y, width along −z; the wheel and rounded corners take a little
    const sides = [max.x - min.x, max.z - min.z, max.y - min.y];
    sides.forEach((side, axis) => {
      expect(side / SIZE[axis]!).toBeGreaterThan(0.93);
      expect(side / SIZE[axis]!).toBeLessThan(1.07);
    });
    expect(Math.abs(min.x + max.x)).toBeLessThan(0.07 * SIZE[0]);
    expect(Math.abs(min.y + max.y)).toBeLessThan(0.07 * SIZE[2]);
  }
});

test('what is round is as wide at each height as its profile says: Guldin’s rule gives the same volume', () => {
  for (const kind of KINDS) {
    const { profile } = PIECE_OUTLINES[kind];
    if (!profile) continue;
    const body = pieceBody({ kind, axes: UPRIGHT }, [2, 2, 2]);
    const { position } = body.attributes;
    let volume = 0;
    for (let i = 0; i < position!.count; i += 3) {
      const [a, b, c] = [0, 1, 2].map((k) => [position!.getX(i + k), position!.getY(i + k), position!.getZ(i + k)] as const) as [
        Triple,
        Triple,
        Triple,
      ];
      volume += (a[0] * (b[1] * c[2] - b[2] * c[1]) + a[1] * (b[2] * c[0] - b[0] * c[2]) + a[2] * (b[0] * c[1] - b[1] * c[0])) / 6;
    }
    // frustums between the profile's points, height 2, each radius a share of 1
    const frustums = profile.slice(1).reduce((sum, [up, wide], i) => {
      const [below, narrow] = profile[i]!;
      return sum + ((up - below) * 2 * Math.PI * (narrow * narrow + narrow * wide + wide * wide)) / 3;
    }, 0);
    // fourteen sides have sin(2π/14)/(2π/14) of a circle's area
    const sides = Math.sin((2 * Math.PI) / 14) / ((2 * Math.PI) / 14);
    // above 0: the skin looks outward
    expect(volume).toBeCloseTo(frustums * sides, 6);
  }
});
