/** Integer minor units (cents) of the shop's one currency. */
export type Minor = number;

const MOST_MINOR = 100_000_000;

/**
 * Reads an amount of money: `84`, `$84.50`, `84,50`, `1,250`. A comma is a decimal mark unless exactly
 * three digits follow.
 *
 * @returns minor units, or null when it is not an amount between 0 and 1,000,000.00
 */
export function parseMoney(text: string): Minor | null {
  const plain = text
    .trim()
    .replace(/^\$\s*/, '')
    .replace(/\s*(?:dollars?|\$)$/i, '');
  const match = /^(\d{1,3}(?:,\d{3})+|\d+)(?:[.,](\d{1,2}))?$/.exec(plain);
  if (!match) return null;
  const minor = Number(match[1]!.replaceAll(',', '')) * 100 + Number((match[2] ?? '').padEnd(2, '0'));
  return minor <= MOST_MINOR ? minor : null;
}

/** Rounds half up to a whole minor unit, as every shown money line is. */
export const roundMinor = (exact: number): Minor => Math.floor(exact + 0.5 + 1e-9);
