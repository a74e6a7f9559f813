/** Chances are said between 1 in 5,000 and 19 in 20; beyond that in words alone. */
const SELDOM = 1 / 5000;
const NEARLY_ALWAYS = 19 / 20;

/**
 * A chance the way people weigh it: `1 in 240`, `3 in 10`; `less than 1 in 5,000` and `almost certain`
 * beyond what the model can tell.
 */
export function formatChance(chance: number): string {
  if (chance <= 0) return 'none that we know of';
  if (chance < SELDOM) return 'less than 1 in 5,000';
  if (chance > NEARLY_ALWAYS) return 'almost certain';
  if (chance > 0.25) return `${Math.round(chance * 20) / 2} in 10`;
  return `1 in ${grouped(twoDigits(1 / chance))}`;
}

/** A chance as a percentage with two significant digits: `0.42%`. */
export function formatPercent(chance: number): string {
  const percent = chance * 100;
  if (percent === 0) return '0%';
  return percent < 0.01 ? 'under 0.01%' : `${Number(percent.toPrecision(2))}%`;
}

function twoDigits(value: number): number {
  const step = 10 ** Math.max(0, Math.floor(Math.log10(value)) - 1);
  return Math.round(value / step) * step;
}

const grouped = (value: number): string => String(value).replace(/\B(?=(\d{3})+$)/g, ',');
