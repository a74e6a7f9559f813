/** The least of all chances in the same step, where a step is this share of a chance. */
const inStepsOf = (share: number) => {
  const step = Math.log1p(share);
  return (chance: number): number => (chance > 0 ? Math.exp(Math.floor(Math.log(chance) / step) * step) : 0);
};

/**
 * The least of all chances that count as the same as this one when nests are traded for cost: in steps of a tenth, since nobody
 * tells 1 in 91 from 1 in 100 where either may be three times as many; judgement.
 */
export const alikeChance = inStepsOf(0.1);

/**
 * The same where the safest is looked for: in steps of a fiftieth, 1 in 98 and 1 in 100, since a nest is made safer bundle by
 * bundle and what each brings of the whole is little; judgement.
 */
export const nearChance = inStepsOf(0.02);
