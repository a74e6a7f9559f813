'use client';
import { Input } from 'antd';
import { ChevronDown, ChevronLeft, ChevronRight, ChevronUp, Plus, Search } from 'lucide-react';
import Link from 'next/link';
import { usePathname, useRouter } from 'next/navigation';
import { useState, type FormEvent } from 'react';
import type { ShelfTag } from '@inch-nest/contracts';
import { useShelfFrom } from '../parcel/useShelf.ts';
import { stillHere } from '../words/nextUp.ts';
import { placeWords } from '../words/behindWords.ts';
import { stateWords } from '../words/stateWords.ts';
import { useKeys } from '../session/keys.ts';
import { useLookEvery } from '../session/LiveProvider.tsx';
import { pageNeeds } from '../session/pageRights.ts';
import { useShop } from '../session/ShopContext.tsx';
import { OthersHere } from './OthersHere.tsx';
import { SideLinks } from './SideLinks.tsx';
import type { StationPath } from './stations.ts';
import { useFold } from './useFold.ts';

const LOOK_EVERY_MS = 6000;
const TROUBLE_WORDS: Readonly<Record<NonNullable<ShelfTag['trouble']>, string>> = {
  mendNest: 'mend the nest first',
  labelAtRisk: 'label at risk',
};

/** Today's parcels as tags, the earliest promise first. */
export function Shelf({ initial, openId, station }: { initial: ShelfTag[]; openId: string | null; station: StationPath }) {
  const { shop, write, keysOn, can } = useShop();
  const tags = useShelfFrom(initial, useLookEvery(LOOK_EVERY_MS));
  const due = stillHere(tags).filter((tag) => tag.shipBy <= shop.today);
  const minutes = due.reduce((sum, tag) => sum + (tag.minutes ?? 0), 0);
  const here = usePathname();
  const [find, setFind] = useState<string | null>(null);
  const router = useRouter();
  const wanted = (find ?? '').trim().toLowerCase();
  const shown =
    wanted === '' ? tags : tags.filter((tag) => [tag.title, tag.tag, tag.bin, tag.code].join(' ').toLowerCase().includes(wanted));
  const openFirst = (event: FormEvent) => {
    event.preventDefault();
    const [first] = shown;
    if (first && wanted !== '') router.push(`/parcels/${first.id}/${station}`);
  };
  const fold = useFold('inch-nest-shelf', `${openId} ${station} ${here}`);
  useKeys(
    '/',
    () => {
      if (!fold.isOpen) fold.toggle();
      setFind((now) => now ?? '');
    },
    { reach: 'single', on: keysOn, sign: true },
  );
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
        <div className="shelf-top">
          {can(pageNeeds('/new')) && (
            <Link
              prefetch={false}
              href="/new"
              className={here === '/new' ? 'new-tag on' : 'new-tag'}
              aria-current={here === '/new' ? 'page' : undefined}
            >
              <Plus size={20} aria-hidden /> New sale
            </Link>
          )}
          <button
            type="button"
            className="find-tag"
            aria-label="Find a parcel"
            aria-expanded={find !== null}
            onClick={() => setFind(find === null ? '' : null)}
          >
            <Search size={20} aria-hidden />
          </button>
        </div>
        {find !== null && (
          <form className="shelf-find" role="search" aria-label="Find a parcel on the shelf" onSubmit={openFirst}>
            <Input
              autoFocus
              allowClear
              aria-label="Words, tag, bin or code"
              placeholder="jug, TO–CN, B4 …"
              value={find}
              maxLength={80}
              onChange={(event) => setFind(event.target.value)}
              onKeyDown={(event) => event.key === 'Escape' && setFind(null)}
            />
            {wanted !== '' && (
              <p className="soft">
                <span role="status">{shown.length === 0 ? 'Nothing here.' : `${shown.length} of ${tags.length}`}</span>{' '}
                <Link prefetch={false} href={`/past?text=${encodeURIComponent(find.trim())}`}>
                  Among all there were
                </Link>
              </p>
            )}
          </form>
        )}
        {find === null && <SideLinks />}
        <ul>
          {shown.map((tag) => (
            <li key={tag.id}>
              <Link
                prefetch={false}
                href={`/parcels/${tag.id}/${station}`}
                className={tag.id === openId ? 'tag on' : 'tag'}
                aria-current={tag.id === openId ? 'true' : undefined}
              >
                <b title={tag.title} dir="auto">
                  {tag.title}
                </b>
                <span className="numeral">{[tag.tag, tag.bin, write.day(tag.shipBy)].filter(Boolean).join(' · ')}</span>
                <span className="numeral">
                  {stateWords(tag.state)}
                  {tag.minutes !== null && ` · ${Math.round(tag.minutes)} min`}
                  {tag.ofSet && ` · ${placeWords(tag.ofSet)}`}
                </span>
                <OthersHere parcelId={tag.id} />
                {tag.trouble && <span className="trouble">⚠ {TROUBLE_WORDS[tag.trouble]}</span>}
              </Link>
            </li>
          ))}
        </ul>
      </div>
    </aside>
  );
}
