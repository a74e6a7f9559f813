/** Chances nearer than this share of each other are told apart by nobody: 1 in 98 and 1 in 100; judgement. */
const ALIKE_SHARE = 0.02;
const STEP = Math.log1p(ALIKE_SHARE);

/** The least of all chances that count as the same as this one: plans are weighed against each other in steps of a fiftieth. */
export const alikeChance = (chance: number): number => (chance > 0 ? Math.exp(Math.floor(Math.log(chance) / STEP) * STEP) : 0);
