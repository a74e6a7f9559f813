'use client';
import { ArrowRight } from 'lucide-react';
import Link from 'next/link';
import { useEffect, useState } from 'react';
import type { ShelfTag } from '@inch-nest/contracts';
import { lastInHand, type InHand } from '../../parcel/inHand.ts';
import { useShelfFrom } from '../../parcel/useShelf.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { placeWords } from '../../words/behindWords.ts';
import { stillHere, takenUp } from '../../words/nextUp.ts';

/** The day's parcels in the order they are done, each with what is next for it; the one in hand is where it was left. */
export function DayOrder({ shelf, today }: { shelf: ShelfTag[]; today: string }) {
  const { write } = useShop();
  const [inHand, setInHand] = useState<InHand | null>(null);
  useEffect(() => setInHand(lastInHand()), []);
  const here = stillHere(useShelfFrom(shelf));
  const due = here.filter(({ shipBy }) => shipBy <= today);
  const left = inHand && here.find(({ id }) => id === inHand.id);
  const minutes = due.reduce((sum, tag) => sum + (tag.minutes ?? 0), 0);
  return (
    <section aria-label="In order" className="day-order">
      <div className="section-head">
        <h1>Today</h1>
        {left && inHand && (
          <Link prefetch={false} className="print-due" href={inHand.href}>
            <ArrowRight size={20} aria-hidden /> Go on: {left.title}
          </Link>
        )}
      </div>
      <p className="soft sub">
        {due.length === 0
          ? 'Nothing is due today.'
          : `${due.length} to go, about ${Math.round(minutes)} minutes of packing. The earliest promise first.`}
        {here.length > due.length && ` ${here.length - due.length} more are due later.`}
      </p>
      <ol>
        {(due.length > 0 ? due : here.slice(0, 5)).map((tag) => {
          const next = takenUp(tag);
          return (
            <li key={tag.id}>
              <b className="numeral bin">{tag.bin ?? '–'}</b>
              <span>
                <span dir="auto">{tag.title}</span>{' '}
                <span className="soft">
                  {tag.tag} · <span className="numeral">{tag.code}</span> · {tag.shipBy < today ? 'late' : write.day(tag.shipBy)}
                  {tag.minutes !== null && ` · ${Math.round(tag.minutes)} min`}
                  {tag.ofSet && ` · ${placeWords(tag.ofSet)}`}
                </span>
              </span>
              {next && (
                <Link prefetch={false} href={next.href} className={tag.trouble ? 'ochre' : ''}>
                  {next.says}
                  <span className="unseen">: {tag.title}</span>
                </Link>
              )}
            </li>
          );
        })}
      </ol>
    </section>
  );
}
