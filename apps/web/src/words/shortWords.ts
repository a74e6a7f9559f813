import { formatChance, type ShortStock } from '@inch-nest/core';
import { stockAmount } from './stockAmount.ts';
import type { Writers } from './writers.ts';

/** What will not suffice today, for one thing of the stockroom: how much is wanted, how much there is, who goes without. */
export function shortWords({ kind, name, wanted, onHand, without }: ShortStock, write: Pick<Writers, 'area' | 'volume'>): string {
  const amount = (much: number) => stockAmount(kind, much, write);
  const there = onHand > 0 ? `${amount(onHand)} there` : 'none there';
  return `${name}: ${amount(wanted)} wanted, ${there}; not enough for ${without.join(', ')}`;
}

/** What one nest wants more of than is free for it. */
export const freeWords = ({ kind, name, wanted, onHand }: ShortStock, write: Pick<Writers, 'area' | 'volume'>): string =>
  `${name}: ${stockAmount(kind, wanted, write)} wanted, ${onHand > 0 ? `${stockAmount(kind, onHand, write)} free` : 'none free'}`;

type Figures = { readonly costMinor: number; readonly chance: number };
type MoneyWriter = Pick<Writers, 'money'>;

const differs = (by: number, [less, same, more]: readonly [string, string, string], { money }: MoneyWriter): string =>
  Math.abs(by) < 0.5 ? same : `${by < 0 ? less : more} ${money(Math.abs(by))}${by > 0 ? ' more' : ''}`;

/** What another nest costs and risks, instead of one that is short. */
export const insteadWords = (now: Figures, instead: Figures, write: MoneyWriter): string =>
  `${differs(instead.costMinor - now.costMinor, ['saves', 'costs the same', 'costs'], write)}, ${formatChance(instead.chance)}`;

/** What enough of it would change: what it would cost, and how often it would break. */
export function enoughWords(
  now: Figures,
  best: Figures & { readonly short: readonly ShortStock[] },
  write: Pick<Writers, 'area' | 'volume'> & MoneyWriter,
): string {
  const cost = differs(best.costMinor - now.costMinor, ['save', 'cost the same', 'cost'], write);
  return `${best.short.map((one) => freeWords(one, write)).join('; ')}. With enough it would ${cost} and break ${formatChance(best.chance)}.`;
}
