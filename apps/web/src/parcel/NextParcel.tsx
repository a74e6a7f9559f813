'use client';
import type { ReactNode } from 'react';
import Link from 'next/link';
import { nextUp, takenUp } from '../words/nextUp.ts';
import { useShelf } from './useShelf.ts';

/** What comes next once something is done: the way on with this parcel, where there is one, and the next parcel by the day's order. */
export function NextParcel({ but, onward }: { but: string; onward?: ReactNode }) {
  const tags = useShelf() ?? [];
  const next = nextUp(tags, but);
  const at = next && takenUp(next);
  return (
    <nav className="next-up" aria-label="What comes next">
      {onward}
      {next && at && (
        <Link prefetch={false} className={onward ? '' : 'print-due'} href={at.href}>
          Next: {next.title}, {at.says}
        </Link>
      )}
      {!next && (
        <Link prefetch={false} href="/day">
          Nothing else waits: today
        </Link>
      )}
    </nav>
  );
}
