import type { BenchPhase, BenchStep, UsedInstead } from '@inch-nest/core';

/**
 * Steps that practised hands do in one stretch: from one on, everything that is only done, or everything that is only tried,
 * as long as it belongs to the same bundle and the same part of the way. What is measured or noted is a card of its own.
 *
 * @param at the first of them
 * @param mayJoin whether a step is still to be done for the first time: what is done, or has failed, joins no other
 */
export function stretchOf(steps: readonly BenchStep[], at: number, mayJoin: (step: BenchStep) => boolean): BenchStep[] {
  const first = steps[at];
  if (!first) return [];
  if (first.kind === 'record' || !mayJoin(first)) return [first];
  const rest = steps.slice(at + 1);
  const end = rest.findIndex(
    (next) => next.kind !== first.kind || next.phase !== first.phase || next.bundle !== first.bundle || !mayJoin(next),
  );
  return [first, ...rest.slice(0, end === -1 ? undefined : end)];
}

/** What a stretch is called, by the part of the way it belongs to. */
const STRETCH_WORDS: Readonly<Record<BenchPhase, string>> = { bundle: 'Wrap it', box: 'Box it', closing: 'Close it' };

/** A stretch as one card: one title, amounts and cuts of all of them, and the picture it ends with. */
export function stretchCard(stretch: readonly [BenchStep, ...BenchStep[]]): BenchStep {
  const [first] = stretch;
  const last = stretch.at(-1)!;
  if (stretch.length === 1) return first;
  const cuts = stretch.flatMap((step) => step.cuts ?? []);
  return {
    ...first,
    title: first.kind === 'test' ? 'Test it' : STRETCH_WORDS[first.phase],
    says: '',
    amounts: stretch.flatMap(({ amounts }) => amounts),
    minutes: stretch.reduce((sum, { minutes }) => sum + minutes, 0),
    picture: last.picture,
    ...(cuts.length > 0 ? { cuts } : {}),
  };
}

/** What of the stock was used otherwise, each at the first step that takes it as it was planned. */
export function usedInTurn(stretch: readonly Pick<BenchStep, 'amounts'>[], used: readonly UsedInstead[]): UsedInstead[][] {
  let left = used;
  return stretch.map(({ amounts }) => {
    const own = left.filter((one) =>
      amounts.some(({ stock, amount }) => stock?.kind === one.kind && stock.key === one.key && amount === one.planned),
    );
    left = left.filter((one) => !own.includes(one));
    return own;
  });
}
