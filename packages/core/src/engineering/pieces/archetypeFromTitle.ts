import type { ArchetypeKey } from './Archetype.ts';
import { ARCHETYPES } from './archetypes.ts';
import { kindByStuff } from './stuffOf.ts';

/**
 * The archetype a title suggests: the one with most of its words in it, the last such word deciding a
 * draw, since the noun comes last. Of ware it counts too what it is said to be made of: `pewter jug`.
 *
 * @returns null when no word is known
 */
export function archetypeFromTitle(title: string): ArchetypeKey | null {
  const words =
    title
      .toLowerCase()
      .replace(/\b(cut|pressed) glass\b/g, '$1-glass')
      .match(/[a-zà-ÿ]+(?:-[a-zà-ÿ]+)*/g) ?? [];
  let best: { key: ArchetypeKey; hits: number; last: number } | null = null;
  for (const one of Object.values(ARCHETYPES)) {
    const hits = words.flatMap((word, i) => (one.words.some((known) => known === word || `${known}s` === word) ? [i] : []));
    const last = hits.at(-1) ?? -1;
    if (hits.length > 0 && (!best || hits.length > best.hits || (hits.length === best.hits && last > best.last))) {
      best = { key: one.key, hits: hits.length, last };
    }
  }
  return best && kindByStuff(best.key, words, best.last);
}
