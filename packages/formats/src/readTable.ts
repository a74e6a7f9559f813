import Papa from 'papaparse';
import type { Problem } from '@inch-nest/contracts';

/** Longest text that is looked at, characters. */
const MOST_TEXT = 400_000;
const MOST_ROWS = 5_000;
/** A line longer than this is no line of a table, characters. */
const MOST_LINE = 4_000;
const MOST_COLUMNS = 60;
/** Problems of one kind that are told. */
const MOST_TOLD = 20;

/** One row of a table, its cells by column, with the line it stands on. */
export interface TableRow {
  readonly line: number;
  readonly cells: Readonly<Record<string, string>>;
}

/** The rows of a CSV text, or what is wrong with it, each problem with its line. */
export type TableReading =
  | { readonly ok: true; readonly rows: readonly TableRow[] }
  | { readonly ok: false; readonly problems: readonly Problem[] };

/**
 * Reads a CSV text with a heading line. Unknown, missing and repeated columns are refused, and so is what
 * the parser finds wrong; empty lines are passed over.
 *
 * @param name of the file, for problems
 * @param optional columns that may be left out
 */
export function readTable(name: string, text: string, columns: readonly string[], optional: readonly string[] = []): TableReading {
  const refuse = (...messages: string[]): TableReading => ({ ok: false, problems: messages.map((message) => ({ path: name, message })) });
  if (text.length > MOST_TEXT) return refuse(`longer than ${MOST_TEXT} characters`);
  const long = text.split('\n').findIndex((line) => line.length > MOST_LINE);
  if (long >= 0) return { ok: false, problems: [{ path: `${name}:${long + 1}`, message: `longer than ${MOST_LINE} characters` }] };
  const parsed = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: false, preview: MOST_ROWS * 2 });
  const broken = parsed.errors.filter((error) => error.code !== 'UndetectableDelimiter');
  if (broken.length > 0)
    return {
      ok: false,
      problems: broken.slice(0, MOST_TOLD).map(({ row, message }) => ({ path: `${name}:${(row ?? 0) + 1}`, message })),
    };
  const [heading = [], ...lines] = parsed.data;
  const names = heading.map((cell) => cell.trim());
  if (names.length > MOST_COLUMNS) return refuse(`more than ${MOST_COLUMNS} columns`);
  const faults = [
    ...names.filter((one, i) => names.indexOf(one) !== i).map((one) => `column ${one} stands there twice`),
    ...names
      .filter((one) => !columns.includes(one) && !optional.includes(one))
      .map((one) => `column ${one.slice(0, 40) || '(no name)'} is not known`),
    ...columns.filter((one) => !names.includes(one)).map((one) => `column ${one} is missing`),
  ];
  if (faults.length > 0) return refuse(...faults.slice(0, MOST_TOLD));
  const filled = lines.map((cells, i) => ({ cells, line: i + 2 })).filter(({ cells }) => cells.some((cell) => cell.trim() !== ''));
  if (filled.length > MOST_ROWS) return refuse(`more than ${MOST_ROWS} rows`);
  const ragged = filled.filter(({ cells }) => cells.length !== names.length);
  if (ragged.length > 0)
    return {
      ok: false,
      problems: ragged
        .slice(0, MOST_TOLD)
        .map(({ cells, line }) => ({ path: `${name}:${line}`, message: `${cells.length} cells, not ${names.length}` })),
    };
  const formulas = filled.flatMap(({ cells, line }) =>
    names.flatMap((one, i) =>
      FORMULA.test(cells[i]!) ? [{ path: `${name}:${line}:${one}`, message: 'a formula stands here: paste what it comes to' }] : [],
    ),
  );
  if (formulas.length > 0) return { ok: false, problems: formulas.slice(0, MOST_TOLD) };
  return {
    ok: true,
    rows: filled.map(({ cells, line }) => ({ line, cells: Object.fromEntries(names.map((one, i) => [one, plainCell(cells[i]!)])) })),
  };
}

/** What a spreadsheet would reckon with, and we do not. */
const FORMULA = /^\s*=./;

/** A cell as it was before a formula in it was made harmless. */
const plainCell = (cell: string): string => cell.trim().replace(/^'(?=[=+\-@])/, '');

/** Writes rows as CSV; cells that a spreadsheet would take for formulas are made harmless. */
export const writeTable = (columns: readonly string[], rows: readonly Readonly<Record<string, string | number>>[]): string =>
  `${Papa.unparse({ fields: [...columns], data: rows.map((row) => columns.map((column) => row[column] ?? '')) }, { escapeFormulae: true, newline: '\n' })}\n`;
