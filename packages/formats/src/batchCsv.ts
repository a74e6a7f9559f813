import { ARCHETYPES } from '@inch-nest/core';
import { parseMoney, parseQuantity, parseWeight, sidesTold, type SidesTold } from '@inch-nest/core/units';
import type { Problem } from '@inch-nest/contracts';
import { readTable } from './readTable.ts';

/** One line of a batch: a piece and where it goes, sizes in inches, pounds, cents. */
export interface BatchLine {
  readonly line: number;
  readonly title: string;
  readonly archetype: string;
  readonly size: SidesTold;
  readonly weight: number | null;
  readonly to: string;
  readonly sale: number;
}

export type BatchReading =
  | { readonly ok: true; readonly lines: readonly BatchLine[] }
  | { readonly ok: false; readonly problems: readonly Problem[] };

/**
 * Reads sold pieces from CSV: `title, archetype, size, weight, to, sold`. Size and weight as people write
 * them (`9 x 6 1/4 x 6 in`, `2 lb 3 oz`), empty where not measured. All of it, or every problem by line.
 */
export function readBatchCsv(text: string): BatchReading {
  const table = readTable('batch.csv', text, ['title', 'archetype', 'size', 'weight', 'to', 'sold']);
  if (!table.ok) return table;
  const problems: Problem[] = [];
  const lines = table.rows.map(({ line, cells }): BatchLine => {
    const wrong = (column: string, message: string) => problems.push({ path: `batch.csv:${line}:${column}`, message });
    const { title, archetype, to } = cells as Record<'title' | 'archetype' | 'to', string>;
    if (title === '' || title.length > 80) wrong('title', 'a name of at most 80 characters is wanted');
    if (!Object.hasOwn(ARCHETYPES, archetype)) wrong('archetype', `${archetype || 'nothing'} is not a kind of piece`);
    if (!/^\d{5}$/.test(to)) wrong('to', 'a postcode has five digits');
    const sale = parseMoney(cells['sold']!);
    if (sale === null) wrong('sold', 'an amount like 84.00 is wanted');
    return {
      line,
      title,
      archetype,
      to,
      sale: sale ?? 0,
      size: readSize(cells['size']!, wrong),
      weight: readWeight(cells['weight']!, wrong),
    };
  });
  if (lines.length === 0 && problems.length === 0) problems.push({ path: 'batch.csv', message: 'no line to plan' });
  return problems.length > 0 ? { ok: false, problems } : { ok: true, lines };
}

type Wrong = (column: string, message: string) => void;

function readSize(text: string, wrong: Wrong): BatchLine['size'] {
  if (text === '') return [null, null, null];
  const quantity = parseQuantity(text, 'imperial');
  if (quantity.kind === 'dimensions' || quantity.kind === 'length') return sidesTold(quantity);
  wrong('size', quantity.kind === 'notUnderstood' ? quantity.problem : 'a size is wanted');
  return [null, null, null];
}

function readWeight(text: string, wrong: Wrong): number | null {
  if (text === '') return null;
  const quantity = parseWeight(text, 'imperial');
  if (quantity.kind === 'weight') return quantity.pounds;
  wrong('weight', quantity.kind === 'notUnderstood' ? quantity.problem : 'a weight is wanted');
  return null;
}
