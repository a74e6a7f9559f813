import fc from 'fast-check';
import type { PlanChoice, PlanDocument, PlanRequest } from '@inch-nest/core';
import { isDue, nestInHand, NOTHING_IN_HAND, recommendedOf, shownNest, type NestHappening, type Worked } from './nestInHand.ts';

// Only who is who matters here, so plans and choices are plain marks.

const choice = (boxKey: string) => ({ boxKey }) as unknown as PlanChoice;
const plan = (of: PlanChoice) => ({ choice: of }) as unknown as PlanDocument;
const request = (n: number) => ({ n }) as unknown as PlanRequest;
const worked = (of: PlanChoice, under: PlanRequest): Worked => ({
  of,
  request: under,
  answer: { kind: 'plan', document: plan(of) } as unknown as Worked['answer'],
});
const planned = (of: PlanChoice): NestHappening => ({
  kind: 'searchAnswered',
  answer: { kind: 'planned', recommended: plan(of) } as unknown as Extract<NestHappening, { kind: 'searchAnswered' }>['answer'],
});
const superseded: NestHappening = { kind: 'searchAnswered', answer: { kind: 'superseded' } };

test('the last search that was answered stays while the next one runs', () => {
  const [tight, wide] = [choice('12x12x12'), choice('16x16x16')];
  let now = nestInHand(NOTHING_IN_HAND, planned(tight));
  expect([recommendedOf(now)?.choice, now.searching]).toEqual([tight, false]);
  now = nestInHand(now, { kind: 'searchBegan' });
  expect([recommendedOf(now)?.choice, now.searching]).toEqual([tight, true]);
  now = nestInHand(now, superseded);
  expect([recommendedOf(now)?.choice, now.searching]).toEqual([tight, true]);
  expect(recommendedOf(nestInHand(now, planned(wide)))?.choice).toBe(wide);
});

test('the best so far of a search that goes on is shown, and the last word takes its place; none comes after the last word', () => {
  const [first, better] = [choice('first'), choice('better')];
  const soFar = (of: PlanChoice): NestHappening => ({ ...planned(of), kind: 'searchSoFar' }) as NestHappening;
  let now = nestInHand(NOTHING_IN_HAND, soFar(first));
  expect([recommendedOf(now)?.choice, now.searching]).toEqual([first, true]);
  now = nestInHand(now, planned(better));
  expect([recommendedOf(now)?.choice, now.searching]).toEqual([better, false]);
  expect(nestInHand(now, soFar(first))).toBe(now);
});

test('a search without an answer recommends nothing and forgets what was recommended', () => {
  const failed = { kind: 'searchAnswered', answer: { kind: 'noPlan' } } as unknown as NestHappening;
  expect(recommendedOf(nestInHand(nestInHand(NOTHING_IN_HAND, planned(choice('a'))), failed))).toBeNull();
});

test('until the planner has answered, what was kept is shown with its own figures', () => {
  const kept = choice('kept');
  expect(shownNest(NOTHING_IN_HAND, kept, plan(kept))).toEqual({ choice: kept, plan: plan(kept), answer: null });
});

test('a choice that cannot be done is shown as chosen, and no figures of another nest with it', () => {
  const small = choice('6x6x6');
  const refused = { ...worked(small, request(1)), answer: { kind: 'refused', reason: 'noBoard' } as unknown as Worked['answer'] };
  const shown = shownNest({ worked: refused }, choice('6x6x6'), plan(choice('12x12x12')));
  expect([shown.choice, shown.plan]).toEqual([small, null]);
});

test('whatever happens in whatever order, a choice is never shown with the figures of another', () => {
  const choices = ['a', 'b', 'c'].map(choice);
  const happening: fc.Arbitrary<NestHappening> = fc.oneof(
    fc.constant<NestHappening>({ kind: 'searchBegan' }),
    fc.constant(superseded),
    fc.constantFrom(...choices).map(planned),
    fc.constantFrom(...choices).map((of) => ({ ...planned(of), kind: 'searchSoFar' }) as NestHappening),
    fc
      .tuple(fc.constantFrom(...choices), fc.nat(3))
      .map(([of, n]): NestHappening => ({ kind: 'workedOut', worked: worked(of, request(n)) })),
  );
  fc.assert(
    fc.property(fc.array(happening, { maxLength: 12 }), fc.constantFrom(...choices), (all, wished) => {
      const now = all.reduce(nestInHand, NOTHING_IN_HAND);
      const shown = shownNest(now, wished, plan(wished));
      expect(shown.plan?.choice).toBe(shown.choice);
      const last = all.filter((one) => one.kind === 'workedOut').at(-1);
      expect(shown.choice).toBe(last ? last.worked.of : wished);
    }),
  );
});

test('a choice is worked out again when it or what was asked has changed, and only then', () => {
  const [one, other] = [choice('a'), choice('b')];
  const [first, second] = [request(1), request(2)];
  const now = { worked: worked(one, first) };
  expect(isDue(now, first, one)).toBe(false);
  expect(isDue(now, second, one)).toBe(true);
  expect(isDue(now, first, other)).toBe(true);
  expect(isDue(now, first, null)).toBe(false);
});
