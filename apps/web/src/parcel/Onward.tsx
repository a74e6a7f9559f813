'use client';
import { ArrowRight } from 'lucide-react';
import Link from 'next/link';
import { useEffect, useRef } from 'react';
import { isTextField } from '../session/keys.ts';

/** What follows a station's work, in the order of the parcel's way. */
const AFTER = {
  'look-over': { path: 'nest', says: 'Plan its nest' },
  nest: { path: 'bench', says: 'Pack it' },
  bench: { path: 'weigh', says: 'Weigh it' },
  weigh: { path: 'rate', says: 'Choose its service' },
  rate: { path: 'send', says: 'Buy its label' },
} as const;

/**
 * The way on from a station whose work is done. Where that is done here and now it takes the keyboard, so that Enter leads on;
 * whoever is typing keeps it.
 *
 * @param here the station
 * @param done its work is done
 * @param takesOver it is done by one act after which nothing is left to do here: whenever that turns true, or at once where it
 *   just has
 */
export function Onward({
  parcelId,
  here,
  done,
  takesOver = 'never',
}: {
  parcelId: string;
  here: keyof typeof AFTER;
  done: boolean;
  takesOver?: 'never' | 'onceDone' | 'now';
}) {
  const link = useRef<HTMLAnchorElement>(null);
  const before = useRef(takesOver === 'now' ? false : done);
  useEffect(() => {
    if (done && !before.current && takesOver !== 'never' && !isTextField(document.activeElement)) link.current?.focus();
    before.current = done;
  }, [done, takesOver]);
  if (!done) return null;
  const { path, says } = AFTER[here];
  return (
    <Link ref={link} prefetch={false} className="print-due" href={`/parcels/${parcelId}/${path}`}>
      <ArrowRight size={20} aria-hidden /> {says}
    </Link>
  );
}
