import { orientationsAllowed, type Orientation } from '../../engineering/geometry/orientations.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import { STANDING_RULES, wishesOf } from '../../engineering/stowage/standingRules.ts';
import type { PieceFacts } from '../sale/Order.ts';

type Wanted = Pick<PieceFacts, 'standing' | 'lengthIn' | 'widthIn' | 'heightIn'>;

/**
 * True where a piece lies as somebody wants it, whatever else is in the box.
 *
 * @param guessedIn its sides, inches, where they were not all measured; without them anything will do
 */
export function liesAsRuled({ standing, lengthIn, widthIn, heightIn }: Wanted, orientation: Orientation, guessedIn?: Triple): boolean {
  const sidesIn = lengthIn !== null && widthIn !== null && heightIn !== null ? ([lengthIn, widthIn, heightIn] as const) : guessedIn;
  return sidesIn === undefined || wishesOf(standing).every((rule) => STANDING_RULES[rule].lies?.(sidesIn, orientation[2]) ?? true);
}

/** Ways a piece may lie: as somebody wants it where its own way up allows that, else whichever way it allows. */
export function orientationsOf(facts: Wanted & Pick<PieceFacts, 'keepUpright'>, guessedIn?: Triple): readonly Orientation[] {
  const allowed = orientationsAllowed(facts.keepUpright);
  const wanted = allowed.filter((orientation) => liesAsRuled(facts, orientation, guessedIn));
  return wanted.length > 0 ? wanted : allowed;
}
