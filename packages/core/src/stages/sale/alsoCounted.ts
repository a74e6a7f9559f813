import { archetypeFromTitle } from '../../engineering/pieces/archetypeFromTitle.ts';
import { leadingCount } from '../../units/index.ts';

const AND = /\s*,\s*(?:(?:and|&)\s+)?|\s+(?:and|&)\s+/gi;

/** Several and several, and what they are: `cups and saucers`; ware is told from what it is made of by being several. */
const BOTH = /^(?<one>.*\w(?<!s)s)\s+(?:and|&)\s+(?<other>.*\w(?<!s)s)$/i;
/** Several and one more thing: `plates plus gravy boat`. */
const PLUS = /^(.+?)\s+plus\s+(?:an?\s+)?(.+)$/i;

/** True where some words are of several things of a kind that is known: `six sherry glasses`. */
export function isCounted(words: string, most: number): boolean {
  const counted = leadingCount(words, most);
  return counted !== null && counted.count > 1 && archetypeFromTitle(counted.rest) !== null;
}

/**
 * What a title says there are several of beside what it is of: `six sherry glasses`, of `decanter and six sherry glasses`, `six cups`,
 * of `pot, creamer, six cups`. One size and one weight are not those of both; nor of `cups and saucers`, six of each.
 *
 * @param count so many alike of what it is of
 * @param most so many alike at most
 * @returns null where it says nothing of the sort: `salt and pepper`, `cup and two` of nobody knows what
 */
export function alsoCounted(title: string, count: number, most: number): string | null {
  const { one, other: both } = (count > 1 && BOTH.exec(title)?.groups) || {};
  if (one && both && archetypeFromTitle(one) && archetypeFromTitle(both)) return `${count} x ${both}`;
  const [, several = '', another = ''] = (count > 1 && PLUS.exec(title)) || [];
  if (another && archetypeFromTitle(several) && archetypeFromTitle(another)) return another;
  for (const { index, 0: and } of title.matchAll(AND)) {
    const other = title.slice(index + and.length);
    if (isCounted(other, most) && archetypeFromTitle(title.slice(0, index))) return other;
  }
  return null;
}
