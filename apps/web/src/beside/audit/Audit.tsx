'use client';
import { useInfiniteQuery } from '@tanstack/react-query';
import { Button, Select } from 'antd';
import Link from 'next/link';
import { useState } from 'react';
import { nameAmong, type AuditLine, type AuditPage, type AuditWhat, type ShelfTag } from '@inch-nest/contracts';
import { KeepingLinks } from '../../frame/KeepingLinks.tsx';
import { SidePage } from '../../frame/SidePage.tsx';
import { send } from '../../session/http.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { auditWords, unknownDoer } from '../../words/accessWords.ts';
import { momentWords } from '../../words/upkeepWords.ts';

const KINDS: { value: AuditWhat['of'] | ''; label: string }[] = [
  { value: '', label: 'everything' },
  { value: 'access', label: 'coming in and going out' },
  { value: 'parcel', label: 'what happened to parcels' },
  { value: 'field', label: 'sales, pieces and nests' },
  { value: 'shop', label: 'rules, people and facts' },
  { value: 'stock', label: 'stock' },
];

/** Who did what, the latest first. Nothing of it can be changed. */
export function Audit({ shelf }: { shelf: ShelfTag[] }) {
  const { shop } = useShop();
  const [person, setPerson] = useState('');
  const [of, setOf] = useState<AuditWhat['of'] | ''>('');
  const { data, hasNextPage, fetchNextPage, isFetching } = useInfiniteQuery({
    queryKey: ['audit', person, of],
    queryFn: ({ pageParam }) =>
      send<AuditPage>(
        'GET',
        `/api/audit?${new URLSearchParams({ ...(person ? { person } : {}), ...(of ? { of } : {}), ...(pageParam ? { before: pageParam } : {}) })}`,
      ),
    initialPageParam: '',
    getNextPageParam: ({ next }) => next,
  });
  const lines = data?.pages.flatMap((page) => page.lines) ?? [];
  return (
    <SidePage shelf={shelf}>
      <KeepingLinks />
      <h1>Who did what</h1>
      <p className="soft sub">The latest first. It is written as it happens, by whoever is signed in, and nobody can change it.</p>
      <div className="audit-ask">
        <Select
          aria-label="By whom"
          value={person}
          popupMatchSelectWidth={false}
          options={[{ value: '', label: 'anybody' }, ...shop.people.map(({ id, name }) => ({ value: id, label: name }))]}
          onChange={setPerson}
        />
        <Select aria-label="What of it" value={of} popupMatchSelectWidth={false} options={KINDS} onChange={setOf} />
      </div>
      {lines.length === 0 && !isFetching && <p>Nothing of the kind.</p>}
      <table className="stock-table audit-table">
        <tbody>
          {lines.map((line) => (
            <Line key={line.key} line={line} />
          ))}
        </tbody>
      </table>
      {hasNextPage && (
        <Button size="large" loading={isFetching} onClick={() => void fetchNextPage()}>
          Earlier
        </Button>
      )}
    </SidePage>
  );
}

function Line({ line }: { line: AuditLine }) {
  const { shop, write } = useShop();
  const parcel = 'parcelId' in line.what ? line.what.parcelId : null;
  const words = auditWords(line);
  return (
    <tr>
      <td className="numeral">{momentWords(line.at, shop.zone, write)}</td>
      <th scope="row">{line.personId ? nameAmong(shop.people, line.personId) : unknownDoer(line)}</th>
      <td>
        {parcel ? (
          <Link prefetch={false} href={`/parcels/${parcel}/look-over`}>
            {words}
          </Link>
        ) : (
          words
        )}
      </td>
      <td className="soft">{line.device ?? ''}</td>
    </tr>
  );
}
