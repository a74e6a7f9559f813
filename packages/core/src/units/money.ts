/** Integer minor units (cents) of the shop's one currency. */
export type Minor = number;

const MOST_MINOR = 100_000_000;

/**
 * Reads an amount of money: `84`, `$84.50`, `84,50`, `1,250`. A comma is a decimal mark unless exactly
 * three digits follow. Whatever sign stands at it, it is of the shop's one currency.
 *
 * @returns minor units, or null when it is not an amount between 0 and 1,000,000.00
 */
export function parseMoney(text: string): Minor | null {
  const plain = text
    .trim()
    .replace(/^\p{Sc}\s*/u, '')
    .replace(/\s*(?:dollars?|euros?|\p{Sc})$/iu, '');
  const match = /^(\d{1,3}(?:,\d{3})+|\d+)(?:[.,](\d{1,2}))?$/.exec(plain);
  if (!match) return null;
  const minor = Number(match[1]!.replaceAll(',', '')) * 100 + Number((match[2] ?? '').padEnd(2, '0'));
  return minor <= MOST_MINOR ? minor : null;
}

/** The sign of a currency, as it is written at an amount: `$`, `€`; its code where it has none. */
export const currencySign = (currency: string): string =>
  new Intl.NumberFormat('en', { style: 'currency', currency, currencyDisplay: 'narrowSymbol' })
    .formatToParts(1)
    .find(({ type }) => type === 'currency')!.value;

/** The sign that stands at an amount, if any. */
export const signAt = (amount: string): string | null => /\p{Sc}/u.exec(amount)?.[0] ?? null;

/** Rounds half up to a whole minor unit, as every shown money line is. */
export const roundMinor = (exact: number): Minor => Math.floor(exact + 0.5 + 1e-9);

/**
 * Amounts as whole minor units that add up to their rounded sum: each is rounded down, and what is left goes to those that
 * lost most (largest remainders). So a column of lines comes to the total that stands everywhere else.
 */
export function roundedTogether(amounts: readonly number[]): Minor[] {
  const down = amounts.map((amount) => Math.floor(amount + 1e-9));
  const left = roundMinor(amounts.reduce((sum, amount) => sum + amount, 0)) - down.reduce((sum, amount) => sum + amount, 0);
  const most = amounts.map((amount, at) => [amount - down[at]!, at] as const).sort(([one, i], [other, j]) => other - one || i - j);
  for (const [, at] of most.slice(0, Math.max(0, left))) down[at]! += 1;
  return down;
}
