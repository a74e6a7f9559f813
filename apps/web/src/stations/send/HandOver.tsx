'use client';
import { Button } from 'antd';
import { useQuery } from '@tanstack/react-query';
import Link from 'next/link';
import { useState } from 'react';
import { collectionDay, type Happening, type Job } from '@inch-nest/core';
import type { SetMember, TrackingAnswer } from '@inch-nest/contracts';
import { send } from '../../session/http.ts';
import { useLocalClock } from '../../session/useLocalClock.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { NextParcel } from '../../parcel/NextParcel.tsx';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { Trouble } from '../../parts/Trouble.tsx';
import { behindWords } from '../../words/behindWords.ts';
import { listed, titleOf } from '../../words/titleOf.ts';

const PLACING = [
  'On the largest face, flat, not over a seam or an edge.',
  'Codes whole and readable; clear film beside them, not across.',
  'A big box carries a second one on another side.',
  'Old labels and codes off or covered.',
];
const STEP_WORDS = { made: 'label made', accepted: 'accepted', underway: 'under way', delivered: 'delivered' } as const;
const ENDS: readonly { kind: 'delivered' | 'damaged' | 'lost' | 'returned'; name: string }[] = [
  { kind: 'delivered', name: 'Arrived whole' },
  { kind: 'damaged', name: 'Arrived broken' },
  { kind: 'lost', name: 'Lost' },
  { kind: 'returned', name: 'Came back' },
];
const LOOK_EVERY_MS = 30_000;

/** How a message begins, by what the parcel is sent for. */
const OPENS: Readonly<Record<Job, string>> = {
  sale: 'Your',
  repair: 'For repair: our',
  return: 'It comes back to you: your',
  exchange: 'In exchange: your',
};

/** What is in a parcel of a set, and its number as far as it has one. */
const numbered = ({ title, tracking }: SetMember): string =>
  `${title.toLowerCase()} ${tracking ? `with the number ${tracking}` : 'with a number to follow'}`;

/** Where the label goes, when it is fetched, what the buyer is told, and what became of it. */
export function HandOver({ parcel }: { parcel: ParcelUse }) {
  const { shop, write } = useShop();
  const { view, report } = parcel;
  const clock = useLocalClock();
  const [problem, setProblem] = useState<string | null>(null);
  const label = view.labels.find((one) => one.state === 'bought');
  const { data: track } = useQuery({
    queryKey: ['track', view.id, label?.tracking],
    queryFn: () => send<TrackingAnswer>('GET', `/api/parcels/${view.id}/label`),
    enabled: label !== undefined,
    refetchInterval: LOOK_EVERY_MS,
  });
  if (!view.life.label || !label) return null;
  const card = shop.cards.find((one) => one.id === view.life.label!.rate.cardId);
  const service = card?.services.find((one) => one.key === view.life.label!.rate.service);
  const fetched = card && service ? collectionDay(service, card.holidays, clock.day, clock.time) : null;
  const say = (happening: Happening) => {
    setProblem(null);
    report(happening).catch((error: Error) => setProblem(error.message));
  };
  const gone = ['handedOver', 'delivered', 'damaged', 'lost', 'returned'].includes(view.life.state);
  const others = view.set.filter((one) => one.id !== view.id);
  const behind = behindWords(view);
  const numbers =
    others.length === 0
      ? `its number is ${label.tracking}`
      : `it is one of ${view.set.length} parcels${view.share ? (view.sale.boxWish.value === 'apart' ? ', packed apart as you asked' : ', packed apart so that each travels safer') : ''}: ${listed(view.set.map(numbered))}`;
  const several = view.piece.count.value > 1 || view.others.length > 0;
  const packed = several ? `are packed and ${gone ? 'on their way' : 'go out'}` : `is packed and ${gone ? 'on its way' : 'goes out'}`;
  const message = `${OPENS[view.sale.job.value]} ${titleOf(view).toLowerCase()} ${packed} with ${card?.carrier ?? 'the carrier'}, ${label.serviceName}; ${numbers}. Please look ${several ? 'them' : 'it'} over when ${several ? 'they come' : 'it comes'}, and keep the box until you have.`;
  return (
    <section aria-label="Hand over" className="hand-over">
      <h2>Place the label, hand it over</h2>
      <ol>
        {PLACING.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
      {fetched && service && (
        <p>
          {fetched !== clock.day && clock.time > service.cutOff && `Today’s pick-up at ${service.cutOff} has gone. `}
          {card!.carrier} fetches on <b>{write.day(fetched)}</b>, ready by <b className="numeral">{service.cutOff}</b>.{' '}
          <Link href="/pickups">All pick-ups</Link>
        </p>
      )}
      {!gone && behind && (
        <p className="banner mind" role="status">
          <b>{behind.title}</b> {behind.says}
        </p>
      )}
      {!gone && (
        <Button type="primary" size="large" onClick={() => say({ kind: 'handedOver' })}>
          Handed over
        </Button>
      )}
      {gone && <NextParcel but={view.id} />}
      <Trouble says={problem} />
      <h2>For the buyer</h2>
      <p className="buyer-sentence">{message}</p>
      <Button onClick={() => void navigator.clipboard?.writeText(message)}>Copy the message</Button>
      <h2>On its way</h2>
      <ul className="tracking">
        {track?.steps.map((step) => (
          <li key={step.what}>
            <b>{STEP_WORDS[step.what]}</b>{' '}
            <span className="soft">
              {new Intl.DateTimeFormat('en', { timeZone: shop.zone, dateStyle: 'medium', timeStyle: 'short' }).format(new Date(step.at))}
            </span>
          </li>
        ))}
      </ul>
      {gone && (
        <div className="ends" role="group" aria-label="What became of it">
          {ENDS.map(({ kind, name }) => (
            <Button
              key={kind}
              aria-pressed={view.life.state === kind}
              type={view.life.state === kind ? 'primary' : 'default'}
              onClick={() => say({ kind })}
            >
              {name}
            </Button>
          ))}
        </div>
      )}
    </section>
  );
}
