import 'server-only';
import { may } from '@inch-nest/contracts';
import { isAmount } from './isAmount.ts';
import { asker } from '../shopData.ts';

/** What is taken out whole: carriers' prices. */
const ALL_MONEY = new Set(['cards', 'rated', 'rates']);

/** The same value without any amount of money in it: amounts are 0, what was typed of them is empty, and cards are none. */
export function withoutMoney<Value>(value: Value): Value {
  const strip = (one: unknown): unknown => {
    if (Array.isArray(one)) return one.map(strip);
    if (typeof one !== 'object' || one === null || one instanceof Date) return one;
    return Object.fromEntries(
      Object.entries(one).map(([key, inner]) => {
        if (ALL_MONEY.has(key)) return [key, Array.isArray(inner) ? [] : inner];
        return [key, isAmount(key) ? nothing(inner) : strip(inner)];
      }),
    );
  };
  return strip(value) as Value;
}

function nothing(amount: unknown): unknown {
  if (typeof amount === 'number') return 0;
  if (Array.isArray(amount)) return amount.map(nothing);
  if (typeof amount !== 'object' || amount === null) return amount;
  return Object.fromEntries(
    Object.entries(amount).map(([key, inner]) =>
      key === 'text' ? [key, ''] : key === 'value' || typeof inner === 'object' ? [key, nothing(inner)] : [key, inner],
    ),
  );
}

/** A value as whoever asks may see it. */
export async function forEyes<Value>(value: Value): Promise<Value> {
  return may((await asker()).person, 'money') ? value : withoutMoney(value);
}
