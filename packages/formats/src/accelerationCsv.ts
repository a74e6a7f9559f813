import type { AccelerationSample } from '@inch-nest/core';
import type { Problem } from '@inch-nest/contracts';
import { readTable } from './readTable.ts';

export type AccelerationReading =
  | { readonly ok: true; readonly samples: readonly AccelerationSample[] }
  | { readonly ok: false; readonly problems: readonly Problem[] };

/** So many samples make a drop of minutes; more is something else. */
const MOST_SAMPLES = 200_000;

/** Reads an accelerometer's file: `ms, g`, the time in milliseconds and the reading in multiples of gravity. All of it, or every problem by line. */
export function readAccelerationCsv(name: string, text: string): AccelerationReading {
  const table = readTable(name, text, ['ms', 'g']);
  if (!table.ok) return table;
  const problems: Problem[] = [];
  const samples = table.rows.map(({ line, cells }): AccelerationSample => {
    const number = (column: string): number => {
      const value = cells[column]!.trim() === '' ? NaN : Number(cells[column]);
      if (!Number.isFinite(value)) problems.push({ path: `${name}:${line}:${column}`, message: 'a number is wanted' });
      return value;
    };
    return { timeS: number('ms') / 1000, g: number('g') };
  });
  if (samples.length > MOST_SAMPLES) problems.push({ path: name, message: `at most ${MOST_SAMPLES} samples` });
  return problems.length > 0 ? { ok: false, problems } : { ok: true, samples };
}
