import { capital, type OffcutsUsed } from '@inch-nest/core';
import { cutName } from './cutNames.ts';
import type { Writers } from './writers.ts';

/** Which offcut each part is cut from, alike ones once, and what needs a new sheet. */
export function offcutWords({ taken, lacking }: OffcutsUsed, write: Pick<Writers, 'length'>): string[] {
  const sheet = (lengthIn: number, widthIn: number) => `${write.length(lengthIn)} × ${write.length(widthIn)}`;
  const lines = new Map<string, { count: number; name: string; from: string }>();
  for (const { part, from, isRest } of taken) {
    const line = {
      name: `${part.name}, ${sheet(part.lengthIn, part.heightIn)}`,
      from: `of ${isRest ? 'what is left of one' : 'an offcut'}, ${sheet(from.lengthIn, from.widthIn)}`,
    };
    const key = JSON.stringify(line);
    lines.set(key, { ...line, count: (lines.get(key)?.count ?? 0) + 1 });
  }
  return [
    ...[...lines.values()].map(({ count, name, from }) => `${capital(cutName({ name, count }))}: ${from}`),
    ...lacking.map(({ part, count }) => {
      const name = `${part.name}, ${sheet(part.lengthIn, part.heightIn)}`;
      return `${capital(cutName({ name, count }))}: no offcut is large enough, cut ${count === 1 ? 'it' : 'them'} from a new sheet`;
    }),
  ];
}
