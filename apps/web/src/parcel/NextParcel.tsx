'use client';
import { ArrowRight } from 'lucide-react';
import Link from 'next/link';
import { nextUp, takenUp } from '../words/nextUp.ts';
import { useShelf } from './useShelf.ts';

/** What comes next once something is done: the next station of this parcel, and the next parcel by the day's order. */
export function NextParcel({ but, onward }: { but: string; onward?: { href: string; says: string } }) {
  const tags = useShelf() ?? [];
  const next = nextUp(tags, but);
  const at = next && takenUp(next);
  return (
    <nav className="next-up" aria-label="What comes next">
      {onward && (
        <Link prefetch={false} className="print-due" href={onward.href}>
          <ArrowRight size={20} aria-hidden /> {onward.says}
        </Link>
      )}
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
