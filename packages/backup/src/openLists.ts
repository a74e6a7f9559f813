import Papa from 'papaparse';
import type { Moment } from '@inch-nest/data';

/** A list for other programs, in pieces. */
export interface OpenList {
  readonly name: string;
  readonly pieces: AsyncIterable<string> | Iterable<string>;
}

/** What begins like a formula is kept from being one. */
const WRITTEN = { escapeFormulae: true, newline: '\n' };

/** Every table as CSV, what is within a cell as JSON, and a list of what each column holds. */
export const listsOf = ({ tables, columns, lines }: Moment): OpenList[] => [
  { name: 'columns.csv', pieces: [`${Papa.unparse([...columns], WRITTEN)}\n`] },
  ...tables.map((table) => ({
    name: `${table}.csv`,
    pieces: rowsOf(
      lines(table),
      columns.filter((one) => one.table === table).map(({ column }) => column),
    ),
  })),
];

async function* rowsOf(lines: AsyncIterable<string>, columns: readonly string[]): AsyncGenerator<string> {
  yield `${Papa.unparse([columns], WRITTEN)}\n`;
  for await (const line of lines) {
    const row = JSON.parse(line) as Record<string, unknown>;
    yield `${Papa.unparse([columns.map((column) => cellOf(row[column]))], WRITTEN)}\n`;
  }
}

const cellOf = (value: unknown): unknown => (typeof value === 'object' && value !== null ? JSON.stringify(value) : value);
