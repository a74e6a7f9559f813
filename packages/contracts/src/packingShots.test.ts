import fc from 'fast-check';
import type { BenchStep } from '@inch-nest/core';
import { packingShots, shotWords } from './packingShots.ts';

const step = (key: string, shot: boolean): BenchStep => ({
  key,
  kind: 'do',
  phase: 'box',
  records: null,
  picture: { layers: 0, inBox: 'no' },
  title: key,
  says: '',
  amounts: [],
  minutes: 0,
  ...(shot ? { shot } : {}),
  test: null,
});
const STEPS = [step('wrap', true), step('measure', false), step('base', true), step('close', true)];
const packing = (at: string | null) => ({ of: 'packing' as const, step: at });

test('each wanted photograph is known by its step', () => {
  const { wanted, have } = packingShots([packing('base'), packing('base'), { of: 'piece', step: null }], STEPS);
  expect(wanted.map((one) => [one.step, one.taken])).toEqual([
    ['wrap', false],
    ['base', true],
    ['close', false],
  ]);
  expect(have).toBe(1);
});

test('one taken at no step counts for whatever is missing, and never for more than is wanted', () => {
  expect(packingShots([packing(null), packing('base')], STEPS).have).toBe(2);
  expect(packingShots([packing(null), packing('measure'), packing('gone'), packing('base')], STEPS).have).toBe(3);
  expect(shotWords(packingShots([packing('wrap')], STEPS))).toBe('1 of 3 photographs');
});

test('a house that photographs nothing wants nothing', () => expect(shotWords(packingShots([packing(null)], []))).toBeNull());

test('one more photograph never makes fewer, and all of them make a whole folder', () => {
  const any = fc.array(fc.constantFrom<string | null>('wrap', 'base', 'close', 'measure', null), { maxLength: 12 });
  fc.assert(
    fc.property(any, fc.constantFrom('wrap', 'base', 'close'), (at, next) => {
      const photos = at.map(packing);
      const more = packingShots([...photos, packing(next)], STEPS);
      expect(more.have).toBeGreaterThanOrEqual(packingShots(photos, STEPS).have);
      expect(packingShots([...photos, packing('wrap'), packing('base'), packing('close')], STEPS).have).toBe(3);
    }),
  );
});
