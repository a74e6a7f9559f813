'use client';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { Printer } from 'lucide-react';
import Link from 'next/link';
import { useState } from 'react';
import type { PickupList, PickupOfCarrier, ShelfTag } from '@inch-nest/contracts';
import { Refusal, send } from '../../session/http.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { SidePage } from '../../frame/SidePage.tsx';
import { Trouble } from '../../parts/Trouble.tsx';
import { ofSetWords } from '../../words/behindWords.ts';
import { labelMovesSay } from '../../words/labelMoves.ts';

const LOOK_EVERY_MS = 15_000;

/** What waits to be fetched, by carrier and cut-off; a pick-up is asked for with one press. */
export function Pickups({ initial, shelf }: { initial: PickupList; shelf: ShelfTag[] }) {
  const { data: list } = useQuery({
    queryKey: ['pickups'],
    queryFn: () => send<PickupList>('GET', '/api/pickups'),
    initialData: initial,
    refetchInterval: LOOK_EVERY_MS,
  });
  return (
    <SidePage shelf={shelf}>
      <h1>Pick-ups</h1>
      <p className="soft sub">Labelled and not gone yet, by carrier, the next cut-off first. It is {list.time}.</p>
      {list.carriers.length === 0 && <p>Nothing waits to be fetched.</p>}
      {list.carriers.map((one) => (
        <Carrier key={one.cardId} of={one} today={list.day} />
      ))}
      {list.carriers.length > 0 && (
        <a className="print-due" href="/api/pickups/sheet" target="_blank" rel="noreferrer">
          <Printer size={20} aria-hidden /> The list on paper
        </a>
      )}
    </SidePage>
  );
}

function Carrier({ of: { cardId, carrier, parcels, asked }, today }: { of: PickupOfCarrier; today: string }) {
  const { person, write } = useShop();
  const client = useQueryClient();
  const [problem, setProblem] = useState<string | null>(null);
  const [key] = useState(() => crypto.randomUUID());
  const next = parcels[0];
  const day = next?.day ?? null;
  const ready = parcels.filter((parcel) => parcel.day === day && parcel.moved.length === 0);
  const ask = () => {
    setProblem(null);
    send<PickupList>('POST', '/api/pickups', { personId: person.id, id: key, cardId, day }).then(
      (list) => client.setQueryData(['pickups'], list),
      (error: unknown) =>
        setProblem(error instanceof Refusal ? error.problems.map((one) => one.message).join('; ') : 'the bench could not be reached'),
    );
  };
  return (
    <section className="pickup" aria-label={carrier}>
      <div className="section-head">
        <h2>{carrier}</h2>
        {asked ? (
          <span>
            ✓ fetches {write.day(asked.day)}, <b className="numeral">{asked.reference}</b>, asked by {asked.by} for {asked.count}
          </span>
        ) : (
          day && (
            <Button type="primary" size="large" onClick={ask}>
              Have {ready.length} fetched {write.day(day)}, ready by {next!.cutOff}
            </Button>
          )
        )}
      </div>
      <Trouble says={problem} />
      <ul>
        {parcels.map((parcel) => (
          <li key={parcel.id} className={parcel.day === today ? 'today' : ''}>
            <Link href={`/parcels/${parcel.id}/send`}>
              <b className="numeral">{parcel.code}</b> <b>{parcel.tag}</b> {parcel.title}
            </Link>
            <span className="soft">
              {parcel.serviceName}, by <b className="numeral">{parcel.cutOff}</b> {parcel.day ? write.day(parcel.day) : ''}
            </span>
            {parcel.set && <OfSet set={parcel.set} />}
            {parcel.moved.length > 0 ? (
              <span className="risk">⚠ {labelMovesSay(parcel.moved)}</span>
            ) : (
              <span className={parcel.matched ? '' : 'ochre'}>{parcel.matched ? '✓ tag matched' : '⚠ tag not matched yet'}</span>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Which of a set it is, and which of the others are not there yet. */
function OfSet({ set }: Pick<PickupOfCarrier['parcels'][number], 'set'>) {
  const words = ofSetWords(set);
  if (!words) return null;
  return (
    <span className={words.behind ? 'ochre' : ''}>
      {words.place}
      {words.behind && `: ⚠ ${words.behind}`}
    </span>
  );
}
