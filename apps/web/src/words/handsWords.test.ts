import type { HandsQuestion, JudgedAnswer } from '@inch-nest/core';
import { answerWords, isGood, judgedWords, questionWords } from './handsWords.ts';

const money = (minor: number) => `$${(minor / 100).toFixed(2)}`;
const judged = (verdict: JudgedAnswer['verdict'], chance: number, costMinor: number): JudgedAnswer => ({
  answer: { kind: 'turns', turns: 2 },
  verdict,
  figures: { chance, costMinor },
  why: null,
});
const planned = judged('asPlanned', 0.005, 1400);
const said = (one: JudgedAnswer, seesMoney = true) => judgedWords(one, planned, { money }, seesMoney);

test.each<[HandsQuestion['about'], string]>([
  [{ kind: 'guard', part: 'spout' }, 'What goes on the spout?'],
  [{ kind: 'turns', material: 'largeBubble' }, 'How much large bubble?'],
  [{ kind: 'box' }, 'Which box?'],
  [{ kind: 'fill', apart: false }, 'What fills the box?'],
  [{ kind: 'fill', apart: true }, 'What fills the rest of the box?'],
])('%j is asked', (about, says) => expect(questionWords({ about }, () => 'Large bubble')).toBe(says));

test.each([
  [{ kind: 'guard', guard: null } as const, 'Nothing'],
  [{ kind: 'guard', guard: 'foamTube' } as const, 'A foam-tube collar'],
  [{ kind: 'turns', turns: 0 } as const, 'None'],
  [{ kind: 'turns', turns: 1 } as const, '1 turn'],
  [{ kind: 'box', box: '8x8x8', name: '8×8×8' } as const, '8×8×8'],
])('%j is answered', (answer, says) => expect(answerWords(answer)).toBe(says));

test('how it would turn out, with its price and without', () => {
  expect(said(planned)).toBe('As the nest has it: 1 in 200 breaks, $14.00 in all.');
  expect(said(judged('riskier', 0.02, 1360))).toBe('1 in 50 breaks: 4 times as often, for $0.40 less.');
  expect(said(judged('riskier', 0.02, 1360), false)).toBe('1 in 50 breaks: 4 times as often.');
  expect(said(judged('riskier', 0.006, 1420))).toBe('1 in 170 breaks: more often, for $0.20 more.');
  expect(said(judged('dearer', 0.004, 1700))).toBe('1 in 250 breaks, which is less; but $3.00 more is more than that is worth.');
  expect(said(judged('dearer', 0.004, 1700), false)).toBe('1 in 250 breaks, which is less, but it takes more than that is worth.');
  expect(said(judged('dearer', 0.005, 1500))).toBe('No safer, and $1.00 more.');
  expect(said(judged('asGood', 0.005, 1400))).toBe('As good: 1 in 200 breaks.');
  expect(said({ ...planned, verdict: 'cannot', figures: null, why: 'it does not go into that box' })).toBe(
    'It cannot be: it does not go into that box.',
  );
});

test('a nobody-need-be-ashamed answer is the nest’s own or as good', () =>
  expect((['asPlanned', 'asGood', 'riskier', 'dearer', 'cannot'] as const).filter((verdict) => isGood({ verdict }))).toEqual([
    'asPlanned',
    'asGood',
  ]));
