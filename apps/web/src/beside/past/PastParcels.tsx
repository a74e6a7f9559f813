'use client';
import { useInfiniteQuery } from '@tanstack/react-query';
import { Button, Input, Select } from 'antd';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useDeferredValue, useEffect, useState } from 'react';
import type { PastFilter, PastPage, PastSort, ShelfTag } from '@inch-nest/contracts';
import { SidePage } from '../../frame/SidePage.tsx';
import { SortHead } from '../../parts/SortHead.tsx';
import { send } from '../../session/http.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { STATE_WORDS, stateWords } from '../../words/stateWords.ts';
import styles from './PastParcels.module.css';

const STATES = [
  { value: '', label: 'any state' },
  { value: 'open', label: 'still open' },
  { value: 'finished', label: 'over' },
  ...Object.entries(STATE_WORDS).map(([value, label]) => ({ value, label })),
];
/** What is asked for in words, and how the field is called. */
const TEXTS = [
  { key: 'text', label: 'Words of its title', placeholder: 'jug' },
  { key: 'tag', label: 'Tag', placeholder: 'TO–CN' },
  { key: 'code', label: 'Code', placeholder: '7K2M' },
  { key: 'bin', label: 'Bin', placeholder: 'B4' },
  { key: 'tracking', label: 'Tracking number', placeholder: '' },
] as const satisfies { key: keyof PastFilter; label: string; placeholder: string }[];

const HEADS = [
  { sort: 'code', title: 'Code' },
  { sort: 'title', title: 'Piece' },
  { sort: 'tag', title: 'Tag' },
  { sort: 'state', title: 'State' },
  { sort: 'promised', title: 'Promised' },
  { sort: 'bin', title: 'Bin' },
] as const satisfies { sort: PastSort; title: string }[];

/** A press sorts, another turns it round, a third leaves them as they were sold. */
const sortedBy = ({ sort, down }: PastFilter, by: PastSort): Pick<PastFilter, 'sort' | 'down'> =>
  sort !== by ? { sort: by, down: undefined } : down ? { sort: undefined, down: undefined } : { sort: by, down: '1' };

const addressOf = (filter: PastFilter, after?: string): string =>
  String(new URLSearchParams(Object.entries({ ...filter, after }).flatMap(([key, value]) => (value ? [[key, value]] : []))));

/** Every parcel there was, a page at a time: by words, tag, code, state, day, bin or tracking number. What is asked stands in the address. */
export function PastParcels({ initial, asked, shelf }: { initial: PastPage; asked: PastFilter; shelf: ShelfTag[] }) {
  const router = useRouter();
  const { write } = useShop();
  const [filter, setFilter] = useState<PastFilter>(asked);
  const settled = useDeferredValue(filter);
  const [sent, setSent] = useState(asked);
  useEffect(() => {
    const timer = setTimeout(() => {
      setSent(settled);
      const query = addressOf(settled);
      router.replace(query ? `/past?${query}` : '/past', { scroll: false });
    }, 300);
    return () => clearTimeout(timer);
  }, [settled, router]);
  const { data, fetchNextPage, hasNextPage, isFetching, isError } = useInfiniteQuery({
    queryKey: ['past', sent],
    queryFn: ({ pageParam }) => send<PastPage>('GET', `/api/past?${addressOf(sent, pageParam)}`),
    initialPageParam: '',
    getNextPageParam: (last) => last.next ?? undefined,
    ...(sent === asked ? { initialData: { pages: [initial], pageParams: [''] } } : {}),
    placeholderData: (before) => before,
  });
  const tags = data?.pages.flatMap((page) => page.tags) ?? [];
  const set = (part: PastFilter) => setFilter((now) => ({ ...now, ...part }));
  const { sort, down, ...said } = filter;
  const empty = Object.values(said).every((value) => !value);
  return (
    <SidePage shelf={shelf}>
      <h1>Past parcels</h1>
      <p className="soft sub">
        Everything that was ever sold here, the newest first unless a column sorts it. What is still to be done stands on the shelf.
      </p>
      <form className={styles.filter} role="search" aria-label="Find a parcel" onSubmit={(event) => event.preventDefault()}>
        {TEXTS.map(({ key, label, placeholder }) => (
          <label key={key}>
            <span>{label}</span>
            <Input
              value={filter[key] ?? ''}
              placeholder={placeholder}
              maxLength={80}
              onChange={(event) => set({ [key]: event.target.value })}
            />
          </label>
        ))}
        <label>
          <span>State</span>
          <Select
            aria-label="State"
            value={filter.state ?? ''}
            options={STATES}
            popupMatchSelectWidth={false}
            onChange={(state) => set({ state })}
          />
        </label>
        <label>
          <span>Sold from</span>
          <Input type="date" value={filter.from ?? ''} onChange={(event) => set({ from: event.target.value })} />
        </label>
        <label>
          <span>to</span>
          <Input type="date" value={filter.to ?? ''} onChange={(event) => set({ to: event.target.value })} />
        </label>
        {!empty && <Button onClick={() => setFilter({ sort, down })}>Ask for nothing</Button>}
      </form>
      <p className="soft" role="status">
        {isError
          ? 'The bench could not be reached.'
          : isFetching
            ? 'Looking …'
            : tags.length === 0
              ? 'Nothing here is like that.'
              : `${tags.length}${hasNextPage ? ' of more' : ''} ${tags.length === 1 ? 'parcel' : 'parcels'}`}
      </p>
      {tags.length > 0 && (
        <div className={styles.scroll}>
          <table className={styles.list}>
            <thead>
              <tr>
                {HEADS.map(({ sort, title }) => (
                  <SortHead
                    key={sort}
                    way={filter.sort !== sort ? null : filter.down ? 'down' : 'up'}
                    onSort={() => set(sortedBy(filter, sort))}
                  >
                    {title}
                  </SortHead>
                ))}
                <th>Tracking</th>
              </tr>
            </thead>
            <tbody>
              {tags.map((tag) => (
                <tr key={tag.id}>
                  <td className="numeral">{tag.code}</td>
                  <th scope="row">
                    <Link prefetch={false} href={`/parcels/${tag.id}/send`} dir="auto">
                      {tag.title}
                    </Link>
                  </th>
                  <td className="numeral">{tag.tag}</td>
                  <td>{stateWords(tag.state)}</td>
                  <td className="numeral">{write.day(tag.shipBy)}</td>
                  <td className="numeral">{tag.bin ?? '—'}</td>
                  <td className="numeral">{tag.tracking ?? '—'}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      {hasNextPage && (
        <Button size="large" loading={isFetching} onClick={() => void fetchNextPage()}>
          Show more
        </Button>
      )}
    </SidePage>
  );
}
