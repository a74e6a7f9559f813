import { leastExpected, type Priced } from './packedVerdict.ts';
import { isHonest } from './sideBySide.ts';

/** What keeping below the ceiling costs is told from this share of a nest's cost; judgement. */
const WORTH_TELLING = 0.1;

/**
 * The nest that would be taken instead but for the ceiling on the chance, where that is clearly cheaper in all that is expected:
 * what the rule costs here, for whoever knows a reason to go beyond it.
 *
 * @param hand the nest in hand
 * @param frontier nests that were found
 * @param ceiling chance above which a nest is recommended only where none is below it
 * @returns null where the one in hand is above the ceiling itself, and where the rule costs little
 */
export function ceilingPrice<Plan extends Priced>(hand: Priced, frontier: readonly Plan[], ceiling: number): Plan | null {
  if (hand.chance > ceiling) return null;
  const instead = leastExpected(frontier.filter((one) => one.chance > ceiling && isHonest(one)));
  return instead && hand.expectedMinor - instead.expectedMinor >= WORTH_TELLING * hand.nestCostMinor ? instead : null;
}
