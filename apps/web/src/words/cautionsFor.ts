import { ARCHETYPES, type PieceFacts } from '@inch-nest/core';

const TWO_LIFT_LB = 50;

/** Whole words of a title, one or several of each: a spirit level holds no spirits. */
const anyOf = (words: string) => new RegExp(`\\b(?:${words})(?:s|es)?\\b`, 'i');
const DANGEROUS = anyOf(
  'mercury(?!-free)|radium|lumin\\w*|battery|batteries|aerosol|spirit(?! level)|gas(?! mask)|lighter|petrol|paraffin|kerosene|' +
    'oil lamp|oil can|camping stove|blow ?torch|blow ?lamp|fire extinguisher|cartridge|flare',
);
const PROTECTED = anyOf('ivory|feather|tortoise(?: ?shell)?|turtle|whale|baleen|scrimshaw|coral|taxidermy|rhino|fur');
const WEAPONS = anyOf('gun|pistol|revolver|rifle|musket|sword|bayonet|dagger|crossbow|air ?gun|ammunition');
const BLADES = anyOf('knife|knives|sword|bayonet|dagger|axe|razor|chisel|saw|sickle|scythe|cleaver|hand plane');

/** The usual cautions where they apply; never instead of the carrier's terms, the law or a specialist. */
export function cautionsFor(facts: PieceFacts, weightLb: number): string[] {
  const says = (words: RegExp) => words.test(facts.title);
  return [
    ...(weightLb > TWO_LIFT_LB ? ['Over 50 lb: lift it by two.'] : []),
    ...(ARCHETYPES[facts.archetype].feel !== null
      ? ['Cut with the knife away from the body, never on the lap. If it breaks, gloves for the pieces.']
      : ['Cut with the knife away from the body, never on the lap.']),
    ...(says(DANGEROUS)
      ? [
          'Batteries, mercury, radium paint, fuel, gas, spirits: stop, also where it only held them. The carrier’s dangerous-goods rules decide whether it may go at all.',
        ]
      : []),
    ...(says(PROTECTED) ? ['Ivory, feathers and the like fall under protected-species law: ask before it goes.'] : []),
    ...(says(WEAPONS) ? ['Weapons, old ones too: the law of both ends and the carrier’s terms decide whether it may go at all.'] : []),
    ...(says(BLADES) ? ['A blade goes into a sheath of card first, taped shut, so that nobody who opens it is cut.'] : []),
    ...(facts.archetype === 'boxedElectronics'
      ? ['Old wiring: not to be plugged in as it is. Batteries out, and the carrier’s rules for them followed.']
      : []),
    'Film and bags away from children. The carrier’s own terms come before any figure here.',
  ];
}
