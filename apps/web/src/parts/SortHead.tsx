import { ArrowDown, ArrowUp, ArrowUpDown } from 'lucide-react';
import type { ReactNode } from 'react';

/** The head of a column that sorts: which way it does, said and shown. */
export function SortHead({ children, way, onSort }: { children: ReactNode; way: 'up' | 'down' | null; onSort: () => void }) {
  const Arrow = way === null ? ArrowUpDown : way === 'down' ? ArrowDown : ArrowUp;
  return (
    <th aria-sort={way === null ? 'none' : way === 'down' ? 'descending' : 'ascending'}>
      <button type="button" className="sort-head" onClick={onSort}>
        {children}
        <Arrow size={16} aria-hidden className={way === null ? '' : 'on'} />
      </button>
    </th>
  );
}
