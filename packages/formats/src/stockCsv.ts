import { BOARD_GRADES, type BoardGrade, type BoxStock, type DropTest, type FillStock, type WrapStock } from '@inch-nest/core';
import { parseQuantity } from '@inch-nest/core/units';
import { boxStock, fillStock, wrapStock, type Problem } from '@inch-nest/contracts';
import { readTable, writeTable } from './readTable.ts';

/** What a stock file lists. */
export interface StockLists {
  boxes: BoxStock;
  wraps: WrapStock;
  fills: FillStock;
}
export type StockKind = keyof StockLists;
export type StockReading<Item> =
  | { readonly ok: true; readonly items: readonly Item[] }
  | { readonly ok: false; readonly problems: readonly Problem[] };

/** One column of a stock file: how a cell is written, and read back as part of an item. */
interface Column {
  readonly name: string;
  readonly write: (item: never) => string | number;
  /** @returns the property's value, or a string that says what is wanted */
  readonly read: (cell: string) => { value: unknown } | { wanted: string };
  readonly path: string;
  /** A file may be without it. */
  readonly optional?: true;
}

const MOST: Readonly<Record<StockKind, number>> = { boxes: 400, wraps: 60, fills: 40 };

const column = <Item>(name: string, path: string, write: (item: Item) => string | number, read: Column['read']): Column => ({
  name,
  path,
  write: write,
  read,
});
const text = (cell: string) => ({ value: cell });
const number = (cell: string) => (cell !== '' && Number.isFinite(Number(cell)) ? { value: Number(cell) } : { wanted: 'a number' });
const money = (cell: string) =>
  /^\d+(\.\d{1,2})?$/.test(cell) ? { value: Math.round(Number(cell) * 100) } : { wanted: 'an amount like 1.45' };
const flag = (cell: string) => (cell === 'yes' || cell === 'no' ? { value: cell === 'yes' } : { wanted: 'yes or no' });
const orNull = (read: Column['read']) => (cell: string) => (cell === '' ? { value: null } : read(cell));
const size = (cell: string) => {
  const quantity = parseQuantity(cell, 'imperial');
  return quantity.kind === 'dimensions' && quantity.inches.length === 3
    ? { value: quantity.inches }
    : { wanted: 'three sides, like 14 x 12 x 10' };
};
const yesNo = (value: boolean) => (value ? 'yes' : 'no');
const inches = (sides: readonly number[]) => sides.map((side) => String(Number(side.toFixed(4)))).join(' x ');
const amount = (minor: number) => (minor / 100).toFixed(2);
const gradeOf = (board: BoardGrade) =>
  Object.entries(BOARD_GRADES).find(([, grade]) => JSON.stringify(grade) === JSON.stringify(board))?.[0] ?? inWords(board);
/** A board of the shop's own: name/edge crush/caliper/weight/wall. */
const inWords = ({ name, edgeCrushLbPerIn, caliperIn, lbPerFt2, wall }: BoardGrade) =>
  [name, edgeCrushLbPerIn, caliperIn, lbPerFt2, wall].join('/');
const board = (cell: string) => {
  if (Object.hasOwn(BOARD_GRADES, cell)) return { value: BOARD_GRADES[cell as keyof typeof BOARD_GRADES] };
  const [name, crush, caliper, weight, wall, ...rest] = cell.split('/');
  return rest.length === 0 && name && wall
    ? { value: { name, edgeCrushLbPerIn: Number(crush), caliperIn: Number(caliper), lbPerFt2: Number(weight), wall } }
    : { wanted: `a board grade: ${Object.keys(BOARD_GRADES).join(', ')}` };
};
/** Drops on a material, each weight/area/thickness/height/peak. */
const drops = (tests: readonly DropTest[] | null | undefined) =>
  (tests ?? [])
    .map(({ weightLb, areaIn2, thicknessIn, heightIn, peakG }) => [weightLb, areaIn2, thicknessIn, heightIn, peakG].join('/'))
    .join('; ');
const readDrops: Column['read'] = (cell) => {
  if (cell === '') return { value: undefined };
  const read = cell.split(';').map((drop) => drop.trim().split('/'));
  return read.every((figures) => figures.length === 5 && figures.every((one) => one.trim() !== '' && Number.isFinite(Number(one))))
    ? {
        value: read.map((figures) => {
          const [weightLb, areaIn2, thicknessIn, heightIn, peakG] = figures.map(Number);
          return { weightLb, areaIn2, thicknessIn, heightIn, peakG };
        }),
      }
    : { wanted: 'drops as pounds/square inches/thickness/height/peak g, with ; between' };
};
const dropColumn: Column = {
  ...column<WrapStock | FillStock>('drop tests', 'dropTests', ({ dropTests }) => drops(dropTests), readDrops),
  optional: true,
};

const COLUMNS: Readonly<Record<StockKind, readonly Column[]>> = {
  boxes: [
    column<BoxStock>('key', 'key', (box) => box.key, text),
    column<BoxStock>('name', 'name', (box) => box.name, text),
    column<BoxStock>('inside', 'insideIn', (box) => inches(box.insideIn), size),
    column<BoxStock>(
      'built outside',
      'measuredOutsideIn',
      (box) => (box.measuredOutsideIn ? inches(box.measuredOutsideIn) : ''),
      orNull(size),
    ),
    column<BoxStock>('board', 'board', (box) => gradeOf(box.board), board),
    column<BoxStock>('price', 'priceMinor', (box) => amount(box.priceMinor), money),
    column<BoxStock>('uses before', 'earlierUses', (box) => box.earlierUses, number),
    column<BoxStock>('on hand', 'onHand', (box) => box.onHand, number),
    column<BoxStock>('style', 'style', (box) => box.style, text),
  ],
  wraps: [
    column<WrapStock>('key', 'key', (wrap) => wrap.key, text),
    column<WrapStock>('name', 'name', (wrap) => wrap.name, text),
    column<WrapStock>('role', 'role', (wrap) => wrap.role, text),
    column<WrapStock>('cushion', 'cushion', (wrap) => wrap.cushion ?? '', orNull(text)),
    column<WrapStock>('thickness in', 'thicknessIn', (wrap) => wrap.thicknessIn, number),
    column<WrapStock>('roll width in', 'rollWidthIn', (wrap) => wrap.rollWidthIn, number),
    column<WrapStock>('roll length in', 'rollLengthIn', (wrap) => wrap.rollLengthIn, number),
    column<WrapStock>('price of roll', 'priceMinor', (wrap) => amount(wrap.priceMinor), money),
    column<WrapStock>('lb per ft2', 'lbPerFt2', (wrap) => wrap.lbPerFt2, number),
    column<WrapStock>('minutes per turn', 'minutesPerTurn', (wrap) => wrap.minutesPerTurn, number),
    column<WrapStock>('abrasive', 'abrasive', (wrap) => yesNo(wrap.abrasive), flag),
    column<WrapStock>('stiff', 'stiff', (wrap) => yesNo(wrap.stiff), flag),
    column<WrapStock>('reused', 'reused', (wrap) => yesNo(wrap.reused), flag),
    column<WrapStock>('on hand ft2', 'onHandFt2', (wrap) => wrap.onHandFt2, number),
    dropColumn,
  ],
  fills: [
    column<FillStock>('key', 'key', (fill) => fill.key, text),
    column<FillStock>('name', 'name', (fill) => fill.name, text),
    column<FillStock>('cushion', 'cushion', (fill) => fill.cushion, text),
    column<FillStock>('lb per ft3', 'lbPerFt3', (fill) => fill.lbPerFt3, number),
    column<FillStock>('price per ft3', 'minorPerFt3', (fill) => amount(fill.minorPerFt3), money),
    column<FillStock>('minutes per ft3', 'minutesPerFt3', (fill) => fill.minutesPerFt3, number),
    column<FillStock>('unit', 'unitName', (fill) => fill.unitName, text),
    column<FillStock>('ft3 per unit', 'unitFt3', (fill) => fill.unitFt3, number),
    column<FillStock>('on hand ft3', 'onHandFt3', (fill) => fill.onHandFt3, number),
    dropColumn,
  ],
};
const SCHEMAS = { boxes: boxStock, wraps: wrapStock, fills: fillStock };

/** Writes one list of the stockroom as CSV, sizes in inches, money in whole units. */
export const writeStockCsv = <Kind extends StockKind>(kind: Kind, items: readonly StockLists[Kind][]): string =>
  writeTable(
    COLUMNS[kind].map(({ name }) => name),
    items.map((item) => Object.fromEntries(COLUMNS[kind].map(({ name, write }) => [name, write(item as never)]))),
  );

/**
 * Reads one list of the stockroom from CSV: all of it, or every problem by line and column.
 *
 * @param kept the list as it is: what a file has no column for stays as it stands there
 */
export function readStockCsv<Kind extends StockKind>(
  kind: Kind,
  csv: string,
  kept: readonly StockLists[Kind][] = [],
): StockReading<StockLists[Kind]> {
  const file = `${kind}.csv`;
  const columns = COLUMNS[kind];
  const table = readTable(
    file,
    csv,
    columns.filter(({ optional }) => !optional).map(({ name }) => name),
    columns.filter(({ optional }) => optional).map(({ name }) => name),
  );
  if (!table.ok) return table;
  const problems: Problem[] = [];
  const items = table.rows.flatMap(({ line, cells }): StockLists[Kind][] => {
    const wrong = (name: string, message: string) => problems.push({ path: `${file}:${line}:${name}`, message });
    const raw: Record<string, unknown> = {};
    let broken = false;
    for (const { name, path, read } of columns) {
      if (cells[name] === undefined) {
        const own = kept.find(({ key }) => key === cells['key']) as Readonly<Record<string, unknown>> | undefined;
        if (own?.[path] !== undefined) raw[path] = own[path];
        continue;
      }
      const reading = read(cells[name]);
      if ('wanted' in reading) {
        wrong(name, `${reading.wanted} is wanted, not ${cells[name] || 'nothing'}`);
        broken = true;
      } else if (reading.value !== undefined) raw[path] = reading.value;
    }
    if (broken) return [];
    const parsed = SCHEMAS[kind].safeParse(raw);
    if (parsed.success) return [parsed.data as unknown as StockLists[Kind]];
    for (const issue of parsed.error.issues) wrong(columns.find(({ path }) => path === issue.path[0])?.name ?? '(whole)', issue.message);
    return [];
  });
  const seen = new Set<string>();
  table.rows.forEach(({ line, cells }) => {
    if (seen.has(cells['key']!)) problems.push({ path: `${file}:${line}:key`, message: `${cells['key']} stands there twice` });
    seen.add(cells['key']!);
  });
  if (table.rows.length > MOST[kind]) problems.push({ path: file, message: `at most ${MOST[kind]} lines` });
  if (table.rows.length === 0) problems.push({ path: file, message: 'nothing listed' });
  return problems.length > 0 ? { ok: false, problems } : { ok: true, items };
}

/** What taking a list over would change: rows that come, rows that go, and of those that stay each cell as it was and will be. */
export interface ListChanges {
  readonly added: readonly string[];
  readonly gone: readonly string[];
  readonly changed: readonly {
    readonly name: string;
    readonly cells: readonly { readonly column: string; readonly was: string; readonly will: string }[];
  }[];
}

/** Compares one list of the stockroom with another, row by row by key, in the words of its file. */
export function listChanges<Kind extends StockKind>(
  kind: Kind,
  before: readonly StockLists[Kind][],
  after: readonly StockLists[Kind][],
): ListChanges {
  const known = new Map(before.map((item) => [item.key, item]));
  const next = new Set(after.map(({ key }) => key));
  return {
    added: after.filter(({ key }) => !known.has(key)).map(({ name }) => name),
    gone: before.filter(({ key }) => !next.has(key)).map(({ name }) => name),
    changed: after.flatMap((item) => {
      const was = known.get(item.key);
      if (!was) return [];
      const cells = COLUMNS[kind].flatMap(({ name, write }) => {
        const [one, other] = [String(write(was as never)), String(write(item as never))];
        return one === other ? [] : [{ column: name, was: one, will: other }];
      });
      return cells.length > 0 ? [{ name: item.name, cells }] : [];
    }),
  };
}
