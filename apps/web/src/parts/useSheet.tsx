'use client';
import { Input } from 'antd';
import { useState, type KeyboardEvent, type ReactNode } from 'react';
import { SortHead } from './SortHead.tsx';

/** What a column is sorted by. */
export type SortsBy<Row> = Readonly<Record<string, (row: Row) => string | number>>;

/** From so many rows on a search is worth its room. */
const WORTH_FINDING = 8;

/**
 * Rows of a table as somebody wants to see them: found by words, sorted by a column. The order is taken when a head is pressed
 * and stays while figures are changed, so that no row moves away under the hand.
 *
 * @param by what each column that sorts is sorted by, by its name
 * @param says the words a row is found by
 * @param keyOf what tells one row from another
 */
export function useSheet<Row>(rows: readonly Row[], by: SortsBy<Row>, says: (row: Row) => string, keyOf: (row: Row) => string) {
  const [find, setFind] = useState('');
  const [sorted, setSorted] = useState<{ column: string; down: boolean; keys: readonly string[] } | null>(null);
  const placeOf = (key: string) => {
    const at = sorted?.keys.indexOf(key) ?? -1;
    return at < 0 ? Infinity : at;
  };
  const wanted = find.trim().toLowerCase();
  const ordered = sorted ? [...rows].sort((a, b) => placeOf(keyOf(a)) - placeOf(keyOf(b)) || 0) : rows;
  const shown = wanted === '' ? ordered : ordered.filter((row) => says(row).toLowerCase().includes(wanted));
  const sort = (column: string) => {
    const down = sorted?.column === column && !sorted.down;
    if (sorted?.column === column && sorted.down) return setSorted(null);
    const keys = [...rows].sort((a, b) => (down ? -1 : 1) * compared(by[column]!(a), by[column]!(b))).map(keyOf);
    setSorted({ column, down, keys });
  };
  return {
    shown,
    /** A head: a press sorts, another turns it round, a third leaves the rows as they were. */
    head: (column: string, title: ReactNode) => {
      const own = sorted?.column === column ? sorted : null;
      return (
        <SortHead key={column} way={own ? (own.down ? 'down' : 'up') : null} onSort={() => sort(column)}>
          {title}
        </SortHead>
      );
    },
    /** Where a row is looked for by its words; nothing while all of them can be seen. */
    finder: (what: string) =>
      rows.length >= WORTH_FINDING && (
        <p className="sheet-find">
          <Input
            allowClear
            aria-label={`Find among ${what}`}
            placeholder={`Find among ${what}`}
            value={find}
            maxLength={60}
            onChange={(event) => setFind(event.target.value)}
          />
          {wanted !== '' && (
            <span className="soft" role="status">
              {shown.length} of {rows.length}
            </span>
          )}
        </p>
      ),
  };
}

const collator = new Intl.Collator('en', { numeric: true, sensitivity: 'base' });
const compared = (a: string | number, b: string | number): number =>
  typeof a === 'number' && typeof b === 'number' ? a - b : collator.compare(String(a), String(b));

/** Keys in a table as on a sheet of paper: Enter and the arrows go to the same place of the next row or the one before. */
export function rowKeys(event: KeyboardEvent<HTMLTableElement>): void {
  const step = { Enter: 1, ArrowDown: 1, ArrowUp: -1 }[event.key];
  const field = event.target as HTMLElement;
  if (!step || field.tagName !== 'INPUT' || field.getAttribute('role') === 'combobox' || event.altKey || event.ctrlKey || event.metaKey)
    return;
  const cell = field.closest('td, th');
  const row = cell?.parentElement;
  if (!cell || !row) return;
  const next = step > 0 ? row.nextElementSibling : row.previousElementSibling;
  const place = [...row.children].indexOf(cell);
  const other = next?.children[place]?.querySelector<HTMLInputElement>('input');
  if (!other) return;
  event.preventDefault();
  other.focus();
  other.select();
}
