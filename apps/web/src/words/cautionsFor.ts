import { ARCHETYPES, type PieceFacts } from '@inch-nest/core';

const TWO_LIFT_LB = 50;

/** The usual cautions where they apply; never instead of the carrier's terms, the law or a specialist. */
export function cautionsFor(facts: PieceFacts, weightLb: number): string[] {
  const title = facts.title.toLowerCase();
  const says = (...words: string[]) => words.some((word) => title.includes(word));
  return [
    ...(weightLb > TWO_LIFT_LB ? ['Over 50 lb: lift it by two.'] : []),
    ...(ARCHETYPES[facts.archetype].feel !== null
      ? ['Cut with the knife away from the body, never on the lap. If it breaks, gloves for the pieces.']
      : ['Cut with the knife away from the body, never on the lap.']),
    ...(says('mercury', 'radium', 'lumin', 'battery', 'batteries', 'aerosol', 'spirit', 'gas') && !says('mercury-free')
      ? ['Batteries, mercury, radium paint, gas, spirits: stop. The carrier’s dangerous-goods rules decide whether it may go at all.']
      : []),
    ...(says('ivory', 'feather', 'tortoise', 'whale', 'coral')
      ? ['Ivory, feathers and the like fall under protected-species law: ask before it goes.']
      : []),
    ...(facts.archetype === 'boxedElectronics'
      ? ['Old wiring: not to be plugged in as it is. Batteries out, and the carrier’s rules for them followed.']
      : []),
    'Film and bags away from children. The carrier’s own terms come before any figure here.',
  ];
}
