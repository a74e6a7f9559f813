import { archetypeFromTitle } from '../../engineering/pieces/archetypeFromTitle.ts';
import { leadingCount } from '../../units/index.ts';

const AND = /\s+(?:and|&)\s+/gi;

/**
 * What a title says there are several of beside what it is of: `six sherry glasses`, of `decanter and six sherry glasses`. One size and
 * one weight are not those of both.
 *
 * @param most so many alike at most
 * @returns null where it says nothing of the sort: `salt and pepper`, `cup and two` of nobody knows what
 */
export function alsoCounted(title: string, most: number): string | null {
  for (const { index, 0: and } of title.matchAll(AND)) {
    const other = title.slice(index + and.length);
    const counted = leadingCount(other, most);
    if (counted && counted.count > 1 && archetypeFromTitle(counted.rest) && archetypeFromTitle(title.slice(0, index))) return other;
  }
  return null;
}
