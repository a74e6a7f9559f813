import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { FACES, judgePacking, PRACTICE_BANDS, type Packing } from '@inch-nest/core';
import { writePracticeBands } from './practiceBands.ts';

const breaks = (packing: Packing): number => judgePacking(packing).breaks;

// what good packers do and how it goes, and what goes wrong. Common practice, no source
describe.each(PRACTICE_BANDS.map((band) => [band.name, band] as const))('%s', (_, { packing, low, high, reckoned }) => {
  test('lies in the band of practice', () => {
    expect(breaks(packing)).toBeGreaterThanOrEqual(low);
    expect(breaks(packing)).toBeLessThanOrEqual(high);
  });
  test('is within a tenth of an independent reckoning', () => expect(Math.abs(breaks(packing) / reckoned - 1)).toBeLessThanOrEqual(0.1));
});

test('a globe in a box in a box is not worse off than one bedded straight', () => {
  const { packing } = PRACTICE_BANDS.find(({ name }) => name.startsWith('lantern globe'))!;
  expect(breaks(packing)).toBeLessThanOrEqual(breaks({ ...packing, inner: null }));
});

test('a fine face behind a card is nicked 0.6% of the time, bare 12%', () => {
  const { packing } = PRACTICE_BANDS.find(({ name }) => name === 'pump casting')!;
  const nick = (one: Packing) => judgePacking(one).causes.find(({ key }) => key === 'nick')!.chance;
  expect(nick(packing)).toBeCloseTo(0.006, 4);
  expect(nick({ ...packing, faceCard: false })).toBeCloseTo(0.12, 3);
});

test('the table printed in docs/model.md is the one the model gives', () => {
  const text = readFileSync(join(__dirname, '../../docs/model.md'), 'utf8');
  const plain = (table: string) => table.split('\n').map((line) => line.split('|').map((cell) => cell.trim().replace(/^-+:?$/, '---')));
  const printed = /(\| case[\s\S]*?)\n\n/.exec(text)?.[1] ?? '';
  expect(plain(printed)).toEqual(plain(writePracticeBands()));
});

// metamorphic, the handling of the parcel held by its gross weight
describe('better packing never breaks more', () => {
  const anyBand = fc.constantFrom(...PRACTICE_BANDS.map(({ packing }) => ({ ...packing, grossWeightLb: judgePacking(packing).grossLb })));
  const holds = (better: (packing: Packing) => Packing | null, most = 1) =>
    fc.assert(
      fc.property(anyBand, (packing) => {
        const changed = better(packing);
        if (changed) expect(breaks(changed)).toBeLessThanOrEqual(breaks(packing) * most * (1 + 1e-9));
      }),
    );

  test('one more turn', () =>
    holds((packing) => (packing.envelope ? null : { ...packing, layers: [...packing.layers, { material: 'smallBubble', turns: 1 }] })));
  test('a larger gap all round', () =>
    holds((packing) =>
      packing.fill
        ? {
            ...packing,
            gapsIn: Object.fromEntries(FACES.map((face) => [face, packing.gapsIn[face] * 1.25])) as unknown as Packing['gapsIn'],
          }
        : null,
    ));
  test('a second wall', () => holds((packing) => (packing.envelope ? null : { ...packing, liner: true })));
  test('a board under it', () => holds((packing) => (packing.envelope ? null : { ...packing, board: true })));
  test('a guard on a bare hard point', () =>
    holds((packing) => ({
      ...packing,
      piece: { ...packing.piece, hardPoints: packing.piece.hardPoints.map((point) => ({ ...point, guard: point.guard ?? 'foamTube' })) },
    })));
  // an inner box weighs the more on a lighter piece
  test('a lighter piece, but in a box in a box', () =>
    holds((packing) => (packing.inner ? null : { ...packing, piece: { ...packing.piece, weightLb: packing.piece.weightLb * 0.8 } })));
  test('a doubled face, but for a hair', () =>
    holds((packing) => {
      const [first, ...others] = packing.layers;
      return first ? { ...packing, layers: [{ ...first, doubled: { bottom: 1 } }, ...others] } : null;
    }, 1.006));
});

test('a set that crosses twenty-one pounds is not thrown much less for it', () => {
  for (const { packing } of PRACTICE_BANDS) {
    const [under, over] = [20.9, 21.1].map((grossWeightLb) => breaks({ ...packing, grossWeightLb }));
    expect(Math.abs(over! / under! - 1)).toBeLessThan(0.02);
  }
});
