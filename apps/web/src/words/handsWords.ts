import {
  formatChance,
  GUARDS,
  HARD_POINTS,
  lower,
  turnsWords,
  type HandsAnswer,
  type HandsQuestion,
  type JudgedAnswer,
} from '@inch-nest/core';
import type { Writers } from './writers.ts';

/** What is asked of hands that learn. @param nameOf a wrap by its key */
export function questionWords({ about }: Pick<HandsQuestion, 'about'>, nameOf: (key: string) => string): string {
  switch (about.kind) {
    case 'guard':
      return `What goes on the ${HARD_POINTS[about.part].name}?`;
    case 'turns':
      return `How much ${lower(nameOf(about.material))}?`;
    case 'box':
      return 'Which box?';
    case 'fill':
      return about.apart ? 'What fills the rest of the box?' : 'What fills the box?';
  }
}

/** One answer to that. */
export function answerWords(answer: HandsAnswer): string {
  switch (answer.kind) {
    case 'guard':
      return answer.guard === null ? 'Nothing' : `A ${GUARDS[answer.guard].name}`;
    case 'turns':
      return answer.turns === 0 ? 'None' : turnsWords(answer.turns);
    case 'box':
    case 'fill':
      return answer.name;
  }
}

/** True of an answer nobody need be ashamed of. */
export const isGood = ({ verdict }: Pick<JudgedAnswer, 'verdict'>): boolean => verdict === 'asPlanned' || verdict === 'asGood';

/** A difference of less than this is none, in minor units and as a share of a chance. */
const SAME = { minor: 0.5, share: 0.02 };

/**
 * What an answer would do, beside what the nest has.
 *
 * @param seesMoney false for whoever is told of chances alone
 */
export function judgedWords(judged: JudgedAnswer, planned: JudgedAnswer, { money }: Pick<Writers, 'money'>, seesMoney: boolean): string {
  const { verdict, figures, why } = judged;
  if (verdict === 'cannot' || !figures || !planned.figures) return `It cannot be: ${why ?? 'no service takes it so'}.`;
  const more = figures.costMinor - planned.figures.costMinor;
  const price = !seesMoney || Math.abs(more) < SAME.minor ? '' : more > 0 ? `${money(more)} more` : `${money(-more)} less`;
  const chance = `${formatChance(figures.chance)} breaks`;
  const times = figures.chance / planned.figures.chance;
  switch (verdict) {
    case 'asPlanned':
      return `As the nest has it: ${chance}${seesMoney ? `, ${money(figures.costMinor)} in all` : ''}.`;
    case 'asGood':
      return `As good: ${chance}${price && `, ${price}`}.`;
    case 'riskier':
      return `${chance}: ${timesWords(times)}${price && `, for ${price}`}.`;
    case 'dearer':
      if (Math.abs(times - 1) < SAME.share) return `No safer${price ? `, and ${price}` : ', and more work'}.`;
      return `${chance}, which is less${price ? `; but ${price} is more than that is worth` : ', but it takes more than that is worth'}.`;
  }
}

const timesWords = (times: number): string =>
  times < 1 + SAME.share ? 'hardly more often' : times < 1.75 ? 'more often' : `${Math.round(times)} times as often`;
