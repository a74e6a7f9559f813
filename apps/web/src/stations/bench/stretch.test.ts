import { derivePlan, writeBenchSteps, type BenchStep } from '@inch-nest/core';
import { CHOICE, point, request } from '../../../../../packages/core/tests/sampleRequest.ts';
import { stretchCard, stretchOf, usedInTurn } from './stretch.ts';

const asked = request({ hardPoints: [point('handle', 'right', { guard: 'foamTube' })] });
const derived = derivePlan(asked, {
  ...CHOICE,
  layers: [
    { material: 'tissue', turns: 1 },
    { material: 'largeBubble', turns: 2 },
  ],
});
if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
const STEPS = writeBenchSteps(derived.option, asked.house);
const all = () => true;

/** Every card of a plan, one after the other. */
function cards(steps: readonly BenchStep[]): BenchStep[][] {
  const made: BenchStep[][] = [];
  for (let at = 0; at < steps.length; at += made.at(-1)!.length) made.push(stretchOf(steps, at, all));
  return made;
}

test('in stretches every step comes once and in its order; what is done and what is tried share no card, a note shares none', () => {
  const made = cards(STEPS);
  expect(made.flat()).toEqual(STEPS);
  for (const card of made) {
    expect(new Set(card.map(({ kind }) => kind)).size).toBe(1);
    if (card[0]!.kind === 'record') expect(card).toHaveLength(1);
  }
});

test('a plain parcel is a good deal fewer cards, and they begin with the wrapping as one', () => {
  const made = cards(STEPS);
  expect(made.length).toBeLessThan(STEPS.length * 0.7);
  expect(made[0]!.map(({ title }) => title)).toEqual(['Guard the handle', 'Tissue: 1 turn', 'Large bubble: 2 turns']);
});

test('what is done already, or has failed, ends a stretch and joins none', () => {
  const done = STEPS[1]!.key;
  const mayJoin = ({ key }: BenchStep) => key !== done;
  expect(stretchOf(STEPS, 0, mayJoin)).toEqual([STEPS[0]]);
  expect(stretchOf(STEPS, 1, mayJoin)).toEqual([STEPS[1]]);
  expect(stretchOf(STEPS, STEPS.length, all)).toEqual([]);
});

test('a card takes the minutes, amounts and last picture of its steps', () => {
  const stretch = stretchOf(STEPS, 0, all) as [BenchStep, ...BenchStep[]];
  const card = stretchCard(stretch);
  expect(card.title).toBe('Wrap it');
  expect(card.minutes).toBeCloseTo(
    stretch.reduce((sum, { minutes }) => sum + minutes, 0),
    9,
  );
  expect(card.amounts).toHaveLength(stretch.flatMap(({ amounts }) => amounts).length);
  expect(card.picture).toEqual(stretch.at(-1)!.picture);
  expect(stretchCard([STEPS[3]!])).toBe(STEPS[3]);
});

test('what was used otherwise is noted once, at the step it belongs to', () => {
  const stretch = stretchOf(STEPS, 0, all);
  const used = [{ kind: 'wrap' as const, key: 'largeBubble', planned: 2, amount: 3 }];
  expect(usedInTurn(stretch, used)).toEqual([[], [], used]);
  expect(usedInTurn([...stretch, ...stretch], used).flat()).toEqual(used);
});
