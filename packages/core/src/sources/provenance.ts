import { BIBLIOGRAPHY, type SourceKey } from './bibliography.ts';

/**
 * Where a number comes from: `published` in a named work, `memory` (a published kind of value,
 * recalled), `practice` (a rule of the trade), `judgement` (ours, editable), `measured` (by this shop).
 */
export interface Provenance {
  readonly kind: 'published' | 'memory' | 'practice' | 'judgement' | 'measured';
  readonly source?: SourceKey;
  readonly note?: string;
}

export const judgement = (note?: string): Provenance => ({ kind: 'judgement', ...(note ? { note } : {}) });
export const measured = (note?: string): Provenance => ({ kind: 'measured', ...(note ? { note } : {}) });
export const practice = (note?: string): Provenance => ({ kind: 'practice', ...(note ? { note } : {}) });
export const memory = (source: SourceKey): Provenance => ({ kind: 'memory', source });
export const published = (source: SourceKey): Provenance => ({ kind: 'published', source });

const WORDS: Readonly<Record<Provenance['kind'], string>> = {
  published: 'published',
  memory: 'a published value, recalled from memory',
  practice: 'common practice of the trade, no source',
  judgement: 'our judgement; change it in House rules',
  measured: 'measured by this shop',
};

/** One line a person can read. */
export function describeProvenance({ kind, source, note }: Provenance): string {
  return [WORDS[kind], source && BIBLIOGRAPHY[source], note].filter(Boolean).join(' · ');
}
