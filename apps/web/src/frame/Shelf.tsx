'use client';
import { ChevronDown, ChevronLeft, ChevronRight, ChevronUp, Plus } from 'lucide-react';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import type { ShelfTag } from '@inch-nest/contracts';
import { useShelfFrom } from '../parcel/useShelf.ts';
import { stateWords } from '../words/stateWords.ts';
import { useShop } from '../session/ShopContext.tsx';
import { SideLinks } from './SideLinks.tsx';
import type { StationPath } from './stations.ts';
import { useFold } from './useFold.ts';

const LOOK_EVERY_MS = 6000;
const TROUBLE_WORDS: Readonly<Record<NonNullable<ShelfTag['trouble']>, string>> = {
  mendNest: 'mend the nest first',
  labelAtRisk: 'label at risk',
};
const GONE = ['handedOver', 'damaged'];

/** Today's parcels as tags, the earliest promise first. */
export function Shelf({ initial, openId, station }: { initial: ShelfTag[]; openId: string | null; station: StationPath }) {
  const { shop, write } = useShop();
  const tags = useShelfFrom(initial, LOOK_EVERY_MS);
  const due = tags.filter((tag) => tag.shipBy <= shop.today && !GONE.includes(tag.state));
  const minutes = due.reduce((sum, tag) => sum + (tag.minutes ?? 0), 0);
  const here = usePathname();
  const fold = useFold('inch-nest-shelf', `${openId} ${station} ${here}`);
  const inHand = tags.find((tag) => tag.id === openId);
  const Arrow = fold.isNarrow ? (fold.isOpen ? ChevronUp : ChevronDown) : fold.isOpen ? ChevronLeft : ChevronRight;
  return (
    <aside className={fold.isOpen ? 'shelf' : 'shelf shut'} aria-label="Shelf">
      <button
        type="button"
        className="shelf-strip"
        aria-expanded={fold.isOpen}
        aria-label={fold.isOpen ? 'Fold the shelf' : 'Open the shelf'}
        onClick={fold.toggle}
      >
        <Arrow size={22} aria-hidden />
        <b>{inHand?.title ?? 'Shelf'}</b>
        <span className="numeral">
          Today: {due.length} to go, {Math.floor(minutes / 60)} h {String(Math.round(minutes % 60)).padStart(2, '0')}
        </span>
      </button>
      <div className="shelf-body">
        <Link
          prefetch={false}
          href="/new"
          className={here === '/new' ? 'new-tag on' : 'new-tag'}
          aria-current={here === '/new' ? 'page' : undefined}
        >
          <Plus size={20} aria-hidden /> New sale
        </Link>
        <SideLinks />
        <ul>
          {tags.map((tag) => (
            <li key={tag.id}>
              <Link
                prefetch={false}
                href={`/parcels/${tag.id}/${station}`}
                className={tag.id === openId ? 'tag on' : 'tag'}
                aria-current={tag.id === openId ? 'true' : undefined}
              >
                <b title={tag.title}>{tag.title}</b>
                <span className="numeral">{[tag.tag, tag.bin, write.day(tag.shipBy)].filter(Boolean).join(' · ')}</span>
                <span className="numeral">
                  {stateWords(tag.state)}
                  {tag.minutes !== null && ` · ${Math.round(tag.minutes)} min`}
                </span>
                {tag.trouble && <span className="trouble">⚠ {TROUBLE_WORDS[tag.trouble]}</span>}
              </Link>
            </li>
          ))}
        </ul>
      </div>
    </aside>
  );
}
