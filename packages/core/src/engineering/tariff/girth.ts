import type { Triple } from '../geometry/wrapLayer.ts';

/** Sides from longest to shortest. */
export const sortedSides = (sizeIn: Triple): Triple => [...sizeIn].sort((a, b) => b - a) as unknown as Triple;

/** Length plus girth as carriers count it: L + 2(W + H), L the longest side. Common tariff rule. */
export function lengthPlusGirthIn(sizeIn: Triple): number {
  const [longest, second, third] = sortedSides(sizeIn);
  return longest + 2 * (second + third);
}
