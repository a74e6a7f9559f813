'use client';
import { useQuery } from '@tanstack/react-query';
import { Button, Input, Popconfirm } from 'antd';
import Link from 'next/link';
import { useId, useState } from 'react';
import { BY_HAND } from '@inch-nest/core';
import type { CounterQuote, LabelState, LabelView } from '@inch-nest/contracts';
import { send } from '../../session/http.ts';
import { useShop } from '../../session/ShopContext.tsx';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { BuyerAddress } from '../../parcel/fields/BuyerAddress.tsx';
import { useLabel } from './useLabel.ts';

/** A question’s buttons are as large as any other: left alone they are small. */
const UNDER_A_THUMB = { okButtonProps: { size: 'middle' }, cancelButtonProps: { size: 'middle' } } as const;

const STATE_WORDS: Readonly<Record<LabelState, string>> = {
  pending: '… asked for, no answer yet',
  bought: '✓ bought',
  voiding: '… being given back, no answer yet',
  priceChanged: '✗ not bought: another price',
  notBought: '✗ not bought',
  voided: 'given back',
};

/** The label: bought once, every purchase listed with what became of it. */
export function LabelDesk({ parcel }: { parcel: ParcelUse }) {
  const { write } = useShop();
  const { busy, problems, act } = useLabel(parcel);
  const { life, labels, id, address } = parcel.view;
  const { rate } = life;
  const open = labels.find((label) => ['pending', 'bought', 'voiding'].includes(label.state));
  const isToBuy = !open && rate !== null && rate.service !== BY_HAND;
  return (
    <section aria-label="Label" className="label-desk">
      <h2>Label</h2>
      {problems.length > 0 && (
        <ul className="banner wrong" role="alert">
          {problems.map((problem) => (
            <li key={problem}>{problem}</li>
          ))}
        </ul>
      )}
      {isToBuy && !address.kept && (
        <div className="banner mind" role="status">
          <p>
            <b>Nobody wrote where it goes.</b> The label would bear the postcode alone, and has to be bought anew once there is an address.
          </p>
        </div>
      )}
      {isToBuy && !address.kept && <BuyerAddress parcel={parcel} />}
      {!open && rate?.service === BY_HAND && <HandLabel busy={busy} onNote={(tracking) => void act({ act: 'byHand', tracking })} />}
      {isToBuy && (
        <Popconfirm
          {...UNDER_A_THUMB}
          title={`Buy it for ${write.money(rate.priceMinor)}?`}
          description={`${address.kept ? '' : 'Without an address on it. '}This alone cannot be undone; it can be given back.`}
          okText="Buy it"
          cancelText="Not yet"
          onConfirm={() => void act({ act: 'buy' })}
        >
          <Button type="primary" size="large" loading={busy}>
            Buy the label: {rate.serviceName}, {write.money(rate.priceMinor)}
          </Button>
        </Popconfirm>
      )}
      {isToBuy && <CounterSays parcel={parcel} />}
      {!rate && (
        <p>
          No service is chosen yet. <Link href={`/parcels/${id}/rate`}>Rate it first.</Link>
        </p>
      )}
      <ul className="labels">
        {labels.map((label) => (
          <li key={label.id} className={label.state}>
            <b>{STATE_WORDS[label.state]}</b>
            <span>
              {label.serviceName}, {write.money(label.chargedMinor ?? label.priceMinor)}
              {label.tracking && <span className="numeral"> · {label.tracking}</span>} · {label.by}
            </span>
            <LabelWords label={label} money={write.money} />
            {label.state === 'pending' && (
              <Button loading={busy} onClick={() => void act({ act: 'buy' })}>
                Ask again
              </Button>
            )}
            {label.state === 'voiding' && (
              <Button loading={busy} onClick={() => void act({ act: 'void', labelId: label.id })}>
                Ask again
              </Button>
            )}
            {label.state === 'bought' && life.state === 'labelled' && (
              <Popconfirm
                {...UNDER_A_THUMB}
                title="Give this label back?"
                okText="Give it back"
                cancelText="Keep it"
                onConfirm={() => void act({ act: 'void', labelId: label.id })}
              >
                <Button loading={busy}>Give it back</Button>
              </Popconfirm>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** A price agreed by hand: the label is that carrier's, its number is written down here. */
function HandLabel({ busy, onNote }: { busy: boolean; onNote: (tracking: string) => void }) {
  const [text, setText] = useState('');
  const id = useId();
  const number = text.trim();
  return (
    <form
      className="hand-label"
      onSubmit={(event) => {
        event.preventDefault();
        if (number !== '') onNote(number);
      }}
    >
      <p>The price was agreed by hand: the label comes from that carrier. Write down its number, so that the tag can be matched to it.</p>
      <label htmlFor={id}>Number on the label</label>
      <Input id={id} value={text} maxLength={40} onChange={(event) => setText(event.target.value)} />
      <Button htmlType="submit" type="primary" size="large" loading={busy} disabled={number === ''}>
        It is on the parcel
      </Button>
    </form>
  );
}

/** What a purchase that is not simply bought means for the person. */
function LabelWords({ label, money }: { label: LabelView; money: (minor: number) => string }) {
  if (label.state === 'pending')
    return (
      <span className="soft">Nothing is bought twice: it is asked for under the same key until the carrier answers, also without you.</span>
    );
  if (label.state === 'priceChanged')
    return (
      <span className="risk">
        Agreed {money(label.priceMinor)}, asked {money(label.chargedMinor ?? 0)}: nothing was bought. Rate it again, or buy at the agreed
        price later.
      </span>
    );
  return label.problem ? <span className="soft">{label.problem}</span> : null;
}

/** What the carrier's own counter asks for the chosen service, before anything is bought. */
function CounterSays({ parcel }: { parcel: ParcelUse }) {
  const { write } = useShop();
  const { id, life } = parcel.view;
  const { data: said, isPending } = useQuery({
    queryKey: ['counter', id, JSON.stringify(life.rate)],
    queryFn: () => send<CounterQuote>('GET', `/api/parcels/${id}/quote`),
    staleTime: 60_000,
  });
  if (isPending) return <p className="soft">Asking the carrier …</p>;
  if (said?.kind === 'same') return <p className="soft">✓ The carrier asks the same.</p>;
  if (said?.kind === 'other')
    return (
      <p className="ochre">
        ⚠ The carrier asks {write.money(said.priceMinor)} now, its card says {write.money(life.rate!.priceMinor)}. Nothing is bought at
        another price than the one you chose.
      </p>
    );
  if (said?.kind === 'refused') return <p className="ochre">⚠ The carrier does not take it as it is: {said.reason}. Rate it again.</p>;
  return <p className="soft">The carrier does not answer; the price is from its card.</p>;
}
